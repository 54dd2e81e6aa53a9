import type { CheckWords } from './check-words'

export const leakTrace: CheckWords = {
  name: 'Trace the drip',
  why: 'Where it comes out.',
  states: {
    'source-found': 'Source found.',
    'not-found': 'Source not found yet.',
  },
  sentences: {
    'locate.place':
      'Where exactly? Nothing is ordered for a wet part before coolant is seen to leave it.',
    'trace.airFlow': 'Air has blown across: drips are carried backward.',
    'trace.pass.wettedFromAbove': 'a wet part that is wetted from above',
    'trace.pass.dryOnHot': 'slow leaks that dry on hot parts',
    'says.trace.issuing': 'Seen issuing: {place}',
    'says.trace.wet-again': 'Dried and wet again: {place}',
    'says.trace.wet': 'Wet: {place}',
    'says.trace.dry': 'Dry: {place}',
  },
}
