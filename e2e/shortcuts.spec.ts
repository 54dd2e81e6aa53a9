import { expect, type Page, test } from '@playwright/test'
import { enter, openCheck, settled } from './steps'

const option = (page: Page) => page.locator('#palette-found').getByRole('option')
const find = (page: Page) => page.getByRole('combobox', { name: /^Find a check/ })

test('the palette finds cases, checks, vehicles, faults and pages by their words', async ({
  page,
}) => {
  await enter(page, 'oren')
  await expect(page.getByRole('heading', { name: 'Open cases' })).toBeVisible()
  // What is not on this device yet is not found by it.
  await expect(page.getByText(/still on the way to this device/)).toBeHidden({ timeout: 60_000 })
  await page.keyboard.press('/')
  await find(page).fill('kvd 207')
  await expect(option(page).first()).toContainText('KVD 207')
  await page.keyboard.press('Enter')
  await settled(page)
  await expect(page.getByRole('heading', { level: 1 })).toContainText('KVD 207')

  await page.getByRole('button', { name: /^Find a check/ }).click()
  await find(page).fill('vacuum decay')
  await page.keyboard.press('Enter')
  await expect(page.locator('[data-panel="vacuum-decay"]')).toBeVisible()

  await page.keyboard.press('Control+k')
  await find(page).fill('impeller')
  await page.keyboard.press('ArrowDown')
  const second = option(page).nth(1)
  await expect(second).toHaveAttribute('aria-selected', 'true')
  const fault = (await second.locator('strong').textContent())!
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: fault })).toBeVisible()

  await page.keyboard.press('/')
  await find(page).fill('KVD 207')
  await option(page).filter({ hasText: 'Vehicle' }).click()
  await expect(page.getByText('Vehicle: Tarrow 24 minibus')).toBeVisible()
  await page.keyboard.press('/')
  await find(page).fill('xyzzy')
  await expect(page.getByText('Nothing is known under these words.')).toBeVisible()

  // On a phone the bar has room for it wherever no case has its title there.
  await page.keyboard.press('Escape')
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto('/')
  await page.getByRole('button', { name: /^Find a check/ }).click()
  await find(page).fill('kvd 207')
  await option(page).first().click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('KVD 207')
  await expect(page.getByRole('button', { name: /^Find a check/ })).toBeHidden()
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390)
})

test('keys press what says so, are shown with "?", and are letters inside a field', async ({
  page,
}) => {
  await enter(page, 'oren')
  await expect(page.getByRole('heading', { name: 'Open cases' })).toBeVisible()
  await page.keyboard.press('f')
  await expect(page.getByRole('searchbox')).toBeFocused()
  await page.keyboard.type('207 n?')
  await expect(page.getByRole('searchbox')).toHaveValue('207 n?')
  await page.getByRole('searchbox').fill('KVD 207')
  await page.getByRole('link', { name: /KVD 207/ }).click()
  await settled(page)

  // What is next stands open: its key goes on to what comes after it; from another check, to what is next.
  await expect(page.getByRole('heading', { name: /^Next: .+, here$/ })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Go on' })).toHaveAttribute(
    'aria-keyshortcuts',
    'n',
  )
  await openCheck(page, 'pressure-hold')
  await expect(page.getByRole('heading', { name: /^Next: / })).not.toHaveText(/, here$/)
  await page.keyboard.press('?')
  const keys = page.getByRole('dialog', { name: 'Keys on this page' })
  for (const [key, name] of [
    ['n', 'Go there'],
    ['w', 'The whole way'],
    ['h', 'History'],
    ['b', 'Back to the board'],
  ] as const)
    await expect(keys.locator('dl > div').filter({ hasText: name })).toContainText(key)
  await page.keyboard.press('Escape')
  await expect(keys).toBeHidden()

  const doubled = await page.evaluate(() => {
    const seen = Array.from(document.querySelectorAll('[aria-keyshortcuts]'))
      .filter((element) => element.getClientRects().length > 0)
      .map((element) => element.getAttribute('aria-keyshortcuts')!)
    return seen.filter((key, i) => seen.indexOf(key) !== i)
  })
  expect(doubled).toEqual([])

  const next = (await page.getByRole('heading', { name: /^Next: / }).textContent())!
  await page.keyboard.press('n')
  await expect
    .poll(async () => {
      const panel = await page.locator('[data-panel]').getByRole('heading').first().textContent()
      return next.toLowerCase().endsWith(panel!.trim().toLowerCase()) ? next : panel
    }, 'the check that is open is what was next')
    .toBe(next)
  await page.keyboard.press('w')
  const plan = page.getByRole('dialog').last()
  await expect(plan).toBeVisible()
  // Inside a dialog the page behind it takes no key.
  await page.keyboard.press('b')
  await expect(plan).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(plan).toBeHidden()
  await page.keyboard.press('b')
  await expect(page.getByRole('heading', { name: 'Open cases' })).toBeVisible()

  // Who types without seeing the keys turns them off; finding stays.
  await page.keyboard.press(',')
  await page
    .getByRole('radiogroup', { name: /^Single keys/ })
    .getByRole('radio', { name: 'Off' })
    .click()
  await page.keyboard.press('b')
  await expect(page.getByRole('heading', { name: 'Units and look of this device' })).toBeVisible()
  await page.keyboard.press('Control+k')
  await expect(find(page)).toBeFocused()
})
