/** What a shop decides where practitioners differ; the defaults are the product's. */
export interface Policy {
  /** turns of a fan after switch-off that still count as gripping */
  clutchTurnsAfterSwitchOff: number
  /** which cold result of a viscous clutch counts as normal */
  clutchColdNormal: 'free' | 'some-drag' | 'either'
  /** coolant temperature at which a run is stopped, °C, unless the vehicle has its own */
  stopLimitC: number
}

export const DEFAULT_POLICY: Policy = {
  clutchTurnsAfterSwitchOff: 1.5,
  clutchColdNormal: 'either',
  stopLimitC: 115,
}

/**
 * The schools. "certainty" is the product's own and the default: most certainty per minute. The others begin, or
 * choose, the way their people do, and are compared with it on each case.
 */
export const POLICIES = [
  'certainty',
  'press-first',
  'ask-first',
  'bleed-first',
  'follow-pattern',
] as const
export type PolicyName = (typeof POLICIES)[number]
