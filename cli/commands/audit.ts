import { auditBook, BOOK, buildModel } from '#core'
import { lines } from '../reading'

export function auditCommand(json: boolean): string {
  const audit = auditBook(BOOK, buildModel(BOOK, 'overheats', {}))
  if (json) return lines(audit)
  const part = (title: string, list: readonly string[]) => [
    `${title}: ${list.length === 0 ? 'none' : ''}`,
    ...list.map((l) => `  ${l}`),
  ]
  return [
    ...part('Faults without a discriminating sign', audit.withoutSign),
    ...part('Signs that no fault speaks to', audit.unspokenSigns),
    ...part('Signs that no check reads', audit.unreadSigns),
    ...part('Levels without a reason', audit.withoutReason),
    ...part(
      'Pairs that no check can tell apart',
      audit.hardPairs.map(
        (p) =>
          `${p.faults.join(' / ')}: closest ${p.closest.check} (${p.closest.sign}, ${p.closest.distance.toFixed(2)})`,
      ),
    ),
    '',
  ].join('\n')
}
