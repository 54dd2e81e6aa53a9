import { type Part, RECORD_DATA, type RecordKind } from '#core'
import { z } from 'zod'
import { quantity } from './quantities'
import type { Occasion, Teller } from './teller'

/** What a row of a table of facts is made into. Its facts have their quantities already. */
export type Row = (t: Teller, facts: unknown, occasion: Occasion) => void
export type Rows = Readonly<Record<string, Row>>

/** A row whose facts have a shape of their own; one that has another is refused. */
export const row =
  <S extends z.ZodType>(shape: S, tell: (t: Teller, facts: z.infer<S>, o: Occasion) => void): Row =>
  (t, facts, occasion) =>
    tell(t, shape.parse(facts ?? {}), occasion)

/** A row that is one record, where its facts say nothing else with these. */
export const recordRow =
  (kind: RecordKind, usual: object = {}): Row =>
  (t, facts, occasion) =>
    void t.record(kind, { ...usual, ...z.looseObject({}).parse(facts ?? {}) }, occasion)

const WORDS = z.array(z.string())
const answers = (answer: 'yes' | 'no' | 'not-known') =>
  row(WORDS, (t, questions) => {
    for (const question of questions) t.record('interview.answer', { question, answer })
  })

const lossRow = (time: object) =>
  row(z.number(), (t, litres) => {
    t.record('interview.loss', { amount: quantity('volume', litres, 'L'), per: { time } })
  })

/** `{ pump: wet, radiator: dry }`, in that order */
const lookRow = (pressed: boolean) =>
  row(z.record(z.string(), z.string()), (t, seen, occasion) => {
    for (const [part, how] of Object.entries(seen))
      t.record('look-round.part', { part, seen: how, pressed }, occasion)
  })

export const OUTSIDE_PARTS: readonly Part[] = [
  'upper-hose',
  'lower-hose',
  'pump',
  'expansion-tank',
  'thermostat',
  'bypass-hose',
  'heater-hoses',
]

/** Rows that every table may have; a row may also be called by the kind of any record, with the record's own fields. */
export const COMMON_ROWS: Rows = {
  yes: answers('yes'),
  no: answers('no'),
  notKnown: answers('not-known'),
  litresAWeek: lossRow(quantity('duration', 1, 'wk')),
  litresAMonth: lossRow(quantity('duration', 30, 'd')),
  hoursAWeek: row(z.number(), (t, hoursPerWeek) => {
    t.record('interview.usage', { hoursPerWeek })
  }),
  level: recordRow('level-and-condition.look'),
  air: recordRow('look-round.air-side'),
  see: lookRow(true),
  seeUnpressed: lookRow(false),
  dry: row(WORDS, (t, parts) => {
    for (const part of parts) t.record('look-round.part', { part, seen: 'dry', pressed: true })
  }),
  drivesWell: recordRow('belt-and-pump.look', {
    pumpTurns: 'yes',
    slip: 'none',
    wobble: 'none',
    routing: 'right',
  }),
  repaired: (t, facts, occasion) => t.event('repaired', facts, occasion),
  closed: (t, facts, occasion) => t.event('closed', facts, occasion),
}

/** The row of this name: a table's own, a common one, or a record of this kind. */
export function rowCalled(name: string, own: Rows): Row {
  const found = own[name] ?? COMMON_ROWS[name]
  if (found) return found
  if (name in RECORD_DATA) return recordRow(name as RecordKind)
  throw new Error(`no row is called "${name}"`)
}
