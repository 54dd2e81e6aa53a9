import type { Part } from '../casefile/profile'
import type { Level } from './levels'
import { DRIPS_ONTO, PART_NAMES } from './parts'
import type { Effect, Guard } from './types'

export interface ExternalLeak {
  part: Part
  /** what the cold hold does with it */
  hold: Effect['atLeast']
  holdBecause: string
  /** how often it can be seen at its own part under pressure */
  visible: Level
  visibleBecause: string
  /** how often it reaches the tray and the ground */
  reachesGround: Level
  lostParked?: Level
  heavy?: Level
  hiss?: Level
}

/** The effects every outside leak has, from the few figures in which they differ. */
export function externalLeak(leak: ExternalLeak): Effect[] {
  const name = PART_NAMES[leak.part].toLowerCase()
  const effects: Effect[] = [
    { sign: 'hold-cold', atLeast: leak.hold, because: leak.holdBecause },
    {
      sign: `wet:${leak.part}`,
      atLeast: { stained: 'nearlyAlways', wet: leak.visible },
      because: leak.visibleBecause,
    },
    { sign: `issuing:${leak.part}`, atLeast: { yes: leak.visible }, because: leak.visibleBecause },
    {
      sign: 'tray-wet',
      atLeast: { yes: leak.reachesGround },
      because: `How often a drip from the ${name} reaches the tray and not a hot or hidden place.`,
    },
    {
      sign: 'wet-under',
      atLeast: { yes: leak.reachesGround },
      because: `What reaches the tray from the ${name} wets the ground at home too.`,
    },
    {
      sign: 'level-cold',
      atLeast: { low: 'mostly', empty: leak.heavy ?? 'rarely' },
      because: 'What leaks out is missing at the mark.',
    },
    {
      sign: 'loss-size',
      atLeast: { moderate: 'even', heavy: leak.heavy ?? 'rarely' },
      because: `The usual size of a leak at the ${name}.`,
    },
    {
      sign: 'lost-parked',
      atLeast: { yes: leak.lostParked ?? 'sometimes' },
      because: 'Joints shrink as they cool; some leak most while the pressure is falling.',
    },
  ]
  if (leak.hiss)
    effects.push({
      sign: 'air-hiss',
      atLeast: { yes: leak.hiss },
      because: `The ${name} stands above the liquid in part, so air comes out first.`,
    })
  for (const below of DRIPS_ONTO[leak.part] ?? [])
    effects.push({
      sign: `wet:${below}`,
      atLeast: { stained: 'even', wet: 'sometimes' },
      because: `A drip from the ${name} runs down onto the ${PART_NAMES[below].toLowerCase()}.`,
    })
  return effects
}

/** "Seen issuing, or joint wet again after drying." */
export function seenGuard(part: Part): Guard {
  return {
    id: `seen:${part}`,
    text: `Seen issuing at the ${PART_NAMES[part].toLowerCase()}, or wet again after drying`,
    anyOf: [[`seen-issuing:${part}`], [`dried-and-wet-again:${part}`]],
  }
}
