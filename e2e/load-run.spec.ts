import { expect, type Page, test } from '@playwright/test'
import { complaint, open, press } from './panel-steps'
import { allSent, enter, radio } from './steps'

/** One stretch of road, entered in the last row of the list. */
async function stretch(page: Page, road: string, hottest: string) {
  const panel = page.locator('[data-panel=load-run]')
  await panel.getByRole('button', { name: 'Add a row' }).click()
  const row = panel.locator('.line').last()
  await row.getByRole('radio', { name: road }).click()
  await row.getByLabel('For', { exact: true }).fill('12')
  await row.getByLabel('On average', { exact: true }).fill(`${Number(hottest) - 4}`)
  await row.getByLabel('At most', { exact: true }).fill(hottest)
  for (const off of ['Air conditioning', 'Heater'])
    await row.getByRole('radiogroup', { name: off }).getByRole('radio', { name: 'Off' }).click()
}

test('a drive over the complaint’s own road proves a repair: before and now stand on one chart, and another road proves nothing', async ({
  page,
}) => {
  await enter(page, 'oren', '/new')
  await complaint(page, 'Overheats', 'Hot on the pass', 'keyboard')
  await open(page, 'interview', 'keyboard')
  await press(radio(page, 'Does it run hot at speed, climbing or towing?', 'Yes'), 'keyboard')
  await open(page, 'load-run', 'keyboard')
  const panel = page.locator('[data-panel=load-run]')
  await expect(panel).toContainText('The keeper meets it at speed or climbing.')
  await panel.getByLabel('Outside', { exact: true }).fill('31')
  await stretch(page, 'Climb', '117')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(panel).toContainText('Hot climbing.')

  await page.getByRole('button', { name: 'Repair, close' }).click()
  const finish = page.getByRole('dialog', { name: 'Repair and close' })
  await finish.getByRole('combobox', { name: 'Fault that was mended' }).fill('Radiator restricted')
  await page.getByRole('option', { name: 'Radiator restricted inside' }).click()
  await page.keyboard.press('Escape')
  await finish.getByRole('button', { name: 'Record the repair' }).click()
  await expect(finish.getByTestId('proof')).toContainText('Load run: to be done again')
  await finish.getByRole('button', { name: 'Back to the check' }).click()

  // Through town it stays cool, and that is no proof.
  await panel.getByLabel('Outside', { exact: true }).fill('14')
  await stretch(page, 'Town', '91')
  await page.getByRole('button', { name: 'Keep it' }).click()
  const compared = panel.getByRole('region', { name: 'Before and now, road by road' })
  await expect(compared).toContainText(
    'Climb, where it was hottest (117 °C), was not driven again.',
  )
  await expect(panel).toContainText('heat at speed or climbing, of which the keeper tells')
  await page.getByRole('button', { name: 'Repair, close' }).click()
  await expect(finish.getByTestId('proof')).toContainText('Load run: to be done again')
  await finish.getByRole('button', { name: 'Back to the check' }).click()

  await page.getByRole('button', { name: 'Do it once more' }).click()
  await panel.getByLabel('Outside', { exact: true }).fill('14')
  await stretch(page, 'Climb', '94')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(compared).toContainText(
    'Climb, where it was hottest: 117 °C before, 94 °C now; at most 111 °C on a day as hot as then.',
  )
  await compared.scrollIntoViewIfNeeded()
  if (process.env.SHOT) await page.screenshot({ path: process.env.SHOT })
  await page.getByRole('button', { name: 'Repair, close' }).click()
  await expect(finish.getByTestId('proof')).not.toContainText('Load run: to be done again')
  await allSent(page)
})
