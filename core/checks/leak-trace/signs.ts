import { LEAK_PLACES } from '../../vehicle/places'
import { message } from '../../quantity/message'
import { binaryReading, type SignReading } from '../../inference/sign-reading'
import type { LeakTrace } from './record'

/** What is seen coming out under one's eyes is hardly a slip; a dry place may not have been pressed long enough. */
const VALIDITY = { issuing: 0.995, 'dried-and-wet-again': 0.99, wet: 0.97, dry: 0.9 } as const

/**
 * A wet place speaks weakly: it may be wetted from above. Seen issuing, or wet again after drying, is what counts.
 * @example signsOf(traceSigns('r', example('leak-trace.trace'))) // 'traced:thermostat-flange'
 */
export function traceSigns(source: string, trace: LeakTrace): SignReading[] {
  return trace.places.map(({ place, seen }) => {
    const name = LEAK_PLACES.find((p) => p.id === place)!.name
    const rates = {
      issuing: { whenPresent: 0.8, whenAbsent: 0.003 },
      'dried-and-wet-again': { whenPresent: 0.7, whenAbsent: 0.006 },
      wet: { whenPresent: 0.9, whenAbsent: 0.25 },
      dry: { whenPresent: 0.75, whenAbsent: 0.1 },
    }[seen]
    return binaryReading(
      `${source}#${place}`,
      `traced:${place}`,
      seen !== 'dry',
      rates,
      message(`says.trace.${seen}`, { place: name }),
      VALIDITY[seen],
    )
  })
}
