import type { Ref } from 'vue'
import {
  allowedPressure,
  fromCore,
  knownValue,
  proposedCap,
  type QuantityRecord,
  testedCap,
  toCore,
} from '#core'

/** Decimals a gauge is pumped up to, by unit; the target is rounded down to them, never up. */
const DECIMALS = { kPa: 0, psi: 1, bar: 2 } as const

/**
 * What the hold may be pumped up to, from the cap and the system's rating, and the target that is proposed: that
 * pressure as this gauge shows it, in the reader's unit.
 */
export function useHoldTarget(open: OpenCase, offsetInCoreUnit: Ref<number>) {
  const preferences = usePreferences()
  const cap = computed(() =>
    proposedCap(open.records.value, open.input.value?.vehicle.profile ?? {}),
  )
  const tested = computed(() => testedCap(open.records.value)?.marking)
  const allowed = computed(() =>
    allowedPressure(
      cap.value?.marking,
      knownValue(open.input.value?.vehicle.profile.systemRatingKPa),
    ),
  )
  const proposed = computed<QuantityRecord>(() => {
    const unit = preferences.units.pressure
    const digits = DECIMALS[unit]
    const shown = fromCore('pressure', allowed.value.maximumKPaGauge + offsetInCoreUnit.value, unit)
    const value = Math.floor(shown * 10 ** digits + 1e-9) / 10 ** digits
    return { typed: String(value), value, unit, coreValue: toCore('pressure', value, unit) }
  })
  /** what the target was taken from: the marking read on the adapter, or the cap's own */
  const marking = computed(() => {
    if (tested.value) return tested.value
    if (typeof cap.value?.marking !== 'object') return undefined
    const { coreValue } = cap.value.marking
    return { typed: `${coreValue} kPa`, value: coreValue, unit: 'kPa' as const, coreValue }
  })
  return { cap, marking, allowed, proposed }
}
