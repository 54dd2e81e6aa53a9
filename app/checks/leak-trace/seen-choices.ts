import type { LeakTrace } from '#core'
import type { Say } from '../../look/say'

export type Seen = LeakTrace['places'][number]['seen']

/** What can be seen at a place, in words, from the least to the most telling. */
export const seenChoices = (say: Say) =>
  [
    { value: 'dry', text: say('leak-trace.place-list.dry') },
    { value: 'wet', text: say('leak-trace.place-list.wet') },
    { value: 'dried-and-wet-again', text: say('leak-trace.place-list.driedWetAgain') },
    { value: 'issuing', text: say('leak-trace.place-list.seenIssuing') },
  ] as const
