import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { openCheck, signIn, still } from './steps'

/** Goes to a view as one does who is there already: from check to check of a case by the rail, elsewhere by its address. */
async function show(page: Page, path: string) {
  const [pathname, check] = path.split('?check=')
  if (!check || new URL(page.url()).pathname !== pathname) return page.goto(path)
  const steps = page.getByRole('button', { name: 'Steps', exact: true })
  if (await steps.isVisible()) await steps.click()
  await openCheck(page, check)
  await page.waitForURL((url) => url.searchParams.get('check') === check)
}

const SIZES = [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
]

for (const colorScheme of ['light', 'dark'] as const)
  test(`every view can be read and reached, ${colorScheme}`, async ({ browser }) => {
    const context = await browser.newContext({ colorScheme, baseURL: process.env.TEST_BASE_URL })
    const page = await context.newPage()
    test.setTimeout(300_000)
    const outside: string[] = []
    page.on('request', (r) => {
      if (!r.url().startsWith(process.env.TEST_BASE_URL!) && !/^(data|blob):/.test(r.url()))
        outside.push(r.url())
    })
    await page.goto('/sign-in')
    const check = async (name: string) => {
      await still(page)
      // One frame and only what is wrong: the same rules, a quarter of the time.
      const { violations } = await new AxeBuilder({ page })
        .setLegacyMode(true)
        .options({ resultTypes: ['violations'] })
        .analyze()
      expect(
        violations.map(
          (v) =>
            `${name}: ${v.id} ${v.nodes[0]?.html.slice(0, 160)} ${v.nodes[0]?.failureSummary?.slice(0, 200)}`,
        ),
      ).toEqual([])
      const wider = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      )
      expect(wider, `${name} scrolls sideways`).toBeLessThanOrEqual(0)
    }
    await check('sign-in')
    await signIn(page, 'ilka')
    await expect(page.getByText(/in 10|certain/).first()).toBeVisible()
    const href = await page.getByRole('link', { name: /KVD 207/ }).getAttribute('href')
    const hrefs = new Map<string, string>()
    for (const plate of ['KVD 207', 'KVD 219', 'RSC 006', 'LIF 36', 'SLT 052'])
      hrefs.set(
        plate,
        (await page.getByRole('link', { name: new RegExp(plate) }).getAttribute('href'))!,
      )
    for (const size of SIZES) {
      await page.setViewportSize(size)
      const cases: [string, string[]][] = [
        [
          'KVD 207',
          ['interview', 'level-and-condition', 'cap', 'tester-self-check', 'pressure-hold'],
        ],
        ['KVD 219', ['look-round', 'mix', 'clean-and-dry', 'leak-trace']],
        ['RSC 006', ['cranking-rise', 'endoscope']],
        ['LIF 36', ['fan-circuit', 'cold-soak', 'belt-and-pump']],
        ['SLT 052', ['fan-by-hand', 'vacuum-decay', 'cylinder-leakage', 'cooler-test']],
      ]
      const panels = cases.flatMap(([plate, checks]) =>
        checks.map((c) => `${hrefs.get(plate)}?check=${c}`),
      )
      // A panel is looked at in the light theme on a laptop and in the dark one on a phone; everything else in all four.
      const here =
        (colorScheme === 'light') === size.width > 700
          ? panels
          : panels.filter((p) => /leak-trace|pressure-hold/.test(p))
      for (const path of [
        '/',
        '/new',
        '/settings',
        '/instruments',
        '/outbox',
        `${href}/report`,
        ...here,
      ]) {
        await show(page, path)
        if (path === '/new') await page.getByRole('radio', { name: 'Loses coolant' }).click()
        await expect(page.locator('h1').first()).toBeVisible()
        await check(`${path} at ${size.width}`)
        if (path.includes('leak-trace') && size.width > 700) {
          for (const [button, dialog] of [
            ['History', 'History'],
            ['System profile', 'System of this vehicle'],
            ['Start the engine', 'Before it is started'],
          ] as const) {
            await page.getByRole('button', { name: button, exact: true }).click()
            await expect(page.getByRole('heading', { name: dialog })).toBeVisible()
            await check(`${dialog} at ${size.width}`)
            await page.keyboard.press('Escape')
            await expect(page.getByRole('heading', { name: dialog })).toBeHidden()
          }
          await page
            .getByLabel('Suspects')
            .getByRole('listitem')
            .first()
            .getByRole('button')
            .click()
          await check('why')
          await page.keyboard.press('Escape')
        }
        if (path.includes('pressure-hold') && size.width < 700)
          for (const tab of ['Suspects', 'Loop', 'Steps']) {
            await page.getByRole('button', { name: tab, exact: true }).click()
            if (tab === 'Loop') await expect(page.locator('[data-part=radiator]')).toBeVisible()
            await check(`${tab} at ${size.width}`)
          }
      }
    }
    expect(outside).toEqual([])
    await context.close()
  })
