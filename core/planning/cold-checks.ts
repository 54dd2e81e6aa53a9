/** Cold checks of this version: minutes on them, and the signs each can settle. */
export interface CheckCost {
  check: string
  minutes: number
  signs: (known: { parts: readonly string[] }) => string[]
}

export const COLD_CHECKS: readonly CheckCost[] = [
  { check: 'level-and-condition', minutes: 3, signs: () => ['level-cold', 'residual-pressure', 'oil-in-coolant', 'emulsion-in-oil'] },
  { check: 'cap', minutes: 5, signs: () => ['cap-opens-early', 'cap-opens-late', 'cap-will-not-hold', 'cap-vacuum-stuck', 'cap-wrong', 'cap-seal-damaged'] },
  { check: 'pressure-hold', minutes: 15, signs: () => ['hold-cold', 'tray-wet', 'cylinder-wet', 'air-hiss'] },
  { check: 'look-round', minutes: 12, signs: ({ parts }) => parts.flatMap((part) => [`wet:${part}`, `issuing:${part}`]) },
]
