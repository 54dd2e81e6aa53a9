/** Parts of a case that a narrow screen shows one at a time. */
export const CASE_TABS = [
  { value: 'check', text: 'Check' },
  { value: 'suspects', text: 'Suspects' },
  { value: 'loop', text: 'Loop' },
  { value: 'steps', text: 'Steps' },
] as const
export type CaseTab = (typeof CASE_TABS)[number]['value']
