import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import {
  type CaseFile,
  checkCaseFile,
  composeCaseFile,
  type Instrument,
  type SystemProfile,
} from '#core'
import { z } from 'zod'
import { readTable, tell, TOLD } from '../tell/tell'
import { Teller } from '../tell/teller'
import { demoRows } from './rows'

const here = dirname(fileURLToPath(import.meta.url))

const FACTS = z.record(z.string(), z.unknown())
const SHOP_FLOOR = z.strictObject({
  people: z.record(z.string(), z.strictObject({ id: z.uuid(), name: z.string() })),
  instruments: z.record(z.string(), FACTS),
  systems: z.record(z.string(), FACTS),
})
const CASES = z.strictObject({
  cases: z.array(
    z.strictObject({
      file: z.string(),
      complaint: z.enum(['overheats', 'no-heat', 'coolant-loss']),
      title: z.string(),
      bay: z.string().optional(),
      opened: z.iso.datetime(),
      by: z.string().default('ilka'),
      vehicle: z.strictObject({
        name: z.string(),
        model: z.string().optional(),
        plate: z.string(),
        year: z.number(),
        kilometres: z.number(),
      }),
      system: z.string(),
      /** in what the vehicle differs from others with this system */
      differs: FACTS.default({}),
      told: TOLD,
    }),
  ),
})
type DemoCase = z.infer<typeof CASES>['cases'][number]

const floor = readTable(join(here, 'shop-floor.yaml'), SHOP_FLOOR)
const instruments = floor.instruments as Record<string, Instrument>
const people = Object.fromEntries(Object.entries(floor.people).map(([key, { id }]) => [key, id]))

function idOf(person: string): string {
  const id = people[person]
  if (id === undefined) throw new Error(`nobody is called ${person}`)
  return id
}

function caseFileOf(told: DemoCase, number: number): CaseFile {
  const idPrefix = `0193a${String(number).padStart(3, '0')}-0000-7000-8000-`
  const startMs = Date.parse(told.opened)
  const by = idOf(told.by)
  const teller = new Teller({
    idPrefix,
    startMs,
    stepMs: 20_000,
    by,
    eventsBy: idOf('oren'),
    received: true,
  })
  tell(teller, told.told, { rows: demoRows(instruments), instruments, people })
  const file = composeCaseFile(
    {
      case: {
        id: `${idPrefix}0000000f0002`,
        complaint: told.complaint,
        title: told.title,
        openedAt: new Date(startMs).toISOString(),
        openedBy: by,
        vehicle: `${idPrefix}0000000f0001`,
        ...(told.bay ? { bay: told.bay } : {}),
      },
      vehicle: {
        id: `${idPrefix}0000000f0001`,
        ...told.vehicle,
        profile: { ...floor.systems[told.system], ...told.differs } as SystemProfile,
      },
      site: { elevationMetres: 1300 },
      people: Object.values(floor.people),
      instruments: Object.values(instruments),
      records: teller.records,
      events: teller.events,
      attachments: [],
    },
    '2026-11-22T18:00:00.000Z',
  )
  return checkCaseFile(file)
}

/** The demo shop's cases by the name of their file, made from the tables beside this file. */
export const demoCases = (): [name: string, file: CaseFile][] =>
  readTable(join(here, 'cases.yaml'), CASES).cases.map((told, i) => [
    told.file,
    caseFileOf(told, i + 1),
  ])
