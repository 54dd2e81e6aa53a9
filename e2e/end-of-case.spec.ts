import { expect, test } from '@playwright/test'
import { complaint, open, press } from './panel-steps'
import { allSent, enter, radio, settled } from './steps'

/** Mended, proven by what had failed before, closed, and opened again. */
for (const mode of ['touch', 'keyboard'] as const) {
  test.describe(`by ${mode}`, () => {
    test.use(
      mode === 'touch'
        ? { viewport: { width: 390, height: 844 }, hasTouch: true }
        : { viewport: { width: 1280, height: 800 } },
    )

    test('a case is mended, proven, closed and opened again', async ({ page }) => {
      const tab = async (name: string) => {
        if (mode === 'touch') await page.getByRole('button', { name, exact: true }).tap()
      }
      const finish = page.getByRole('dialog', { name: 'Repair and close' })
      const choose = async (label: string, fault: string) => {
        await finish.getByRole('combobox', { name: label }).fill(fault)
        await page.getByRole('option', { name: fault }).click()
        await page.keyboard.press('Escape')
      }
      await enter(page, 'oren', '/new')
      await complaint(page, 'Loses coolant', `Ends by ${mode}`, mode)
      await open(page, 'level-and-condition', mode)
      await press(radio(page, 'Level, cold', 'Low'), mode)
      await settled(page)

      await tab('Suspects')
      await press(page.getByRole('button', { name: 'Repair, close' }), mode)
      const problem = (hasText: string) => finish.getByRole('alert').filter({ hasText })
      await press(finish.getByRole('button', { name: 'Close the case' }), mode)
      await expect(problem('Choose the cause that was confirmed')).toBeVisible()
      await press(finish.getByRole('button', { name: 'Record the repair' }), mode)
      await expect(problem('Choose the fault that was mended')).toBeVisible()
      await choose('Fault that was mended', 'Upper hose')
      const steps = finish.getByTestId('repair-steps')
      await expect(steps).toContainText('Hot coolant scalds')
      await steps.getByLabel('Cold, pressure let off, cap opened').check()
      await steps.getByLabel('Stubs clean, hoses past the bead, clamps square').press('Space')
      await expect(steps).toContainText('2 of 5 ticked')
      await finish.getByLabel('What was done, which part').fill('New hose, two clamps')
      await press(finish.getByRole('button', { name: 'Add a part that went in' }), mode)
      await finish.getByLabel('Batch or number on it').fill('2611-A')
      await press(finish.getByRole('button', { name: 'Record the repair' }), mode)
      await expect(problem('Say which part the batch is of.')).toBeVisible()
      await finish.getByLabel('Part that went in').fill('Hose, upper')
      await press(finish.getByRole('button', { name: 'Record the repair' }), mode)
      await expect(finish).toContainText('New hose, two clamps. Hose, upper (batch 2611-A)')
      await expect(finish).toContainText(/Not ticked: Drained.+Filled and bled/)
      await expect(finish.getByTestId('next-weakest')).toContainText(/gives next.+in 10/)
      const proof = finish.getByTestId('proof')
      await expect(proof).toContainText('Level, condition: to be done again')
      await expect(finish.getByText('the repair is not proven yet')).toBeVisible()
      const again = finish.getByRole('region', { name: 'The level again, after a repair' })
      await expect(again).toContainText(/○ Day 1: .*○ Day 3: .*○ Day 7: /)
      const calendar = page.waitForEvent('download')
      await press(again.getByRole('button', { name: 'As calendar file' }), mode)
      expect((await calendar).suggestedFilename()).toMatch(/\.ics$/)
      await press(finish.getByRole('button', { name: 'Back to the check' }), mode)

      // What failed before the repair is next, and says why.
      await settled(page)
      await open(page, 'look-round', mode)
      await tab('Suspects')
      await expect(page.getByRole('heading', { name: 'Next: level, condition' })).toBeVisible()
      await expect(page.getByText('It failed before the repair')).toBeVisible()
      await press(page.getByRole('button', { name: 'Go there' }), mode)
      await press(radio(page, 'Level, cold', 'Right'), mode)
      await settled(page)

      await tab('Suspects')
      await press(page.getByRole('button', { name: 'Repair, close' }), mode)
      await expect(proof).toContainText('Level, condition: done again, nothing found')
      await expect(finish.getByText('the repair is not proven yet')).toBeHidden()
      await finish.getByLabel('In words, for whoever opens it next').fill('Dry after a week.')
      await press(finish.getByRole('button', { name: 'Close the case' }), mode)
      await expect(finish).toBeHidden()
      await expect(page.getByRole('heading', { name: 'Closed', exact: true })).toBeVisible()
      await allSent(page)

      await page.reload()
      await tab('Suspects')
      await expect(page.getByRole('heading', { name: 'Closed', exact: true })).toBeVisible()
      await press(page.getByRole('button', { name: 'Repair, close' }).first(), mode)
      await finish.getByLabel('Why it is opened again').fill('Low again')
      await press(finish.getByRole('button', { name: 'Open it again' }), mode)
      await press(finish.getByRole('button', { name: 'Back to the check' }), mode)
      await expect(page.getByRole('heading', { name: 'Closed', exact: true })).toBeHidden()
      await allSent(page)
    })
  })
}

