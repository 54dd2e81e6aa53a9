/** The heading of what is worked at: of the topmost dialog, of the open check, or of the page. */
function headingOf(page: Document): HTMLElement | null {
  const dialog = [...page.querySelectorAll('.v-overlay--active [role=dialog]')].at(-1)
  return (dialog ?? page).querySelector<HTMLElement>(
    dialog ? 'h1, h2' : '[data-panel] h2, main h1, main h2',
  )
}

/** Moves the focus to the heading of what is worked at, so that the next Tab leads into it; whether there is one. */
export function goToHeading(page: Document): boolean {
  const heading = headingOf(page)
  if (!heading) return false
  heading.tabIndex = -1
  heading.focus({ preventScroll: true })
  return true
}

/** It was taken off the page, or is shown no longer. */
const isGone = (element: Element) => !element.isConnected || element.getClientRects().length === 0

/**
 * Keeps the focus on the page: where what had it goes away, it returns to what opened the dialog, else to the heading. A
 * browser lets it fall to the top of the page, from where it is dozens of keys to where one was.
 * @returns ends it
 */
export function keepFocus(page: Document): () => void {
  let last: HTMLElement | undefined
  let beforeDialog: HTMLElement | undefined
  const note = ({ target }: FocusEvent) => {
    if (!(target instanceof HTMLElement)) return
    last = target
    if (!target.closest('.v-overlay')) beforeDialog = target
  }
  const restore = () => {
    if (page.activeElement !== page.body || !last || !isGone(last)) return
    if (last.closest('.v-overlay') && beforeDialog && !isGone(beforeDialog))
      beforeDialog.focus({ preventScroll: true })
    else if (!goToHeading(page)) return
    last = undefined
  }
  const observer = new MutationObserver(restore)
  page.addEventListener('focusin', note)
  observer.observe(page.body, { childList: true, subtree: true })
  return () => {
    page.removeEventListener('focusin', note)
    observer.disconnect()
  }
}
