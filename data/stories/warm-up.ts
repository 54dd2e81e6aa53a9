import { z } from 'zod'
import { celsius } from '../tell/quantities'
import { row } from '../tell/rows'
import type { Teller } from '../tell/teller'
import { disturbance } from './disturbance'

const RUN = z.strictObject({
  /** engine temperature at which the radiator side warms; absent: never */
  opensC: z.number().optional(),
  fromStart: z.boolean().default(false),
  /** where it settles; a little above the opening where nothing is said */
  plateauC: z.number().optional(),
  overshootC: z.number().default(0),
  wanderC: z.number().default(0),
  minutes: z.number().default(22),
  /** the gun is read in Fahrenheit and written down as Celsius */
  gunInFahrenheit: z.boolean().default(false),
  /** the engine is so much hotter than its own sensor says, K; the gun reads 2 K less than there is */
  sensorLowK: z.number().default(0),
  dashC: z.number().optional(),
  fanOnSeconds: z.array(z.number()).optional(),
})
type Run = z.infer<typeof RUN>

interface Course {
  readonly seconds: readonly number[]
  readonly engineC: readonly number[]
  readonly hoseC: readonly number[]
  /** when the radiator side opened; absent: never */
  readonly openedAtSeconds?: number
}

/** Temperatures of engine and radiator-side hose, every ten seconds from 15 °C. */
function courseOf({ opensC, fromStart, plateauC, overshootC, wanderC, minutes }: Run): Course {
  const seconds: number[] = []
  const engineC: number[] = []
  const hoseC: number[] = []
  let engine = 15
  let hose = 15
  let openedAtSeconds: number | undefined
  const settlesC = plateauC ?? (opensC === undefined ? 112 : opensC + 2)
  const heatingCPerStep = 0.75 * (fromStart ? 0.6 : 1)
  for (let s = 0; s <= minutes * 60; s += 10) {
    seconds.push(s)
    const wander = wanderC * Math.sin(s / 70) * (engine > 60 ? 1 : 0)
    engineC.push(engine + wander + 0.3 * disturbance(s))
    hoseC.push(hose + 0.4 * disturbance(s + 1))
    const reached = opensC !== undefined && engine >= opensC + overshootC
    const open = fromStart || reached || openedAtSeconds !== undefined
    if (open) openedAtSeconds ??= s
    const before = engine
    if (open) engine += Math.min(heatingCPerStep, (settlesC - engine) * 0.03)
    else engine += before < 113 ? heatingCPerStep : 0.02
    hose += open ? ((engine - 7 - hose) * 10) / 60 : (engine - hose) * 0.0006
  }
  return { seconds, engineC, hoseC, ...(openedAtSeconds === undefined ? {} : { openedAtSeconds }) }
}

const rounded = (values: readonly number[], by: number) =>
  values.map((value) => Math.round(value / by) * by)

function readOff(t: Teller, run: string, told: Run, { seconds, engineC, hoseC }: Course): void {
  t.record('warm-up-run.trace', {
    run,
    channel: 'scan-coolant',
    seconds,
    values: rounded(engineC, 1),
    from: 'scan log',
  })
  t.record('warm-up-run.trace', {
    run,
    channel: 'radiator-side-hose',
    seconds,
    values: rounded(hoseC, 0.5),
  })
  const read = (step: number, channel: string, shownC: number) =>
    t.record('warm-up-run.reading', {
      run,
      elapsedSeconds: seconds[step],
      channel,
      reading: celsius(shownC),
    })
  const shownByGun = (trueC: number) =>
    Math.round(told.gunInFahrenheit ? (trueC * 9) / 5 + 32 : trueC + told.sensorLowK - 2)
  for (const step of [30, 60, 90, 120])
    if (engineC[step] !== undefined) read(step, 'infrared-engine', shownByGun(engineC[step]))
  if (told.dashC !== undefined)
    for (const step of [70, 100]) if (step < engineC.length) read(step, 'dash', told.dashC)
}

/** A warm-up run: engine and hose follow the story, and the instruments are read off them. */
export const warmUpRow = row(RUN, (t, told) => {
  const run = t.record('warm-up-run.start', {
    ambient: celsius(15),
    airConditioning: 'off',
    fanWatched: told.fanOnSeconds !== undefined,
    level: 'full',
    surface: 'painted-or-taped',
  })
  const course = courseOf(told)
  readOff(t, run, told, course)
  const mark = (elapsedSeconds: number, kind: string) =>
    t.record('warm-up-run.mark', { run, elapsedSeconds, mark: kind })
  for (const on of told.fanOnSeconds ?? []) {
    mark(on, 'fan-on')
    mark(on + 60, 'fan-off')
  }
  const opened = course.openedAtSeconds
  if (told.opensC !== undefined && opened !== undefined && !told.fromStart) mark(opened, 'opened')
})
