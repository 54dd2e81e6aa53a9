import { useLocalStorage } from '@vueuse/core'
import type { QuantityRecord } from '#core'

/**
 * The gauge that a hold is read on: the one it was begun with, the one used last on this device, or one that is known by
 * how much it is off; or another that is entered here, and kept with the shop's instruments once it is used.
 */
export function useGauge(begunWith: string | undefined) {
  const shop = useShop()
  const gauges = computed(() => shop.instrumentsOf(['pressure-tester']))
  const usedLast = useLocalStorage('thermognosis.gauge', '')
  const gaugeId = ref<string | 'new'>(
    begunWith ??
      gauges.value.find((g) => g.id === usedLast.value)?.id ??
      gauges.value.find((g) => typeof g.offsetInCoreUnit === 'number')?.id ??
      gauges.value[0]?.id ??
      'new',
  )
  const gaugeName = ref('')
  const step = ref<QuantityRecord>()
  const offset = ref<QuantityRecord>()
  const strokeVolume = ref<QuantityRecord>()
  const gauge = computed(() => gauges.value.find((g) => g.id === gaugeId.value))
  const offsetInCoreUnit = computed(() => {
    const known = gauge.value ? gauge.value.offsetInCoreUnit : offset.value?.coreValue
    return typeof known === 'number' ? known : 0
  })
  const resolution = computed(() => gauge.value?.resolutionInCoreUnit ?? step.value?.coreValue)
  const strokeML = computed(() => gauge.value?.strokeVolumeML ?? strokeVolume.value?.coreValue)

  /** The gauge's id; one that was entered here is kept first. */
  async function keepGauge(resolutionInCoreUnit: number): Promise<string> {
    usedLast.value =
      gauge.value?.id ??
      (await shop.addInstrument({
        kind: 'pressure-tester',
        name: gaugeName.value.trim(),
        resolutionInCoreUnit,
        offsetInCoreUnit: offset.value?.coreValue ?? 'not-known',
        ...(strokeML.value ? { strokeVolumeML: strokeML.value } : {}),
      }))
    return usedLast.value
  }
  return {
    gauges,
    gaugeId,
    gaugeName,
    step,
    offset,
    strokeVolume,
    gauge,
    offsetInCoreUnit,
    resolution,
    strokeML,
    keepGauge,
  }
}
