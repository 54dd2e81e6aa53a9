import { message } from '../../quantity/message'
import { dataOf } from '../context'
import { defineCheck, these } from '../define-check'
import { heldNotes } from '../stop-limit'
import { analyseWarmUp } from './analysis'
import { warmUpMark, warmUpReading, warmUpStart, warmUpTrace } from './record'
import { gatherSeries } from './series'
import { AGREES_WITHIN_K, secondSourceOf, warmUpIntervals, warmUpSigns } from './signs'

export const warmUpRunCheck = defineCheck({
  id: 'warm-up-run',
  records: {
    'warm-up-run.start': warmUpStart,
    'warm-up-run.reading': warmUpReading,
    'warm-up-run.mark': warmUpMark,
    'warm-up-run.trace': warmUpTrace,
  },
  phase: 'warm-up',
  minutes: 25,
  sides: ['flow', 'reading'],
  signs: these(
    'opening-late',
    'opening-early',
    'plateau-low',
    'overshoot',
    'wanders',
    'scan-disagrees',
    'dash-disagrees',
  ),
  readsBeside: ['scan-reads-low'],
  cautions: ['raisedSpeed'],
  doesNotProve: ['warmUp.pass.opensLate', 'fan.pass.acOnly'],
  shows: [
    'engine-hot',
    'engine-temperature-second-source',
    'level-full',
    'second-temperature',
    'thermostat-open-run',
    'thermostat-opened',
    'thermostat-run-repeated',
    'thermostat-shut-run',
  ],
  judge: {
    'warm-up-run.start': (start, context, { source, own }) => {
      const series = gatherSeries(
        dataOf(own, 'warm-up-run.reading'),
        dataOf(own, 'warm-up-run.trace'),
      )
      const marks = dataOf(own, 'warm-up-run.mark')
      const figures = analyseWarmUp(series, marks, context)
      const second = secondSourceOf(figures, start)
      const isSecond = second && Math.abs(second.medianK) < AGREES_WITHIN_K
      const facts: string[] = []
      if (isSecond) facts.push('engine-temperature-second-source', 'second-temperature')
      if (figures.opening && isSecond) facts.push('thermostat-opened')
      if (figures.neverOpened && isSecond) facts.push('thermostat-shut-run')
      if (figures.openFromStart && isSecond) facts.push('thermostat-open-run')
      if (
        figures.opening?.offRatingK !== undefined &&
        figures.side !== 'not-known' &&
        figures.opening.offRatingK - figures.opening.expectedK > 2 * figures.opening.errorK
      )
        facts.push('run-opened-late')
      if (start.level === 'full') facts.push('level-full')
      if ((figures.hottestC ?? 0) >= 80) facts.push('engine-hot')
      if (figures.fan.cycles.some((c) => c.cools)) facts.push('fan-works')
      const states: string[] = []
      if (figures.neverOpened) states.push('never-opened')
      else if (figures.openFromStart) states.push('open-from-start')
      else if (figures.opening) states.push('opened')
      if ((figures.plateauBelowRatingK ?? 0) > 6) states.push('plateau-low')
      if ((figures.overshootK ?? 0) > 6) states.push('overshoot')
      const boiled = marks.some(({ mark }) => mark === 'boiling')
      if (boiled) states.push('boiled')
      const notes = figures.agreement.some((p) => p.unitSlip) ? [message('note.unitSlip')] : []
      notes.push(...heldNotes(context))
      if (boiled) notes.push(message('warmUp.boiled'))
      if (figures.ratingC === undefined) notes.push(message('warmUp.ratingUnknown'))
      if (figures.side === 'not-known') notes.push(message('warmUp.sideUnknown'))
      if (figures.sideTaught) notes.push(message('warmUp.sideTaught', { side: figures.side }))
      if (!second && figures.agreement.some((p) => p.other === 'infrared-engine' && !p.unitSlip))
        notes.push(message('warmUp.spotNotSaid'))
      if (start.airConditioning === 'on') notes.push(message('warmUp.acOn'))
      if (start.level === 'low') notes.push(message('note.sensorMayBeDry'))
      for (const g of figures.gaps.slice(0, 3))
        notes.push(message('warmUp.gap', { from: Math.round(g.from), to: Math.round(g.to) }))
      return {
        figures,
        intervals: warmUpIntervals(figures),
        states,
        facts,
        notes,
        cautions: [
          message('caution.stopLimit', {
            limit: { kind: 'temperature', coreValue: figures.stopLimitC },
          }),
        ],
        signs: warmUpSigns(source, start, figures),
      }
    },
  },
  facts: ({ outcomes }) =>
    outcomes.filter((o) => o.facts.includes('run-opened-late')).length >= 2
      ? ['thermostat-run-repeated']
      : [],
})
