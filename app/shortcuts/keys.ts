/** The attribute by which an element says that a key presses it; readers tell it too. */
const SHORTCUT = 'aria-keyshortcuts'

/** Where a key is a letter; a choice or a tick takes none. */
const FIELDS = ['input', 'textarea', 'select'].join()
const NO_FIELDS = ['radio', 'checkbox', 'file'].map((type) => `[type="${type}"]`).join()
const isField = (element: Element) => element.matches(FIELDS) && !element.matches(NO_FIELDS)

/** A key and what it presses now. */
export interface Shortcut {
  key: string
  name: string
}

/** Whether what is typed goes into a field, and is no shortcut. */
export const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && (isField(target) || target.isContentEditable)

const isUsable = (element: HTMLElement) =>
  element.getClientRects().length > 0 &&
  !element.matches(':disabled, [aria-disabled="true"], .v-btn--disabled')

/** What can be used now: inside the topmost dialog or list, where one is open; else on the whole page. */
const layerOf = (page: Document): ParentNode =>
  [...page.querySelectorAll('.v-overlay--active')].at(-1) ?? page

/** Elements that a key presses now, the first of each key. */
function usableNow(page: Document): Map<string, HTMLElement> {
  const found = new Map<string, HTMLElement>()
  for (const element of layerOf(page).querySelectorAll<HTMLElement>(`[${SHORTCUT}]`)) {
    const key = element.getAttribute(SHORTCUT)!
    if (!found.has(key) && isUsable(element)) found.set(key, element)
  }
  return found
}

/** What a reader calls it: its label, or its own words without what is drawn. */
function nameOf(element: HTMLElement): string {
  const label = element.getAttribute('aria-label') ?? element.getAttribute('placeholder')
  if (label) return label
  const words = element.cloneNode(true) as HTMLElement
  for (const drawn of words.querySelectorAll('[inert], svg')) drawn.remove()
  for (const part of words.querySelectorAll('*')) part.append(' ')
  return words.textContent.trim().replaceAll(/\s+/g, ' ')
}

/** Every key that does something on the page as it stands, and the name of what it presses. */
export const shortcutsNow = (page: Document): Shortcut[] =>
  [...usableNow(page)].map(([key, element]) => ({ key, name: nameOf(element) }))

/** Presses what a key stands for, or goes to it where it is a field; whether there was anything. */
export function press(page: Document, key: string): boolean {
  const element = usableNow(page).get(key)
  if (!element) return false
  if (isField(element)) element.focus()
  else element.click()
  return true
}
