import type { VehicleValue } from '#core'

export const VEHICLE_FAULTS = [
  'none',
  'opens-late',
  'stuck-open',
  'stuck-shut',
  'fan-never',
  'sensor-low',
] as const
export type VehicleFault = (typeof VEHICLE_FAULTS)[number]

/** A course is worked out in steps of this, s. */
const STEP_SECONDS = 0.5

const MILD_C = 15
/** Nobody complains of a thermostat that stands open before it is winter, °C. */
const WINTER_C = -10
const IDLE_RPM = 780
/** Heat into the coolant at idle, kW; what the block loses by itself, kW/K; heat that the engine's side holds, kJ/K. */
const HEAT_KW = 5.4
/** The fast idle of a cold engine adds so much, kW/K below the end of it, °C. */
const FAST_IDLE_KW_PER_K = 0.07
const FAST_IDLE_UNTIL_C = 60
const BLOCK_LOSS_KW_PER_K = 0.02
const ENGINE_KJ_PER_K = 95
/** Heat carried over with the thermostat wide open, kW/K; what the radiator holds, kJ/K; what it gives off, kW/K. */
const OPEN_KW_PER_K = 0.6
const RADIATOR_KJ_PER_K = 22
const STANDING_KW_PER_K = 0.025
const FAN_KW_PER_K = 0.16
/** The thermostat begins to open at its rating and is wide open so much above it; the fan's switch, °C. */
const RATING_C = 88
const WIDE_OPEN_K = 12
const FAN_ON_C = 98
const FAN_OFF_C = 93
const LATE_K = 14
const SENSOR_LOW_K = 12
/** It boils away here, and gets no hotter, °C. */
const HOTTEST_C = 126

export interface VehicleCourse {
  /** goes on to so many seconds after the cold start; never back */
  goTo: (seconds: number) => void
  values: () => Record<VehicleValue, number>
}

/**
 * A vehicle that idles from cold: engine and radiator as two bodies, a wax thermostat and a fan switch between them, and
 * one fault. °C, seconds.
 */
export function vehicleCourse(fault: VehicleFault): VehicleCourse {
  const airC = fault === 'stuck-open' ? WINTER_C : MILD_C
  let seconds = 0
  let engineC = airC
  let radiatorC = airC
  let isFanOn = false

  const coldBy = () => Math.max(0, FAST_IDLE_UNTIL_C - engineC)

  function openShare(): number {
    if (fault === 'stuck-open') return 1
    if (fault === 'stuck-shut') return 0
    const opensC = RATING_C + (fault === 'opens-late' ? LATE_K : 0)
    return Math.min(1, Math.max(0, (engineC - opensC) / WIDE_OPEN_K))
  }

  function step() {
    const across = OPEN_KW_PER_K * openShare() * (engineC - radiatorC)
    if (fault !== 'fan-never') isFanOn = engineC >= FAN_ON_C || (isFanOn && engineC > FAN_OFF_C)
    const away = (isFanOn ? FAN_KW_PER_K : STANDING_KW_PER_K) * (radiatorC - airC)
    const lost = BLOCK_LOSS_KW_PER_K * (engineC - airC)
    const heat = HEAT_KW + FAST_IDLE_KW_PER_K * coldBy()
    engineC += ((heat - across - lost) / ENGINE_KJ_PER_K) * STEP_SECONDS
    engineC = Math.min(HOTTEST_C, engineC)
    radiatorC += ((across - away) / RADIATOR_KJ_PER_K) * STEP_SECONDS
    seconds += STEP_SECONDS
  }

  return {
    goTo: (until) => {
      while (seconds + STEP_SECONDS <= until) step()
    },
    values: () => ({
      coolant: engineC - (fault === 'sensor-low' ? SENSOR_LOW_K : 0),
      'engine-speed': IDLE_RPM + 7 * coldBy(),
      'road-speed': 0,
      'intake-air': airC + 6,
      'module-voltage': 14.1 - (isFanOn ? 0.3 : 0),
      ambient: airC,
    }),
  }
}
