import { z } from 'zod'

/** Figures that a shop may set, and how far: nobody can set a stop limit at which an engine is harmed. */
export const POLICY_RANGES = {
  clutchTurnsAfterSwitchOff: { min: 0.5, max: 5 },
  stopLimitC: { min: 95, max: 120 },
} as const
const within = ({ min, max }: { min: number; max: number }) => z.number().min(min).max(max)

/** Limits of a hold: 7 kPa in 15 minutes after settling; or no visible movement in 10. */
export const HOLD_PLANS = ['usual', 'strict'] as const
export type HoldPlan = (typeof HOLD_PLANS)[number]

/**
 * When stretched head bolts go back in: never; within the maker's limit but never after overheating; or within that limit
 * whatever happened. The maker's text governs in each.
 */
export const BOLT_RULES = ['new-after-overheating', 'within-limit', 'always-new'] as const
export type BoltRule = (typeof BOLT_RULES)[number]

/** What a shop decides where practitioners differ; the defaults are the product's. */
export const shopPolicy = z.strictObject({
  /** turns of a fan after switch-off that still count as gripping */
  clutchTurnsAfterSwitchOff: within(POLICY_RANGES.clutchTurnsAfterSwitchOff),
  /** which cold result of a viscous clutch counts as normal */
  clutchColdNormal: z.enum(['free', 'some-drag', 'either']),
  /** coolant temperature at which a run is stopped, °C, unless the vehicle has its own */
  stopLimitC: within(POLICY_RANGES.stopLimitC),
  /** the limit that a hold is begun with unless another is chosen for it; the usual one where nothing is said */
  holdPlan: z.enum(HOLD_PLANS).optional(),
  /** when head bolts go back in; within their limit but never after overheating where nothing is said */
  stretchBolts: z.enum(BOLT_RULES).optional(),
})
export type Policy = z.infer<typeof shopPolicy>

export const DEFAULT_POLICY: Required<Policy> = {
  clutchTurnsAfterSwitchOff: 1.5,
  clutchColdNormal: 'either',
  stopLimitC: 115,
  holdPlan: 'usual',
  stretchBolts: 'new-after-overheating',
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
