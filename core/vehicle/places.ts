import type { Part } from './parts'

/**
 * Exact places where coolant comes out, finer than parts: what a leak trace ends at. Each belongs to one fault,
 * named in `fault`; `height` orders them from the top of the engine bay (1) to its floor (0).
 */
export interface LeakPlace {
  id: string
  name: string
  part: Part
  fault: string
  height: number
  /** where it stands over the tray with the engine lengthwise, seen from above: shares from the left and from the front */
  x: number
  y: number
}

const place = (
  id: string,
  name: string,
  part: Part,
  fault: string,
  height: number,
  x: number,
  y: number,
): LeakPlace => ({ id, name, part, fault, height, x, y })

export const LEAK_PLACES: readonly LeakPlace[] = [
  place('upper-hose', 'Upper hose or its clamp', 'upper-hose', 'upper-hose-leak', 0.8, 0.4, 0.14),
  place('lower-hose', 'Lower hose or its clamp', 'lower-hose', 'lower-hose-leak', 0.2, 0.62, 0.14),
  place(
    'heater-hose',
    'Heater hose or its clamp',
    'heater-hoses',
    'heater-hose-leak',
    0.7,
    0.6,
    0.8,
  ),
  place(
    'small-hose',
    'Small hose high on the engine',
    'bypass-hose',
    'bypass-hose-leak',
    0.9,
    0.55,
    0.4,
  ),
  place(
    'quick-connect',
    'Plastic fitting of a pipe',
    'bypass-hose',
    'quick-connect-leak',
    0.75,
    0.38,
    0.36,
  ),
  place(
    'radiator-core',
    'Between the fins of the radiator',
    'radiator',
    'radiator-core-leak',
    0.4,
    0.5,
    0.05,
  ),
  place(
    'radiator-seam',
    'Crimp of the radiator tank',
    'radiator',
    'radiator-seam-leak',
    0.5,
    0.12,
    0.05,
  ),
  place('drain-plug', 'Drain plug', 'radiator', 'drain-plug-leak', 0.1, 0.85, 0.05),
  place(
    'tank-seam',
    'Seam or crack of the tank',
    'expansion-tank',
    'expansion-tank-leak',
    0.85,
    0.1,
    0.35,
  ),
  place(
    'tank-seal',
    'Level sensor or lower seal of the tank',
    'expansion-tank',
    'tank-seal-leak',
    0.75,
    0.12,
    0.4,
  ),
  place('weep-hole', 'Weep hole of the pump', 'pump', 'pump-seal-leak', 0.45, 0.5, 0.27),
  place('pump-flange', 'Flange of the pump', 'pump', 'pump-gasket-leak', 0.45, 0.55, 0.27),
  place(
    'thermostat-flange',
    'Thermostat housing or outlet',
    'thermostat',
    'thermostat-housing-leak',
    0.85,
    0.44,
    0.26,
  ),
  place('heat-module', 'Heat-management module', 'thermostat', 'heat-module-leak', 0.6, 0.4, 0.3),
  place(
    'manifold-joint',
    'Intake-manifold joint',
    'engine',
    'manifold-gasket-leak',
    0.85,
    0.62,
    0.5,
  ),
  place('hard-pipe', 'Hard pipe on the block', 'engine', 'hard-pipe-leak', 0.55, 0.36, 0.52),
  place('core-plug', 'Core plug', 'engine', 'core-plug-leak', 0.35, 0.34, 0.62),
  place('head-joint', 'Joint of head and block', 'engine', 'gasket-external', 0.65, 0.5, 0.58),
  place(
    'oil-cooler-joint',
    'Joint of the oil cooler',
    'oil-cooler',
    'oil-cooler-joint-leak',
    0.3,
    0.3,
    0.5,
  ),
  place('turbo-line', 'Coolant line at the turbo', 'turbo-line', 'turbo-line-leak', 0.7, 0.7, 0.55),
  place(
    'heater-valve',
    'Heater valve at the bulkhead',
    'heater-hoses',
    'heater-valve-leak',
    0.7,
    0.66,
    0.88,
  ),
  place('heater-box', 'Drain of the heater box', 'heater-core', 'heater-core-leak', 0.5, 0.4, 0.94),
]

export const LEAK_PLACE_IDS = LEAK_PLACES.map((p) => p.id) as [string, ...string[]]

export type EngineOrientation = 'lengthwise' | 'crosswise'

/** Parts that move with the engine when it stands crosswise; the others keep to the body. */
const ON_ENGINE: ReadonlySet<Part> = new Set([
  'pump',
  'thermostat',
  'engine',
  'oil-cooler',
  'turbo-line',
  'bypass-hose',
])

/**
 * Where a place stands over the tray, shares from the left and from the front. A crosswise engine has its pump and
 * belts at the right side, and lies across the bay: engine parts are turned a quarter about the engine's middle.
 */
export function positionOf(
  place: LeakPlace,
  orientation: EngineOrientation,
): { x: number; y: number } {
  if (orientation === 'lengthwise' || !ON_ENGINE.has(place.part)) return { x: place.x, y: place.y }
  return { x: 0.5 - (place.y - 0.45) * 1.1, y: 0.45 + (place.x - 0.5) * 0.8 }
}
