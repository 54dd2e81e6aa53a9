import { z } from 'zod'
import { writtenText } from '../quantity/text'

/** A value that was looked for and could not be found out. Absent means: nobody asked yet. */
export const NOT_KNOWN = 'not-known' as const
const known = <T extends z.ZodType>(schema: T) => z.union([schema, z.literal(NOT_KNOWN)]).optional()

export const capPlace = z.enum(['radiator-neck', 'tank'])

/**
 * Pressures that caps and systems are made for, kPa gauge: from 4 psi to 2 bar. What lies outside is mostly a figure in
 * another unit than the one it was taken for.
 */
export const USUAL_RATING_KPA = { min: 27, max: 205 } as const

/** The cooling system of one vehicle, first version. Every field may be absent (not asked) or "not-known". */
export const systemProfile = z.strictObject({
  thermostatSide: known(z.enum(['outlet', 'inlet'])),
  thermostatRatingC: known(z.number().min(50).max(130)),
  fan: known(
    z.enum([
      'engine-driven',
      'viscous-clutch',
      'electric-relay',
      'electric-module',
      'thermo-switch',
    ]),
  ),
  vessel: known(z.enum(['pressurised-tank', 'overflow-bottle'])),
  caps: z
    .array(
      z.strictObject({
        place: capPlace,
        ratingKPa: known(z.number().min(10).max(250)),
        vented: known(z.boolean()),
      }),
    )
    .max(4)
    .optional(),
  systemRatingKPa: known(z.number().min(10).max(250)),
  pumpDrive: known(z.enum(['accessory-belt', 'timing-belt', 'gear', 'electric'])),
  coolant: known(z.enum(['ethylene-glycol', 'propylene-glycol', 'water'])),
  glycolVolumeFraction: known(z.number().min(0).max(0.57)),
  capacityLitres: known(z.number().min(1).max(200)),
  cylinders: known(z.number().int().min(1).max(16)),
  oilCooler: known(z.boolean()),
  transmissionCooler: known(z.boolean()),
  egrCooler: known(z.boolean()),
  turboCooled: known(z.boolean()),
  rearHeater: known(z.boolean()),
  heavyDiesel: known(z.boolean()),
  heatModule: known(z.boolean()),
  heaterValve: known(z.boolean()),
  auxHeaterPump: known(z.boolean()),
  mapThermostat: known(z.boolean()),
  switchablePump: known(z.boolean()),
  electroViscous: known(z.boolean()),
  grilleShutter: known(z.boolean()),
  engineOrientation: known(z.enum(['lengthwise', 'crosswise'])),
  fanOnC: known(z.number().min(60).max(130)),
  fanOffC: known(z.number().min(60).max(130)),
  /** where a second fan, or the higher speed of the one, starts */
  secondFanOnC: known(z.number().min(60).max(130)),
  /** coolant temperature at which a run of this vehicle is stopped, °C; the shop's limit where it has none of its own */
  stopLimitC: known(z.number().min(80).max(140)),
  /** minutes from working temperature to cold, the engine standing */
  coolDownMinutes: known(z.number().min(15).max(600)),
  /** corrects what was said when the vehicle was taken in */
  yearBuilt: known(z.number().int().min(1900).max(2100)),
  /** how far it has gone by now, km */
  kilometres: known(z.number().min(0).max(5_000_000)),
  /** where the figures of this profile come from, in the technician's words */
  figuresFrom: writtenText(120).optional(),
})
export type SystemProfile = z.infer<typeof systemProfile>

/** A known value, or undefined for both "not-known" and absent; callers that must tell them apart read the field. */
export function knownValue<T>(value: T | typeof NOT_KNOWN | undefined): T | undefined {
  return value === NOT_KNOWN ? undefined : value
}

/** Values that the fields of a profile must have, where they are known, for something to exist or to be possible. */
export type ProfileNeeds = { readonly [K in keyof SystemProfile]?: readonly unknown[] }

/** Whether a vehicle may have what these needs ask for: no known field of its profile says otherwise. */
export function mayHave(profile: SystemProfile, needs: ProfileNeeds = {}): boolean {
  return Object.entries(needs).every(([field, allowed]) => {
    const value = profile[field as keyof SystemProfile]
    return value === undefined || value === NOT_KNOWN || allowed.includes(value)
  })
}

/** A car's engine is cold after about an hour, a heavy diesel's after an hour and a half, unless its profile says otherwise. */
export function coolDownMinutesOf(profile: SystemProfile): number {
  return knownValue(profile.coolDownMinutes) ?? (profile.heavyDiesel === true ? 90 : 60)
}
