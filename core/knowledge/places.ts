import type { Part } from '../casefile/profile'

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
}

const place = (id: string, name: string, part: Part, fault: string, height: number): LeakPlace => ({ id, name, part, fault, height })

export const LEAK_PLACES: readonly LeakPlace[] = [
  place('upper-hose', 'Upper hose or its clamp', 'upper-hose', 'upper-hose-leak', 0.8),
  place('lower-hose', 'Lower hose or its clamp', 'lower-hose', 'lower-hose-leak', 0.2),
  place('heater-hose', 'Heater hose or its clamp', 'heater-hoses', 'heater-hose-leak', 0.7),
  place('small-hose', 'Small hose high on the engine', 'bypass-hose', 'bypass-hose-leak', 0.9),
  place('quick-connect', 'Plastic fitting of a pipe', 'bypass-hose', 'quick-connect-leak', 0.75),
  place('radiator-core', 'Between the fins of the radiator', 'radiator', 'radiator-core-leak', 0.4),
  place('radiator-seam', 'Crimp of the radiator tank', 'radiator', 'radiator-seam-leak', 0.5),
  place('drain-plug', 'Drain plug', 'radiator', 'drain-plug-leak', 0.1),
  place('tank-seam', 'Seam or crack of the tank', 'expansion-tank', 'expansion-tank-leak', 0.85),
  place('tank-seal', 'Level sensor or lower seal of the tank', 'expansion-tank', 'tank-seal-leak', 0.75),
  place('weep-hole', 'Weep hole of the pump', 'pump', 'pump-seal-leak', 0.45),
  place('pump-flange', 'Flange of the pump', 'pump', 'pump-gasket-leak', 0.45),
  place('thermostat-flange', 'Thermostat housing or outlet', 'thermostat', 'thermostat-housing-leak', 0.85),
  place('heat-module', 'Heat-management module', 'thermostat', 'heat-module-leak', 0.6),
  place('manifold-joint', 'Intake-manifold joint', 'engine', 'manifold-gasket-leak', 0.85),
  place('hard-pipe', 'Hard pipe on the block', 'engine', 'hard-pipe-leak', 0.55),
  place('core-plug', 'Core plug', 'engine', 'core-plug-leak', 0.35),
  place('head-joint', 'Joint of head and block', 'engine', 'gasket-external', 0.65),
  place('oil-cooler-joint', 'Joint of the oil cooler', 'oil-cooler', 'oil-cooler-joint-leak', 0.3),
  place('turbo-line', 'Coolant line at the turbo', 'turbo-line', 'turbo-line-leak', 0.7),
  place('heater-valve', 'Heater valve at the bulkhead', 'heater-hoses', 'heater-valve-leak', 0.7),
  place('heater-box', 'Drain of the heater box', 'heater-core', 'heater-core-leak', 0.5),
]

export const LEAK_PLACE_IDS = LEAK_PLACES.map((p) => p.id) as [string, ...string[]]
