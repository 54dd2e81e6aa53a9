import { STRIP_DOWN_ITEMS } from '../checks/teardown/strip-down'
import { z } from 'zod'
import { writtenText } from '../quantity/text'
import { REPAIR_STEPS } from '../knowledge/repair-steps'
import { part } from '../vehicle/parts'
import { unionByKind } from './by-kind'
import { recordBase, type CaseRecord } from './envelope'
import { given } from '../quantity/field'

const litres = given(z.number().min(0).max(200), { unit: 'L' })

/** Work that changes the vehicle; phases and epochs derive from these. */
export const EVENT_DATA = {
  'engine-started': z.strictObject({}),
  'engine-stopped': z.strictObject({}),
  drained: z.strictObject({ litres: litres.optional() }),
  'topped-up': z.strictObject({
    litres: litres.optional(),
    with: writtenText(100).optional(),
  }),
  repaired: z.strictObject({
    faults: z.array(writtenText(80)).min(1).max(10),
    work: writtenText(500).optional(),
    /** parts that went in, with the batch that stands on them */
    fitted: z
      .array(
        z.strictObject({ part: writtenText(100).min(1), batch: writtenText(60).min(1).optional() }),
      )
      .max(20)
      .optional(),
    /** steps of it that were done, each with what belongs to it: what was tightened to which torque */
    stepsDone: z
      .array(
        z.strictObject({ step: z.enum(REPAIR_STEPS), words: writtenText(200).min(1).optional() }),
      )
      .max(REPAIR_STEPS.length)
      .optional(),
  }),
  /** a part clamped off or plugged for a test; it leaks no more until the clamp comes off */
  isolated: z.strictObject({ part, words: writtenText(300).optional() }),
  /** the clamp or plug taken off again */
  released: z.strictObject({ part }),
  closed: z.strictObject({
    outcome: z.enum(['cause-confirmed', 'not-found']),
    causes: z.array(writtenText(80)).max(5),
    words: writtenText(1000).optional(),
    /** the leading suspects as they were ranked when it was closed */
    believed: z
      .array(
        z.strictObject({
          fault: writtenText(80),
          probability: given(z.number().min(0).max(1)),
        }),
      )
      .max(5)
      .optional(),
    /** measurements of a job with the head off that were not taken, and why it is closed all the same */
    unmeasured: z
      .strictObject({
        items: z.array(z.enum(STRIP_DOWN_ITEMS)).min(1),
        because: writtenText(500).min(1),
      })
      .optional(),
  }),
  reopened: z.strictObject({ why: writtenText(500).optional() }),
  /** takes back the event it supersedes, which did not happen; both stay */
  withdrawn: z.strictObject({ reason: writtenText(500).optional() }),
} as const
export type EventKind = keyof typeof EVENT_DATA

const eventKinds = Object.keys(EVENT_DATA) as EventKind[]
const eventOptions = eventKinds.map((kind) =>
  z.strictObject({ ...recordBase, kind: z.literal(kind), data: EVENT_DATA[kind] }),
)
export type CaseEvent<K extends EventKind = EventKind> = {
  [P in K]: Omit<CaseRecord, 'kind' | 'data'> & { kind: P; data: z.infer<(typeof EVENT_DATA)[P]> }
}[K]
export const caseEvent = unionByKind(eventOptions) as z.ZodType<CaseEvent>
