import { auditBook, BOOK, buildModel } from '#core'
import { lines, told } from '../reading'

export function auditCommand(json: boolean): string {
  const audit = auditBook(BOOK, buildModel(BOOK, 'overheats', {}))
  if (json) return lines(audit)
  const part = (title: string, list: readonly string[]) => [
    told(list.length === 0 ? 'auditNone' : 'auditSome', { title }),
    ...list.map((l) => `  ${l}`),
  ]
  return [
    ...part(told('withoutSign'), audit.withoutSign),
    ...part(told('unspokenSigns'), audit.unspokenSigns),
    ...part(told('unreadSigns'), audit.unreadSigns),
    ...part(told('withoutReason'), audit.withoutReason),
    ...part(
      told('hardPairs'),
      audit.hardPairs.map(({ faults, closest: { check, sign, distance } }) =>
        told('auditPair', {
          faults: faults.join(' / '),
          check,
          sign,
          distance: distance.toFixed(2),
        }),
      ),
    ),
    '',
  ].join('\n')
}
