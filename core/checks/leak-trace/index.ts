import { knownValue } from '../../casefile/profile'
import { LEAK_PLACES } from '../../knowledge/places'
import { message } from '../../message'
import { perRecord } from '../outcome'
import { boundsAround } from '../spread'
import { analyseTrace } from './analysis'
import { traceSigns } from './signs'

/** Drops differ in size with the edge they fall from and the mix, by about a third. */
const DROP_ERROR = 0.3

export const leakTraceCheck = perRecord(
  'leak-trace',
  'leak-trace.trace',
  (trace, { profile }, source) => {
    const orientation = trace.orientation ?? knownValue(profile.engineOrientation)
    const figures = analyseTrace(trace, orientation ? { orientation } : {})
    const dry = trace.places.filter((p) => p.seen === 'dry').map((p) => `dry-place:${p.place}`)
    const parts = figures.found.map(
      (id) => `found-at:${LEAK_PLACES.find((p) => p.id === id)!.part}`,
    )
    return {
      figures,
      ...(trace.drips.length > 0 && {
        intervals: {
          mLPerMinute: boundsAround(figures.mLPerMinute, DROP_ERROR * figures.mLPerMinute),
        },
      }),
      states: [figures.found.length > 0 ? 'source-found' : 'not-found'],
      facts: [
        ...figures.found.map((p) => `traced:${p}`),
        ...(figures.found.length > 0 ? ['loss-traced'] : []),
        ...parts,
        ...dry,
      ],
      signs: traceSigns(source, trace),
      doesNotProve: [message('trace.pass.wettedFromAbove'), message('trace.pass.dryOnHot')],
      cautions: [message('caution.stands')],
      notes: trace.airFlow ? [message('trace.airFlow')] : [],
    }
  },
)
