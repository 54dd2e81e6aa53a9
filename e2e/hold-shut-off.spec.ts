import { expect, test } from '@playwright/test'
import { addReading, allSent, enter, newComplaint, openCheck, settled, startHold } from './steps'

test('a hold that fell is done again with the heater core shut off, and the correction keeps it so', async ({
  page,
}) => {
  await page.clock.install()
  await enter(page, 'ilka', '/new')
  await newComplaint(page, 'Tarrow 24 with a wet carpet')
  const shutOff = page.getByRole('radiogroup', { name: 'Shut off for this hold' })
  const held = async (readings: string[]) => {
    for (const reading of readings) {
      await page.clock.fastForward('02:00')
      await addReading(page, reading)
    }
    await page.getByRole('button', { name: 'End the hold' }).click()
    await page.getByRole('radiogroup', { name: 'The tray under it' }).getByText('Dry').click()
    await page.getByRole('button', { name: 'Keep the end' }).click()
    await settled(page)
  }
  await openCheck(page, 'cap')
  await page.getByLabel('Marked', { exact: true }).fill('103')
  await startHold(page, 'Needle')
  await held(['100', '97', '94', '91', '88', '85'])
  await page.getByRole('button', { name: 'Hold again' }).click()
  await shutOff.getByRole('radio', { name: 'Heater core' }).click()
  await page.getByRole('radio', { name: 'Near full, marked' }).click()
  await page.getByRole('button', { name: 'Pumped up: start the clock' }).click()
  await held(['100', '100', '100', '100', '100', '100'])
  const suspects = page.getByLabel('Suspects').getByRole('listitem')
  await expect(suspects.first()).toContainText('Heater')

  await page.getByText('6 readings: look, correct').click()
  await page.getByRole('button', { name: 'Correct the set-up' }).click()
  await expect(shutOff.getByRole('radio', { name: 'Heater core' })).toBeChecked()
  await page.getByRole('button', { name: 'Keep the corrected set-up' }).click()
  await settled(page)
  await expect(suspects.first()).toContainText('Heater')
  await allSent(page)
})
