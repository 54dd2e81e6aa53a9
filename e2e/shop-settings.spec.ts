import { expect, test } from '@playwright/test'
import { enter, newComplaint, radio } from './steps'

test('the lead says how the shop works and why; a run stops by it; everybody reads it', async ({
  page,
  browser,
}) => {
  await enter(page, 'oren')
  await page.goto('/settings')
  await page.getByRole('link', { name: 'Hochwart Pass Depot' }).click()
  await expect(page.getByRole('heading', { name: 'The shop, and how it works' })).toBeVisible()
  const limit = page.getByLabel('A run is stopped at this')
  const keep = page.getByRole('button', { name: 'Set it for the shop' })
  const problem = page.getByRole('alert')

  await limit.fill('190')
  await keep.click()
  await expect(problem.filter({ hasText: 'out of range' })).toBeVisible()
  await expect(limit).toBeFocused()
  await expect(page.getByRole('status').filter({ hasText: 'Set for' })).toBeHidden()
  await limit.fill('107')
  await radio(page, 'School whose way is shown first', 'Press first').click()
  await radio(
    page,
    'A hold is begun with this limit, unless another is chosen for it',
    'No movement in 10 minutes',
  ).click()
  await radio(page, 'Stretched head bolts go back in', 'Never').click()
  await keep.click()
  await expect(problem).toHaveText('Say why the shop departs from the book.')
  await page.getByLabel('Why this shop departs').fill('Aluminium heads on the pass')
  await keep.click()
  await expect(page.getByRole('status').filter({ hasText: 'Set for' })).toBeVisible()
  const first = page.getByTestId('figure-changes').getByRole('listitem').first()
  await expect(first).toContainText(/\d{4}, \d\d:\d\d, Oren Tschudy/)
  await expect(first).toContainText('Press first. Runs stop at 107 °C')
  await expect(first).toContainText('head bolts back in: never')
  await expect(first).toContainText('“Aluminium heads on the pass”')

  // Who is no lead reads it; what is told before the engine runs, and the way shown first, follow it.
  const context = await browser.newContext()
  const other = await context.newPage()
  await enter(other, 'ilka', '/new')
  await newComplaint(other, 'Stops early')
  await other.getByRole('button', { name: 'Start the engine' }).click()
  await expect(other.getByText(/107\s°C/).first()).toBeVisible()
  await other.getByRole('button', { name: 'Not yet' }).click()
  await other.getByRole('button', { name: 'The whole way' }).click()
  await expect(other.getByRole('radio', { name: /Press first/ })).toBeChecked()
  await other.goto(`${new URL(other.url()).pathname}?check=pressure-hold`)
  await expect(radio(other, 'Limit', 'Strict: none in 10 min')).toBeChecked()
  await other.goto('/shop')
  await expect(other.getByText('Only the lead')).toBeVisible()
  await expect(other.getByRole('button', { name: 'Set it for the shop' })).toBeDisabled()
  await context.close()

  await page.getByRole('button', { name: 'As the book has it' }).click()
  await radio(page, 'School whose way is shown first', 'Most certainty').click()
  await keep.click()
  await expect(first).toContainText('Most certainty. Runs stop at 115 °C')
})
