import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { z } from 'zod'
import type { CaseFile, Complaint } from '#core'
import { readTable, TOLD } from '../tell/tell'
import { writeStory } from './story'

const here = dirname(fileURLToPath(import.meta.url))

const STAGED = z.strictObject({
  complaint: z.enum(['overheats', 'no-heat', 'coolant-loss']),
  stories: z.array(
    z.strictObject({
      id: z.string(),
      vehicle: z.string(),
      causes: z.array(z.string()).min(1),
      title: z.string(),
      /** why it is this cause, in the words of who found it */
      reason: z.string(),
      stages: z
        .array(
          z.strictObject({
            /** what is written down at this stage, after that of the stages before */
            told: TOLD,
            /** checks, any of which a good hand would do now */
            next: z.array(z.string()).optional(),
            /** causes that were laid bare by now */
            shown: z.array(z.string()).optional(),
          }),
        )
        .min(1),
    }),
  ),
})

/** A case as far as it has come, and what a good hand makes of it. */
export interface Stage {
  input: CaseFile
  next: readonly string[]
  shown: readonly string[]
}

export interface StagedStory {
  name: string
  complaint: Complaint
  causes: readonly string[]
  stages: readonly Stage[]
}

/** Numbers of the stages' case files, which are never written, beyond those of the vignettes. */
const FIRST_NUMBER = 5_000

/**
 * The folders of staged stories: the first sixty; those of another hand, written when all figures were chosen; and those of
 * seldom causes and of two at once; and those of repairs that did not end it and tests that went
 * astray; those of vehicles of which little is known; and the common ones of every week.
 */
export const FOLDERS = [
  'staged',
  'staged-later',
  'staged-seldom',
  'staged-astray',
  'staged-strange',
  'staged-daily',
] as const
type Folder = (typeof FOLDERS)[number]

/** The staged stories of a folder, as they were written. */
export function stagedStories(folder: Folder = 'staged'): StagedStory[] {
  let number = FIRST_NUMBER
  return ['coolant-loss', 'overheats', 'no-heat'].flatMap((table) => {
    const { complaint, stories } = readTable(join(here, folder, `${table}.yaml`), STAGED)
    return stories.map(({ stages, ...story }) => ({
      name: `${complaint}-${story.id}`,
      complaint,
      causes: story.causes,
      stages: stages.map(({ next = [], shown = [] }, at) => ({
        input: writeStory(
          { ...story, complaint, told: stages.slice(0, at + 1).flatMap(({ told }) => told) },
          number++,
          false,
        ),
        next,
        shown,
      })),
    }))
  })
}
