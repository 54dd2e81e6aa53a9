import type { LanguageFile } from '.'

export const german: LanguageFile = { name: 'Deutsch', sentences: {} }
