import { useStyleTag, useTitle } from '@vueuse/core'

/** A text as a string of a style sheet. */
const quoted = (text: string) => `"${text.replaceAll(/["\\\n]/g, ' ')}"`

/**
 * What the margin of every printed page says: what the pages are of, and which of them this is. It is the page's title
 * too, which a browser proposes as the name of the file.
 */
export function usePrintedPages(of: () => string) {
  useTitle(of)
  useStyleTag(
    computed(
      () => `@page {
  margin: 14mm 14mm 18mm;
  @bottom-left { content: ${quoted(of())}; font: 10pt 'Barlow Semi Condensed', sans-serif; }
  @bottom-right { content: counter(page) " / " counter(pages); font: 10pt 'Barlow Semi Condensed', sans-serif; }
}`,
    ),
  )
}
