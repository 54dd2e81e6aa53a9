import { mkdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { ensurePackages, main, ROOT, say } from './lib/common.mjs'
import { CHROMIUM, CHROMIUM_ARGUMENTS, ensureChromium } from './lib/chromium.mjs'

/**
 * One picture of each main view from the running demo (PORT, default 3000). With names as arguments only those; to
 * another folder with OUT=folder.
 */
const base = `http://127.0.0.1:${process.env.PORT ?? 3000}`
const out = process.env.OUT ?? join(ROOT, 'docs/screenshots')
const only = process.argv.slice(2)
const idOf = (file) => JSON.parse(readFileSync(join(ROOT, 'data/demo/cases', file), 'utf8')).case.id
const seam = idOf('01-minibus-radiator-seam.json')
const rescue = idOf('03-rescue-coolant-to-cylinder.json')
const clogged = idOf('15-camper-clogged-core.json')
const lukewarm = idOf('17-crew-van-lukewarm.json')

const sources = idOf('10-minibus-two-sources.json')
const cylinders = idOf('11-rescue-two-cylinders.json')
const fan = idOf('13-lift-van-fan-relay.json')

const wide = { width: 1280, height: 800 }
const phone = { width: 390, height: 844 }
const VIEWS = [
  { name: 'board', path: '/', size: wide },
  { name: 'board-phone', path: '/', size: phone },
  {
    name: 'new-complaint',
    path: '/new',
    size: wide,
    act: async (page) => {
      await page.getByRole('radio', { name: 'Overheats' }).click()
      await page.locator('.suspect').first().waitFor()
      await page.getByRole('button', { name: 'Yes', exact: true }).first().click()
    },
  },
  { name: 'hold', path: `/cases/${seam}?check=pressure-hold`, size: wide },
  { name: 'hold-dark', path: `/cases/${seam}?check=pressure-hold`, size: wide, dark: true },
  { name: 'hold-phone', path: `/cases/${seam}?check=pressure-hold`, size: phone },
  { name: 'trace', path: `/cases/${sources}?check=leak-trace`, size: wide },
  { name: 'cranking', path: `/cases/${cylinders}?check=cranking-rise`, size: wide },
  { name: 'run', path: `/cases/${clogged}?check=warm-up-run`, size: wide },
  { name: 'survey', path: `/cases/${clogged}?check=radiator-survey`, size: wide },
  { name: 'heater-phone', path: `/cases/${lukewarm}?check=heater`, size: phone },
  {
    name: 'why',
    path: `/cases/${rescue}?check=pressure-hold`,
    size: wide,
    act: async (page) => {
      await page.locator('[data-fault=gasket-to-cylinder]').click()
      await page.waitForTimeout(500)
    },
  },
  {
    name: 'plan',
    path: `/cases/${fan}?check=level-and-condition`,
    size: wide,
    act: async (page) => {
      await page.getByRole('button', { name: 'The whole way' }).click()
      await page.locator('.steps li').first().waitFor()
    },
  },
  { name: 'report', path: `/cases/${seam}/report`, size: wide, full: true },
  {
    name: 'quote',
    path: `/cases/${lukewarm}/quote`,
    size: wide,
    act: async (page) => {
      await page.getByRole('button', { name: 'Draw up' }).click()
      await page.getByRole('listitem', { name: 'Line 1' }).waitFor()
    },
  },
  { name: 'audit', path: `/cases/${sources}/audit`, size: wide },
  { name: 'record', path: '/record', size: wide },
  { name: 'library', path: '/library?text=thermostat', size: wide },
  { name: 'calculators', path: '/calculators', size: wide },
]

await main(async () => {
  await ensurePackages()
  await ensureChromium()
  const { chromium } = await import('@playwright/test')
  mkdirSync(out, { recursive: true })
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_ARGUMENTS })
  for (const view of VIEWS.filter((v) => only.length === 0 || only.includes(v.name))) {
    const context = await browser.newContext({
      viewport: view.size,
      colorScheme: view.dark ? 'dark' : 'light',
      serviceWorkers: 'block',
    })
    const page = await context.newPage()
    page.on('console', (m) => m.type() === 'error' && say(`  ${view.name}: ${m.text()}`))
    page.on('pageerror', (e) => say(`  ${view.name}: ${e.message}`))
    await page.goto(`${base}/sign-in`)
    await page.getByLabel('Sign-in name').fill('ilka')
    await page.getByLabel('Password', { exact: true }).fill('saddle-ridge-1300')
    await page.getByRole('button', { name: 'Sign in' }).click()
    await page.waitForURL((url) => url.pathname === '/')
    await page.getByRole('link', { name: 'All kept, all sent' }).waitFor()
    await page.goto(base + view.path)
    if (view.path.startsWith('/cases') && !view.path.endsWith('/quote'))
      await page.locator('.track, table').first().waitFor({ state: 'attached' })
    await page.waitForTimeout(1500)
    await page.waitForFunction(() => !document.body.innerText.includes('Ranking'))
    if (view.act) await view.act(page)
    await page.waitForTimeout(700)
    await page.screenshot({ path: join(out, `${view.name}.png`), fullPage: view.full === true })
    say(view.name)
    await context.close()
  }
  await browser.close()
})
