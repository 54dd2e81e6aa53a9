import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import {
  type CaseFile,
  checkCaseFile,
  type Complaint,
  COMPLAINTS,
  composeCaseFile,
  type SystemProfile,
} from '#core'
import { z } from 'zod'
import { readTable, tell, TOLD } from '../tell/tell'
import { Teller } from '../tell/teller'
import { STORY_ROWS } from './rows'

const here = dirname(fileURLToPath(import.meta.url))

const STORIES = z.strictObject({
  complaint: z.enum(COMPLAINTS),
  stories: z.array(
    z.strictObject({
      id: z.string(),
      vehicle: z.string(),
      causes: z.array(z.string()),
      title: z.string(),
      /** why it is this cause, in the words of who found it */
      reason: z.string(),
      told: TOLD,
    }),
  ),
})
type Table = z.infer<typeof STORIES>

/** A story: what is true of the vehicle, why, and what the technician wrote down. */
type Story = Table['stories'][number] & { readonly complaint: Complaint }

const VEHICLES = z.strictObject({
  shared: z.record(z.string(), z.unknown()),
  vehicles: z.record(
    z.string(),
    z.strictObject({ name: z.string(), profile: z.record(z.string(), z.unknown()) }),
  ),
})

const { shared, vehicles } = readTable(join(here, 'vehicles.yaml'), VEHICLES)

function storiesOf(table: string): Story[] {
  const { complaint, stories } = readTable(join(here, `${table}.yaml`), STORIES)
  return stories.map((story) => ({ ...story, complaint }))
}

const PERSON = '0192f000-0000-7000-8000-000000000001'
const STARTED_MS = Date.parse('2026-09-01T07:00:00.000Z')

function toldBy(story: Story, idPrefix: string, isClosed: boolean): Teller {
  const teller = new Teller({
    idPrefix,
    startMs: STARTED_MS,
    stepMs: 60_000,
    by: PERSON,
    eventsBy: PERSON,
    received: false,
  })
  tell(teller, story.told, { rows: STORY_ROWS })
  if (!isClosed) return teller
  teller.event('closed', {
    outcome: story.causes.length > 0 ? 'cause-confirmed' : 'not-found',
    causes: story.causes,
    words: story.reason,
  })
  return teller
}

/**
 * The case file of a story; once it is closed, the cause and the reason stand in its closing event.
 *
 * @throws Error that names story and row, where a fact does not fit
 */
export function writeStory(story: Story, number: number, isClosed = true): CaseFile {
  const idPrefix = `0194${String(number).padStart(4, '0')}-0000-7000-8000-`
  const vehicle = vehicles[story.vehicle]
  if (!vehicle) throw new Error(`${story.id}: no vehicle is called ${story.vehicle}`)
  try {
    const { records, events } = toldBy(story, idPrefix, isClosed)
    const openedAt = new Date(STARTED_MS).toISOString()
    return checkCaseFile(
      composeCaseFile(
        {
          case: {
            id: `${idPrefix}00000000cccc`,
            complaint: story.complaint,
            title: story.title,
            openedAt,
            openedBy: PERSON,
            vehicle: `${idPrefix}00000000aaaa`,
          },
          vehicle: {
            id: `${idPrefix}00000000aaaa`,
            name: vehicle.name,
            profile: { ...shared, ...vehicle.profile } as SystemProfile,
          },
          site: { elevationMetres: 1300 },
          people: [{ id: PERSON, name: 'Ilka Brandt' }],
          instruments: [],
          records,
          events,
          attachments: [],
        },
        openedAt,
      ),
    )
  } catch (error) {
    throw new Error(`${story.id}: ${error instanceof Error ? error.message : String(error)}`)
  }
}

const TABLES = [
  'coolant-out',
  'coolant-inside',
  'overheats',
  'no-heat',
  'told',
  'inspection',
  'later',
  'told-of-heat',
  'told-of-loss',
  'told-of-cold',
]

/** Every third story is kept apart, in a folder of its own: the book is never tuned on those. */
export const allVignettes = () =>
  TABLES.flatMap(storiesOf).map((story, i) => ({
    folder: i % 3 === 1 ? 'kept-apart' : 'open',
    name: `${story.complaint}-${story.id}`,
    file: writeStory(story, i + 1),
  }))
