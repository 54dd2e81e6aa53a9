import { expect, type Locator, test } from '@playwright/test'
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
  // Results grow above the row, and what is tapped stays under the thumb.
  await pad.getByRole('button', { name: 'Close pad' }).tap()
  const where = async () => (await page.getByTestId('add-reading').boundingBox())!.y
  const before = await where()
  for (const count of [3, 4]) {
    await page.getByRole('button', { name: 'One step lower' }).tap()
    await page.getByTestId('add-reading').tap()
    await expect(page.getByText(`${count} readings: look, correct`)).toBeVisible()
    expect(Math.abs((await where()) - before)).toBeLessThan(2)
  }
  await page.getByRole('button', { name: 'Undo', exact: true }).tap()
  await expect(page.getByText('3 readings: look, correct')).toBeVisible()
  await page.getByRole('button', { name: 'Loop', exact: true }).tap()
  await page.locator('[data-part=pump]').tap()
  await page
    .getByRole('radiogroup', { name: 'Pump' })
    .getByRole('radio', { name: 'Seen issuing' })
    .tap()
  await page.getByRole('button', { name: 'Suspects', exact: true }).tap()
  await expect(page.getByLabel('Suspects').getByRole('listitem').first()).toContainText('Pump')
})

test('ten readings of a hold take twenty taps at the most, and the first digit of the pad replaces', async ({
  page,
}) => {
  await enter(page, 'oren', '/new')
  const path = await newComplaint(page, 'Ten readings')
  await page.goto(`${path}?check=pressure-hold`)
  await page.getByRole('radio', { name: 'Near full, marked' }).tap()
  await page.getByRole('button', { name: 'Pumped up: start the clock' }).tap()
  const field = page.getByLabel('Reading as the gauge shows it', { exact: true })
  const pad = page.getByRole('group', { name: 'Numeric pad' })
  const add = page.getByTestId('add-reading')
  await expect(add).toBeVisible()
  let taps = 0
  const tap = async (target: Locator) => {
    await target.tap()
    taps++
  }
  const typed = async (reading: string) => {
    for (const digit of reading) await tap(pad.getByRole('button', { name: digit, exact: true }))
    await expect(field).toHaveValue(reading)
  }
  const kept = async (count: number) => {
    await tap(add)
    const told = count === 1 ? '1 reading' : `${count} readings`
    await expect(page.getByText(`${told}: look, correct`)).toBeVisible()
  }

  await tap(field)
  await typed('90')
  await kept(1)
  await typed('88')
  await kept(2)
  // A slow leak: every other reading is a step lower, and stands there with one tap.
  for (let count = 3; count <= 10; count++) {
    if (count % 2 === 0) await tap(page.getByRole('button', { name: 'One step lower' }))
    await kept(count)
  }
  console.log(`ten readings: ${taps} taps`)
  expect(taps).toBeLessThanOrEqual(20)
})

test('each tab comes back where it was left, and a check that is opened begins at its head', async ({
  page,
}) => {
  await enter(page, 'oren', '/new')
  await newComplaint(page, 'Tabs')
  const tab = (name: string) => page.getByRole('button', { name, exact: true })
  const scrolled = () => page.evaluate(() => Math.round(window.scrollY))
  await tab('Steps').tap()
  await page.locator('[data-check="look-round"]').tap()
  await page.evaluate(() => window.scrollTo({ top: 300 }))
  await tab('Suspects').tap()
  await expect.poll(scrolled).toBe(0)
  await tab('Check').tap()
  await expect.poll(scrolled).toBe(300)
  await tab('Steps').tap()
  await page.locator('[data-check="level-and-condition"]').tap()
  await expect(page.locator('[data-panel="level-and-condition"]')).toBeVisible()
  await expect.poll(scrolled).toBe(0)
})

test.describe('by keyboard on a laptop', () => {
  test.use({ viewport: { width: 1280, height: 800 }, hasTouch: false })

  test('a reading typed after another takes its place', async ({ page }) => {
    await enter(page, 'oren', '/new')
    const path = await newComplaint(page, 'Typed readings')
    await page.goto(`${path}?check=pressure-hold`)
    await page.getByRole('radio', { name: 'Near full, marked' }).click()
    await page.getByRole('button', { name: 'Pumped up: start the clock' }).click()
    const field = page.getByLabel('Reading as the gauge shows it', { exact: true })
    await field.focus()
    for (const reading of ['90', '89', '88']) {
      await page.keyboard.type(reading)
      await expect(field).toHaveValue(reading)
      await page.keyboard.press('Enter')
      await expect(page.getByText(/^\d+ readings?: look, correct$/)).toContainText(
        `${91 - Number(reading)} reading`,
      )
    }
  })
})
