import { type CaseEvent, faultName } from '#core'
import { formatChance } from './format'

/** How the reader is spoken to, and how a moment is written. */
interface Spoken {
  say: (id: string, told?: Record<string, string>) => string
  when: (moment: string) => string
}

/**
 * How a case ended, and whether it came back: a line for each time that it was closed or opened again, by its standing
 * events in their order. What was not measured with the head off stands there with the reason that was given.
 */
export function endLines(events: readonly CaseEvent[], { say, when }: Spoken): string[] {
  return events.flatMap((event) => {
    if (event.kind === 'reopened')
      return [
        sentences(
          say('report.end.reopened', { when: when(event.observedAt) }),
          event.data.why && quoted(event.data.why),
        ),
      ]
    if (event.kind !== 'closed') return []
    const { outcome, causes, words, believed = [], unmeasured } = event.data
    return [
      sentences(
        say('report.end.closed', {
          when: when(event.observedAt),
          outcome: outcome === 'not-found' ? 'not_found' : 'confirmed',
          causes: causes.map(faultName).join(' + '),
        }),
        words && quoted(words),
        unmeasured &&
          say('report.end.notMeasured', {
            items: unmeasured.items.map((item) => say(`case.strip-down.item.${item}`)).join('; '),
            because: unmeasured.because,
          }),
        believed.length > 0 &&
          say('case.came-back.believed', { suspects: believedWords(believed) }),
      ),
    ]
  })
}

/** Suspects as they were believed when a case was closed, the likeliest first. */
export const believedWords = (
  believed: readonly { fault: string; probability: number }[],
): string =>
  believed
    .map(({ fault, probability }) => `${faultName(fault)} ${formatChance(probability)}`)
    .join(', ')

const quoted = (words: string) => `“${words.trim()}”`

const sentences = (...parts: readonly (string | false | undefined)[]) =>
  parts.filter(Boolean).join(' ')
