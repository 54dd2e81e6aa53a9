import { expect, test } from '@playwright/test'
import { enter, newComplaint } from './steps'

// With the motion that most people see; the other journeys ask for less.
test.use({ contextOptions: { reducedMotion: 'no-preference' } })

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })

test('under the vehicle, by touch alone: the numeric pad takes readings, tabs lead to loop and suspects', async ({
  page,
}) => {
  await enter(page, 'oren', '/new')
  await newComplaint(page, 'Touch bus')
  await page.getByRole('button', { name: 'Steps', exact: true }).tap()
  await page.locator('[data-check="pressure-hold"]').tap()
  await page.getByRole('radio', { name: 'Near full, marked' }).tap()
  await page.getByRole('button', { name: 'Pumped up: start the clock' }).tap()
  const field = page.getByLabel('Reading as the gauge shows it', { exact: true })
  const opener = page.getByRole('button', { name: 'Numeric pad' })
  await field.tap()
  if (await opener.isVisible()) await opener.tap()
  const pad = page.getByRole('group', { name: 'Numeric pad' })
  await pad.getByRole('button', { name: 'Clear' }).tap()
  for (const digit of ['1', '0', '0', '.', '5'])
    await pad.getByRole('button', { name: digit, exact: true }).tap()
  await expect(field).toHaveValue('100.5')
  await page.getByTestId('add-reading').tap()
  await expect(page.getByText('1 reading: look, correct')).toBeVisible()
  await page.getByRole('button', { name: 'One step lower' }).tap()
  await page.getByTestId('add-reading').tap()
  await expect(page.getByText('2 readings: look, correct')).toBeVisible()
  await page.getByRole('button', { name: 'Undo', exact: true }).tap()
  await expect(page.getByText('1 reading: look, correct')).toBeVisible()
  await page.getByRole('button', { name: 'Loop', exact: true }).tap()
  await page.locator('[data-part=pump]').tap()
  await page
    .getByRole('radiogroup', { name: 'Pump' })
    .getByRole('radio', { name: 'Seen issuing' })
    .tap()
  await page.getByRole('button', { name: 'Suspects', exact: true }).tap()
  await expect(page.getByLabel('Suspects').getByRole('listitem').first()).toContainText('Pump')
})
