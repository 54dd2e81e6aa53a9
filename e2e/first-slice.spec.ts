import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import {
  addReading,
  allSent,
  atNewComplaint,
  enter,
  newComplaint,
  openCheck,
  signIn,
  startHold,
  timerOf,
} from './steps'

// With the motion that most people see; the other journeys ask for less.
test.use({ contextOptions: { reducedMotion: 'no-preference' } })

test('a complaint goes in, a hold is run, suspects move, the report prints and the case goes out and in again', async ({
  page,
  browser,
}) => {
  await page.clock.install()
  await signIn(page, 'ilka')
  await newComplaint(page, 'Tarrow 24 under test')
  const suspects = page.getByLabel('Suspects')
  await expect(suspects.getByRole('listitem').first()).toBeVisible()

  await openCheck(page, 'cap')
  await page.getByLabel('Marked', { exact: true }).fill('103')
  await page.getByLabel('Opens at').fill('15.2 psi')
  await page.getByLabel('A minute after').fill('100')
  await page.getByRole('radio', { name: 'Right', exact: true }).click()
  await page.getByRole('button', { name: 'Keep the cap test' }).click()
  await expect(page.getByText('Good.', { exact: true })).toBeVisible()
  await expect(page.getByText('Coolant boils at')).toBeVisible()
  await expect(
    page.getByRole('paragraph').filter({ hasText: 'This does not clear:' }),
  ).toContainText('the neck it seats on')

  await openCheck(page, 'tester-self-check')
  await page.getByLabel('Pumped to').fill('100')
  await page.getByLabel('Then shows').fill('99')
  await page.getByRole('button', { name: 'Keep the self-check' }).click()
  await expect(page.getByText('Sound.')).toBeVisible()

  await startHold(page, 'Journey gauge')
  const before = await suspects.getByRole('list').innerText()
  for (let i = 0; i < 10; i++) {
    await addReading(page, String(102 - i * 0.9))
    await page.clock.fastForward(45_000)
  }
  const verdict = page.getByTestId('verdict')
  await expect(verdict).toContainText('Seep.')
  await expect(
    page.getByRole('paragraph').filter({ hasText: 'A pass here would not clear:' }),
  ).toContainText('the cap (it is off)')
  await expect(page.getByText(/kPa\/min/).first()).toBeVisible()
  await expect.poll(async () => suspects.getByRole('list').innerText()).not.toBe(before)

  await page.getByText('10 readings: look, correct').click()
  await page.getByRole('button', { name: 'Correct', exact: true }).last().click()
  await page.getByLabel('Reading as the gauge shows it', { exact: true }).fill('13.5 psi')
  await page.getByRole('button', { name: 'Keep correction' }).click()
  await expect(page.getByText('typed 13.5 psi')).toBeVisible()
  await expect(page.getByText('10 readings: look, correct')).toBeVisible()

  await page.getByRole('button', { name: 'End the hold' }).click()
  const tray = page.getByRole('radiogroup', { name: 'The tray under it' })
  await tray.getByRole('radio', { name: 'Dry' }).click()
  await page.getByRole('button', { name: 'Keep the end' }).click()
  await expect(page.getByRole('button', { name: 'Hold again' })).toBeVisible()

  await page.getByRole('button', { name: 'Correct the end' }).click()
  await expect(tray.getByRole('radio', { name: 'Dry' })).toBeChecked()
  await tray.getByRole('radio', { name: 'Wet' }).click()
  await page.getByRole('button', { name: 'Keep the correction' }).click()
  await page.getByRole('button', { name: 'Correct the set-up' }).click()
  await page.getByLabel('Pump strokes it took').fill('31')
  const shutOff = page.getByRole('radiogroup', { name: 'Shut off for this hold' })
  await expect(shutOff.getByRole('radio', { name: 'Nothing' })).toBeChecked()
  await shutOff.getByRole('radio', { name: 'Heater core' }).click()
  await shutOff.getByRole('radio', { name: 'Nothing' }).click()
  await page.getByRole('button', { name: 'Keep the corrected set-up' }).click()
  await expect(page.getByText('10 readings: look, correct')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Hold again' })).toBeVisible()

  await page.getByRole('button', { name: 'Show the loop' }).click()
  await page.locator('[data-part=radiator]').click()
  await page
    .getByRole('radiogroup', { name: 'Radiator' })
    .getByRole('radio', { name: 'Seen issuing' })
    .click()
  await expect(suspects.getByRole('listitem').first()).toContainText('Radiator')
  await suspects.getByRole('button', { name: /^Radiator: tank seam/ }).click()
  const why = page.getByRole('dialog')
  await expect(why).toContainText('Coolant seen issuing at: Radiator')
  await expect(why).toContainText('Not yet: Traced to its place at the radiator')
  await page.getByRole('button', { name: 'Back to the check' }).click()

  await allSent(page)
  await page.getByRole('link', { name: 'Report', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Pressure hold: seep.' })).toBeVisible()
  await expect(page.getByText('Not looked at:')).toBeVisible()
  await expect(page.getByRole('heading', { name: 'What comes next' })).toBeVisible()
  await expect(page.getByText(/its repair is proven so:|then it is proven:/)).toBeVisible()
  await expect(page).toHaveTitle(/^Cooling-system report · /)
  const pdf = await page.pdf({ format: 'A4' })
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export the case' }).click()
  const path = await (await download).path()
  const file = JSON.parse(readFileSync(path, 'utf8'))
  expect(
    file.records.filter((r: { kind: string }) => r.kind === 'pressure-hold.reading').length,
  ).toBe(11)

  const upload = () => ({
    name: 'case.json',
    mimeType: 'application/json',
    buffer: readFileSync(path),
  })
  const elsewhere = await (await browser.newContext()).newPage()
  await elsewhere.goto('/sign-in')
  await elsewhere.getByLabel('Sign-in name').fill('berit')
  await elsewhere.getByLabel('Password', { exact: true }).fill('valley-garage-400')
  await elsewhere.getByRole('button', { name: 'Sign in' }).click()
  await elsewhere.getByLabel('Case file to import').setInputFiles(upload())
  const asked = elsewhere.getByRole('dialog')
  await expect(asked).toContainText('A case that is not here yet.')
  await expect(asked).toContainText(/\d+ new records/)
  await asked.getByRole('button', { name: 'Leave it' }).click()
  await expect(elsewhere.getByRole('link', { name: /Tarrow 24 under test/ })).toHaveCount(0)
  await elsewhere.getByLabel('Case file to import').setInputFiles(upload())
  await asked.getByRole('button', { name: 'Take it in' }).click()
  await expect(elsewhere.getByText(/entries taken in/)).toBeVisible()
  await elsewhere.getByRole('link', { name: /Tarrow 24 under test/ }).click()
  await expect(elsewhere.getByLabel('Suspects').getByRole('listitem').first()).toContainText(
    'Radiator',
  )
  await elsewhere.getByRole('button', { name: 'History' }).click()
  await elsewhere.getByRole('radio', { name: 'The whole case' }).click()
  const opened = elsewhere.getByRole('listitem').filter({ hasText: 'Case opened' })
  await expect(opened).toContainText(/Taken in by Berit.* from the file of /)
  await elsewhere.context().close()
})

test('the timer keeps true time through a reload, and a running hold is called out on the board', async ({
  page,
}) => {
  await enter(page, 'oren', '/new')
  const path = await newComplaint(page, 'Timer bus')
  await startHold(page, 'Timer gauge')
  await page.waitForTimeout(2500)
  await page.reload()
  await expect(page.getByTestId('add-reading')).toHaveText(/Add at 00:0[2-9]/)
  await page.goto('/')
  const pill = await timerOf(page, path)
  await expect(pill).toContainText(/00:\d\d/)
  await expect(page).toHaveTitle('Thermognosis')
  await pill.click()
  await expect(page).toHaveTitle(/\d\d:\d\d Hold/)
})

test('times of several cases run at once, leave a case its title, and call out on any page when over', async ({
  page,
}) => {
  await page.clock.install()
  await enter(page, 'oren', '/new')
  const NAMES = ['First', 'Second', 'Third']
  const paths: string[] = []
  for (const name of NAMES) {
    await atNewComplaint(page)
    paths.push(await newComplaint(page, `${name} timer`))
    await startHold(page, `Timer gauge ${name}`)
  }
  for (const width of [1280, 390]) {
    await page.setViewportSize({ width, height: 844 })
    const title = await page.getByRole('heading', { name: /Third timer/ }).boundingBox()
    expect(title!.width).toBeGreaterThan(100)
  }
  await page.setViewportSize({ width: 1280, height: 800 })
  // One time stands in the bar, that of the open case first; the others are named in the list.
  await expect(page.getByRole('banner').locator('a.timer')).toHaveText(/Pressure hold/)
  await page.goto('/instruments')
  for (const [i, path] of paths.entries()) {
    await expect(await timerOf(page, path)).toContainText(`${NAMES[i]} timer`)
    await page.keyboard.press('Escape')
  }
  await page.clock.fastForward(17 * 60_000)
  for (const path of paths) {
    await expect(await timerOf(page, path)).toHaveClass(/due/)
    await page.keyboard.press('Escape')
  }
})

test('units switch everywhere and the record keeps what was typed', async ({ page }) => {
  await enter(page, 'ilka')
  // What was opened before lies further down on a full board.
  await page.getByRole('searchbox').fill('KVD 207')
  await page.getByRole('link', { name: /KVD 207/ }).click()
  await openCheck(page, 'pressure-hold')
  await expect(page.getByText(/0\.9\d.kPa\/min/).first()).toBeVisible()
  await page.getByRole('link', { name: 'Units, theme and sign-out' }).click()
  await page.getByRole('radio', { name: 'psi' }).click()
  await page.getByRole('radio', { name: '°F' }).click()
  await page.getByRole('radio', { name: 'qt, mi' }).click()
  await page.goBack()
  await expect(page.getByText(/0\.1\d+.psi\/min/).first()).toBeVisible()
  await expect(page.getByText(/About [0-9.]+.qt a week/)).toBeVisible()
  await openCheck(page, 'cap')
  await expect(page.getByText(/2[56]\d.°F/)).toBeVisible()
})
