import type { Ref } from 'vue'
import { COLD_BELOW_C, correctedValue, type QuantityRecord } from '#core'

/** A hot hold wants the coolant as hot as where the leak opens, °C. */
const HOT_FROM_C = 60

/** Whether the coolant is as cold, or as hot, as a hold of this kind asks for. */
export function useHoldHeat(
  engine: () => 'cold' | 'hot',
  coolant: Ref<QuantityRecord | undefined>,
) {
  const preferences = usePreferences()
  const { say } = useWords()
  const COLD = { kind: 'temperature', coreValue: COLD_BELOW_C } as const
  const coolantC = computed(() => coolant.value && correctedValue(coolant.value))
  const notCold = computed(
    () => engine() === 'cold' && coolantC.value !== undefined && coolantC.value >= COLD_BELOW_C,
  )
  const notHot = computed(() => {
    if (engine() === 'cold') return ''
    if (coolantC.value === undefined) return say('pressure-hold.hold-how.howHot')
    return coolantC.value >= HOT_FROM_C
      ? ''
      : say('pressure-hold.hold-how.notHot', { limit: preferences.show('temperature', HOT_FROM_C) })
  })
  return { COLD, notCold, notHot }
}
