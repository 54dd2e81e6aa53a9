import { expect, type Page, test } from '@playwright/test'
import { allSent, enter, newComplaint, settled } from './steps'

const entryOf = (page: Page, label: string) => page.getByRole('group', { name: label, exact: true })

/** Where a suspect stands among those listed, 0 first. */
async function placeOf(page: Page, name: string) {
  await settled(page)
  const names = await page
    .locator('section[aria-label="Suspects"]')
    .getByRole('listitem')
    .allInnerTexts()
  return names.findIndex((text) => text.includes(name))
}

test('the lead says how common a fault is here and how long work takes; ranking, reasons and next follow', async ({
  page,
  browser,
}) => {
  await enter(page, 'oren', '/new')
  const context = await browser.newContext()
  const other = await context.newPage()
  await enter(other, 'ilka', '/new')
  const path = await newComplaint(other, 'Salted roads')
  const before = await placeOf(other, 'Quick connect')

  await page.goto('/library?fault=quick-connect-leak')
  const common = entryOf(page, 'Loses coolant')
  await common.getByRole('button', { name: 'Change', exact: true }).click()
  await common.locator('.v-select').click()
  await page.getByRole('option', { name: 'one in four' }).click()
  await common.getByRole('button', { name: 'Set it for the shop' }).click()
  await expect(common.getByRole('alert')).toHaveText('Say why the shop departs from the book.')
  await common.getByLabel('Why this shop departs').fill('The plastic of this depot’s buses')
  await common.getByRole('button', { name: 'Set it for the shop' }).click()
  await expect(common).toContainText('one in four')
  await expect(common).toContainText('The book: ')
  await expect(common).toContainText('Oren Tschudy')

  await page.getByRole('link', { name: 'Minutes of checks' }).click()
  const cap = entryOf(page, 'Cap on adapter')
  await cap.getByRole('button', { name: 'Change', exact: true }).click()
  await cap.getByLabel('Minutes it takes here').fill('0')
  await cap.getByRole('button', { name: 'Set it for the shop' }).click()
  await expect(cap.getByRole('alert').first()).toContainText('lies between 1 and')
  await cap.getByLabel('Minutes it takes here').fill('1')
  await cap.getByLabel('Why this shop departs').fill('The tester hangs at the lift')
  await cap.getByRole('button', { name: 'Set it for the shop' }).click()
  await expect(cap).toContainText('1 minute')
  await expect(page.getByTestId('figure-changes').getByRole('listitem').first()).toContainText(
    'Cap on adapter takes: 1 minute. “The tester hangs at the lift”',
  )

  // Who is no lead reads it, and the case in hand follows it.
  await other.goto(path)
  expect(await placeOf(other, 'Quick connect')).toBeLessThan(before < 0 ? 99 : before)
  await other.goto('/book')
  await expect(entryOf(other, 'Cap on adapter')).toContainText('1 minute')
  await expect(other.getByRole('button', { name: 'Change', exact: true })).toHaveCount(0)
  await context.close()

  await cap.getByRole('button', { name: 'Change', exact: true }).click()
  await cap.getByRole('button', { name: 'As the book has it' }).click()
  await expect(cap).not.toContainText('The book:')
  await page.goto('/library?fault=quick-connect-leak')
  await common.getByRole('button', { name: 'Change', exact: true }).click()
  await common.getByRole('button', { name: 'As the book has it' }).click()
  await expect(common).not.toContainText('The book:')
})

test('how long a repair took, noted once, is what the next vehicle of the model is quoted', async ({
  page,
}) => {
  await enter(page, 'oren', '/new')
  await newComplaint(page, 'Noted at the depot')
  const hold = page.locator('[data-panel]')
  await hold.getByRole('button', { name: 'Note', exact: true }).click()
  await hold
    .getByRole('textbox', { name: 'In words, what no field asks for' })
    .fill('Bumper stays.')
  await hold.getByRole('radio', { name: 'How long it took' }).click()
  await hold.getByLabel('Minutes it took').fill('31')
  await hold.getByRole('combobox', { name: 'Which repair' }).fill('Pump: shaft seal')
  await page.getByRole('option', { name: 'Pump: shaft seal' }).click()
  await hold.getByRole('button', { name: 'Keep the note' }).click()
  await expect(hold.getByText('31 minutes.').first()).toContainText('Repair: Pump: shaft seal.')
  await allSent(page)

  await page.goto('/new')
  const path = await newComplaint(page, 'Noted at the depot')
  await page.goto(`${path}/quote`)
  await page.getByRole('combobox', { name: 'To be mended' }).fill('Pump: shaft seal')
  await page.getByRole('option', { name: 'Pump: shaft seal' }).click()
  await page.keyboard.press('Escape')
  await expect(
    page.getByText('Labour of “Pump: shaft seal” as noted of this model: 31 minutes.'),
  ).toBeVisible()
})
