import { type Field, halfTyped, putBack } from '../look/half-typed'

const LEFT = 'thermognosis.half-typed'
/** How often what is typed is noted, so that a page that dies takes little with it, ms. */
const NOTED_EVERY_MS = 1_000
/** A page is put together in this time; a field that shows up later is another one, ms. */
const PUT_BACK_FOR_MS = 8_000

const FIELDS = ['input', 'textarea'].map((tag) => `main ${tag}`).join()

type Element = HTMLInputElement | HTMLTextAreaElement

const elements = () => [...document.querySelectorAll<Element>(FIELDS)]
const nameOf = (of: Element) =>
  of.getAttribute('aria-label') ?? of.labels?.[0]?.textContent?.trim() ?? of.name
const fieldOf = (of: Element): Field => ({ type: of.type, name: nameOf(of), value: of.value })

/**
 * What somebody has half typed survives a reload of the page and the death of its tab: it is noted while it stands there,
 * and put back where the same field is empty on the same page. What was sent off stands in no field any more.
 */
export default defineNuxtPlugin(() => {
  const touched = new WeakSet<globalThis.Element>()
  addEventListener('input', ({ target, isTrusted }) => {
    if (isTrusted && target instanceof globalThis.Element) touched.add(target)
  })

  /** a field of a form that stands as it was kept holds nothing that could be lost */
  const isHalfTyped = (of: Element) => touched.has(of) && !of.closest('[data-kept]')
  const here = () => `${location.pathname}${location.search}`
  /** what was left on this page and is not back in its field yet: each text goes back once */
  let waiting: Record<string, string> = {}
  const page = here()

  function note() {
    const all = elements()
    const typed = {
      ...(here() === page ? waiting : {}),
      ...halfTyped(all.map(fieldOf), (nth) => isHalfTyped(all[nth]!)),
    }
    if (Object.keys(typed).length === 0) sessionStorage.removeItem(LEFT)
    else sessionStorage.setItem(LEFT, JSON.stringify({ page: here(), typed }))
  }

  function fill() {
    if (here() !== page) return
    const all = elements()
    for (const { nth, key, text } of putBack(all.map(fieldOf), waiting)) {
      delete waiting[key]
      const element = all[nth]!
      touched.add(element)
      element.value = text
      element.dispatchEvent(new Event('input', { bubbles: true }))
    }
  }

  const left = JSON.parse(sessionStorage.getItem(LEFT) ?? 'null') as {
    page: string
    typed: Record<string, string>
  } | null
  if (left?.page === page) {
    waiting = left.typed
    const watching = new MutationObserver(fill)
    watching.observe(document, { childList: true, subtree: true })
    setTimeout(() => {
      watching.disconnect()
      waiting = {}
    }, PUT_BACK_FOR_MS)
  }
  setInterval(note, NOTED_EVERY_MS)
  addEventListener('pagehide', note)
})
