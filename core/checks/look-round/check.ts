import { COMPLAINTS } from '../../vehicle/complaint'
import { PARTS, partsOf, type Part } from '../../vehicle/parts'
import { defineCheck } from '../define-check'
import { judgeAirSide } from './air-side'
import { latestLooks } from './latest-looks'
import { airSideLook, partLook, type PartLook } from './record'
import { lookSigns } from './signs'

const WEAR_AND_AIR_SIDE = [
  'fins-blocked',
  'stack-blocked',
  'shroud-broken',
  'blades-broken',
  'duct-missing',
  'hose-flat-cold',
  'lower-hose-soft',
  'tank-bulged',
  'crunch-in-hoses',
]

/** Parts that must all be shown dry under pressure before outside leaks count as excluded. */
const OUTSIDE: readonly Part[] = ['radiator', 'upper-hose', 'lower-hose', 'pump', 'expansion-tank']

/** What the last look at each part shows, and what all of them together exclude. */
function shownBy(looks: readonly PartLook[]): string[] {
  const latest = new Map(looks.map((look) => [look.part, look]))
  const facts: string[] = []
  for (const look of looks) {
    if (look.seen === 'issuing') facts.push(`seen-issuing:${look.part}`, 'loss-traced')
    if (look.seen === 'dried-and-wet-again')
      facts.push(`dried-and-wet-again:${look.part}`, 'loss-traced')
    if (look.seen === 'dry') facts.push(`looked-dry:${look.part}`)
  }
  const isDryPressed = (part: Part) =>
    latest.get(part)?.seen === 'dry' && latest.get(part)?.pressed === true
  if (OUTSIDE.every(isDryPressed)) facts.push('outside-dry')
  return facts
}

export const lookRoundCheck = defineCheck({
  id: 'look-round',
  records: { 'look-round.part': partLook, 'look-round.air-side': airSideLook },
  phase: 'cold',
  minutes: 12,
  sides: ['leak', 'air'],
  marks: 'begun',
  begins: 3,
  usualFor: COMPLAINTS,
  openEnded: true,
  // Coolant is seen to issue only from a system that was put under pressure.
  signs: ({ profile, has }) => [
    ...partsOf(profile)
      .filter((p) => p !== 'fan')
      .flatMap((p) => [`wet:${p}`, ...(has('pressed') ? [`issuing:${p}`] : [])]),
    ...WEAR_AND_AIR_SIDE,
  ],
  cautions: ['engineOffKeyOut'],
  doesNotProve: ['look.pass.hotOrCold'],
  shows: [
    ...PARTS.flatMap((part) => [
      `seen-issuing:${part}`,
      `dried-and-wet-again:${part}`,
      `looked-dry:${part}`,
    ]),
    'air-side-clean',
    'blades-broken',
    'duct-missing',
    'fins-blocked',
    'hoses-crunch',
    'looked-both-sides',
    'loss-traced',
    'outside-dry',
    'shroud-broken',
    'stack-blocked',
  ],
  judge: {
    'look-round.part': (look, _, { source }) => ({
      signs: lookSigns(source, look),
      heatMatters: false,
    }),
    'look-round.air-side': (look, _, { source }) => judgeAirSide(source, look),
  },
  finds: (entries) => ({
    issuing: entries.flatMap((e) =>
      e.kind === 'look-round.part' && e.data.seen === 'issuing'
        ? [{ part: e.data.part, observedAt: e.observedAt }]
        : [],
    ),
  }),
  facts: ({ entries }) => shownBy([...latestLooks(entries).values()].map((e) => e.data)),
  sees: ({ entries }) =>
    [...latestLooks(entries).values()].map(({ data }) => ({
      part: data.part,
      as: data.seen === 'dry' ? 'dry' : 'wet',
    })),
})
