import type { PartLook } from '#core'

/** What was found at a part beside how wet it is, as words within a sentence: what stands there, smell, wear. */
export function useFoundAt() {
  const { inSentence, say } = useWords()
  return ({ trace, smell, wear = [] }: PartLook): string[] =>
    [
      ...(trace ? [say(`look-round.trace.${trace}`)] : []),
      ...(smell === 'sweet' ? [say('look-round.smell.sweet')] : []),
      ...wear.map((kind) => say(`look-round.wear.${kind}`)),
    ].map(inSentence)
}
