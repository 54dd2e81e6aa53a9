import { z } from 'zod'
import { knownValue, type SystemProfile } from '../vehicle/profile'

/** Components of the cooling system that are renewed before they fail. */
export const AUDIT_PARTS = [
  'coolant',
  'cap',
  'thermostat',
  'upper-hose',
  'lower-hose',
  'heater-hoses',
  'bypass-hose',
  'plastic-fittings',
  'expansion-tank',
  'belt',
  'pump',
  'fan-clutch',
  'fan-motor',
  'radiator',
  'heater-core',
  'coolant-sensor',
] as const
export type AuditPart = (typeof AUDIT_PARTS)[number]

/** How long a component lasts: half of them have failed, or ought to be renewed, by then. */
export const life = z.strictObject({
  years: z.number().min(0.5).max(60),
  kilometres: z.number().min(1_000).max(3_000_000),
})
export type Life = z.infer<typeof life>

/** What a shop's lead has set; the product's own for what is left out. */
export const shopLives = z.partialRecord(z.enum(AUDIT_PARTS), life)
export type ShopLives = z.infer<typeof shopLives>

/** Judgement, for a car: rubber and plastic go by heat and years, what turns by distance. */
export const DEFAULT_LIVES: Readonly<Record<AuditPart, Life>> = {
  coolant: { years: 5, kilometres: 150_000 },
  cap: { years: 9, kilometres: 200_000 },
  thermostat: { years: 11, kilometres: 170_000 },
  'upper-hose': { years: 12, kilometres: 190_000 },
  'lower-hose': { years: 12, kilometres: 190_000 },
  'heater-hoses': { years: 12, kilometres: 190_000 },
  'bypass-hose': { years: 10, kilometres: 160_000 },
  'plastic-fittings': { years: 10, kilometres: 160_000 },
  'expansion-tank': { years: 11, kilometres: 170_000 },
  belt: { years: 8, kilometres: 110_000 },
  pump: { years: 13, kilometres: 180_000 },
  'fan-clutch': { years: 14, kilometres: 220_000 },
  'fan-motor': { years: 15, kilometres: 240_000 },
  radiator: { years: 15, kilometres: 260_000 },
  'heater-core': { years: 18, kilometres: 300_000 },
  'coolant-sensor': { years: 16, kilometres: 260_000 },
}

/**
 * Of lives that were set, those that are not the book's.
 * @example ownLives(DEFAULT_LIVES) // {}
 */
export const ownLives = (lives: ShopLives): ShopLives =>
  Object.fromEntries(
    AUDIT_PARTS.flatMap((part) => {
      const { years, kilometres } = lives[part] ?? DEFAULT_LIVES[part]
      const book = DEFAULT_LIVES[part]
      return years === book.years && kilometres === book.kilometres
        ? []
        : [[part, { years, kilometres }]]
    }),
  )

/** A heavy diesel's components last so many times the distance of a car's. */
const HEAVY_DIESEL_LASTS = 4

/**
 * How long a component lasts in this vehicle: as the shop has set it, or the product's own.
 * @example lifeOf('belt', {}, { belt: { years: 6, kilometres: 90000 } }).years // 6
 */
export function lifeOf(part: AuditPart, profile: SystemProfile, lives: ShopLives): Life {
  const own = lives[part] ?? DEFAULT_LIVES[part]
  return knownValue(profile.heavyDiesel) === true
    ? { ...own, kilometres: own.kilometres * HEAVY_DIESEL_LASTS }
    : own
}
