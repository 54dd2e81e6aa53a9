import { expect, test, type Page } from '@playwright/test'
import { execFileSync } from 'node:child_process'
import { enter, settled } from './steps'

interface Recorded {
  id: string
  observedAt: string
}
interface CaseFile {
  case: { id: string }
  records: Recorded[]
}
/** A vehicle with the name of its cause: its case as begun, what each check records of it, and what the keeper answers. */
interface Vehicle {
  name: string
  cause: string
  case: CaseFile
  shows: Readonly<Record<string, Recorded[] | undefined>>
  answers: Readonly<Record<string, string>>
}
const VEHICLES = JSON.parse(
  execFileSync(process.execPath, ['--import', 'tsx', 'data/stories/led/print.ts'], {
    encoding: 'utf8',
    maxBuffer: 64e6,
  }),
) as Vehicle[]

/** Vehicles that are walked through the screen; all that there are, in the core. */
const WALKED = [
  'thermostat-opens-late',
  'sensor-lies-to-the-fan',
  'loose-impeller',
  'half-blocked-radiator',
  'cold-heater-good-hoses',
  'gas-tested-cold-first',
]
/** More than any of the vehicles needs: a screen that leads in circles ends here. */
const MOST_STEPS = 24

/** Records what a check shows as another device does: by the case's file, which is taken in again with more in it. */
async function record(
  page: Page,
  { case: file }: Vehicle,
  found: readonly Recorded[],
  step: number,
) {
  // Each check was told as the first of its case: its records are given numbers and moments of their own.
  const name = (text: string) =>
    text.replaceAll(
      /([0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-)([0-9a-f]{12})/g,
      (id, head, tail) =>
        found.some((one) => one.id === id)
          ? `${head}${String(step).padStart(4, '0')}${tail.slice(4)}`
          : id,
    )
  const fresh = JSON.parse(name(JSON.stringify(found))) as Recorded[]
  for (const one of fresh)
    one.observedAt = new Date(Date.parse(one.observedAt) + step * 3_600_000).toISOString()
  file.records.push(...fresh)
  const answer = await page.request.post('/api/cases/import', {
    headers: { 'content-type': 'application/json' },
    data: JSON.stringify(file),
    // A server lets go of a connection that rested; a browser asks again by itself.
    maxRetries: 2,
  })
  expect(answer.status(), await answer.text()).toBe(200)
}

/** Answers what the keeper is asked, one question after the other, until there is none. */
async function answerAll(page: Page, { answers }: Vehicle) {
  const groups = page.getByRole('region', { name: 'Ask next' }).getByRole('radiogroup')
  for (let n = 0; n < Object.keys(answers).length; n++) {
    await settled(page)
    if ((await groups.count()) === 0) return
    const asked = (await groups.first().getAttribute('aria-label'))!
    expect(answers[asked], `somebody asks “${asked}”`).toBeDefined()
    await page
      .getByRole('region', { name: 'Ask next' })
      .getByRole('radiogroup', { name: asked, exact: true })
      .getByRole('radio', { name: answers[asked]!, exact: true })
      .click()
    await expect(
      page.locator(`section[aria-label="Ask next"] [aria-label="${asked}"]`),
    ).toHaveCount(0)
  }
}

/** Goes where the screen says next; the check that stands there, or nothing where nothing is next. */
async function goOn(page: Page): Promise<string | undefined> {
  await settled(page)
  const box = page.locator('.next').first()
  await expect(box).toBeVisible()
  const said = await box.getByRole('heading').innerText()
  const panel = page.locator('[data-panel]')
  const before = (await panel.getAttribute('data-panel'))!
  if (/^Next: .*, here$/.test(said)) return before
  if (said.startsWith('Next: ')) {
    await box.getByRole('button', { name: 'Go there' }).click()
    await expect(panel).not.toHaveAttribute('data-panel', before)
    return (await panel.getAttribute('data-panel'))!
  }
  const start = box.getByRole('button', { name: 'Start the engine' })
  if (!(await start.isVisible())) return undefined
  await start.click()
  const dialog = page.getByRole('alertdialog', { name: 'Before the engine is started' })
  await expect(dialog).toBeVisible()
  const turned = dialog.getByRole('checkbox')
  if ((await turned.count()) > 0) await turned.check()
  await dialog.getByRole('button', { name: 'Started: engine runs' }).click()
  await expect(dialog).toBeHidden()
  return goOn(page)
}

for (const vehicle of VEHICLES.filter(({ name }) => WALKED.includes(name)))
  test(`led by what is next: ${vehicle.name}`, async ({ page }) => {
    test.setTimeout(480_000)
    await enter(page, 'oren')
    await record(page, vehicle, [], 0)
    await page.goto(`/cases/${vehicle.case.case.id}`)
    await page.getByRole('button', { name: 'Read; begin' }).click()
    const way: string[] = []
    for (let check = await goOn(page); check; check = await goOn(page)) {
      way.push(check)
      expect(way.length, way.join(' > ')).toBeLessThan(MOST_STEPS)
      if (check === 'interview') {
        await answerAll(page, vehicle)
        continue
      }
      const found = vehicle.shows[check]
      expect(found, `${check} has something to show: ${way.join(' > ')}`).toBeDefined()
      await record(page, vehicle, found!, way.length)
      await expect(page.locator(`[data-check="${check}"]`)).toContainText('✓')
    }
    console.log(`${vehicle.name}: ${way.join(' > ')}`)
    await expect(page.locator('.next').first().getByRole('heading')).toHaveText(
      `Shown: ${vehicle.cause}`,
    )
    const lead = page.locator('section[aria-label="Suspects"]').getByRole('listitem').first()
    await expect(lead).toContainText(/nearly certain|9 in 10/)
  })
