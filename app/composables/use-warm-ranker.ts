import { startRanker } from '../ranking/ranker'

/** The page has shown itself by then, ms. */
const AFTER_MS = 500

/** Starts the ranking's worker once a page stands, so that the case that is opened from it finds it warm. */
export function useWarmRanker() {
  let timer: ReturnType<typeof setTimeout> | undefined
  onMounted(() => (timer = setTimeout(startRanker, AFTER_MS)))
  onScopeDispose(() => clearTimeout(timer))
}
