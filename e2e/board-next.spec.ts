import { expect, test } from '@playwright/test'
import { enter, settled } from './steps'

/** Demo cases by plate: one with a check next, one that is led to the keeper, one that is shown. */
const PLATES = ['CRW 058', 'LIF 36', 'HCA 340', 'HCA 325']

test('the board says of each case what the case itself says is next', async ({ page }) => {
  await enter(page, 'ilka')
  for (const plate of PLATES) {
    await page.goto('/')
    const card = page.getByRole('link').filter({ hasText: plate })
    const next = card.locator('.next')
    await expect(next).toHaveText(/^(Next: .+ min|Shown: |Nearly settled: )/)
    // A card is worked out again for each lot of a fresh device's entries that comes.
    await expect
      .poll(
        async () => {
          const before = await next.textContent()
          await page.waitForTimeout(1500)
          return before === (await next.textContent())
        },
        { timeout: 20_000 },
      )
      .toBe(true)
    const [, check] = /^Next: (.+), \d+ min/.exec((await next.textContent())!) ?? []
    await card.click()
    await settled(page)
    const box = page.locator('.next').first()
    if (check === undefined) {
      await expect(box.getByRole('button', { name: 'Repair, close' })).toBeVisible()
      continue
    }
    // Whether it is open already or not, the box names the same.
    await expect(box.getByRole('heading')).toHaveText(new RegExp(`^Next: ${check}(, here)?$`, 'i'))
  }
})
