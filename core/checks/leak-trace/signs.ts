import { LEAK_PLACES } from '../../vehicle/places'
import { message } from '../../quantity/message'
import { binaryReading, laidBare, type SignReading, wetAgain } from '../../inference/sign-reading'
import type { LeakTrace } from './record'

/** How often each is noted of a place that leaks and of one that does not, and how far the look was a valid one. */
const RATES = {
  wet: { whenPresent: 0.9, whenAbsent: 0.25, validity: 0.97 },
  dry: { whenPresent: 0.75, whenAbsent: 0.1, validity: 0.9 },
} as const

/**
 * A wet place speaks weakly: it may be wetted from above. Seen issuing, or wet again after drying, is what counts.
 * @example signsOf(traceSigns('r', example('leak-trace.trace'))) // 'traced:thermostat-flange'
 */
export function traceSigns(source: string, trace: LeakTrace): SignReading[] {
  const listed = trace.places.map(({ place, seen }) => {
    const name = LEAK_PLACES.find((p) => p.id === place)!.name
    return signOf(`${source}#${place}`, place, seen, name)
  })
  const others = (trace.elsewhere ?? []).map(({ where, seen }, i) =>
    signOf(`${source}#elsewhere-${i}`, 'elsewhere', seen, where),
  )
  return [...listed, ...others]
}

type Seen = LeakTrace['places'][number]['seen']
function signOf(part: string, place: string, seen: Seen, name: string): SignReading {
  const sign = `traced:${place}`
  const says = message(`says.trace.${seen}`, { place: name })
  if (seen === 'issuing') return laidBare(part, sign, 0.8, says)
  if (seen === 'dried-and-wet-again') return wetAgain(part, sign, 0.7, says)
  const { validity, ...rates } = RATES[seen]
  return binaryReading(part, sign, seen !== 'dry', rates, says, validity)
}
