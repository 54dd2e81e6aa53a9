import { knownValue } from '../../casefile/profile'
import { ofKind } from '../../casefile/records'
import { message } from '../../message'
import type { CheckModule } from '../outcome'
import { analyseCranking } from './analysis'
import { crankingSigns } from './signs'

/** All runs of a day belong together: the shares come from comparing them. */
export const crankingRiseCheck: CheckModule = {
  check: 'cranking-rise',
  kinds: ['cranking-rise.run'],
  assess: (records, { profile }) => {
    const runs = ofKind(records, 'cranking-rise.run')
    if (runs.length === 0) return []
    const known = knownValue(profile.cylinders)
    const cylinders = known ?? Math.max(4, ...runs.flatMap((r) => r.data.plugged))
    const wrong = runs.filter((r) => r.data.plugged.some((c) => c > cylinders))
    const figures = analyseCranking(
      runs.filter((r) => !wrong.includes(r)).map((r) => ({ ...r.data, source: r.id })),
      cylinders,
    )
    const notes = wrong.map((r) =>
      message('note.noSuchCylinder', { cylinder: Math.max(...r.data.plugged), cylinders }),
    )
    if (known === undefined) notes.push(message('note.cylindersAssumed', { cylinders }))
    if (!figures.fits) notes.push(message('cranking.notAdditive'))
    if (figures.nextRun)
      notes.push(message('cranking.nextRun', { cylinders: figures.nextRun.join(', ') }))
    const cautions = [message('caution.cranking')]
    if (runs.some((r) => !r.data.turnedByHandFirst))
      cautions.unshift(message('caution.cylinderMayBeFull'))
    return [
      {
        check: 'cranking-rise',
        source: runs.at(-1)!.id,
        observedAt: runs.at(-1)!.observedAt,
        states: [figures.state],
        figures,
        intervals: {},
        signs: crankingSigns(figures),
        facts: figures.state === 'rise' ? ['cranking-rise'] : [],
        doesNotProve: [message('cranking.pass.sealsCold'), message('cranking.gasketOrCrack')],
        cautions,
        notes,
      },
    ]
  },
}
