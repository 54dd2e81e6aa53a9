import { knownValue } from '../../vehicle/profile'
import { message } from '../../quantity/message'
import { cylindersOf, noSuchCylinder } from '../cylinders'
import { defineCheck, these } from '../define-check'
import { analyseCranking } from './analysis'
import { crankingRun } from './record'
import { crankingSigns } from './signs'

export const crankingRiseCheck = defineCheck({
  id: 'cranking-rise',
  records: { 'cranking-rise.run': crankingRun },
  phase: 'cold',
  minutes: 15,
  sides: ['leak'],
  signs: these('cranking-rise'),
  locates: {
    faults: ['gasket-to-cylinder', 'gasket-gas-to-coolant', 'head-cracked'],
    says: message('locate.cylinders'),
    possible: (profile) => knownValue(profile.cylinders) !== 1,
  },
  cautions: ['cranking'],
  doesNotProve: ['cranking.pass.sealsCold', 'cranking.gasketOrCrack'],
  shows: ['cranking-rise'],
  // All runs of a day belong together: the shares come from comparing them.
  judgeTogether: (runs, { profile }) => {
    const cylinders = cylindersOf(
      profile,
      runs.flatMap((r) => r.data.plugged),
    )
    const wrong = runs.filter((r) => noSuchCylinder(profile, r.data.plugged))
    const figures = analyseCranking(
      runs.filter((r) => !wrong.includes(r)).map((r) => ({ ...r.data, source: r.id })),
      cylinders,
    )
    const notes = wrong.flatMap((r) => noSuchCylinder(profile, r.data.plugged) ?? [])
    if (knownValue(profile.cylinders) === undefined)
      notes.push(message('note.cylindersAssumed', { cylinders }))
    if (!figures.fits) notes.push(message('cranking.notAdditive'))
    if (figures.nextRun)
      notes.push(message('cranking.nextRun', { cylinders: figures.nextRun.join(', ') }))

    const isTurned = runs.every((r) => r.data.turnedByHandFirst)
    return {
      states: [figures.state],
      figures,
      signs: crankingSigns(figures),
      facts: [
        ...(figures.state === 'rise' ? ['cranking-rise'] : []),
        ...(isTurned ? ['turned-by-hand'] : []),
      ],
      cautions: isTurned ? [] : [message('caution.cylinderMayBeFull')],
      notes,
    }
  },
})
