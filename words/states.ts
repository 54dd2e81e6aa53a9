import { isCheckId } from '#core'
import { CHECK_WORDS } from './checks'

const stateWord = (check: string, state: string): string =>
  (isCheckId(check) ? CHECK_WORDS[check].states?.[state] : undefined) ??
  `${state.replaceAll('-', ' ')}.`

/** The states of an outcome in words, joined; `nothing` when it names none. */
export function stateWords(
  check: string,
  states: readonly string[],
  nothing = 'Nothing found.',
): string {
  return states.length === 0 ? nothing : states.map((s) => stateWord(check, s)).join(' ')
}
