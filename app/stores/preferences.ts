import { useLocalStorage, usePreferredDark } from '@vueuse/core'
import { DEFAULT_UNITS, formatQuantity, type UnitPreferences } from '../../words/format'
import { sentence } from '../../words/catalogue'
import { type Language, LANGUAGES, SOURCE_LANGUAGE } from '../../words/languages'
import type { Message, QuantityKind } from '#core'

/** Units, language, look and keys of this device. */
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
  /** Whether a single key presses what names it; who dictates, or types without seeing the keys, turns it off. */
  const keys = useLocalStorage<'on' | 'off'>('thermognosis.keys', 'on')
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
  /** Who reads in quarts prints on letter paper. */
  const paper = computed(() => (units.value.volume === 'qt' ? 'LETTER' : 'A4'))
  return { units, language, theme, keys, isDark, say, show, paper }
})
