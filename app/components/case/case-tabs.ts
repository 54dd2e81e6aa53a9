/** Parts of a case that a narrow screen shows one at a time; their names are the sentences "tab.…". */
export const CASE_TABS = ['check', 'suspects', 'loop', 'steps'] as const
export type CaseTab = (typeof CASE_TABS)[number]
