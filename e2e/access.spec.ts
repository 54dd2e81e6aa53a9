import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { drawn, enter, openCheck, still } from './steps'

const WIDE = { width: 1280, height: 800 }
const NARROW = { width: 390, height: 844 }

/** Everything that a page asks for outside this machine. */
function asksOutside(page: Page): string[] {
  const outside: string[] = []
  page.on('request', (r) => {
    if (!r.url().startsWith(process.env.TEST_BASE_URL!) && !/^(data|blob):/.test(r.url()))
      outside.push(r.url())
  })
  return outside
}

/** Asks the page as it stands for what cannot be read or reached; in the second theme, for what theme can change. */
async function check(page: Page, name: string, only?: 'contrast') {
  await still(page)
  // One frame and only what is wrong: the same rules, a quarter of the time.
  const { violations } = await new AxeBuilder({ page })
    .setLegacyMode(true)
    .options({
      resultTypes: ['violations'],
      ...(only ? { runOnly: ['color-contrast', 'link-in-text-block'] } : {}),
    })
    .analyze()
  const wrong = violations.map(
    (v) =>
      `${name}: ${v.id} ${v.nodes[0]?.html.slice(0, 160)} ${v.nodes[0]?.failureSummary?.slice(0, 200)}`,
  )
  expect(wrong).toEqual([])
  const wider = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  )
  expect(wider, `${name} scrolls sideways`).toBeLessThanOrEqual(0)
}

/** A size and a theme; ends when the page wears it: the media tells first, and the page is drawn in it after. */
async function setUp(page: Page, size: typeof WIDE, colorScheme: 'light' | 'dark') {
  await page.setViewportSize(size)
  await page.emulateMedia({ colorScheme })
  await drawn(page)
  const theme = colorScheme === 'dark' ? 'lamp' : 'paper'
  await expect(page.locator(`.v-application.v-theme--${theme}`)).toBeAttached()
  await expect(page.locator(`.v-theme--${theme === 'lamp' ? 'paper' : 'lamp'}`)).toHaveCount(0)
}

/** One page at both sizes and in both themes. */
async function everyWay(page: Page, name: string) {
  for (const size of [WIDE, NARROW]) {
    await setUp(page, size, 'light')
    await check(page, `${name} at ${size.width}, light`)
    await setUp(page, size, 'dark')
    await check(page, `${name} at ${size.width}, dark`, 'contrast')
  }
  await setUp(page, WIDE, 'light')
}

/** addresses of the demo cases by their plates, once the board was seen */
const ADDRESSES = new Map<string, string>()
async function addressOf(page: Page, plate: string): Promise<string> {
  if (!ADDRESSES.has(plate)) {
    if (new URL(page.url()).pathname !== '/') await page.goto('/')
    for (const [known] of PANELS) {
      const card = page.getByRole('link', { name: new RegExp(known) })
      ADDRESSES.set(known, (await card.getAttribute('href'))!)
    }
  }
  return ADDRESSES.get(plate)!
}

test('every view can be read and reached, at both sizes and in both themes', async ({ page }) => {
  const outside = asksOutside(page)
  await page.goto('/sign-in')
  await expect(page.locator('h1').first()).toBeVisible()
  await everyWay(page, 'sign-in')
  await enter(page, 'ilka')
  await expect(page.getByText(/in 10|certain/).first()).toBeVisible()
  const quote = `${await addressOf(page, 'CRW 058')}/quote`
  const audit = `${await addressOf(page, 'KVD 219')}/audit`
  const report = `${await addressOf(page, 'KVD 207')}/report`
  await everyWay(page, 'board')
  for (const path of [
    '/new',
    '/settings',
    '/instruments',
    '/outbox',
    '/calculators',
    '/library',
    '/record',
    '/shop',
    '/prices',
    '/lives',
    audit,
    report,
    quote,
  ]) {
    await page.goto(path)
    if (path === '/new') {
      await page.getByRole('radio', { name: 'Loses coolant' }).click()
      // A choice is drawn as one: what has no edge is read as a link.
      await expect(page.getByRole('radio', { name: 'Overheats' })).toHaveCSS('border-width', '2px')
    }
    await expect(page.locator('h1').first()).toBeVisible()
    await everyWay(page, path)
  }
  expect(outside).toEqual([])
})

/** Cases of the demo shop whose records fill these panels. */
const PANELS: readonly [plate: string, checks: readonly string[]][] = [
  ['KVD 207', ['interview', 'level-and-condition', 'cap', 'tester-self-check', 'pressure-hold']],
  ['KVD 219', ['look-round', 'mix', 'clean-and-dry', 'leak-trace']],
  ['RSC 006', ['cranking-rise', 'endoscope']],
  ['LIF 36', ['fan-circuit', 'cold-soak', 'belt-and-pump']],
  ['HCA 331', ['running-pressure', 'chemical-gas-test', 'gas-analyser', 'level-creep', 'teardown']],
  ['CRW 058', ['earlier-work', 'felt-by-hand', 'heater', 'actuators', 'thermostat-bath']],
  ['HCA 340', ['warm-up-run', 'radiator-survey', 'load-run', 'radiator-flow', 'refill']],
  ['SLT 052', ['fan-by-hand', 'vacuum-decay', 'cylinder-leakage', 'cooler-test']],
]

/** Cases whose panels are looked at in one size. */
const FORMS = new Set(['HCA 331', 'CRW 058', 'HCA 340'])

/** What opens over a case: its dialogs, and why a suspect is one. */
async function dialogs(page: Page) {
  for (const [button, dialog] of [
    ['History', 'History'],
    ['System profile', 'System of this vehicle'],
    ['Start the engine', 'Before it is started'],
  ] as const) {
    await page.getByRole('button', { name: button, exact: true }).click()
    await expect(page.getByRole('heading', { name: dialog })).toBeVisible()
    await everyWay(page, dialog)
    await page.keyboard.press('Escape')
    await expect(page.getByRole('heading', { name: dialog })).toBeHidden()
  }
  await page.getByLabel('Suspects').getByRole('listitem').first().getByRole('button').click()
  await check(page, 'why')
  await page.keyboard.press('Escape')
}

for (const [plate, checks] of PANELS)
  test(`the panels of ${plate} can be read and reached: ${checks.join(', ')}`, async ({ page }) => {
    const outside = asksOutside(page)
    await enter(page, 'ilka', '/new')
    await page.goto(`${await addressOf(page, plate)}?check=${checks[0]}`)
    for (const [i, id] of checks.entries()) {
      if (i > 0) await openCheck(page, id)
      await page.waitForURL((url) => url.searchParams.get('check') === id)
      await expect(page.locator('h1').first()).toBeVisible()
      // The panels that are done hot are forms of one kind: the smaller size tells what the larger would.
      if (!FORMS.has(plate)) await check(page, `${id}, light`)
      if (id === 'leak-trace') await dialogs(page)
      await setUp(page, NARROW, 'dark')
      await check(page, `${id} on a phone, dark`)
      if (id === 'pressure-hold') {
        for (const tab of ['Suspects', 'Loop', 'Steps']) {
          await page.getByRole('button', { name: tab, exact: true }).click()
          if (tab === 'Loop') await expect(page.locator('[data-part=radiator]')).toBeVisible()
          await check(page, `${tab} on a phone`)
        }
      }
      await setUp(page, WIDE, 'light')
    }
    expect(outside).toEqual([])
  })
