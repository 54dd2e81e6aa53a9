import type { Ref } from 'vue'

/**
 * On a phone the parts of a case are tabs of one page that scrolls: each comes back where it was left, and a check that
 * is opened begins at its head.
 */
export function useTabScroll<T extends string>(tab: Ref<T>, check: T, active: Ref<unknown>) {
  const left = new Map<T, number>()
  const go = () => void nextTick(() => window.scrollTo({ top: left.get(tab.value) ?? 0 }))
  watch(tab, (_, before) => {
    left.set(before, window.scrollY)
    go()
  })
  watch(active, () => {
    left.delete(check)
    if (tab.value === check) go()
  })
}
