import { BOOK, type RankedCase, type Suspect } from '#core'

/** How the reader is spoken to. */
interface Spoken {
  say: (id: string, told?: Record<string, string>) => string
  goingOn: (text: string) => string
}

const LIKELY = 0.5
const MOST_FOUND = 2

/**
 * A suspect as one would tell it to the vehicle's keeper: what it is, what was found, the strongest first, and what is
 * still to be shown.
 */
export function keeperSentences(
  suspect: Suspect,
  ranked: Pick<RankedCase, 'shown'> | undefined,
  found: readonly string[],
  { say, goingOn }: Spoken,
): string[] {
  const what = BOOK.faults.find(({ id }) => id === suspect.fault)?.what ?? ''
  const missing = suspect.guards.find(({ met }) => !met)?.text
  const isShown = ranked?.shown.includes(suspect.fault) === true
  const stands = isShown ? 'shown' : suspect.probability >= LIKELY ? 'likely' : 'possible'
  const told = found.slice(0, MOST_FOUND).map(goingOn).join('; ')
  return [
    say('case.keeper.stands', { stands, what: goingOn(what) }),
    ...(told ? [say('case.keeper.found', { found: told })] : []),
    missing
      ? say('case.keeper.stillToShow', { missing: goingOn(missing) })
      : say('case.keeper.allShown'),
  ]
}