test('a gasket job is closed with its measurements or with the reason, and comes back with what was believed', async ({
  page,
}) => {
  const finish = page.getByRole('dialog', { name: 'Repair and close' })
  const repairAndClose = () => page.getByRole('button', { name: 'Repair, close' }).first().click()
  await enter(page, 'oren', '/new')
  await complaint(page, 'Loses coolant', 'Gasket bus', 'keyboard')
  await repairAndClose()
  await finish.getByRole('combobox', { name: 'Fault that was mended' }).fill('coolant to cylinder')
  await page.getByRole('option', { name: 'Head gasket: coolant to cylinder' }).click()
  await page.keyboard.press('Escape')
  // A torque that nobody wrote down is none.
  await finish.getByLabel('Tightened in the maker’s order and stages').check()
  await finish.getByRole('button', { name: 'Record the repair' }).click()
  await expect(finish.getByRole('alert')).toContainText('Say what it was tightened to')
  await finish.getByLabel('Torque and angle of each stage').fill('40 N·m, 90°, 90°')
  await finish.getByRole('button', { name: 'Record the repair' }).click()
  await expect(finish).toContainText('Tightened in the maker’s order and stages (40 N·m, 90°, 90°)')
  const sheet = finish.getByTestId('strip-down')
  await expect(sheet.getByRole('listitem')).toHaveCount(4)
  await expect(sheet).toContainText('○ Block face')
  await finish.getByRole('button', { name: 'Close the case' }).click()
  await expect(finish.getByRole('alert')).toContainText('4 measurements are missing')
  await finish.getByLabel('Why it is closed without').fill('Measured by the machine shop.')
  await finish.getByRole('button', { name: 'Close the case' }).click()
  await expect(page.getByRole('heading', { name: 'Closed', exact: true })).toBeVisible()
  await allSent(page)

  await repairAndClose()
  await finish.getByLabel('Why it is opened again').fill('White exhaust again')
  await finish.getByRole('button', { name: 'Open it again' }).click()
  await finish.getByRole('button', { name: 'Back to the check' }).click()
  const cameBack = page.getByTestId('came-back')
  await cameBack.getByText('Came back: what was believed').click()
  // It takes no room from the suspects.
  await expect(page.getByLabel('Suspects').getByRole('listitem').first()).toBeInViewport()
  await expect(cameBack).toContainText(/Closed on \d+ \w+: Head gasket: coolant to cylinder\./)
  await expect(cameBack).toContainText(/Believed then: .+ in 10/)
  await expect(cameBack).toContainText('“White exhaust again”')

  // Nothing is found the second time, and the case says so openly.
  await repairAndClose()
  await press(radio(page, 'The cause', 'Not found'), 'keyboard')
  await finish.getByLabel('In words, for whoever opens it next').fill('Held tight three times.')
  await finish.getByRole('button', { name: 'Close the case' }).click()
  await expect(page.getByRole('heading', { name: 'Closed', exact: true })).toBeVisible()
  await expect(cameBack).toBeHidden()
  await allSent(page)

  // The report tells all of it: what was not measured, that it came back, and how it ended.
  await page.goto(`${new URL(page.url()).pathname}/report`)
  const end = page.locator('section', {
    has: page.getByRole('heading', { name: 'How it ended' }),
  })
  await expect(end).toContainText('Not measured: Head face')
  await expect(end).toContainText('“Measured by the machine shop.”')
  await expect(end).toContainText('opened again. “White exhaust again”')
  await expect(end).toContainText(/closed without a cause\. “Held tight three times\.”/)
})

test('a look that is due after a repair stands on the board until it is taken', async ({
  page,
}) => {
  await enter(page, 'oren', '/new')
  await complaint(page, 'Loses coolant', 'Due bus', 'keyboard')
  await allSent(page)
  const [caseId, by] = await page.evaluate(() => [
    location.pathname.split('/')[2]!,
    JSON.parse(localStorage.getItem('thermognosis.session')!).person.id as string,
  ])
  const id = '0199aaaa-0000-7000-8000-00000000f0f1'
  const observedAt = new Date(Date.now() - 3.5 * 86_400_000).toISOString()
  const event = { id, by, observedAt, kind: 'repaired', data: { faults: ['upper-hose-leak'] } }
  const put = await page.request.put(`/api/events/${id}`, { data: { case: caseId, event } })
  expect(put.status()).toBe(201)
  await page.goto('/')
  const due = page.getByRole('region', { name: 'Level to be looked at again' })
  await expect(due.getByRole('link', { name: /Due bus.*day 3/ })).toBeVisible()
  await due.getByRole('link', { name: /Due bus/ }).click()
  await page.getByLabel('Days after').fill('3')
  await press(radio(page, 'Level now', 'At the mark'), 'keyboard')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await allSent(page)
  await page.goto('/')
  await expect(page.getByRole('link', { name: /Due bus/ }).first()).toBeVisible()
  await expect(due.getByRole('link', { name: /Due bus/ })).toBeHidden()
})
