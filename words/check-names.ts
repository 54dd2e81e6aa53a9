import { type CheckId, isCheckId } from '#core'
import { CHECK_WORDS } from './checks'
import { type Language, LANGUAGES, SOURCE_LANGUAGE } from './languages'

/** What a check is called, on every screen and in reports. */
export const checkName = (check: CheckId, language: Language = SOURCE_LANGUAGE): string =>
  LANGUAGES[language].sentences[`check.${check}.name`] ?? CHECK_WORDS[check].name

/** Why a check is worth its time, in one line. */
export const checkWhy = (check: CheckId, language: Language = SOURCE_LANGUAGE): string =>
  LANGUAGES[language].sentences[`check.${check}.why`] ?? CHECK_WORDS[check].why

/** The name of a check that may be of another version of the product, or of other work: then its id, in words. */
export function nameOfAny(check: string, language: Language = SOURCE_LANGUAGE): string {
  if (isCheckId(check)) return checkName(check, language)
  return check.charAt(0).toUpperCase() + check.slice(1).replaceAll('-', ' ')
}
