import AxeBuilder from '@axe-core/playwright'
import { expect, test } from '@playwright/test'
import { signIn } from './steps'

const SIZES = [{ width: 1280, height: 800 }, { width: 390, height: 844 }]

for (const colorScheme of ['light', 'dark'] as const)
  test(`every view can be read and reached, ${colorScheme}`, async ({ browser }) => {
    const context = await browser.newContext({ colorScheme, baseURL: process.env.TEST_BASE_URL })
    const page = await context.newPage()
    test.setTimeout(150_000)
    const outside: string[] = []
    page.on('request', (r) => { if (!r.url().startsWith(process.env.TEST_BASE_URL!) && !/^(data|blob):/.test(r.url())) outside.push(r.url()) })
    await page.goto('/sign-in')
    const check = async (name: string) => {
      await page.waitForTimeout(400)
      const { violations } = await new AxeBuilder({ page }).analyze()
      expect(violations.map((v) => `${name}: ${v.id} ${v.nodes[0]?.html.slice(0, 160)} ${v.nodes[0]?.failureSummary?.slice(0, 200)}`)).toEqual([])
      const wider = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)
      expect(wider, `${name} scrolls sideways`).toBeLessThanOrEqual(0)
    }
    await check('sign-in')
    await signIn(page, 'ilka')
    await expect(page.getByText(/in 10|certain/).first()).toBeVisible()
    const href = await page.getByRole('link', { name: /KVD 207/ }).getAttribute('href')
    for (const size of SIZES) {
      await page.setViewportSize(size)
      for (const path of ['/', '/new', '/settings', '/outbox', `${href}/report`, ...['interview', 'level-and-condition', 'look-round', 'cap', 'tester-self-check', 'pressure-hold'].map((c) => `${href}?check=${c}`)]) {
        await page.goto(path)
        if (path === '/new') await page.getByRole('radio', { name: 'Loses coolant' }).click()
        await expect(page.locator('h1').first()).toBeVisible()
        await check(`${path} at ${size.width}`)
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
