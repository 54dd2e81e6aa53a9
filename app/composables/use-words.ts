import type { CheckId, Message, Part } from '#core'
import { formatted, partName } from '../../words/catalogue'
import { checkWhy, nameOfAny } from '../../words/check-names'
import { goingOn } from '../../words/going-on'
import { stateWords } from '../../words/states'
import { formatQuantity } from '../../words/format'
import type { Say, Told } from '../look/say'

const isMessage = (value: unknown): value is Message =>
  typeof value === 'object' && value !== null && 'id' in value && 'parameters' in value

/** Sentences of the screens, in the reader's language and units. */
export function useWords() {
  const preferences = usePreferences()
  const worded = (value: Told[string]): string | number =>
    typeof value === 'object' ? formatQuantity(value, preferences.units) : (value ?? '')
  const say: Say = (id, told = {}) =>
    formatted(
      id,
      Object.fromEntries(Object.entries(told).map(([name, value]) => [name, worded(value)])),
      preferences.language,
    )
  /** A name as it stands inside a sentence: English writes it small there, German does not. */
  const inSentence = (name: string) => (preferences.language === 'en' ? name.toLowerCase() : name)
  const checkName = (check: CheckId | (string & {})) => nameOfAny(check, preferences.language)
  /** What went wrong, in the reader's language where it says which sentence it is. */
  const sayProblem = (error: unknown) => {
    if (error && typeof error === 'object' && 'problem' in error && isMessage(error.problem))
      return preferences.say(error.problem)
    return error instanceof Error ? error.message : String(error)
  }
  /** Several things in one sentence: "2, 3 and 4". */
  const listed = (things: readonly (string | number)[]) =>
    new Intl.ListFormat(preferences.language === 'en' ? 'en-GB' : preferences.language).format(
      things.map(String),
    )
  return {
    say,
    listed,
    sayProblem,
    inSentence,
    goingOn: (text: string) => goingOn(text, preferences.language),
    checkName,
    checkWhy: (check: CheckId) => checkWhy(check, preferences.language),
    stateWords: (check: string, states: readonly string[], nothing?: string) =>
      stateWords(check, states, nothing, preferences.language),
    partName: (part: Part) => partName(part, preferences.language),
  }
}
