import type { Part } from '../vehicle/parts'
import type { Level } from './levels'
import { at, brings, guard, yes } from './fault-builder'
import { DRIPS_ONTO, PART_NAMES } from '../vehicle/parts'
import { LEAK_PLACES } from '../vehicle/places'
import type { AtLeast, Cause, Effect, Guard } from './types'

export interface ExternalLeak {
  /** id of the place in `places.ts` */
  place: string
  /** what the cold hold does with it */
  hold: AtLeast
  holdBecause: string
  /** what the hot hold does, where it differs */
  holdHot?: AtLeast
  /** how often it can be seen at its own place under pressure */
  visible: Level
  visibleBecause: string
  /** how often it reaches the tray and the ground */
  reachesGround: Level
  lostParked?: Level
  heavy?: Level
  hiss?: Level
}

export const partOf = (place: string): Part => LEAK_PLACES.find((p) => p.id === place)!.part

/** The effects every outside leak has, from the few figures in which they differ. */
export function externalLeak(leak: ExternalLeak): Effect[] {
  const part = partOf(leak.place)
  const name = PART_NAMES[part].toLowerCase()
  const effects: Effect[] = [
    at('hold-cold', leak.hold, leak.holdBecause),
    at(
      'hold-hot',
      leak.holdHot ?? leak.hold,
      leak.holdHot ? 'Heat changes the gap.' : 'It is open hot and cold.',
    ),
    yes('vacuum-falls', 'even', 'What lets coolant out lets air in; some lips seal under suction.'),
    at(`wet:${part}`, { stained: 'nearlyAlways', wet: leak.visible }, leak.visibleBecause),
    yes(`issuing:${part}`, leak.visible, leak.visibleBecause),
    yes(`traced:${leak.place}`, leak.visible, leak.visibleBecause),
    yes(
      'tray-wet',
      leak.reachesGround,
      `How often a drip from the ${name} reaches the tray and not a hot or hidden place.`,
    ),
    yes(
      'wet-under',
      leak.reachesGround,
      `What reaches the tray from the ${name} wets the ground at home too.`,
    ),
    at(
      'level-cold',
      { low: leak.heavy ?? 'almostNever', empty: leak.heavy ?? 'almostNever' },
      'A large leak empties it.',
    ),
    at(
      'loss-size',
      { moderate: 'even', heavy: leak.heavy ?? 'rarely' },
      `The usual size of a leak at the ${name}.`,
    ),
    yes(
      'lost-parked',
      leak.lostParked ?? 'sometimes',
      'Joints shrink as they cool; some leak most while the pressure is falling.',
    ),
    yes('level-falls-after', 'nearlyAlways', 'What leaks goes on leaking.'),
  ]
  if (leak.hiss)
    effects.push(
      yes(
        'air-hiss',
        leak.hiss,
        `The ${name} stands above the liquid in part, so air comes out first.`,
      ),
    )
  for (const below of DRIPS_ONTO[part] ?? [])
    effects.push(
      at(
        `wet:${below}`,
        { stained: 'even', wet: 'sometimes' },
        `A drip from the ${name} runs down onto the ${PART_NAMES[below].toLowerCase()}.`,
      ),
    )
  return effects
}

/** What an outside leak does to the system. */
export function leakCauses(heavy: Level | undefined): Cause[] {
  return [
    brings('level-low', 'mostly', 'What leaks out is missing.'),
    brings(
      'pressure-lost',
      heavy ? 'sometimes' : 'seldom',
      'What leaks lets pressure go, slowly or fast.',
    ),
  ]
}

/**
 * "Seen issuing, or joint wet again after drying." Where several places of a part may leak, a look at the part does not
 * say which of them is to be mended: it is traced.
 */
export function seenGuard(place: string): Guard {
  const part = partOf(place)
  const name = PART_NAMES[part].toLowerCase()
  const isShared = LEAK_PLACES.filter((one) => one.part === part).length > 1
  return isShared
    ? guard(`seen:${place}`, `Traced to its place at the ${name}`, `traced:${place}`)
    : guard(
        `seen:${place}`,
        `Seen issuing at the ${name}, or wet again after drying`,
        `traced:${place}`,
        `seen-issuing:${part}`,
        `dried-and-wet-again:${part}`,
      )
}
