import { useEventListener, useMutationObserver, useResizeObserver } from '@vueuse/core'
import type { Ref } from 'vue'

/**
 * Whether a scrolled column has more below its edge, and the verdict that stands there: what is marked
 * `data-verdict`. A result below the edge is so seen without scrolling.
 */
export function useMoreBelow(column: Ref<HTMLElement | null>) {
  const more = ref(false)
  const verdict = ref('')
  function look() {
    const box = column.value
    if (!box) return
    more.value = box.scrollHeight - box.scrollTop - box.clientHeight > 24
    const edge = box.getBoundingClientRect().bottom - 40
    verdict.value =
      [...box.querySelectorAll<HTMLElement>('[data-verdict]')].find(
        (v) => v.getBoundingClientRect().top > edge,
      )?.textContent ?? ''
  }
  useEventListener(column, 'scroll', look, { passive: true })
  useResizeObserver(column, look)
  useMutationObserver(column, () => requestAnimationFrame(look), {
    childList: true,
    subtree: true,
    characterData: true,
  })
  const goDown = () =>
    column.value?.scrollBy({ top: column.value.clientHeight * 0.8, behavior: 'smooth' })
  return { more, verdict, goDown }
}
