import { useLocalStorage, useNow } from '@vueuse/core'
import { uuidv7 } from 'uuidv7'
import { ALL_CHECKS, type CaseRecord, type CheckId, standingRecords } from '#core'
import { isOver } from '../components/common/timer-order'
import { rememberedBy } from '../shop/remembered'

export interface RunningTimer {
  id: string
  caseId: string
  check: CheckId
  /** the vehicle by its plate, or by its name where it has none */
  vehicle: string
  startedAt: number
  plannedMs: number
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

const LONGEST_WAIT_MS = 2 * 3600_000
/** When a record was made, since 1970; a shop has many, and all are looked at whenever one comes. */
const observedMs = rememberedBy(({ observedAt }: CaseRecord) => Date.parse(observedAt))
const called = new Set<string>()
const onDevice = useLocalStorage<OwnTimer[]>('thermognosis.timers', [])

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
  const shop = useShop()
  const ticking = useNow({ interval: 500 })
  const now = computed(() => ticking.value.getTime())
  const opened = Date.now()
  /** what was recorded before then waits no longer, ms; moves once a minute */
  const since = computed(() => Math.floor(now.value / 60_000) * 60_000 - LONGEST_WAIT_MS)
  const lately = computed(() =>
    [...shop.records.values()].filter(({ record }) => observedMs(record) > since.value),
  )
  const waiting = computed(() => {
    const all = standingRecords(lately.value.map((r) => r.record))
    return ALL_CHECKS.flatMap((check) =>
      check.waits(all).map(({ source, startedAt, minutes }) => {
        const caseId = shop.records.get(source)!.case
        return {
          id: source,
          caseId,
          check: check.id,
          startedAt: Date.parse(startedAt),
          plannedMs: minutes * 60_000,
        }
      }),
    )
  })
  const own = computed(() => {
    const kept = lately.value.map(({ case: caseId, record }) => ({
      caseId,
      kind: record.kind,
      observedMs: observedMs(record),
    }))
    return onDevice.value.filter((t) => shop.cases.has(t.caseId) && !isOver(t, kept))
  })
  const vehicleOf = (caseId: string) => {
    const of = shop.vehicles.get(shop.cases.get(caseId)?.vehicle ?? '')
    return of?.plate ?? of?.name ?? ''
  }
  const running = computed<RunningTimer[]>(() =>
    [...waiting.value, ...own.value]
      .filter((h) => now.value - h.startedAt < LONGEST_WAIT_MS)
      .map((h) => ({
        ...h,
        vehicle: vehicleOf(h.caseId),
        due: now.value - h.startedAt >= h.plannedMs,
      })),
  )
  watch(running, (list) => {
    for (const timer of list)
      if (timer.due && !called.has(timer.id)) {
        called.add(timer.id)
        if (timer.startedAt > opened - LONGEST_WAIT_MS / 4) callOut()
      }
  })
  const startTimer = (caseId: string, check: CheckId, minutes: number) => {
    onDevice.value = [
      ...onDevice.value.filter((t) => t.startedAt > Date.now() - LONGEST_WAIT_MS),
      { id: uuidv7(), caseId, check, startedAt: Date.now(), plannedMs: minutes * 60_000 },
    ]
  }
  const stopTimer = (id: string) => {
    onDevice.value = onDevice.value.filter((t) => t.id !== id)
  }
  return { now, running, own, startTimer, stopTimer }
}
