import { expect, type Page } from '@playwright/test'
import { addReading, atNewComplaint, radio, settled, startHold } from './steps'

/**
 * A new user who does what the plan proposes and nothing else. Each story is the truth of one vehicle; every step
 * records what that vehicle would show.
 */
export interface Story {
  complaint: 'Loses coolant' | 'Overheats'
  /** question as asked: what the keeper says; all others are answered "No" */
  keeper: Record<string, 'Yes' | 'Not known'>
  systemRating: string
  cap: { marked: string; opens: string; holds: string }
  residual: 'None' | 'Some' | 'Strong'
  fallKPaPerMinute: number
  tray: 'Wet' | 'Dry'
  /** part as named on its button: what is seen */
  looks: Record<string, string>
  places: Record<string, 'Seen issuing' | 'Dried, wet again' | 'Wet' | 'Dry'>
  /** rise each cylinder makes, kPa per second of cranking */
  cylinders: Record<number, number>
}

/** Takes the complaint of a story's vehicle. */
export async function take(page: Page, story: Story, vehicle: string) {
  await atNewComplaint(page)
  await page.getByRole('radio', { name: story.complaint }).click()
  await page.getByLabel('Vehicle, as you call it').fill(vehicle)
  await page.getByText('The cooling system of this vehicle').click()
  await page.locator('[data-part=cap]').click()
  await page.getByLabel('The system is made for').fill(story.systemRating)
  await page.locator('[data-part=engine]').click()
  await page.getByLabel('Cylinders', { exact: true }).fill('4')
  await page.getByRole('button', { name: 'Open the case' }).click()
  await page.getByRole('button', { name: 'Read; begin' }).click()
}

