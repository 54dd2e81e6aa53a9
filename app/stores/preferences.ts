import { useLocalStorage, usePreferredDark } from '@vueuse/core'
import { DEFAULT_UNITS, formatQuantity, type UnitPreferences } from '../../words/format'
import { sentence } from '../../words/catalogue'
import type { Message, QuantityKind } from '#core'

/** Units and theme of this device. */
export const usePreferences = defineStore('preferences', () => {
  const units = useLocalStorage<UnitPreferences>(
    'thermognosis.units',
    { ...DEFAULT_UNITS },
    { mergeDefaults: true },
  )
  const theme = useLocalStorage<'auto' | 'light' | 'dark'>('thermognosis.theme', 'auto')
  const prefersDark = usePreferredDark()
  const isDark = computed(
    () => theme.value === 'dark' || (theme.value === 'auto' && prefersDark.value),
  )
  const say = (message: Message) => sentence(message, units.value)
  const show = (kind: QuantityKind, si: number, decimals?: number) =>
    formatQuantity({ kind, si, ...(decimals === undefined ? {} : { decimals }) }, units.value)
  return { units, theme, isDark, say, show }
})
