import { german } from './de'

/** A language of the product: what it is called in itself, and its sentences by id. What it lacks is said in English. */
export interface LanguageFile {
  name: string
  sentences: Readonly<Record<string, string>>
}

export type Language = 'en' | 'de'
export const SOURCE_LANGUAGE: Language = 'en'

/** One line for each language; the source language's own sentences stand beside what says them. */
export const LANGUAGES: Readonly<Record<Language, LanguageFile>> = {
  en: { name: 'English', sentences: {} },
  de: german,
}
