import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { z } from 'zod'
import { type CaseFile, COMPLAINTS, QUESTIONS } from '#core'
import { readTable, TOLD, type Told } from '../../tell/tell'
import { writeStory } from '../story'

const here = dirname(fileURLToPath(import.meta.url))
const SHOWN = z.record(z.string(), TOLD)

const LED = z.strictObject({
  sound: SHOWN,
  soundOn: z.record(z.string(), SHOWN),
  stories: z.array(
    z.strictObject({
      id: z.string(),
      complaint: z.enum(COMPLAINTS),
      vehicle: z.string(),
      cause: z.string(),
      title: z.string(),
      /** what the keeper says yes to; to all else no */
      yes: z.array(z.string()),
      /** what was done before the plan is followed */
      begun: TOLD.default([]),
      /** what each check shows that shows something else than on a sound vehicle */
      otherwise: SHOWN,
    }),
  ),
})

/** A vehicle with its cause, and what each check would show on it. */
export interface LedStory {
  name: string
  cause: string
  /** the case once this was recorded */
  caseOf: (told: Told) => CaseFile
  /** what was recorded before the plan is followed */
  begun: Told
  /** what the keeper answers */
  answer: (question: string) => Told
  /** what a check shows; nothing where the vehicle has nothing to show */
  shows: (check: string) => Told | undefined
}

/** Numbers of the case files, which are never written, beyond those of the staged stories. */
const FIRST_NUMBER = 7_000

/** The stories in which whoever has the complaint and no manual does what the plan says, and nothing else. */
export function ledStories(): LedStory[] {
  const { sound, soundOn, stories } = readTable(join(here, 'led.yaml'), LED)
  return stories.map(({ id, complaint, vehicle, cause, title, yes, begun, otherwise }, at) => {
    const unknown = yes.find((question) => !QUESTIONS.some((asked) => asked.id === question))
    if (unknown !== undefined) throw new Error(`${id}: nobody asks “${unknown}”`)
    const story = { id, complaint, vehicle, causes: [cause], title, reason: title }
    return {
      name: id,
      cause,
      caseOf: (told) => writeStory({ ...story, told }, FIRST_NUMBER + at, false),
      begun,
      answer: (question) => [yes.includes(question) ? { yes: [question] } : { no: [question] }],
      shows: (check) => otherwise[check] ?? soundOn[vehicle]?.[check] ?? sound[check],
    }
  })
}
