import { expect, test } from '@playwright/test'
import { complaint, open, press, verdict } from './panel-steps'
import { allSent, enter, radio, settled } from './steps'

/** What is told and felt instead of measured moves the suspects as well. */
for (const mode of ['touch', 'keyboard'] as const) {
  test.describe(`by ${mode}`, () => {
    test.use(
      mode === 'touch'
        ? { viewport: { width: 390, height: 844 }, hasTouch: true }
        : { viewport: { width: 1280, height: 800 } },
    )

    test('a new part that changed nothing, and hoses by hand', async ({ page }) => {
      await enter(page, 'ilka', '/new')
      await complaint(page, 'Overheats', `Told by ${mode}`, mode)
      await open(page, 'interview', mode)
      await press(page.getByRole('button', { name: 'Note earlier work' }), mode)
      const panel = page.locator('[data-panel="earlier-work"]')
      const renewed = panel.locator('form, .stack').first()
      await press(renewed.getByRole('radio', { name: 'Thermostat' }), mode)
      await press(renewed.getByRole('radio', { name: 'Another shop' }).first(), mode)
      await press(renewed.getByRole('radio', { name: 'Stayed' }), mode)
      await press(panel.getByRole('button', { name: 'Keep' }).first(), mode)
      await expect(verdict(page).first()).toContainText('New, and the complaint stayed.')
      await settled(page)

      await open(page, 'felt-by-hand', mode)
      await press(radio(page, 'Engine', 'Too hot'), mode)
      await press(radio(page, 'Upper hose', 'Cold'), mode)
      await press(radio(page, 'Radiator', 'Cold'), mode)
      await press(page.getByRole('button', { name: 'Keep it' }), mode)
      await expect(verdict(page)).toContainText('The hose behind the thermostat stays cold.')
      await settled(page)
      if (mode === 'touch') await page.getByRole('button', { name: 'Suspects', exact: true }).tap()
      await press(page.getByRole('button', { name: /^All \d+/ }), mode)
      await press(page.getByRole('button', { name: /^Thermostat stuck closed/ }), mode)
      const why = page.getByRole('dialog')
      await expect(why).toContainText('New thermostat, complaint stayed')
      await expect(why).toContainText('Hose to the radiator cold by hand')
      await allSent(page)
    })

    test('a code, a hot drive, and what is in the coolant', async ({ page }) => {
      await enter(page, 'ilka', '/new')
      await complaint(page, 'Overheats', `Code by ${mode}`, mode)
      await open(page, 'interview', mode)
      await press(page.locator('summary', { hasText: 'Trouble code' }), mode)
      const code = page.getByLabel('Code, as shown')
      await code.fill('480')
      await press(page.getByRole('button', { name: 'Keep the code' }), mode)
      await expect(page.getByRole('alert')).toContainText('a letter and four digits')
      await code.fill('p0480')
      await press(radio(page, 'The code is', 'Set now'), mode)
      await press(page.getByRole('button', { name: 'Keep the code' }), mode)
      await expect(verdict(page)).toHaveText('A code of the fan circuit.')

      await press(page.locator('summary', { hasText: 'How hot it got' }), mode)
      await page.getByLabel('Hottest that was shown').fill('101')
      await page.getByLabel('Elevation there').fill('1850')
      await press(radio(page, 'Boiled', 'Yes'), mode)
      await press(page.getByRole('button', { name: 'Keep it' }), mode)
      await expect(verdict(page).first()).toContainText('below the boiling point under pressure')
      await expect(page.getByText('This coolant boils there at')).toBeVisible()
      await settled(page)

      await open(page, 'mix', mode)
      await press(page.locator('summary', { hasText: 'What coolant it is' }), mode)
      await page.getByLabel('Voltage in the coolant').fill('0.42')
      await press(radio(page, 'Inhibitor, by strip', 'Spent'), mode)
      await press(page.getByRole('button', { name: 'Keep it' }), mode)
      await expect(verdict(page)).toContainText('Voltage in the coolant.')
      await expect(page.getByText('Switch consumers off one by one')).toBeVisible()
      await settled(page)
      if (mode === 'touch') await page.getByRole('button', { name: 'Suspects', exact: true }).tap()
      await press(page.getByRole('button', { name: /^All \d+/ }), mode)
      await press(page.getByRole('button', { name: /^Electric fan: speed module/ }), mode)
      await expect(page.getByRole('dialog')).toContainText('P0480')
      await allSent(page)
    })
  })
}

test('an inspection begins with a look and finds nothing wrong', async ({ page }) => {
  await enter(page, 'ilka', '/new')
  await page.getByRole('radio', { name: 'Inspection' }).click()
  await page.getByLabel('Vehicle, as you call it').fill('Bought used')
  await page.getByRole('button', { name: 'Open the case' }).click()
  await page.getByRole('button', { name: 'Read; begin' }).click()
  await expect(page.getByText(/^Nothing wrong at all: /)).toBeVisible()
  const next = page.getByRole('heading', { name: /^Next: / })
  await expect(next).toHaveText(/level, condition|look round/)
  await page.goto('/')
  const card = page.getByRole('link').filter({ hasText: 'Bought used' })
  await expect(card).toContainText('Nothing wrong')
})
