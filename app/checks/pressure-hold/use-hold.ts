import {
  type CaseRecord,
  correctedValue,
  fromCore,
  ofKind,
  outcomesOf,
  pressureHoldCheck,
  type RecordData,
} from '#core'
import { unitAfter } from '../../components/common/quantity-entry'

export type HoldReadingRecord = CaseRecord<'pressure-hold.reading'>

/** The newest hold of the open case, cold or hot: what it was started with, its readings, its clock, and what it comes to. */
export function useHold(engine: 'cold' | 'hot') {
  const open = useOpenCase()
  const preferences = usePreferences()
  const shop = useShop()
  const { now } = useTimers()
  const starts = computed(() =>
    ofKind(open.records.value, 'pressure-hold.start').filter(
      ({ data }) => (data.engine ?? 'cold') === engine,
    ),
  )
  /** another hold is being set up */
  const again = ref(false)
  const settingUp = ref(false)
  const start = computed(() => (again.value ? undefined : starts.value.at(-1)))
  const ofRun = <T extends { data: { run: string } }>(list: readonly T[]) =>
    list.filter((r) => r.data.run === start.value?.id)
  const end = computed(() => ofRun(ofKind(open.records.value, 'pressure-hold.end')).at(-1))
  const readings = computed<HoldReadingRecord[]>(() =>
    ofRun(ofKind(open.records.value, 'pressure-hold.reading')).sort(
      (a, b) => a.data.elapsedSeconds - b.data.elapsedSeconds,
    ),
  )
  const remarks = computed(() => ofRun(ofKind(open.records.value, 'pressure-hold.remark')))
  const analysis = computed(
    () =>
      outcomesOf(open.answer.value?.ranked.assessment.outcomes ?? [], pressureHoldCheck).find(
        (h) => h.source === start.value?.id,
      )?.figures,
  )
  const elapsed = computed(() =>
    start.value ? Math.max(0, (now.value - Date.parse(start.value.observedAt)) / 1000) : 0,
  )
  const running = computed(() => start.value !== undefined && end.value === undefined)
  /** what the gauge is read in from now on, once somebody chose it */
  const chosenUnit = ref<string>()
  /** The gauge's own unit: that of its last reading, else that of the target that was pumped up to on it. */
  const unit = computed(
    () =>
      chosenUnit.value ??
      (readings.value.at(-1)?.data.pressure ?? start.value?.data.target)?.unit ??
      preferences.units.pressure,
  )
  const readIn = (symbol: string) => (chosenUnit.value = symbol)
  const nextUnit = () => readIn(unitAfter('pressure', unit.value))
  const step = computed(() =>
    fromCore('pressure', start.value?.data.resolutionKPa ?? 1, unit.value),
  )
  const offset = computed(() => start.value?.data.target.instrumentOffsetInCoreUnit ?? 0)
  const latest = computed(() => {
    const reading = readings.value.at(-1)?.data
    return reading && { at: reading.elapsedSeconds, kPa: correctedValue(reading.pressure) }
  })
  const remark = (kind: RecordData<'pressure-hold.remark'>['remark']) =>
    shop.addRecord(open.id, 'pressure-hold.remark', {
      run: start.value!.id,
      elapsedSeconds: Math.round(elapsed.value * 10) / 10,
      remark: kind,
    })
  watch(
    () => start.value?.id,
    () => (chosenUnit.value = undefined),
  )
  /** A set-up that was kept, new or corrected, ends setting up, whoever kept it. */
  watch(
    () => starts.value.at(-1)?.id,
    () => {
      again.value = settingUp.value = false
    },
  )
  return {
    again,
    settingUp,
    start,
    end,
    readings,
    remarks,
    analysis,
    elapsed,
    running,
    unit,
    readIn,
    nextUnit,
    remark,
    step,
    offset,
    latest,
  }
}
export type Hold = ReturnType<typeof useHold>
