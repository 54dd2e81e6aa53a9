import type { Ref } from 'vue'
import { COLD_BELOW_C, correctedValue, HOT_HOLD_FROM_C, type QuantityRecord } from '#core'

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
    return coolantC.value >= HOT_HOLD_FROM_C
      ? ''
      : say('pressure-hold.hold-how.notHot', {
          limit: preferences.show('temperature', HOT_HOLD_FROM_C),
        })
  })
  return { COLD, notCold, notHot }
}
