/** What of a vehicle's life is known, for how worn its parts are. */
export interface Life {
  years?: number
  kilometres?: number
}

/** Rubber, plastic, solder and deposits: what perishes with the years, driven or not. */
const PERISHES = new Set([
  'upper-hose-leak',
  'lower-hose-leak',
  'heater-hose-leak',
  'bypass-hose-leak',
  'quick-connect-leak',
  'radiator-core-leak',
  'radiator-seam-leak',
  'expansion-tank-leak',
  'tank-seal-leak',
  'thermostat-housing-leak',
  'manifold-gasket-leak',
  'heat-module-leak',
  'hard-pipe-leak',
  'core-plug-leak',
  'heater-core-leak',
  'heater-valve-leak',
  'cap-weak',
  'cap-vacuum-stuck',
  'radiator-restricted',
  'heater-core-restricted',
  'lower-hose-collapsing',
  'jacket-scaled',
  'sensor-wiring',
])

/** What turns, rubs or is heated and cooled at every drive: it wears with the distance. */
const WEARS = new Set([
  'pump-seal-leak',
  'pump-gasket-leak',
  'pump-impeller-loose',
  'pump-bearing-worn',
  'pump-drive-slipping',
  'electric-pump-dead',
  'aux-pump-dead',
  'thermostat-stuck-closed',
  'thermostat-opens-late',
  'thermostat-stuck-open',
  'fan-clutch-slipping',
  'radiator-debris',
  'condenser-stack-blocked',
  'gasket-to-cylinder',
  'gasket-gas-to-coolant',
  'gasket-to-oil',
  'gasket-external',
  'egr-cooler-internal',
  'injector-sleeve-leak',
  'liner-pinhole',
  'turbo-line-leak',
])

const USUAL_YEARS = 10
const USUAL_KILOMETRES = 150_000
/** A heavy diesel is rebuilt at four times a car's distance. */
const HEAVY_DIESEL_LASTS = 4
/** Wear falls short of doubling and of halving twice: parts differ more among themselves than with their age. */
const LEAST = 0.4
const MOST = 1.8

/** Eighth steps, so that vehicles of one age share a model. */
const stepped = (ratio: number) => Math.round(Math.min(MOST, Math.max(LEAST, ratio)) * 8) / 8

/** How perished and how worn the parts of a vehicle are beside one of ten years and 150,000 km: 0.375 to 1.75, 1 unknown. */
export interface Wear {
  perished: number
  worn: number
}

export const USUAL_WEAR: Wear = { perished: 1, worn: 1 }

/**
 * Judgement: the odds of a worn part grow in proportion to its age or distance, within bounds.
 * @example wearOf({ years: 20 }).perished // 1.75
 */
export function wearOf({ years, kilometres }: Life, heavyDiesel = false): Wear {
  const lasts = USUAL_KILOMETRES * (heavyDiesel ? HEAVY_DIESEL_LASTS : 1)
  return {
    perished: years === undefined ? 1 : stepped(years / USUAL_YEARS),
    worn: kilometres === undefined ? 1 : stepped(kilometres / lasts),
  }
}

/** What a fault's prior is multiplied with on a vehicle so worn. */
export const wearFactor = (faultId: string, { perished, worn }: Wear): number =>
  PERISHES.has(faultId) ? perished : WEARS.has(faultId) ? worn : 1

/** Faults whose chance follows age or distance, for tests of the book. */
export const WEARING: readonly string[] = [...PERISHES, ...WEARS]
