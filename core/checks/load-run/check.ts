import { message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { heldNotes } from '../stop-limit'
import { analyseLoadRun } from './analysis'
import { notDriven } from './roads'
import { loadRunSigns } from './signs'
import { loadRun } from './record'

export const loadRunCheck = defineCheck({
  id: 'load-run',
  records: { 'load-run.run': loadRun },
  phase: 'road',
  minutes: 40,
  sides: ['flow', 'air', 'reading'],
  signs: these(
    'hot-at-idle',
    'hot-at-load',
    'hot-with-ac',
    'heater-cold',
    'load-beyond',
    'margin-thin',
    'never-warms',
  ),
  doesNotProve: ['loadRun.pass.pattern'],
  shows: ['hot-under-load', 'load-beyond-rating', 'load-recorded'],
  judge: {
    'load-run.run': (run, context, { source }) => {
      const figures = analyseLoadRun(run, context)
      const facts = run.segments.every((s) => s.load !== 'not-known') ? ['load-recorded'] : []
      if (figures.beyondRating) facts.push('load-beyond-rating')
      if (figures.overheats.some((kind) => kind === 'climb' || kind === 'cruise'))
        facts.push('hot-under-load')
      const notes = figures.ratingAssumed
        ? [
            message('note.ratingAssumed', {
              rating: { kind: 'temperature', coreValue: figures.ratingC },
            }),
          ]
        : []
      notes.push(...heldNotes(context))
      if (run.coolsWithAirConditioningOff === 'yes') notes.push(message('loadRun.acOffIsNotSolved'))
      const cautions = [
        message('caution.stopLimit', {
          limit: { kind: 'temperature', coreValue: figures.stopLimitC },
        }),
      ]
      const missed = notDriven(run, context.found.saidYes ?? [])
      return {
        figures,
        doesNotProve: missed.map((road) => message('loadRun.pass.notDriven', { road })),
        states:
          figures.overheats.length > 0
            ? figures.overheats.map((k) => `hot-${k}`)
            : [figures.staysCool ? 'stays-cool' : 'steady'],
        facts,
        notes,
        cautions,
        signs: loadRunSigns(source, run, figures),
      }
    },
  },
})
