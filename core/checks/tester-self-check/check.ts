import { message } from '../../quantity/message'
import { defineCheck } from '../define-check'
import { analyseTesterSelfCheck } from './analysis'
import { testerSelfCheck } from './record'

export const testerSelfCheckCheck = defineCheck({
  id: 'tester-self-check',
  records: { 'tester-self-check.test': testerSelfCheck },
  phase: 'cold',
  minutes: 5,
  usualFor: ['coolant-loss'],
  judge: {
    'tester-self-check.test': (test, { atmosphereKPa }) => {
      const figures = analyseTesterSelfCheck(test, atmosphereKPa)
      return {
        figures,
        states: [figures.state],
        notes:
          figures.minutesNeeded === undefined
            ? []
            : [message('selfCheck.tooShort', { minutes: figures.minutesNeeded })],
        doesNotProve: figures.doesNotProve,
        heatMatters: false,
      }
    },
  },
  finds: (_, outcomes) => ({ testerFlowMLPerMinute: outcomes.at(-1)?.figures.flowMLPerMinute }),
})
