import { expect, test } from '@playwright/test'
import { enter } from './steps'

test('the calculators reckon without a case, in the reader’s units, and say what cannot be', async ({
  page,
}) => {
  await enter(page, 'ilka')
  await page.getByRole('link', { name: 'Calculators' }).click()
  const card = (name: string) =>
    page.locator('section').filter({ has: page.getByRole('heading', { name, exact: true }) })

  const margin = card('Boiling margin')
  await expect(margin.getByRole('status')).toContainText(/Boils at\s*127\s°C/)
  await expect(margin.getByRole('status')).toContainText(/Margin\s*22\s°C/)
  await page.getByLabel('Pressure really held').fill('0')
  await expect(margin.getByRole('status')).toContainText(/Beyond boiling by\s*[1-5]\s°C/)
  await page.getByLabel('Pressure really held').fill('plenty')
  await expect(margin.getByRole('status')).toBeHidden()
  await page.getByLabel('Pressure really held').fill('15 psi')
  await expect(margin.getByRole('status')).toContainText(/Boils at\s*12\d\s°C/)

  const hold = card('Length of a hold, size of a leak')
  await page.getByLabel('Fell in 15 min by').fill('4')
  await expect(hold.getByRole('status')).toContainText(/Leak at the hold\s*1\.4\smL\/min/)
  await page.getByLabel('Loss a week').fill('0.5')
  await expect(hold.getByRole('status')).toContainText(/To see that on this gauge\s*23 minutes/)

  const mix = card('Mix and refill')
  await expect(mix.getByRole('status')).toContainText(/Drain\s*2\.3\sL/)
  await page.getByLabel('In the concentrate').fill('45')
  await expect(mix.getByRole('alert')).toContainText('This concentrate cannot reach it')

  await expect(card('Pump and its speed').getByRole('status')).toContainText(/20\.1\skPa/)
  await page.getByRole('radio', { name: 'Temperature' }).click()
  await expect(card('Units').getByRole('status')).toContainText('194')
  await expect(page).toHaveURL(/calculators$/)
})
