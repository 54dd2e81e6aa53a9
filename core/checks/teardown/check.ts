import { message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { analyseTeardown } from './analysis'
import { teardownSigns } from './signs'
import { teardownMeasure } from './record'

export const teardownCheck = defineCheck({
  id: 'teardown',
  records: { 'teardown.measure': teardownMeasure },
  phase: 'bench',
  minutes: 60,
  apartMinutes: 420,
  sides: ['leak'],
  signs: these('head-crack', 'block-crack', 'face-warped', 'gasket-trace', 'manifold-pitted'),
  shows: ['block-crack-found', 'head-crack-found'],
  judge: {
    'teardown.measure': (record, _, { source }) => {
      const figures = analyseTeardown(record)
      const facts: string[] = []
      if (record.crack === 'found' && record.what === 'head-face') facts.push('head-crack-found')
      if (record.crack === 'found' && record.what === 'block-face') facts.push('block-crack-found')
      const states: string[] =
        figures.warped === true ? ['warped'] : figures.warped === false ? ['flat'] : []
      if ((figures.linersOutOfLimits?.length ?? 0) > 0) states.push('liner-out')
      if ((figures.boltsTooLong?.length ?? 0) > 0) states.push('bolt-long')
      if (record.crack === 'found') states.push('cracked')
      const notes =
        record.flatnessLimitMm === undefined && record.gaps.length > 0
          ? [message('teardown.limitNeeded')]
          : []
      if (record.overheated !== 'no' && record.boltLengthsMm)
        notes.push(message('teardown.boltsAfterOverheating'))
      return { figures, states, facts, notes, signs: teardownSigns(source, record, figures) }
    },
  },
})
