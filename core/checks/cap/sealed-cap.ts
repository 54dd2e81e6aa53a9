import { knownValue, type SystemProfile } from '../../vehicle/profile'
import type { CapTest } from './record'

/**
 * Whether a cap without a valve can be right where it sits, as far as the vessel says. It seals a radiator neck beside a
 * tank under pressure, whose own cap lets pressure go. Behind an overflow bottle the neck's cap must let coolant out and
 * back, the bottle's must breathe; and a tank under pressure is closed by the cap that opens.
 * @example sealedCapFits(example('cap.test').place, { vessel: 'overflow-bottle' }) // 'false'
 */
export function sealedCapFits(
  place: CapTest['place'],
  profile: SystemProfile,
): boolean | undefined {
  const vessel = knownValue(profile.vessel)
  if (vessel === undefined) return place === 'tank' ? false : undefined
  return vessel === 'pressurised-tank' && place === 'radiator-neck'
}
