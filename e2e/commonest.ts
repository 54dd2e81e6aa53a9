import type { Locator, Page } from '@playwright/test'
import { radio } from './steps'

/** One thing that is entered: what is tapped, and what is typed there if anything is. */
export interface Entry {
  at: (page: Page, panel: Locator) => Locator
  typed?: string
  /** the key that is pressed there */
  key?: 'Enter'
}

/** A panel with its commonest entry, from the first field to what tells that it counted. */
export interface Panel {
  check: string
  entered: readonly Entry[]
  told: (page: Page, panel: Locator) => Locator
}

export const figure = (label: string, typed: string): Entry => ({
  // Of a list: the last row's.
  at: (_, panel) => panel.getByLabel(label, { exact: true }).last(),
  typed,
})
export const answer = (group: string, chosen: string): Entry => ({
  at: (page) => radio(page, group, chosen),
})
export const button = (name: string): Entry => ({
  at: (_, panel) => panel.getByRole('button', { name, exact: true }).first(),
})
export const part = (selector: string): Entry => ({
  at: (_, panel) => panel.locator(selector).first(),
})
export const row = (figures: Readonly<Record<string, string>>): Entry[] => [
  button('Add a row'),
  ...Object.entries(figures).map(([label, typed]) => figure(label, typed)),
]
/** A row more, from the last field of the last one. */
export const rowMore = (figures: Readonly<Record<string, string>>): Entry[] => [
  {
    at: (_, panel) => panel.getByLabel(Object.keys(figures).at(-1)!, { exact: true }).last(),
    key: 'Enter',
  },
  ...Object.entries(figures).map(([label, typed]) => figure(label, typed)),
]
export const KEEP = button('Keep it')
export const verdict = (_: Page, panel: Locator) => panel.locator('.verdict').first()
export const shows = (text: string | RegExp) => (_: Page, panel: Locator) =>
  panel.getByText(text).first()
