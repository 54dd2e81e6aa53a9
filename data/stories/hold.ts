import { z } from 'zod'
import { celsius, kPa } from '../tell/quantities'
import { row } from '../tell/rows'

const HOLD = z.strictObject({
  fallKPaPerMinute: z.number(),
  minutes: z.number().default(15),
  tray: z.string().default('dry'),
  cylinders: z.string().optional(),
  levelAfter: z.string().optional(),
  level: z.string().default('near-full'),
  engine: z.literal('hot').optional(),
  isolated: z.array(z.string()).optional(),
  hiss: z.boolean().default(false),
  targetKPa: z.number().default(90),
})

/** A hold read once a minute: it falls by the law of a leak, after the hoses have given 1.5 kPa. */
export const holdRow = row(HOLD, (t, hold) => {
  const { fallKPaPerMinute, minutes, targetKPa, engine, isolated, cylinders, levelAfter } = hold
  const coolant = celsius(engine ? 85 : 21)
  const run = t.record('pressure-hold.start', {
    target: kPa(targetKPa),
    resolutionKPa: 1,
    strokes: 14,
    strokeVolumeML: 40,
    coolantAtStart: coolant,
    level: hold.level,
    capPlace: 'tank',
    capMarking: kPa(100),
    plan: 'usual',
    ...(engine ? { engine } : {}),
    ...(isolated ? { isolated } : {}),
  })
  for (let minute = 0; minute <= minutes; minute++) {
    const leaked = targetKPa * Math.exp((-fallKPaPerMinute / targetKPa) * Math.max(0, minute - 0.5))
    const shown = Math.max(0, Math.round(leaked - (minute > 0 ? 1.5 : 0)))
    t.record('pressure-hold.reading', { run, elapsedSeconds: minute * 60, pressure: kPa(shown) })
  }
  if (hold.hiss) t.record('pressure-hold.remark', { run, elapsedSeconds: 90, remark: 'hiss-heard' })
  t.record('pressure-hold.end', {
    run,
    elapsedSeconds: minutes * 60,
    coolantAtEnd: coolant,
    tray: hold.tray,
    ...(cylinders ? { cylinders } : {}),
    ...(levelAfter ? { levelAfter } : {}),
  })
})
