import { useTimeoutFn, whenever } from '@vueuse/core'
import type { Ref } from 'vue'
import { type CaseState, type CheckId, type NextStep, openingCheck } from '#core'
import { hasPanel } from '../checks'

/** So long a case that opens waits for its ranking to say what is next, ms. */
const OPENS_AFTER_MS = 1500

/**
 * The check that stands open, as the address has it, so that a reload leads back to it. A case opens with what is next,
 * as board and box name it; where nothing is, or no ranking comes, with what every case begins with.
 */
export function useOpenedCheck() {
  const route = useRoute()
  const router = useRouter()
  const opened = computed(() => (hasPanel(route.query.check) ? route.query.check : undefined))
  const goTo = (check: CheckId) => void router.replace({ query: { ...route.query, check } })

  /** @param isRanked - what is next is known */
  function beginWith(
    state: Ref<CaseState | undefined>,
    next: Ref<NextStep | undefined>,
    isRanked: Ref<boolean>,
  ) {
    const begin = () => {
      if (state.value && !opened.value) goTo(next.value?.check ?? openingCheck(state.value))
    }
    const { start } = useTimeoutFn(begin, OPENS_AFTER_MS, { immediate: false })
    whenever(isRanked, begin, { immediate: true })
    whenever(state, start, { immediate: true, once: true })
  }
  return { opened, goTo, beginWith }
}
