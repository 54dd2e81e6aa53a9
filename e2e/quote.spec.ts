import { expect, test } from '@playwright/test'
import { complaint, open, press } from './panel-steps'
import { allSent, enter, radio, settled, still } from './steps'

/** From what the repair comes to, to what the keeper said to it. */
for (const mode of ['touch', 'keyboard'] as const) {
  test.describe(`by ${mode}`, () => {
    test.use(
      mode === 'touch'
        ? { viewport: { width: 390, height: 844 }, hasTouch: true }
        : { viewport: { width: 1280, height: 800 } },
    )

    test('a repair is quoted, changed, sent and answered line by line', async ({ page }) => {
      await enter(page, 'oren', '/new')
      await complaint(page, 'Loses coolant', `Quoted by ${mode}`, mode)
      await open(page, 'level-and-condition', mode)
      await press(radio(page, 'Level, cold', 'Low'), mode)
      await settled(page)
      if (mode === 'touch') await page.getByRole('button', { name: 'Suspects', exact: true }).tap()
      await press(page.getByRole('button', { name: 'Repair, close' }), mode)
      await press(page.getByRole('link', { name: 'Quote' }), mode)

      await expect(page.getByText('choose what is to be mended')).toBeVisible()
      for (const fault of ['Pump: shaft seal', 'Thermostat stuck closed']) {
        await page.getByRole('combobox', { name: 'To be mended' }).fill(fault)
        await page.getByRole('option', { name: fault }).click()
        await page.keyboard.press('Escape')
      }
      await expect(page.getByText('A part may be changed for nothing')).toBeVisible()
      await expect(page.getByText('That nothing else is wrong beside')).toBeVisible()
      await expect(page.getByText(/Mended together .*, one by one /)).toBeVisible()
      const ways = page.getByRole('table', { name: 'Repair or replace: Pump: shaft seal' })
      await expect(ways.getByRole('radio')).toHaveCount(3)
      const mended = ways.getByRole('radio', { name: 'Mend it' })
      if (mode === 'touch') await mended.tap()
      else await mended.press('Space')
      await expect(mended).toBeChecked()
      await press(page.getByRole('button', { name: 'Draw up' }), mode)
      await expect(page.getByText('Capacity of the system not known')).toBeVisible()
      const lines = page.getByRole('region', { name: 'Lines of the quote' })
      // Two parts, their own labour, and what both share once: the loop, and the pump's side.
      await expect(lines.getByRole('listitem')).toHaveCount(6)
      const shared = lines.getByRole('textbox', { name: 'What' })
      await expect(shared.nth(0)).toHaveValue('Mended, material for: Pump: shaft seal')
      await expect(shared.nth(4)).toHaveValue('Drained, refilled and bled')
      const advise = page.getByRole('button', { name: /^Advise / })
      await expect(advise.first()).toBeVisible()
      const other = page.getByText('draw up again to take what is chosen now')
      await expect(other).toBeHidden()
      await ways.getByRole('radio', { name: 'Better make' }).press('Space')
      await expect(other).toBeVisible()
      await mended.press('Space')
      await expect(other).toBeHidden()

      await press(lines.getByRole('button', { name: 'Add a line' }), mode)
      const added = lines.getByRole('listitem', { name: 'Line 7' })
      const keep = lines.getByRole('button', { name: 'Keep this quote' })
      await added.getByRole('textbox', { name: 'What' }).fill('Belt')
      await press(keep, mode)
      await expect(lines.getByRole('alert')).toHaveText('Line 7 has no price.')
      await added.getByLabel('Price each').fill('24.5')
      await added.getByRole('combobox', { name: 'Needed?' }).press('ArrowDown')
      await still(page)
      await page.getByRole('option', { name: 'Advised' }).click()
      await expect(lines.getByRole('row', { name: /With what is advised/ })).toBeVisible()
      await press(keep, mode)
      const says = page.getByRole('region', { name: 'The keeper says' })
      await expect(says.getByRole('checkbox')).toHaveCount(7)
      await allSent(page)

      const id = new URL(page.url()).pathname.split('/')[2]!
      const pdf = await page.request.get(`/api/cases/${id}/quote`)
      expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-')
      const saved = page.waitForEvent('download')
      await press(page.getByRole('button', { name: 'UBL' }), mode)
      expect((await saved).suggestedFilename()).toMatch(/^quote-.*\.xml$/)

      await press(says.getByRole('button', { name: 'Keep the answer' }), mode)
      await expect(says.getByRole('alert')).toHaveText('Say who answered.')
      await says.getByLabel('Who answered').fill('Depot office')
      await says.getByRole('checkbox').last().uncheck()
      await press(says.getByRole('radio', { name: 'By telephone' }), mode)
      await press(says.getByRole('button', { name: 'Keep the answer' }), mode)
      await expect(says.getByRole('status')).toContainText('Depot office, By telephone; noted by')
      await allSent(page)
      await page.reload()
      await expect(says.getByRole('checkbox').last()).not.toBeChecked()

      // Another version: what was said speaks of the one before.
      await lines.getByLabel('Price each').last().fill('30')
      await press(lines.getByRole('button', { name: 'Keep as a new version' }), mode)
      await expect(says.getByRole('status')).toContainText('changed after the keeper answered')
      await expect(page.getByRole('region', { name: 'Suspects, then and now' })).toBeVisible()
    })
  })
}

test('prices are the lead’s, and a tax of 190 % is none', async ({ page, browser }) => {
  await enter(page, 'oren')
  await page.goto('/prices')
  const tax = page.getByLabel('Tax', { exact: true })
  await tax.fill('190')
  await expect(page.getByText('Tax lies between 0 and 50 %.')).toBeVisible()
  await page.getByRole('button', { name: 'Set the prices' }).click()
  // What cannot be read is shown, and nothing is set without it.
  await expect(tax).toBeFocused()
  await expect(page.getByRole('status').filter({ hasText: 'Set.' })).toBeHidden()
  await tax.fill('')
  await page.getByRole('button', { name: 'Set the prices' }).click()
  await expect(page.getByText('Each field needs a figure.')).toBeVisible()
  await tax.fill('20')
  await page.getByRole('button', { name: 'Set the prices' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Set.' })).toBeVisible()
  // In a browser of her own: whoever signs in where somebody works ends that session.
  const own = await (await browser.newContext()).newPage()
  await enter(own, 'mave')
  await own.goto('/prices')
  await expect(own.getByText('Prices are set by the lead.')).toBeVisible()
  await own.context().close()
})
