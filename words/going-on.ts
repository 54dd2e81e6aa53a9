import { type Language, SOURCE_LANGUAGE } from './languages'

/** A sentence as it goes on after a colon or a dash: in English its first letter small, names and short words as they are. */
export const goingOn = (text: string, language: Language = SOURCE_LANGUAGE): string =>
  language === 'en' && !/^[A-Z]{2}/.test(text) ? text.charAt(0).toLowerCase() + text.slice(1) : text
