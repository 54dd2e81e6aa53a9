import { useIntervalFn } from '@vueuse/core'
import type { Fetched } from '../local-store/held'

/** So often a case that could not be fetched is asked for again, ms. */
const AGAIN_MS = 3_000

/**
 * Sees to it that a case stands on this device: fetches it where it does not, again when the server can be reached
 * again, and notes that somebody looked at it. Tells how that stands while it is not here.
 */
export function useCaseHere(caseId: string) {
  const shop = useShop()
  const fetching = ref(false)
  const outcome = ref<Fetched>()
  const isHere = computed(() => shop.cases.has(caseId))

  async function fetchIt() {
    if (fetching.value || isHere.value) return
    fetching.value = true
    await fetchQuietly().finally(() => (fetching.value = false))
  }

  async function fetchQuietly() {
    outcome.value = await shop.fetchCase(caseId).catch(() => 'unreachable' as const)
  }

  watch(
    () => shop.loaded && !isHere.value,
    (isNeeded) => isNeeded && void fetchIt(),
    { immediate: true },
  )
  // Whether the server can be reached is found out by asking it: no page waits for others to notice.
  const isTriedAgain = () => outcome.value === 'unreachable' && !fetching.value && !isHere.value
  useIntervalFn(() => isTriedAgain() && void fetchQuietly(), AGAIN_MS)
  watch(
    () => shop.loaded && isHere.value,
    (isLookedAt) => isLookedAt && void shop.look(caseId).catch(console.error),
    { immediate: true },
  )

  const pinned = computed(() => shop.held.get(caseId)?.pinned === 1)
  const pin = () => shop.pin(caseId, !pinned.value)
  return { fetching, outcome, fetchIt, pinned, pin }
}
