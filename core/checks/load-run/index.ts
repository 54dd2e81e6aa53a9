import { message } from '../../message'
import { perRecord } from '../outcome'
import { analyseLoadRun } from './analysis'
import { loadRunSigns } from './signs'

export const loadRunCheck = perRecord('load-run', 'load-run.run', (run, context, source) => {
  const figures = analyseLoadRun(run, context)
  const facts = run.segments.every((s) => s.load !== 'not-known') ? ['load-recorded'] : []
  const notes = figures.ratingAssumed
    ? [message('note.ratingAssumed', { rating: { kind: 'temperature', si: figures.ratingC } })]
    : []
  if (run.coolsWithAirConditioningOff === 'yes') notes.push(message('loadRun.acOffIsNotSolved'))
  const cautions = [
    message('caution.stopLimit', { limit: { kind: 'temperature', si: figures.stopLimitC } }),
  ]
  return {
    figures,
    states:
      figures.overheats.length > 0
        ? figures.overheats.map((k) => `hot-${k}`)
        : [figures.staysCool ? 'stays-cool' : 'steady'],
    facts,
    notes,
    cautions,
    signs: loadRunSigns(source, run, figures),
    doesNotProve: [message('loadRun.pass.pattern')],
  }
})
