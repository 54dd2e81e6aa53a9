import type { Ref } from 'vue'
import type { LeakTrace } from '#core'

const EMPTY: LeakTrace = { drips: [], airFlow: false, places: [] }
const plain = (trace: LeakTrace): LeakTrace => JSON.parse(JSON.stringify(trace)) as LeakTrace
/** A drag writes many times a second; it is kept when the hand has rested this long, ms. */
const REST_MS = 500

/**
 * The trace as it stands under the hand. It is kept half a second after the last change, and at once where the panel is
 * left before; what comes from elsewhere replaces it when nothing of this hand waits.
 */
export function useDraftTrace(trace: {
  last: Ref<{ id: string; data: LeakTrace } | undefined>
  mayRecord: Ref<boolean>
  amend: (data: LeakTrace) => Promise<unknown>
}) {
  const draft = ref<LeakTrace>(plain(trace.last.value?.data ?? EMPTY))
  let pending = false
  /** what stands under the hand is not kept yet */
  const waits = ref(false)
  watch(
    () => trace.last.value?.id,
    () => {
      if (!pending) draft.value = plain(trace.last.value?.data ?? EMPTY)
    },
  )
  const store = useDebounceFn(async () => {
    pending = false
    await trace.amend(plain(draft.value))
    // What was changed meanwhile is not kept yet.
    waits.value = pending
  }, REST_MS)
  function change(next: Partial<LeakTrace>) {
    if (!trace.mayRecord.value) return
    draft.value = { ...draft.value, ...next }
    pending = true
    waits.value = true
    void store()
  }
  onScopeDispose(() => {
    if (pending) void trace.amend(plain(draft.value))
  })
  return { draft, change, waits }
}
