import { message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { analyseTeardown } from './analysis'
import { boltRuleOf, boltsGoBack } from './bolts'
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
    'teardown.measure': (record, { policy }, { source }) => {
      const rule = boltRuleOf(policy)
      const figures = analyseTeardown(record, rule)
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
      if (record.boltLengthsMm && !boltsGoBack(rule, record.overheated))
        notes.push(
          message(
            rule === 'always-new' ? 'teardown.boltsAlwaysNew' : 'teardown.boltsAfterOverheating',
          ),
        )
      if (record.boltLengthsMm && rule === 'within-limit' && record.overheated !== 'no')
        notes.push(message('teardown.boltsWithinLimit'))
      return { figures, states, facts, notes, signs: teardownSigns(source, record, figures) }
    },
  },
})
