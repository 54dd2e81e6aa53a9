import { expect, test, type Page } from '@playwright/test'
import { enter, newComplaint, openCheck, radio, settled } from './steps'

const heading = (page: Page, name: string) =>
  page.locator('[data-panel]').getByRole('heading', { name, level: 2 })

test('by keyboard alone: past the bar in one step, a choice is one stop, and the focus is never lost', async ({
  page,
}) => {
  await enter(page, 'oren', '/new')
  await newComplaint(page, 'Keys only')
  await settled(page)
  await page.reload()
  await settled(page)

  await page.keyboard.press('Tab')
  await expect(page.getByRole('link', { name: 'To the work' })).toBeFocused()
  await page.keyboard.press('Enter')
  await expect(page.locator('[data-panel] h2').first()).toBeFocused()

  const cap = page.locator('[data-check="cap"]')
  await cap.focus()
  await page.keyboard.press('Enter')
  await expect(heading(page, 'Cap on adapter')).toBeFocused()

  const asFound = page
    .getByRole('radiogroup', { name: 'Before you open it: turned to its stop?' })
    .getByRole('radio')
  await asFound.first().focus()
  await page.keyboard.press('ArrowRight')
  await expect(asFound.nth(1)).toBeFocused()
  await expect(asFound.nth(1)).not.toBeChecked()
  await page.keyboard.press('Space')
  await expect(asFound.nth(1)).toBeChecked()
  await page.keyboard.press('Tab')
  await expect(
    page.getByRole('radiogroup', { name: 'Where the cap sits' }).locator(':focus'),
  ).toHaveCount(1)
  await page.keyboard.press('Shift+Tab')
  await expect(asFound.nth(1)).toBeFocused()

  // What is kept takes the place of its form; the focus stays with it.
  await page.getByLabel('Marked', { exact: true }).fill('103')
  await page.getByRole('button', { name: 'Keep the cap test' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'Correct it' })).toBeVisible()
  await expect(heading(page, 'Cap on adapter')).toBeFocused()

  // A dialog gives it back to what opened it.
  const plan = page.getByRole('button', { name: 'The whole way' })
  await plan.focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('dialog')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toBeHidden()
  await expect(plan).toBeFocused()
})

test('a reader hears what is next and who leads when a reading moves it', async ({ page }) => {
  await enter(page, 'oren', '/new')
  await newComplaint(page, 'Heard')
  await settled(page)
  await openCheck(page, 'look-round')
  const said = page.locator('[data-said]')
  await page
    .getByRole('group', { name: 'Radiator' })
    .or(page.getByRole('radiogroup', { name: 'Radiator' }))
    .getByRole('radio', { name: 'Seen issuing' })
    .click()
  await expect(said.filter({ hasText: /^Next: .*Radiator/ })).toHaveCount(1)
})

test('a hold is read in its gauge’s own unit, at other times, and one reading is taken back', async ({
  page,
}) => {
  await page.clock.install()
  await enter(page, 'oren', '/new')
  const path = await newComplaint(page, 'Own unit')
  await page.goto(`${path}?check=pressure-hold`)
  await radio(page, 'Level in the system', 'Near full, marked').click()
  await page.getByRole('button', { name: 'Pumped up: start the clock' }).click()
  const field = page.getByLabel('Reading as the gauge shows it', { exact: true })
  const add = page.getByTestId('add-reading')
  await expect(field).toBeVisible()
  await page.clock.fastForward('08:00')

  const unit = page.getByRole('button', { name: /^Unit kPa/ })
  await field.fill('103')
  await unit.click()
  await expect(field).toHaveValue('14.94')
  await field.fill('14.5')
  await page.getByRole('button', { name: 'At another time' }).click()
  const at = page.getByLabel('Minutes and seconds, like 4:30')
  for (const [time, reading] of [
    ['2:00', '14.5'],
    ['4:00', '14'],
    ['4:00', '14'],
  ] as const) {
    await at.fill(time)
    await field.fill(reading)
    await add.click()
    await expect(at).toHaveValue('')
  }
  await page.getByText('3 readings: look, correct').click()
  const second = page.getByRole('listitem').filter({ hasText: '04:00' })
  await expect(second).toHaveCount(2)
  await second.last().getByRole('button', { name: 'Take back' }).click()
  await expect(page.getByText('2 readings: look, correct')).toBeVisible()
  await expect(second).toContainText('typed 14')
  // The unit is the gauge's: it is still there when the page comes again.
  await page.reload()
  await expect(page.getByRole('button', { name: /^Unit psi/ })).toBeVisible()
  await page.getByText('2 readings: look, correct').click()
  await page.getByRole('button', { name: 'Correct', exact: true }).first().click()
  await expect(field).toBeFocused()
  await expect(field).toBeInViewport()
})
