import { isCheckId } from '#core'
import { formatted } from './catalogue'
import { CHECK_WORDS } from './checks'
import { type Language, LANGUAGES, SOURCE_LANGUAGE } from './languages'

function stateWord(check: string, state: string, language: Language): string {
  const own = isCheckId(check) ? CHECK_WORDS[check].states?.[state] : undefined
  return (
    LANGUAGES[language].sentences[`check.${check}.state.${state}`] ??
    own ??
    `${state.replaceAll('-', ' ')}.`
  )
}

/** The states of an outcome in words, joined; `nothing` when it names none. */
export function stateWords(
  check: string,
  states: readonly string[],
  nothing?: string,
  language: Language = SOURCE_LANGUAGE,
): string {
  if (states.length === 0) return nothing ?? formatted('state.nothing', {}, language)
  return states.map((state) => stateWord(check, state, language)).join(' ')
}
