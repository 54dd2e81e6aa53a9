import { expect, test } from '@playwright/test'
import {
  addReading,
  allSent,
  enter,
  newComplaint,
  openCheck,
  radio,
  settled,
  startHold,
} from './steps'

test('a hold that was pressed up on the way and fell is done again with the heater core shut off, and the correction keeps it so', async ({
  page,
}) => {
  await page.clock.install()
  await enter(page, 'ilka', '/new')
  await newComplaint(page, 'Tarrow 24 with a wet carpet')
  const shutOff = page.getByRole('radiogroup', { name: 'Shut off for this hold' })
  const read = async (readings: string[]) => {
    for (const reading of readings) {
      await page.clock.fastForward('02:00')
      await addReading(page, reading)
    }
  }
  const end = async (level: string) => {
    await page.getByRole('button', { name: 'End the hold' }).click()
    await page.getByRole('radiogroup', { name: 'The tray under it' }).getByText('Dry').click()
    await radio(page, 'Level, with the pressure let off', level).click()
    await page.getByRole('button', { name: 'Keep the end' }).click()
    await settled(page)
  }
  await openCheck(page, 'cap')
  await page.getByLabel('Marked', { exact: true }).fill('103')
  await startHold(page, 'Needle')
  // Pressed up again on the way: what is read before and after is not one fall.
  await read(['100', '97'])
  await page.getByRole('button', { name: 'Pressed up again' }).click()
  await read(['100', '97', '94', '91', '88', '85'])
  await expect(page.getByTestId('verdict')).toContainText('Seep')
  await expect(page.getByText(/1\.(4|5)\d?.kPa\/min/).first()).toBeVisible()
  await expect(
    page.getByText('only the longest stretch between two presses is judged'),
  ).toBeVisible()
  await end('Lower')
  // It went somewhere, and not to the ground.
  await expect(page.getByText('A cylinder may be full').first()).toBeVisible()
  await page.getByRole('button', { name: 'Hold again' }).click()
  await shutOff.getByRole('radio', { name: 'Heater core' }).click()
  await page.getByRole('radio', { name: 'Near full, marked' }).click()
  await page.getByRole('button', { name: 'Pumped up: start the clock' }).click()
  await read(['100', '100', '100', '100', '100', '100'])
  await end('As before')
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
