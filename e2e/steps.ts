import { expect, type Page } from '@playwright/test'

export const PASSWORD = 'saddle-ridge-1300'

export async function signIn(page: Page, name: string, base = '') {
  await page.goto(`${base}/sign-in`)
  await page.getByLabel('Sign-in name').fill(name)
  await page.getByLabel('Password', { exact: true }).fill(PASSWORD)
  await page.getByRole('button', { name: 'Sign in' }).click()
  await page.waitForURL((url) => url.pathname === '/')
}

type Kept = Awaited<ReturnType<ReturnType<Page['context']>['storageState']>>
/** name under which a browser keeps who is signed in */
const REMEMBERED = 'thermognosis.session'
const SESSION = '/api/session'
/** what a browser keeps of a person who is signed in, by the person's name */
const KEPT = new Map<string, Kept>()

/**
 * Opens a page as somebody who signed in on this browser before; where nobody did, or the session has ended, signs in.
 * For journeys that are not about signing in: those about one case begin at `/new`, and leave the board unranked.
 */
export async function enter(page: Page, name: string, at: '/' | '/new' = '/') {
  const kept = KEPT.get(name)
  if (kept) {
    await page.context().addCookies(kept.cookies)
    await page.goto('/api/health')
    await page.evaluate(
      (items) => items.forEach((item) => localStorage.setItem(item.name, item.value)),
      kept.origins[0]!.localStorage.filter((item) => item.name === REMEMBERED),
    )
    // What the shop's lead has set since stands in the answer; until then the page goes by what it was.
    const known = page.waitForResponse((answer) => new URL(answer.url()).pathname === SESSION)
    await page.goto(at)
    await known
    await expect(
      page.getByTestId('send-state').or(page.getByLabel('Password', { exact: true })),
    ).toBeVisible()
    if (new URL(page.url()).pathname === at) return
  }
  await signIn(page, name)
  KEPT.set(name, await page.context().storageState())
  if (at !== '/') await page.goto(at)
}

/** Where a new complaint is taken, unless that is where the page is. */
export async function atNewComplaint(page: Page) {
  if (new URL(page.url()).pathname !== '/new') await page.goto('/new')
}

/** The time that runs for a case: in the bar, or in the list of those the bar has no room for. */
export async function timerOf(page: Page, path: string) {
  const timer = page.locator(`a[href^="${path}"].timer`)
  const inBar = page.getByRole('banner').locator(timer)
  const more = page.getByRole('button', { name: /running timers?$/ })
  await expect(inBar.or(more).first()).toBeVisible()
  // A list that is closing still shows what it has; whether it is open, its button says.
  if (!(await inBar.isVisible()) && (await more.getAttribute('aria-expanded')) !== 'true')
    await more.click()
  await expect(timer).toBeVisible()
  return timer
}

/** Everything recorded has reached the server. */
export async function allSent(page: Page) {
  // The attribute is asked for, not whether it can be seen: a page that draws no frame is not seen and may be right.
  await expect(page.getByTestId('send-state')).toHaveAttribute('aria-label', 'All kept, all sent', {
    timeout: 20_000,
  })
}

/** What was recorded stands in the browser's database: from here on the page may go. */
export async function allKept(page: Page) {
  await expect(page.getByTestId('send-state')).not.toHaveAttribute('aria-label', 'Keeping')
}

/** The suspects shown are those of the newest record, and nothing moves any more. */
export async function settled(page: Page) {
  // A trace is kept when the hand has rested: until then the ranking is of what stood before.
  await expect(page.locator('[data-waits="true"]')).toHaveCount(0)
  await expect(page.locator('section[aria-label="Suspects"]')).toHaveAttribute('aria-busy', 'false')
  await still(page)
}

/** No transition is under way. */
export async function still(page: Page) {
  await page.waitForFunction(() => document.getAnimations().every((a) => a.playState !== 'running'))
}

/**
 * Makes the page draw a frame: a browser without a screen may draw none while the machine is busy, and a change of the
 * media is told to the page with a frame only.
 */
export async function drawn(page: Page) {
  await page.screenshot({ clip: { x: 0, y: 0, width: 1, height: 1 } })
}

/** Takes a coolant-loss complaint for a new vehicle and passes the start card; gives the case's address. */
export async function newComplaint(page: Page, vehicle: string) {
  if (new URL(page.url()).pathname !== '/new')
    await page.getByRole('link', { name: 'New complaint' }).click()
  await page.getByRole('radio', { name: 'Loses coolant' }).click()
  await page.getByLabel('Vehicle, as you call it').fill(vehicle)
  await page.getByLabel('How much is topped up').fill('0.5')
  await page.getByRole('radio', { name: 'a day' }).click()
  await page.locator('summary', { hasText: 'Every question' }).click()
  await page
    .getByRole('radiogroup', { name: 'Is the ground wet under it after it has stood?' })
    .getByRole('radio', { name: 'Yes' })
    .click()
  await page.getByText('The cooling system of this vehicle').click()
  await page.locator('[data-part=cap]').click()
  await page.getByLabel('Marked', { exact: true }).fill('103')
  await page.getByRole('button', { name: 'Open the case' }).click()
  await expect(page.getByRole('heading', { name: 'Before you start' })).toBeVisible()
  await page.getByRole('button', { name: 'Read; begin' }).click()
  await expect(page.getByRole('heading', { name: 'Before you start' })).toBeHidden()
  await allKept(page)
  return new URL(page.url()).pathname
}

/** Chooses a check on the rail; those that the plan does not ask for stand behind "more cold checks", or hot ones. */
export async function openCheck(page: Page, check: string) {
  const entry = page.locator(`[data-check="${check}"]`)
  const more = page.getByRole('button', { name: /more (?:cold|hot) check/ })
  await expect(entry.or(more).first()).toBeVisible()
  while (!(await entry.isVisible()) && (await more.count()) > 0) await more.first().click()
  await entry.click()
  // Two panels have fields of one name: the one that stood before must be gone.
  await expect(page.locator(`[data-panel="${check}"]`)).toBeVisible()
}

/** Fills the hold's setup with a gauge of its own and starts the clock. */
export async function startHold(page: Page, gauge: string) {
  await openCheck(page, 'pressure-hold')
  await page.getByLabel('Gauge', { exact: true }).selectOption('new')
  await page.getByLabel('Name of the gauge').fill(gauge)
  await page.getByLabel('Smallest graduation').fill('0.5')
  await page.getByLabel('Pump, per stroke').fill('28')
  await page.getByLabel('Pump strokes it took').fill('33')
  await page.getByRole('radio', { name: 'Near full, marked' }).click()
  await page.getByRole('button', { name: 'Pumped up: start the clock' }).click()
  await expect(page.getByTestId('add-reading')).toBeVisible()
  await allKept(page)
}

export async function addReading(page: Page, value: string) {
  const readings = page.getByText(/^\d+ readings?: look, correct$/)
  const before = (await readings.count()) > 0 ? Number.parseInt(await readings.innerText()) : 0
  await page.getByLabel('Reading as the gauge shows it', { exact: true }).fill(value)
  await page.getByTestId('add-reading').click()
  const now = before === 0 ? '1 reading' : `${before + 1} readings`
  await expect(page.getByText(`${now}: look, correct`)).toBeVisible()
  await allKept(page)
}

/** One answer of a question, both by their names. */
export const radio = (page: Page, group: string, name: string) =>
  page
    .getByRole('radiogroup', { name: group, exact: true })
    .getByRole('radio', { name, exact: true })
