/** Where an engine stands thermally: what may be opened and measured follows from it. */
export type ThermalPhase = 'cold' | 'warming' | 'hot' | 'cooling'

/** Coolant at or above this is not cold: a system is opened only below it, °C. */
export const COLD_BELOW_C = 40
/** What lies nearer to it than this is there but for rounding, °C. */
const ROUNDING_C = 1e-9
/** A running engine from here on is at its working temperature, °C. */
export const HOT_FROM_C = 80
const WORKING_C = 90
const AMBIENT_C = 20
/** An engine run from cold is at its working temperature after about this long, minutes. */
export const WARM_UP_MINUTES = 20

/**
 * Time constant of Newton's law of cooling for an engine that takes the given minutes from its working temperature
 * to cold: T(t) = ambient + (T₀ − ambient)·exp(−t/τ), so τ = t / ln((90 − 20)/(40 − 20)).
 * @example coolingTimeConstant(60) // 47.9 minutes
 */
export function coolingTimeConstant(coolDownMinutes: number): number {
  return coolDownMinutes / Math.log((WORKING_C - AMBIENT_C) / (COLD_BELOW_C - AMBIENT_C))
}

const towards = (fromC: number, toC: number, minutes: number, timeConstant: number) =>
  toC + (fromC - toC) * Math.exp(-minutes / timeConstant)

const WARM_UP_TIME_CONSTANT =
  WARM_UP_MINUTES / Math.log((WORKING_C - AMBIENT_C) / (WORKING_C - HOT_FROM_C))

/** A start or a stop of the engine, minutes on any one clock. */
export interface EngineSwitch {
  minutes: number
  running: boolean
}

export interface EngineTemperature {
  phase: ThermalPhase
  running: boolean
  coolantC: number
  /** minutes until it is cold if it is not run again; 0 when it is cold */
  coldInMinutes: number
  /** minutes since it last ran; absent when it never did, 0 while it runs */
  minutesSinceRun?: number
}

/**
 * Temperature of the coolant at a moment, from the starts and stops before it (in order of time): warming towards
 * 90 °C while it runs, cooling towards the 20 °C of a bay when it stands, each by an exponential law. An engine that
 * nobody reported running is cold. `coolDownMinutes` is the vehicle's one constant: from working temperature to cold.
 * @example engineTemperatureAt([{ minutes: 0, running: true }, { minutes: 30, running: false }], 80, 60).phase // 'cooling'
 */
export function engineTemperatureAt(
  switches: readonly EngineSwitch[],
  atMinutes: number,
  coolDownMinutes: number,
): EngineTemperature {
  const cooling = coolingTimeConstant(coolDownMinutes)
  let coolantC = AMBIENT_C
  let running = false
  let since = switches[0]?.minutes ?? atMinutes
  let lastRan: number | undefined
  const until = (minutes: number) => {
    coolantC = running
      ? towards(coolantC, WORKING_C, minutes - since, WARM_UP_TIME_CONSTANT)
      : towards(coolantC, AMBIENT_C, minutes - since, cooling)
    since = minutes
    if (running) lastRan = minutes
  }
  for (const { minutes, running: runs } of switches) {
    if (minutes > atMinutes) break
    until(minutes)
    running = runs
    if (runs) lastRan = minutes
    else lastRan ??= minutes
    // A stop that nobody reported the start of ends a run of unknown length: taken as long.
    if (!runs && coolantC <= AMBIENT_C) coolantC = WORKING_C
  }
  until(atMinutes)
  const isCold = coolantC < COLD_BELOW_C + ROUNDING_C
  return {
    phase: running ? (coolantC < HOT_FROM_C ? 'warming' : 'hot') : isCold ? 'cold' : 'cooling',
    running,
    coolantC,
    coldInMinutes: isCold
      ? 0
      : cooling * Math.log((coolantC - AMBIENT_C) / (COLD_BELOW_C - AMBIENT_C)),
    ...(lastRan === undefined ? {} : { minutesSinceRun: Math.max(0, atMinutes - lastRan) }),
  }
}