/** What each step of the plan, by the name that the screen gives it, records of a story's vehicle. */
export const DO: Record<string, (page: Page, story: Story, n: number) => Promise<void>> = {
  complaint: async (page, story) => {
    for (let i = 0; i < 24; i++) {
      const group = page.getByRole('region', { name: 'Ask next' }).getByRole('radiogroup').first()
      await settled(page)
      if (!(await group.isVisible())) return
      const asked = (await group.getAttribute('aria-label'))!
      await page
        .getByRole('region', { name: 'Ask next' })
        .getByRole('radiogroup', { name: asked, exact: true })
        .getByRole('radio', { name: story.keeper[asked] ?? 'No', exact: true })
        .click()
      await expect(
        page.locator(`section[aria-label="Ask next"] [aria-label="${asked}"]`),
      ).toHaveCount(0)
    }
  },
  'level, condition': async (page, story) => {
    await radio(page, 'Level, cold', 'Low').click()
    await radio(page, 'Pressure left on opening after a night', story.residual).click()
    await radio(page, 'Oil in the coolant', 'No').click()
    await radio(page, 'Engine oil', 'Clean').click()
    await radio(page, 'Coolant looks', 'Clear').click()
    await radio(page, 'Gel, or two colours', 'No').click()
    await radio(page, 'Pink froth: gearbox fluid', 'No').click()
    await radio(page, 'Traces of sealant', 'No').click()
  },
  'look round': async (page, story) => {
    for (const [part, seen] of Object.entries(story.looks)) {
      await page
        .getByRole('group', { name: /^Parts: / })
        .getByRole('button', { name: new RegExp(`^${part}`) })
        .click()
      await radio(page, part, seen).click()
    }
    for (const region of ['Front', 'Top', 'Engine', 'Bulkhead and cabin']) {
      const rest = page
        .getByRole('region', { name: region })
        .getByRole('button', { name: 'All the rest dry' })
      if (await rest.isEnabled()) await rest.click()
      await expect(page.getByRole('region', { name: region })).toContainText('all looked at')
    }
    const air = page.getByRole('button', { name: 'All the rest good' })
    if (await air.isEnabled()) await air.click()
  },
  'cap on adapter': async (page, { cap }) => {
    await page.getByLabel('Marked', { exact: true }).fill(cap.marked)
    await page.getByLabel('Opens at').fill(cap.opens)
    await page.getByLabel('A minute after').fill(cap.holds)
    await radio(page, 'Vacuum valve', 'Free').click()
    await radio(page, 'Seals', 'Good').click()
    await page.getByRole('button', { name: 'Keep the cap test' }).click()
  },
  'tester on itself': async (page) => {
    await page.getByLabel('Pumped to').fill('100')
    await page.getByLabel('Then shows').fill('100')
    await page.getByRole('button', { name: 'Keep the self-check' }).click()
  },
  'coolant mix': async (page) => {
    await page.getByLabel('Antifreeze').fill('50')
    await page.getByRole('button', { name: 'Keep the reading' }).click()
  },
  'wipe the joints': async (page) => page.getByRole('button', { name: 'All joints wiped' }).click(),
  'pressure hold': async (page, { fallKPaPerMinute, tray }, n) => {
    const again = page.getByRole('button', { name: 'Hold again' })
    if (await again.isVisible()) await again.click()
    await startHold(page, `Plan gauge ${n}`)
    for (let t = 0; t <= 11; t++) {
      await addReading(page, String(Math.round((100 - fallKPaPerMinute * t) * 2) / 2))
      await page.clock.fastForward(60_000)
    }
    await page.getByRole('button', { name: 'End the hold' }).click()
    await radio(page, 'The tray under it', tray).click()
    await page.getByRole('button', { name: 'Keep the end' }).click()
  },
  'trace the drip': async (page, { places }) => {
    await page.getByRole('button', { name: 'All places' }).click()
    for (const [place, seen] of Object.entries(places))
      await page
        .locator(`[data-place="${place}"]`)
        .getByRole('radio', { name: seen, exact: true })
        .click()
    await expect(page.getByText('Source', { exact: false }).first()).toBeVisible()
  },
  'cranking rise': async (page, { cylinders }) => {
    await settled(page)
    const turned = page.getByLabel('Plugs out, turned by hand: it turns freely')
    await expect(turned.or(page.locator('[data-cylinder="1"]')).first()).toBeVisible()
    if (await turned.isVisible()) await turned.check()
    for (let run = 1; run <= 6; run++) {
      const plugged: number[] = []
      for (const c of [1, 2, 3, 4])
        if ((await page.locator(`[data-cylinder="${c}"]`).getAttribute('aria-pressed')) === 'true')
          plugged.push(c)
      await page.getByLabel('Cranked for').fill('5')
      await page
        .getByLabel('After')
        .fill((plugged.reduce((sum, c) => sum + (cylinders[c] ?? 0), 0) * 5).toFixed(2))
      await radio(page, 'Does it stay when cranking stops?', 'Stays').click()
      await page.getByRole('button', { name: 'Keep the run' }).click()
      await expect(
        page.getByText(`${run} ${run === 1 ? 'run' : 'runs'}: look, take back`),
      ).toBeVisible()
      await settled(page)
      const set = page.getByRole('button', { name: 'Set the plugs so' })
      if (!(await set.isVisible())) return
      await set.click()
    }
  },
  'look into cylinders': async (page, { cylinders }) => {
    for (const c of [1, 2, 3, 4]) {
      await page.locator(`[data-cylinder="${c}"]`).click()
      await radio(
        page,
        `Cylinder ${c} looks`,
        (cylinders[c] ?? 0) > 0.1 ? 'Coolant in it' : 'Dry, sooted',
      ).click()
    }
  },
  'vacuum decay': async (page, { fallKPaPerMinute }) => {
    await page.getByLabel('Vacuum drawn').fill('-80')
    await page.getByLabel('At the end').fill(String(-80 + fallKPaPerMinute * 5))
    await page.getByLabel('Stood for').fill('10')
    await page.getByRole('button', { name: 'Keep the vacuum test' }).click()
  },
  'belt and pump': async (page) => {
    await radio(page, 'Belt: glazed, slack, or slipping', 'Tight, dry').click()
    await radio(page, 'Pulley, rocked by hand', 'Runs true').click()
    await radio(page, 'Turned over by hand: does the pump turn with it?', 'Turns').click()
  },
  'fan by hand': async (page) => {
    await radio(page, 'Push the fan: how does it turn, cold?', 'Some drag').click()
    await radio(page, 'Rock it at the tip of a blade', 'No play').click()
    await radio(page, 'Fluid streaks on the clutch', 'Clean').click()
  },
  'sensors, cold': async (page) => {
    await page.getByLabel('Stood for').fill('12')
    await page.getByLabel('Coolant, scan tool').fill('7')
    await page.getByLabel('Air outside').fill('7')
    await radio(page, 'Reading while plug and wire are moved', 'Steady').click()
    await page.getByRole('button', { name: 'Keep the comparison' }).click()
  },
  'fan circuit': async (page) => {
    await page.locator('[data-link=wire]').click()
    await page.getByLabel('Battery').fill('12.5')
    await page.getByLabel('At the plug').fill('12.3')
    await page.getByRole('button', { name: 'Keep', exact: true }).click()
    await page
      .getByRole('group', { name: 'Measurements' })
      .getByRole('button', { name: /bridged/ })
      .click()
    await page.getByRole('radio', { name: 'It runs' }).click()
    await page.locator('[data-link=ground]').click()
    await page.getByLabel('Dropped to ground').fill('0.1')
    await page.getByRole('button', { name: 'Keep', exact: true }).click()
  },
  'head and faces': async (page, { cylinders }) => {
    const burnt = Object.values(cylinders).some((rise) => rise > 0.05)
    await radio(page, 'What is measured', 'Head').click()
    await radio(page, 'Crack test', 'None after a test').click()
    await radio(page, 'Trace across the gasket', burnt ? 'Across it' : 'None').click()
    await page.getByRole('button', { name: 'Keep it' }).click()
  },
  'coolers by themselves': async (page) => {
    for (const row of await page.getByRole('radio', { name: 'Tight', exact: true }).all())
      await row.click()
  },
  'cylinder leakage': async (page) => {
    await page.getByLabel('Cylinder 1 leaks').fill('6')
    await radio(page, 'Bubbles in the neck', 'None').click()
    await page.getByRole('button', { name: 'Keep cylinder 1' }).click()
  },
}
