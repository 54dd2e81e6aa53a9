import { expect, test } from '@playwright/test'
import { allSent, enter } from './steps'

test('an audit without a complaint: what to renew for a budget, by age, distance and how long things last here', async ({
  page,
}) => {
  await enter(page, 'oren')
  await page.goto('/new')
  await page.getByRole('radio', { name: 'Inspection' }).click()
  await page.getByLabel('Vehicle, as you call it').fill('Old bus, no complaint')
  await page.getByLabel('Year built').fill('2011')
  await page.getByRole('button', { name: 'Open the case' }).click()
  await page.getByRole('button', { name: 'Read; begin' }).click()
  await page.getByRole('link', { name: 'Preventive audit' }).click()
  await expect(page.getByRole('heading', { name: 'Preventive audit' })).toBeVisible()
  const row = (name: string) => page.getByRole('row', { name: new RegExp(`^${name}`) })
  await expect(row('Upper hose')).toContainText('15 years')
  await expect(row('Upper hose')).toContainText('engine at risk')

  const buys = page.getByRole('status').filter({ hasText: /It buys|Nothing is worth/ })
  await expect(buys).toContainText(/It buys \d+ components/)
  const many = await buys.textContent()
  await page.getByLabel(/^Budget/).fill('0')
  await expect(buys).toContainText('Nothing is worth renewing yet')
  await page.getByLabel(/^Budget/).fill('9')
  await expect(buys).not.toHaveText(many!)

  const before = await row('Belt').textContent()
  await page.getByRole('link', { name: 'How long components last' }).click()
  await page.getByLabel('Belt, years').fill('0.2')
  await page.getByRole('button', { name: 'Set these' }).click()
  await expect(page.getByText('Years from 0.5 to 60 and kilometres')).toBeVisible()
  await page.getByLabel('Belt, years').fill('30')
  await page.getByRole('button', { name: 'Set these' }).click()
  await expect(page.getByText('Set for the whole shop.')).toBeVisible()
  await page.goBack()
  await expect(row('Belt')).not.toHaveText(before!)
  await page.goto('/lives')
  await page.getByRole('button', { name: 'As the book has it' }).click()
  await expect(page.getByLabel('Belt, years')).toHaveValue('8')
  await allSent(page)
})
