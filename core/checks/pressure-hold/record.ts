import { z } from 'zod'
import type { Entry } from '../context'
import { quantityOf } from '../../quantity/record'
import { gaugeStepKPa, secondsUpTo, statedML } from '../quantities'
import { called, given } from '../../quantity/field'
import { HOLD_PLANS } from '../../vehicle/policy'

export const pressureGauge = quantityOf('pressure', { min: -100, max: 400 })
export const coolantTemperature = quantityOf('temperature', { min: -40, max: 150 })

/** What a hold was started with. A hold is named by the id of this record. */
export const holdStart = z.strictObject({
  target: given(pressureGauge),
  /** smallest step of the gauge, kPa; half a graduation when read between the lines */
  resolutionKPa: gaugeStepKPa(0.01, 50),
  strokes: given(z.number().int().min(1).max(500)).optional(),
  strokeVolumeML: statedML('a stroke').optional(),
  coolantAtStart: coolantTemperature.optional(),
  level: z.enum(['near-full', 'low', 'not-known']),
  /** the cap the target was taken from; absent when no cap was chosen */
  capPlace: z.enum(['radiator-neck', 'tank']).optional(),
  capMarking: z.union([given(pressureGauge), z.enum(['unmarked', 'looks-wrong'])]).optional(),
  plan: z.enum(HOLD_PLANS),
  /** a hot hold needs an adapter with relief fitted cold; absent means cold */
  engine: z.enum(['cold', 'hot']).optional(),
  /** parts shut off from the system for this hold */
  isolated: z
    .array(z.enum(['heater-core', 'coolers']))
    .max(2)
    .optional(),
})

export const holdReading = z.strictObject({
  run: z.uuid(),
  elapsedSeconds: called(secondsUpTo(86400), 'at'),
  pressure: pressureGauge,
})

export const holdRemark = z.strictObject({
  run: z.uuid(),
  elapsedSeconds: called(secondsUpTo(86400), 'at'),
  remark: z.enum(['hiss-heard', 'target-not-reached', 'wet-seen', 'pressed-again']),
})

export const holdEnd = z.strictObject({
  run: z.uuid(),
  elapsedSeconds: called(secondsUpTo(86400), 'at'),
  coolantAtEnd: coolantTemperature.optional(),
  tray: z.enum(['dry', 'wet', 'not-known']),
  cylinders: z.enum(['dry', 'wet', 'not-known']).optional(),
  /** the level once the pressure is let off, against what it was before */
  levelAfter: called(z.enum(['as-before', 'lower', 'not-known']), 'level after').optional(),
})

export type HoldStart = z.infer<typeof holdStart>
export type HoldReading = z.infer<typeof holdReading>
export type HoldRemark = z.infer<typeof holdRemark>
export type HoldEnd = z.infer<typeof holdEnd>

/** Whether a record begins a hold on a hot engine. */
export const startsHotHold = ({ kind, data }: Pick<Entry, 'kind' | 'data'>): boolean =>
  kind === 'pressure-hold.start' && (data as HoldStart).engine === 'hot'
