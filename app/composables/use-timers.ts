import { useLocalStorage, useNow } from '@vueuse/core'
import { uuidv7 } from 'uuidv7'
import { ofKind, standingRecords } from '../../core/casefile/records'
import { holdLimit } from '../../core/checks/pressure-hold/limits'
import { CHECK_NAMES, type CheckId } from '../../words/check-names'

export interface RunningTimer {
  id: string
  caseId: string
  check: CheckId
  name: string
  startedAt: number
  due: boolean
}

/** A time set going on this device for a check that waits: a vacuum, a cap, a tester on itself. */
export interface OwnTimer {
  id: string
  caseId: string
  check: CheckId
  startedAt: number
  plannedMs: number
}

const LONGEST_HOLD_MS = 2 * 3600_000
const called = new Set<string>()
const own = useLocalStorage<OwnTimer[]>('thermognosis.timers', [])

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
 * Holds that run now, in any case, and times set going on this device. Time is the difference to the moment the hold was started, so it stays true
 * when the tab sleeps or is loaded again; when the planned time is over it calls out once.
 */
export function useTimers() {
  const bench = useBench()
  const ticking = useNow({ interval: 500 })
  const now = computed(() => ticking.value.getTime())
  const opened = Date.now()
  const holds = computed(() => {
    const all = standingRecords([...bench.records.values()].map((r) => r.record))
    const caseOf = (id: string) => bench.records.get(id)!.case
    const ended = new Set(ofKind(all, 'pressure-hold.end').map((e) => e.data.run))
    return ofKind(all, 'pressure-hold.start')
      .filter((start) => !ended.has(start.id))
      .map((start) => {
        const header = bench.cases.get(caseOf(start.id))
        return {
          id: start.id,
          caseId: caseOf(start.id),
          check: 'pressure-hold' as const,
          name: `${header?.bay ?? 'Hold'}`,
          startedAt: Date.parse(start.observedAt),
          plannedMs: holdLimit(start.data.plan, start.data.resolutionKPa).plannedMinutes * 60_000,
        }
      })
  })
  const set = computed(() =>
    own.value
      .filter((t) => bench.cases.has(t.caseId))
      .map((t) => ({ ...t, name: `${bench.cases.get(t.caseId)?.bay ?? CHECK_NAMES[t.check]}` })),
  )
  const running = computed<RunningTimer[]>(() =>
    [...holds.value, ...set.value]
      .filter((h) => now.value - h.startedAt < LONGEST_HOLD_MS)
      .map((h) => ({ ...h, due: now.value - h.startedAt >= h.plannedMs })),
  )
  watch(running, (list) => {
    for (const timer of list)
      if (timer.due && !called.has(timer.id)) {
        called.add(timer.id)
        if (timer.startedAt > opened - LONGEST_HOLD_MS / 4) callOut()
      }
  })
  const startTimer = (caseId: string, check: CheckId, minutes: number) => {
    own.value = [
      ...own.value.filter((t) => t.startedAt > Date.now() - LONGEST_HOLD_MS),
      { id: uuidv7(), caseId, check, startedAt: Date.now(), plannedMs: minutes * 60_000 },
    ]
  }
  const stopTimer = (id: string) => {
    own.value = own.value.filter((t) => t.id !== id)
  }
  return { now, running, own, startTimer, stopTimer }
}
