import { useNow } from '@vueuse/core'
import { ofKind, standing } from '../../core/casefile/records'
import { holdLimit } from '../../core/checks/pressure-hold/limits'

export interface RunningTimer {
  id: string
  caseId: string
  name: string
  startedAt: number
  due: boolean
}

const LONGEST_HOLD_MS = 2 * 3600_000
const called = new Set<string>()

/** A short tone and a vibration, where the device has them. */
function callOut() {
  navigator.vibrate?.([300, 150, 300])
  try {
    const context = new AudioContext()
    const tone = context.createOscillator()
    const volume = context.createGain()
    tone.frequency.value = 880
    volume.gain.value = 0.2
    tone.connect(volume).connect(context.destination)
    tone.start()
    tone.stop(context.currentTime + 0.7)
    tone.onended = () => void context.close()
  } catch {
    // A browser without sound still shows the time.
  }
}

/**
 * Holds that run now, in any case. Time is the difference to the moment the hold was started, so it stays true
 * when the tab sleeps or is loaded again; when the planned time is over it calls out once.
 */
export function useTimers() {
  const bench = useBench()
  const ticking = useNow({ interval: 500 })
  const now = computed(() => ticking.value.getTime())
  const opened = Date.now()
  const holds = computed(() => {
    const all = standing([...bench.records.values()].map((r) => r.record))
    const caseOf = (id: string) => bench.records.get(id)!.case
    const ended = new Set(ofKind(all, 'pressure-hold.end').map((e) => e.data.run))
    return ofKind(all, 'pressure-hold.start')
      .filter((start) => !ended.has(start.id))
      .map((start) => {
        const header = bench.cases.get(caseOf(start.id))
        return {
          id: start.id,
          caseId: caseOf(start.id),
          name: `${header?.bay ?? 'Hold'}`,
          startedAt: Date.parse(start.observedAt),
          plannedMs: holdLimit(start.data.plan, start.data.resolutionKPa).plannedMinutes * 60_000,
        }
      })
  })
  const running = computed<RunningTimer[]>(() =>
    holds.value.filter((h) => now.value - h.startedAt < LONGEST_HOLD_MS).map((h) => ({ ...h, due: now.value - h.startedAt >= h.plannedMs })),
  )
  watch(running, (list) => {
    for (const timer of list)
      if (timer.due && !called.has(timer.id)) {
        called.add(timer.id)
        if (timer.startedAt > opened - LONGEST_HOLD_MS / 4) callOut()
      }
  })
  return { now, running }
}
