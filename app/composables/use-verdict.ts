import { useEventListener, useMutationObserver, useResizeObserver } from '@vueuse/core'
import type { Ref } from 'vue'

/** How long the result of what was kept is waited for, ms: it comes with the ranking. */
const AWAITED_MS = 5_000
/** A height that the look gives to the whole page, px. */
const heightOf = (name: '--bar-height' | '--foot-height') =>
  Number.parseFloat(getComputedStyle(document.documentElement).getPropertyValue(name))

/**
 * The results in a column, each marked `data-verdict`: the words of one that is out of view, where none is in view; and
 * what was just kept, by the button that the key K presses, is brought into view once its result is there.
 */
export function useVerdict(column: Ref<HTMLElement | null>) {
  const outOfView = ref('')
  let awaited: { told: string[]; untilMs: number } | undefined
  const all = () =>
    [...(column.value?.querySelectorAll<HTMLElement>('[data-verdict]') ?? [])].filter(
      (one) => one.getClientRects().length > 0,
    )
  const wordsOf = (one: HTMLElement) => one.textContent?.trim() ?? ''
  function isInView(one: HTMLElement, box: DOMRect) {
    const { top, bottom } = one.getBoundingClientRect()
    return (
      top >= Math.max(heightOf('--bar-height'), box.top) &&
      bottom <= Math.min(innerHeight - heightOf('--foot-height'), box.bottom)
    )
  }
  function look() {
    const box = column.value?.getBoundingClientRect()
    if (!box) return
    const results = all()
    const fresh = awaited && results.find((one) => !awaited!.told.includes(wordsOf(one)))
    if (fresh && Date.now() < awaited!.untilMs) {
      awaited = undefined
      fresh.scrollIntoView({ block: 'nearest' })
    }
    const [first] = results
    const isSeen = results.some((one) => isInView(one, box))
    outOfView.value = first && !isSeen ? wordsOf(first) : ''
  }
  useEventListener(column, 'scroll', look, { passive: true })
  useEventListener('scroll', look, { passive: true })
  useEventListener(column, 'click', ({ target }) => {
    if (target instanceof Element && target.closest('[aria-keyshortcuts=k]'))
      awaited = { told: all().map(wordsOf), untilMs: Date.now() + AWAITED_MS }
  })
  useResizeObserver(column, look)
  useMutationObserver(column, () => requestAnimationFrame(look), {
    childList: true,
    subtree: true,
    characterData: true,
  })
  const show = () => all()[0]?.scrollIntoView({ block: 'nearest', behavior: 'smooth' })
  /** Another panel is shown: what was kept in the one before is not waited for. */
  const awaitNothing = () => (awaited = undefined)
  return { outOfView, show, awaitNothing }
}
