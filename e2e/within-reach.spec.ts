import { expect, test, type Locator, type Page } from '@playwright/test'
import type { Panel } from './commonest'
import { COLD } from './commonest-cold'
import { HOT } from './commonest-hot'
import { complaint, open, type Mode } from './panel-steps'
import { allSent, enter, settled, still } from './steps'

/**
 * How often a thumb has to push the page to bring an element where it can be tapped, from where the page stands now: none
 * where all of it shows and nothing lies over it. The page is left where it was pushed to.
 */
async function swipesTo(target: Locator): Promise<number> {
  await expect(target).toBeAttached()
  return target.evaluate((element) => {
    const seen = () => {
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
      const above = Math.max(0, box.top - own.top)
      const below = Math.max(0, own.bottom - box.bottom)
      return { isFree, away: Math.max(above, below), height: box.bottom - box.top }
    }
    const before = seen()
    if (before.isFree && before.away <= 1) return 0
    // A thumb pushes on until it stands well within the page.
    ;(element as HTMLElement).style.scrollMarginTop = '140px'
    element.scrollIntoView({ block: 'start', behavior: 'instant' })
    return Math.max(1, Math.ceil(before.away / (0.8 * before.height)))
  })
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
  // Where the result is out of view, a strip at the foot says it.
  const beside = page.locator('.verdict-beside')
  const isSaid =
    (await beside.isVisible()) && (await beside.innerText()) === (await result.innerText())
  swipes.push(isSaid ? 0 : await swipesTo(result))
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
