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
