import { z } from 'zod'
import { ownLives, type ShopLives, shopLives } from '../audit/lives'
import { type ShopPrices, shopPrices } from '../quote/prices'
import { writtenText } from '../quantity/text'

const because = writtenText(300).optional()

/** What a shop asks for its work, and why it is changed where that is said. */
export const pricesSet = z.strictObject({ prices: shopPrices, because })
/** How long components last here; why, where any lasts otherwise than by the book. */
export const livesSet = z
  .strictObject({ lives: shopLives, because })
  .refine(({ lives, because }) => isOfTheBook(lives) || Boolean(because?.trim()), {
    message: 'say why the shop has it otherwise',
    path: ['because'],
  })
const isOfTheBook = (lives: ShopLives) => Object.keys(ownLives(lives)).length === 0

/** The shop's figures as they were set once. */
export type FiguresSet = { because?: string | undefined } & (
  { of: 'prices'; figures: ShopPrices } | { of: 'lives'; figures: ShopLives }
)
/** One time that they were set: what, when and by whom. */
export type FiguresChange = FiguresSet & { at: string; by: string }

/**
 * Which figures are others than they were; all of them where nothing stood before.
 * @example changedFigures({ hourlyRate: 80, taxPercent: 20 }, { hourlyRate: 85, taxPercent: 20 })[0] // 'hourlyRate'
 */
export function changedFigures(was: object | undefined, now: object): string[] {
  const [before, after] = [new Map(Object.entries(was ?? {})), new Map(Object.entries(now))]
  return [...new Set([...before.keys(), ...after.keys()])].filter(
    (key) => JSON.stringify(before.get(key)) !== JSON.stringify(after.get(key)),
  )
}
