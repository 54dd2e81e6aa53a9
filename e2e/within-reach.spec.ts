import { expect, test, type Locator, type Page } from '@playwright/test'
import type { Panel } from './commonest'
import { COLD } from './commonest-cold'
import { HOT } from './commonest-hot'
import { complaint, open, type Mode } from './panel-steps'
import { allSent, drawn, enter, settled, still } from './steps'

/**
 * Where an element stands on the page: whether all of it shows with nothing over it, and how many pushes of a thumb, each
 * of four fifths of what is seen, away from that.
 */
async function standOf(target: Locator): Promise<{ shows: boolean; pushes: number }> {
  await expect(target).toBeAttached()
  return target.evaluate((element) => {
    const own = (element.closest('label') ?? element).getBoundingClientRect()
    const box = { top: 0, bottom: innerHeight }
    for (
      let around = element.parentElement;
      around && around !== document.body;
      around = around.parentElement
    ) {
      const { overflowY } = getComputedStyle(around)
      if (overflowY !== 'auto' && overflowY !== 'scroll') continue
      const { top, bottom } = around.getBoundingClientRect()
      box.top = Math.max(box.top, top)
      box.bottom = Math.min(box.bottom, bottom)
    }
    const hit = document.elementFromPoint((own.left + own.right) / 2, (own.top + own.bottom) / 2)
    const isFree =
      hit !== null &&
      (element.contains(hit) || hit.contains(element) || hit.closest('label')?.contains(element))
    const away = Math.max(0, box.top - own.top, own.bottom - box.bottom)
    return {
      shows: Boolean(isFree) && away <= 1,
      pushes: Math.max(1, Math.ceil(away / (0.8 * (box.bottom - box.top)))),
    }
  })
}

/**
 * How often a thumb has to push the page to bring an element where it can be tapped, from where the page stands now: none
 * where it shows. The page is left where it was pushed to.
 */
async function swipesTo(target: Locator): Promise<number> {
  const { shows, pushes } = await standOf(target)
  if (shows) return 0
  // A thumb pushes on until it stands well within the page.
  await target.evaluate((element: HTMLElement) => {
    element.style.scrollMarginTop = '140px'
    element.scrollIntoView({ block: 'start', behavior: 'instant' })
  })
  return pushes
}

/** A result that is out of view is told at the foot of the page with the next frame, which a busy machine draws late. */
const TOLD_WITHIN_MS = 4_000

/** Swipes to what tells that an entry counted: none where it shows, or where a strip at the foot says it. */
async function swipesToResult(page: Page, result: Locator): Promise<number> {
  const strip = page.locator('.verdict-beside')
  const isTold = async () =>
    (await standOf(result)).shows ||
    ((await strip.isVisible()) && (await strip.innerText()) === (await result.innerText()))
  await drawn(page)
  const inTime = expect.poll(isTold, { timeout: TOLD_WITHIN_MS }).toBe(true)
  return inTime.then(
    () => 0,
    () => swipesTo(result),
  )
}

/** Enters what a panel is for; gives the taps and the swipes that it took to what tells that it counted. */
async function enterAll(page: Page, { check, entered, told }: Panel, mode: Mode) {
  await open(page, check, mode)
  const panel = page.locator(`[data-panel="${check}"]`)
  const swipes: number[] = []
  for (const { at, typed, key } of entered) {
    const target = at(page, panel)
    await expect(target).toBeVisible()
    await still(page)
    swipes.push(await swipesTo(target))
    if (typed !== undefined) await target.fill(typed)
    else if (key) await target.press(key)
    else if (mode === 'touch') await target.tap()
    else await target.click()
  }
  const result = told(page, panel)
  await expect(result).toBeVisible()
  await settled(page)
  swipes.push(await swipesToResult(page, result))
  return { taps: entered.length, swipes }
}

for (const [name, viewport, mode, most] of [
  ['a laptop', { width: 1280, height: 800 }, 'keyboard', 0],
  ['a phone', { width: 390, height: 844 }, 'touch', 1],
] as const) {
  test.describe(`on ${name}`, () => {
    test.use({ viewport, hasTouch: mode === 'touch', actionTimeout: 4_000 })

    test('the commonest entry of every panel is within reach', async ({ page }) => {
      test.setTimeout(600_000)
      await enter(page, 'oren', '/new')
      await complaint(page, 'Overheats', `Within reach on ${name}`, mode)
      const far: string[] = []
      for (const panel of [...COLD, ...HOT]) {
        try {
          const began = Date.now()
          const { taps, swipes } = await enterAll(page, panel, mode)
          const seconds = ((Date.now() - began) / 1000).toFixed(1)
          const all = swipes.reduce((sum, one) => sum + one, 0)
          console.log(`${panel.check} on ${name}: ${taps} taps, ${all} swipes, ${seconds} s`)
          if (all > most) far.push(`${panel.check}: ${swipes.join(', ')} swipes`)
        } catch (error) {
          far.push(`${panel.check}: ${String(error).slice(0, 300)}`)
        }
      }
      expect(far).toEqual([])
      // Each entry is a record of its check, on the server.
      await allSent(page)
      const exported = await page.request.get(
        `/api/cases/${new URL(page.url()).pathname.split('/')[2]}/export`,
      )
      const { records } = (await exported.json()) as { records: { kind: string }[] }
      const entered = new Set(records.map(({ kind }) => kind.split('.')[0]))
      expect([...COLD, ...HOT].filter(({ check }) => !entered.has(check))).toEqual([])
    })
  })
}
