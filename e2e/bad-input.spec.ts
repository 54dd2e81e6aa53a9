import { writeFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { addReading, allSent, enter, newComplaint, openCheck, signIn, startHold } from './steps'

test('bad input gets one clear sentence where it happened, and nothing recorded is lost', async ({
  page,
}) => {
  await enter(page, 'ilka', '/new')
  await page.getByRole('button', { name: 'Open the case' }).click()
  await expect(page.getByRole('alert')).toHaveText('Choose what it came for.')
  await newComplaint(page, 'Bad input bus')

  await openCheck(page, 'cap')
  await page.getByLabel('Marked', { exact: true }).fill('15 °C')
  await expect(page.getByRole('alert')).toHaveText(
    '“°C” measures something else; here it is kPa, psi, bar.',
  )
  await page.getByLabel('Marked', { exact: true }).fill('900')
  await expect(page.getByRole('alert')).toContainText('out of range')
  await page.getByLabel('Marked', { exact: true }).fill('high')
  await expect(page.getByRole('alert')).toHaveText('“high” is not a number.')

  await openCheck(page, 'pressure-hold')
  // The shop's gauge reads 2 kPa low, so 120 on it is 122 in truth.
  await page.getByLabel('Pump until it shows').fill('120')
  await expect(page.getByRole('alert')).toContainText('122.0 kPa is above the 103.0 kPa')
  await expect(page.getByRole('button', { name: 'Pumped up: start the clock' })).toBeDisabled()
  await page.getByLabel('Pump until it shows').fill('100')
  await page.getByLabel('Coolant temperature now').fill('140 F')
  await expect(page.getByText(/Not cold: 40\s°C or more/)).toBeVisible()
  await page.getByLabel('Coolant temperature now').fill('')
  await startHold(page, 'Bad gauge')
  const field = page.getByLabel('Reading as the gauge shows it', { exact: true })
  for (const [typed, says] of [
    ['', 'Type a number first.'],
    ['abc', '“abc” is not a number.'],
    ['20 °F', '“°F” measures something else; here it is kPa, psi, bar.'],
    ['5000', '“5000” is out of range; −100.0 kPa to 400.0 kPa is possible here.'],
  ] as const) {
    await field.fill(typed)
    await page.getByTestId('add-reading').click()
    await expect(page.getByRole('alert')).toHaveText(says)
  }
  await field.fill('100')
  await page.getByRole('button', { name: 'At another time' }).click()
  const at = page.getByLabel('Minutes and seconds, like 4:30')
  for (const [typed, says] of [
    ['-1:00', 'That time is before the hold began.'],
    ['90:00', 'That time is still to come.'],
    ['soon', '“soon” is not a time; write minutes and seconds, like 4:30.'],
  ] as const) {
    await at.fill(typed)
    await page.getByTestId('add-reading').click()
    await expect(page.getByRole('alert')).toHaveText(says)
  }
  await at.fill('0:00')
  await page.getByTestId('add-reading').click()
  await expect(page.getByText('1 reading: look, correct')).toBeVisible()
  await expect(field).toHaveValue('100')
  // The next reading is typed while the first is still being kept: it stands.
  await page.evaluate(() => {
    document.querySelector<HTMLElement>('[data-testid=add-reading]')!.click()
    const input = document.querySelector<HTMLInputElement>('.entry .reading input')!
    input.value = '110'
    input.dispatchEvent(new Event('input', { bubbles: true }))
  })
  await expect(page.getByText('2 readings: look, correct')).toBeVisible()
  await allSent(page)
  await expect(field).toHaveValue('110')
  await addReading(page, '110')
  await expect(page.getByText('Above the 103.0 kPa allowed. Let pressure off now.')).toBeVisible()
  await allSent(page)
})

test('an import that is truncated, of a later version or too large is refused in one sentence', async ({
  page,
}, testInfo) => {
  await enter(page, 'oren')
  const picker = page.getByLabel('Case file to import')
  const give = (name: string, text: string) =>
    picker.setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) })
  await give('cut.json', '{"format":"thermognosis-case","version":1,"case":{')
  await expect(page.getByRole('alert')).toHaveText(
    'cut.json: This file ends in the middle: it was cut short on its way.',
  )
  await give('later.json', '{"format":"thermognosis-case","version":4}')
  await expect(page.getByRole('alert')).toContainText(
    'version 4; this program reads up to version 2',
  )
  const huge = testInfo.outputPath('huge.json')
  writeFileSync(huge, Buffer.alloc(50 * 1024 * 1024, 32))
  await picker.setInputFiles(huge)
  await expect(page.getByRole('alert')).toHaveText(
    'huge.json is too large: a case file has at most 8 MB.',
  )
  await expect(page.getByRole('link', { name: /KVD 207/ })).toBeVisible()
})

test('a viewer may look and not record', async ({ page }) => {
  await signIn(page, 'desk')
  await expect(page.getByRole('link', { name: 'New complaint' })).toHaveCount(0)
  await page.getByRole('link', { name: /KVD 207/ }).click()
  await openCheck(page, 'level-and-condition')
  await expect(page.getByRole('radio', { name: 'Nearly empty' })).toBeDisabled()
})
