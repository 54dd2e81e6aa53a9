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
import { analyseHotDrive, hotDriveSigns, notesOnHotDrive } from './hot-drive'
import { QUESTIONS } from './questions'
import {
  hotDrive,
  interviewAnswer,
  reportedLoss,
  topUps,
  troubleCode,
  usage,
  type InterviewAnswer,
} from './record'
import { lossTold, saidYes } from './said'
import { codeSigns, familyOf, saysMoreThanACode } from './trouble-codes'

/** "A code is set" adds nothing where the code itself stands. */
const isSaidByACode = ({ question, answer }: InterviewAnswer, codes: readonly { code: string }[]) =>
  question === 'cooling-code' &&
  answer === 'yes' &&
  codes.some(({ code }) => saysMoreThanACode(code))

export const interviewCheck = defineCheck({
  id: 'interview',
  records: {
    'interview.answer': interviewAnswer,
    'interview.loss': reportedLoss,
    'interview.usage': usage,
    'interview.top-ups': topUps,
    'interview.words': z.strictObject({ text: writtenText(2000).min(1) }),
    'interview.hot-drive': hotDrive,
    'interview.code': troubleCode,
  },
  phase: 'any',
  minutes: 6,
  opens: { 'ask-first': 1, 'follow-pattern': 1 },
  begins: 1,
  usualFor: ['coolant-loss', 'overheats', 'no-heat'],
  openEnded: true,
  asksKeeper: true,
  signs: ({ complaint }) => [
    ...new Set(QUESTIONS.filter((q) => q.for.includes(complaint)).map((q) => q.sign)),
  ],
  readsBeside: ['loss-size', 'sensor-code', 'fan-code', 'boils-early'],
  shows: ['no-recent-drain', 'sealant-seen'],
  judge: {
    'interview.answer': (answer, _, { source, all }) => ({
      signs: isSaidByACode(answer, dataOf(all, 'interview.code'))
        ? []
        : interviewSigns([{ ...answer, id: source }]),
    }),
    'interview.hot-drive': (drive, context, { source }) => {
      const figures = analyseHotDrive(drive, context)
      return {
        figures,
        states: [figures.state],
        signs: hotDriveSigns(source, drive, figures),
        notes: notesOnHotDrive(drive, figures),
      }
    },
    'interview.code': (code, _, { source }) => ({
      states: [familyOf(code.code)],
      signs: codeSigns(source, code),
      notes: [message(`note.code.${familyOf(code.code)}`, { code: code.code })],
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
      reportedLossLitresPerWeek: lossTold(outcomes),
      saidYes: saidYes(dataOf(entries, 'interview.answer')),
    }
  },
  advises: (entries) => stopDrivingAdvice(new Set(saidYes(dataOf(entries, 'interview.answer')))),
  facts: ({ ever }) => {
    const said = (question: string, answer: string) =>
      dataOf(ever, 'interview.answer').some((a) => a.question === question && a.answer === answer)
    return [
      ...(said('recent-drain', 'no') ? ['no-recent-drain'] : []),
      ...(said('sealant-added', 'yes') ? ['sealant-seen'] : []),
    ]
  },
})
