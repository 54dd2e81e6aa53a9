import { expect, test, type Page } from '@playwright/test'
import { DO, take, type Story } from './plan-steps'
import { enter, settled } from './steps'

/** Does what "Next" says until the story's end is reached, or gives up; returns the checks that were made. */
async function follow(
  page: Page,
  story: Story,
  reached: (likely: string[], lead: string, sure: boolean) => boolean,
  most = 14,
): Promise<string[]> {
  const trail: string[] = []
  const lead = async () =>
    (await page.getByLabel('Suspects').getByRole('listitem').first().innerText())
      .split('\n')[0]!
      .trim()
  const sure = async () =>
    /over 9 in 10|nearly certain/.test(
      await page.getByLabel('Suspects').getByRole('listitem').first().innerText(),
    )
  /** suspects that are at least as likely as not */
  const names = async () => {
    const rows = await page.getByLabel('Suspects').getByRole('listitem').allInnerTexts()
    return rows
      .filter((row) => /\b[5-9] in 10\b|over 9 in 10|nearly certain/.test(row))
      .map((row) => row.split('\n')[0]!.trim())
  }
  await DO.complaint!(page, story, 0)
  for (let step = 0; step < most; step++) {
    await settled(page)
    if (reached(await names(), await lead(), await sure())) return trail
    const said = await page.getByRole('heading', { name: /^Next: / }).innerText()
    const [, name, here] = /^Next: (.+?)(, here)?\s*$/.exec(said)!
    const next = name!.replace('ask the keeper', 'complaint')
    trail.push(next)
    if (!here) await page.getByRole('button', { name: 'Go there' }).click()
    const act = DO[next]
    if (trail.filter((t) => t === next).length > 4)
      throw new Error(`the plan goes in circles: ${trail.join(' > ')}`)
    if (!act) throw new Error(`nothing is known of “${next}” (${trail.join(' > ')})`)
    await act(page, story, step)
  }
  await settled(page)
  expect(
    reached(await names(), await lead(), await sure()),
    `${trail.join(' > ')} ended at ${(await names()).slice(0, 3).join(', ')}`,
  ).toBe(true)
  return trail
}

const SOUND_CAP = { marked: '103', opens: '105', holds: '101' }

