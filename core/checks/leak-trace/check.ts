import { knownValue } from '../../vehicle/profile'
import { LEAK_PLACES } from '../../vehicle/places'
import { message } from '../../quantity/message'
import { defineCheck } from '../define-check'
import { intervalAround } from '../../quantity/interval'
import { analyseTrace } from './analysis'
import { traceSigns } from './signs'
import { leakTrace } from './record'

/** Drops differ in size with the edge they fall from and the mix, by about a third. */
const DROP_ERROR = 0.3

export const leakTraceCheck = defineCheck({
  id: 'leak-trace',
  records: { 'leak-trace.trace': leakTrace },
  phase: 'cold',
  minutes: 15,
  after: 'pressed',
  sides: ['leak'],
  presses: true,
  usualFor: ['coolant-loss'],
  cautions: ['stands'],
  doesNotProve: ['trace.pass.wettedFromAbove', 'trace.pass.dryOnHot'],
  signs: () => LEAK_PLACES.map((p) => `traced:${p.id}`),
  readsBeside: ['traced:elsewhere'],
  locates: {
    faults: LEAK_PLACES.map((p) => p.fault),
    says: message('locate.place'),
    unlessShown: true,
  },
  shows: [...LEAK_PLACES.map(({ id }) => `traced:${id}`), 'traced:elsewhere', 'loss-traced'],
  judge: {
    'leak-trace.trace': (trace, { profile }, { source }) => {
      const orientation = trace.orientation ?? knownValue(profile.engineOrientation)
      const figures = analyseTrace(trace, orientation ? { orientation } : {})
      const { mLPerMinute } = figures
      const drips = trace.drips.length
      const counted = trace.drips.filter(({ perMinute }) => perMinute !== undefined).length
      const dry = trace.places.filter((p) => p.seen === 'dry').map((p) => `dry-place:${p.place}`)
      const parts = figures.found.map(
        (id) => `found-at:${LEAK_PLACES.find((p) => p.id === id)!.part}`,
      )
      const isFound = figures.found.length + figures.foundElsewhere.length > 0
      return {
        figures,
        ...(mLPerMinute !== undefined && {
          intervals: { mLPerMinute: intervalAround(mLPerMinute, DROP_ERROR * mLPerMinute) },
        }),
        states: [isFound ? 'source-found' : 'not-found'],
        facts: [
          ...figures.found.map((p) => `traced:${p}`),
          ...(figures.foundElsewhere.length > 0 ? ['traced:elsewhere'] : []),
          ...(isFound ? ['loss-traced'] : []),
          ...parts,
          ...dry,
        ],
        signs: traceSigns(source, trace),
        notes: [
          ...(counted > 0 && counted < drips
            ? [message('trace.partlyCounted', { counted, drips })]
            : []),
          ...(trace.airFlow ? [message('trace.airFlow')] : []),
          ...figures.foundElsewhere.map((where) => message('trace.elsewhere', { where })),
        ],
      }
    },
  },
})
