import { IntlMessageFormat } from 'intl-messageformat'
import { type Message, type MessageParameter, type Part, PART_NAMES } from '#core'
import { CHECK_WORDS } from './checks'
import { CAUTIONS } from './common/cautions'
import { QUOTE_DRAFT } from './common/quote'
import { REPAIR_STEP_WORDS } from './common/repair-steps'
import { FILES } from './common/files'
import { INPUT } from './common/input'
import { NOTES } from './common/notes'
import { REFUSALS } from './common/refusals'
import { PROFILE } from './common/profile'
import { DEFAULT_UNITS, formatQuantity, isQuantity, type UnitPreferences } from './format'
import { type Language, LANGUAGES, SOURCE_LANGUAGE } from './languages'
import { SCREENS } from './screens'
import { SHELL } from './shell'

/** Every sentence the product says, in the language it is written in. `{name}` is a parameter, in ICU message format. */
export const SENTENCES: Readonly<Record<string, string>> = {
  ...Object.assign(
    {},
    ...Object.values(CHECK_WORDS).flatMap(({ sentences, panel = {} }) => [sentences, panel]),
  ),
  ...INPUT,
  ...CAUTIONS,
  ...QUOTE_DRAFT,
  ...REPAIR_STEP_WORDS,
  ...NOTES,
  ...PROFILE,
  ...FILES,
  ...REFUSALS,
  ...SCREENS,
  ...SHELL,
}

/** Whether there is a sentence of this id. */
export const hasSentence = (id: string): boolean => id in SENTENCES

const formats = new Map<string, IntlMessageFormat>()

/** The parsed pattern of a message in a language; what a language does not have yet is said in the source language. */
function formatOf(id: string, language: Language): IntlMessageFormat {
  const key = `${language} ${id}`
  const known = formats.get(key)
  if (known) return known
  const translated = LANGUAGES[language].sentences[id]
  const pattern = translated ?? SENTENCES[id]
  if (pattern === undefined) throw new Error(`no sentence for ${id}`)
  const format = new IntlMessageFormat(
    pattern,
    translated === undefined ? SOURCE_LANGUAGE : language,
    undefined,
    { ignoreTag: true },
  )
  formats.set(key, format)
  return format
}

const isPart = (text: string): text is Part => text in PART_NAMES

/** What a part of the loop is called. */
export const partName = (part: Part, language: Language = SOURCE_LANGUAGE): string =>
  LANGUAGES[language].sentences[`part.${part}`] ?? PART_NAMES[part]

/** A pattern of the catalogue filled in; throws for an id without a sentence and for a parameter that is not given. */
export const formatted = (
  id: string,
  values: Readonly<Record<string, string | number>>,
  language: Language = SOURCE_LANGUAGE,
): string => String(formatOf(id, language).format({ ...values }))

/** The sentence of a message in the reader's units and language; throws for an id without a sentence, so that a test finds it. */
export function sentence(
  { id, parameters }: Message,
  units: UnitPreferences = DEFAULT_UNITS,
  language: Language = SOURCE_LANGUAGE,
): string {
  const worded = (parameter: MessageParameter): string | number => {
    if (typeof parameter === 'object')
      return isQuantity(parameter)
        ? formatQuantity(parameter, units)
        : sentence(parameter, units, language)
    return typeof parameter === 'string' && isPart(parameter)
      ? partName(parameter, language)
      : parameter
  }
  const values = Object.fromEntries(
    Object.entries(parameters).map(([name, parameter]) => [name, worded(parameter)]),
  )
  return formatted(id, values, language)
}
