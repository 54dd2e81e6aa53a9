import { z } from 'zod'
import { message } from '../../quantity/message'
import { writtenText } from '../../quantity/text'
import { dataOf } from '../context'
import { defineCheck } from '../define-check'
import {
  interviewSigns,
  lossByTopUps,
  lossSizeSign,
  pressurisedHours,
  reportedLossPerWeek,
  stopDrivingAdvice,
} from './analysis'
import { QUESTIONS } from './questions'
import { interviewAnswer, reportedLoss, topUps, usage } from './record'

export const interviewCheck = defineCheck({
  id: 'interview',
  records: {
    'interview.answer': interviewAnswer,
    'interview.loss': reportedLoss,
    'interview.usage': usage,
    'interview.top-ups': topUps,
    'interview.words': z.strictObject({ text: writtenText(2000).min(1) }),
  },
  phase: 'any',
  minutes: 6,
  opens: { 'ask-first': 1, 'follow-pattern': 1 },
  begins: 1,
  usualFor: ['coolant-loss', 'overheats', 'no-heat'],
  openEnded: true,
  asksKeeper: true,
  signs: ({ complaint }) => QUESTIONS.filter((q) => q.for.includes(complaint)).map((q) => q.sign),
  shows: ['no-recent-drain', 'sealant-seen'],
  judge: {
    'interview.answer': (answer, _, { source }) => ({
      signs: interviewSigns([{ ...answer, id: source }]),
    }),
    'interview.loss': (loss, _, { source, all }) => {
      const isNewest = dataOf(all, 'interview.loss').at(-1) === loss
      const rate = reportedLossPerWeek(loss, dataOf(all, 'interview.usage').at(-1))
      // What was written down day by day goes before what is told from memory.
      const written = dataOf(all, 'interview.top-ups').at(-1)
      if (!rate || !isNewest || (written && lossByTopUps(written))) return {}
      return {
        figures: { litresPerWeek: rate.litresPerWeek },
        signs: [lossSizeSign(source, rate.litresPerWeek)],
        assumptions: rate.assumptions,
      }
    },
    'interview.top-ups': (data, _, { source, all }) => {
      const isNewest = dataOf(all, 'interview.top-ups').at(-1) === data
      if (!isNewest) return {}
      const rate = lossByTopUps(data)
      if (!rate) return { notes: [message('note.oneTopUpIsNoRate')] }
      return {
        figures: { litresPerWeek: rate.litresPerWeek },
        signs: [lossSizeSign(source, rate.litresPerWeek, 'written')],
        assumptions: rate.assumptions,
      }
    },
  },
  finds: (entries, outcomes) => {
    const { hours, assumed } = pressurisedHours(dataOf(entries, 'interview.usage').at(-1))
    return {
      pressurised: { hoursPerWeek: hours, assumed },
      reportedLossLitresPerWeek: outcomes.findLast((o) => o.figures.litresPerWeek !== undefined)
        ?.figures.litresPerWeek,
    }
  },
  advises: (entries) =>
    stopDrivingAdvice(
      new Set(
        dataOf(entries, 'interview.answer')
          .filter((a) => a.answer === 'yes')
          .map((a) => a.question),
      ),
    ),
  facts: ({ ever }) => {
    const said = (question: string, answer: string) =>
      dataOf(ever, 'interview.answer').some((a) => a.question === question && a.answer === answer)
    return [
      ...(said('recent-drain', 'no') ? ['no-recent-drain'] : []),
      ...(said('sealant-added', 'yes') ? ['sealant-seen'] : []),
    ]
  },
})
