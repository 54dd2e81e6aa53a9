/**
 * Signs of what was done to the vehicle, or happened to it, before: they bring something about or make it likelier, and
 * are themselves nothing that is out of order and asks for an explanation.
 */
export const PAST_SIGNS: ReadonlySet<string> = new Set([
  'recent-drain',
  'heater-since-work',
  'overheated-before',
  'gasket-done-before',
  'belt-or-fan-work',
  'front-work',
  'sealant-added',
])
