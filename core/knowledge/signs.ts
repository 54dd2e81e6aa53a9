import { INTERVIEW_SIGNS, LEVEL_SIGNS, LOOK_SIGNS, PRESSURE_SIGNS, TRACE_SIGNS } from './signs-cold'
import { BENCH_SIGNS, HOT_SIGNS, ROAD_SIGNS, WARM_SIGNS } from './signs-warm'
import type { Sign } from './types'

export const SIGNS: readonly Sign[] = [
  ...INTERVIEW_SIGNS,
  ...LEVEL_SIGNS,
  ...LOOK_SIGNS,
  ...TRACE_SIGNS,
  ...PRESSURE_SIGNS,
  ...WARM_SIGNS,
  ...HOT_SIGNS,
  ...ROAD_SIGNS,
  ...BENCH_SIGNS,
]
