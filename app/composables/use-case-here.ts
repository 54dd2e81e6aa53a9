import type { Fetched } from '../local-store/held'

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
    outcome.value = await shop
      .fetchCase(caseId)
      .finally(() => (fetching.value = false))
      .catch(() => 'unreachable' as const)
  }

  watch(
    () => shop.loaded && !isHere.value && (shop.reachable || outcome.value === undefined),
    (isNeeded) => isNeeded && void fetchIt(),
    { immediate: true },
  )
  watch(
    () => shop.loaded && isHere.value,
    (isLookedAt) => isLookedAt && void shop.look(caseId).catch(console.error),
    { immediate: true },
  )

  const pinned = computed(() => shop.held.get(caseId)?.pinned === 1)
  const pin = () => shop.pin(caseId, !pinned.value)
  return { fetching, outcome, fetchIt, pinned, pin }
}