test.describe('led by the plan', () => {
  test.beforeEach(async ({ page }) => {
    test.setTimeout(240_000)
    await page.clock.install()
    await enter(page, 'ilka', '/new')
  })

  test('a slow leak outside with two sources: both end on top', async ({ page }) => {
    const story: Story = {
      complaint: 'Loses coolant',
      keeper: {
        'Is the ground wet under it after it has stood?': 'Yes',
        'Is it lost standing overnight, more than on the road?': 'Yes',
      },
      systemRating: '103',
      cap: SOUND_CAP,
      residual: 'None',
      fallKPaPerMinute: 0.8,
      tray: 'Wet',
      looks: { 'Thermostat housing': 'Stained', Tank: 'Wet' },
      places: {
        'thermostat-flange': 'Dried, wet again',
        'tank-seam': 'Seen issuing',
        'weep-hole': 'Dry',
        'upper-hose': 'Dry',
      },
      cylinders: {},
    }
    await take(page, story, 'Two sources')
    const both = ['Thermostat housing or outlet', 'Tank: crack or seam']
    const trail = await follow(page, story, (s) => both.every((name) => s.includes(name)))
    expect(trail).toContain('trace the drip')
    process.stdout.write(`two sources: ${trail.join(' > ')}\n`)

    // Of each it is told what of all that was found is the other's.
    const [flange, tank] = both
    await page
      .getByLabel('Suspects')
      .getByRole('button', { name: new RegExp(tank!) })
      .click()
    const accounts = page.getByRole('dialog', { name: /^Why/ }).getByTestId('accounts')
    await expect(accounts).toContainText(/Where it is there, \d of the \d+ things found/)
    const rather = accounts.getByRole('listitem').filter({ hasText: `Rather ${flange}` })
    await expect(rather).toContainText('Traced to: thermostat housing or outlet')
  })

  test('coolant into two cylinders: the lead, and both cylinders named', async ({ page }) => {
    const story: Story = {
      complaint: 'Loses coolant',
      keeper: {
        'White, sweet exhaust that lasts when the engine is hot?': 'Yes',
        'Does it run rough for the first minute after a cold night?': 'Yes',
      },
      systemRating: '103',
      cap: SOUND_CAP,
      residual: 'Some',
      fallKPaPerMinute: 0.9,
      tray: 'Dry',
      looks: {},
      places: { 'thermostat-flange': 'Dry', 'weep-hole': 'Dry', 'upper-hose': 'Dry' },
      cylinders: { 1: 0.005, 2: 0.24, 3: 0.34 },
    }
    await take(page, story, 'Two cylinders')
    const trail = await follow(
      page,
      story,
      (_, lead, sure) => sure && lead === 'Head gasket: coolant to cylinder',
      10,
    )
    process.stdout.write(`two cylinders: ${trail.join(' > ')}\n`)
    // Sure of the fault, the plan asks for the runs that name the cylinders.
    if (!trail.includes('cranking rise')) {
      await expect(page.getByRole('heading', { name: 'Next: cranking rise' })).toBeVisible()
      await page.getByRole('button', { name: 'Go there' }).click()
      await DO['cranking rise']!(page, story, 0)
    } else await page.locator('[data-check="cranking-rise"]').click()
    await expect(
      page.getByRole('heading', { name: 'It comes from 2 cylinders: 2 and 3' }),
    ).toBeVisible()
    await expect(page.getByLabel('Suspects').getByRole('listitem').first()).toContainText(
      'Head gasket: coolant to cylinder',
    )
  })

  test('a wrong cap: the plan leads to it', async ({ page }) => {
    const story: Story = {
      complaint: 'Overheats',
      keeper: {
        'Does it run hot at speed, climbing or towing?': 'Yes',
        'Does it push coolant out of the tank or the cap when hot?': 'Yes',
      },
      systemRating: '138',
      cap: { marked: '90', opens: '91', holds: '88' },
      residual: 'None',
      fallKPaPerMinute: 0.02,
      tray: 'Dry',
      looks: {},
      places: {},
      cylinders: {},
    }
    await take(page, story, 'Wrong cap')
    const trail = await follow(page, story, (_, lead) => lead === 'Wrong cap for the place')
    process.stdout.write(`wrong cap: ${trail.join(' > ')}\n`)
    expect(trail).toContain('cap on adapter')
  })

  test('the whole way, by every school: with the keyboard, and to the step that is tapped', async ({
    page,
  }) => {
    const story: Story = {
      complaint: 'Loses coolant',
      keeper: { 'Is the ground wet under it after it has stood?': 'Yes' },
      systemRating: '103',
      cap: SOUND_CAP,
      residual: 'None',
      fallKPaPerMinute: 0.8,
      tray: 'Wet',
      looks: {},
      places: {},
      cylinders: {},
    }
    await take(page, story, 'Whole way')
    await DO.complaint!(page, story, 0)
    await settled(page)
    const said = await page.getByRole('heading', { name: /^Next: / }).innerText()
    const next = said.slice(6).replace(/, here$/, '')
    await page.getByRole('button', { name: 'The whole way' }).click()
    const dialog = page.getByRole('dialog', { name: 'The whole way to the cause' })
    const school = (name: RegExp) => dialog.getByRole('radio', { name })
    await expect(dialog.getByRole('radio')).toHaveCount(5)
    await expect(school(/^Most certainty/)).toBeChecked()
    // It begins with what the page says is next.
    const steps = dialog.getByRole('listitem')
    await expect(steps.first().getByRole('button').first()).toHaveText(new RegExp(`^${next}$`, 'i'))
    await expect(dialog.getByRole('region', { name: 'What would change the lead' })).toContainText(
      'leads',
    )
    await school(/^Most certainty/).press('ArrowRight')
    await expect(school(/^Press first/)).toBeChecked()
    await expect(steps.nth(1)).toContainText('Cap on adapter')
    await steps.nth(1).getByRole('button').first().click()
    await expect(dialog).toBeHidden()
    await expect(page.getByRole('heading', { name: 'Cap on adapter' })).toBeVisible()
  })
})
