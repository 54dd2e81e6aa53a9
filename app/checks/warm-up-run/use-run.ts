import { watchThrottled } from '@vueuse/core'
import {
  compareMoments,
  correctedValue,
  gatherSeries,
  ofKind,
  type RunChannel,
  type RunSeries,
  sinceLastWork,
  warmUpRunCheck,
} from '#core'
import { engineLineOf } from './run-lines'
import { useLive } from './use-live'

/** How often a run that is read live is drawn anew, ms. */
const DRAWN_EVERY_MS = 1000

/** The newest run of the open case: what it was started with, what was read and marked since, and its clock. */
export function useRun() {
  const open = useOpenCase()
  const check = useCheck(warmUpRunCheck, 'warm-up-run.start')
  const { now } = useTimers()
  const again = ref(false)
  const start = computed(() => (again.value ? undefined : check.last.value))
  watch(
    () => check.last.value?.id,
    () => (again.value = false),
  )
  const ofRun = <T extends { data: { run: string } }>(list: readonly T[]) =>
    list.filter(({ data }) => data.run === start.value?.id)
  const kept = <K extends 'warm-up-run.reading' | 'warm-up-run.mark' | 'warm-up-run.trace'>(
    kind: K,
  ) => sinceLastWork(ofKind(open.records.value, kind), open.events.value)
  const readings = computed(() => ofRun(kept('warm-up-run.reading')))
  const marks = computed(() => ofRun(kept('warm-up-run.mark')))
  const traces = computed(() => ofRun(kept('warm-up-run.trace')))
  const shop = useShop()
  const keptSeries = computed<RunSeries>(() =>
    gatherSeries(
      readings.value.map(({ data }) => data),
      traces.value.map(({ data }) => data),
    ),
  )
  const live = useLive(start, keptSeries, (channel, { seconds, values }, from) =>
    shop.addRecord(open.id, 'warm-up-run.trace', {
      run: start.value!.id,
      channel,
      seconds,
      values,
      from,
      live: true,
    }),
  )
  const withPending = computed<RunSeries>(() =>
    gatherSeries(
      readings.value.map(({ data }) => data),
      [
        ...traces.value.map(({ data }) => data),
        ...Object.entries(live.pending.value).map(([channel, piece]) => ({
          run: '',
          channel: channel as RunChannel,
          ...piece,
        })),
      ],
    ),
  )
  /**
   * What is kept and, of a vehicle read live, what has just come: put together and drawn once a second, for the whole run
   * is drawn anew each time.
   */
  const series = shallowRef(withPending.value)
  const drawAll = () => void (series.value = withPending.value)
  watch(keptSeries, drawAll)
  watchThrottled(live.pending, drawAll, { throttle: DRAWN_EVERY_MS })
  /** The engine in the last run before what was mended: the same run again shows what that changed. */
  const before = computed(() => {
    const repair = open.events.value.findLast(({ kind }) => kind === 'repaired')
    const id = ofKind(open.records.value, 'warm-up-run.start').findLast(
      ({ observedAt }) => repair && compareMoments(observedAt, repair.observedAt) < 0,
    )?.id
    if (id === undefined) return undefined
    const isOfIt = ({ data }: { data: { run: string } }) => data.run === id
    const readings = ofKind(open.records.value, 'warm-up-run.reading').filter(isOfIt)
    const traces = ofKind(open.records.value, 'warm-up-run.trace').filter(isOfIt)
    return engineLineOf(
      gatherSeries(
        readings.map(({ data }) => data),
        traces.map(({ data }) => data),
      ),
    )
  })
  const elapsed = computed(() =>
    start.value
      ? Math.max(0, Math.round((now.value - Date.parse(start.value.observedAt)) / 1000))
      : 0,
  )
  /** The engine was stopped beside the run and not started again since: on the rail, or on another device. */
  const stoppedBeside = computed(() => {
    const began = start.value?.observedAt
    const last = open.events.value.findLast(({ kind }) => /^engine-(started|stopped)$/.test(kind))
    return (
      began !== undefined &&
      last?.kind === 'engine-stopped' &&
      compareMoments(last.observedAt, began) > 0
    )
  })
  watch(stoppedBeside, (isStopped) => isStopped && void live.stop())
  const running = computed(
    () =>
      start.value !== undefined &&
      !stoppedBeside.value &&
      traces.value.every(({ data }) => data.live === true) &&
      !marks.value.some(({ data }) => data.mark === 'stopped'),
  )
  /** the last figure read by hand of each channel, °C */
  const latest = computed(
    () =>
      new Map(
        readings.value
          .toSorted((a, b) => a.data.elapsedSeconds - b.data.elapsedSeconds)
          .map(({ data }): [RunChannel, number] => [data.channel, correctedValue(data.reading)])
          .concat(
            live.latest.value.has('coolant')
              ? [['scan-coolant', live.latest.value.get('coolant')!]]
              : [],
          ),
      ),
  )
  const outcome = computed(() => check.outcomeOf(start.value?.id))
  return {
    ...check,
    again,
    start,
    readings,
    marks,
    series,
    before,
    elapsed,
    running,
    latest,
    outcome,
    live,
  }
}
