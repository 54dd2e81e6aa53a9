import { useLocalStorage, usePreferredDark } from '@vueuse/core'
import { DEFAULT_UNITS, formatQuantity, type UnitPreferences } from '../../words/format'
import { sentence } from '../../words/catalogue'
import { type Language, LANGUAGES, SOURCE_LANGUAGE } from '../../words/languages'
import type { Message, QuantityKind } from '#core'

/** Units and theme of this device. */
export const usePreferences = defineStore('preferences', () => {
  const units = useLocalStorage<UnitPreferences>(
    'thermognosis.units',
    { ...DEFAULT_UNITS },
    { mergeDefaults: true },
  )
  const language = useLocalStorage<Language>('thermognosis.language', SOURCE_LANGUAGE)
  // A language that a later version took away, or a hand in the storage: the source language.
  if (!(language.value in LANGUAGES)) language.value = SOURCE_LANGUAGE
  const theme = useLocalStorage<'auto' | 'light' | 'dark'>('thermognosis.theme', 'auto')
  const prefersDark = usePreferredDark()
  const isDark = computed(
    () => theme.value === 'dark' || (theme.value === 'auto' && prefersDark.value),
  )
  const say = (message: Message) => sentence(message, units.value, language.value)
  const show = (kind: QuantityKind, coreValue: number, decimals?: number) =>
    formatQuantity(
      { kind, coreValue, ...(decimals === undefined ? {} : { decimals }) },
      units.value,
    )
  return { units, language, theme, isDark, say, show }
})
