import { readdirSync, readFileSync } from 'node:fs'
import { expect, type Page, test } from '@playwright/test'
import { enter, settled, still } from './steps'

const FOLDER = 'data/vignettes/open'
/** Closed cases of coolant loss, as a shop has them from the years before. */
const PAST = readdirSync(FOLDER)
  .filter((file) => file.startsWith('coolant-loss-'))
  .slice(0, 12)

/** A case of the demo shop that is open. */
const TWO_SOURCES = JSON.parse(readFileSync('data/demo/cases/10-minibus-two-sources.json', 'utf8'))
  .case.id as string

/** How likely the leading suspect's prior was made here, as "why" says it. */
const startedFrom = async (page: Page) => {
  await page.getByLabel('Suspects').getByRole('listitem').first().getByRole('button').click()
  const why = page.getByRole('dialog')
  await expect(why.getByRole('heading', { name: 'What speaks for' })).toBeVisible()
  const told = await why.getByText(/it started from/).count()
  await still(page)
  await page.keyboard.press('Escape')
  await expect(why).toBeHidden()
  return told
}

test('the shop learns of its closed cases, says what moved, and finds those like the open one', async ({
  page,
}) => {
  await enter(page, 'oren')
  for (const file of PAST) {
    const answer = await page.request.post('/api/cases/import', {
      headers: { 'content-type': 'application/json' },
      data: readFileSync(`${FOLDER}/${file}`, 'utf8'),
    })
    expect(answer.status()).toBe(200)
  }
  const record = await page.request.get('/api/shop/record').then((answer) => answer.json())
  const closed = record.ends.reduce((sum: number, one: { cases: number }) => sum + one.cases, 0)
  expect(closed).toBeGreaterThanOrEqual(PAST.length)
  await page.goto('/')
  await page.getByRole('link', { name: 'Shop record' }).click()
  await expect(page.getByText(`${closed} cases closed`)).toBeVisible()
  await expect(page.getByRole('img', { name: /Told .+ came true/ })).toBeVisible()
  await expect(page.getByRole('row', { name: /^Look round \d+ 12 [\d.]+ dB$/ })).toBeVisible()

  await page.goto(`/cases/${TWO_SOURCES}`)
  await settled(page)
  expect(await startedFrom(page)).toBe(1)
  await page.getByRole('button', { name: 'Cases like this one' }).click()
  const like = page.getByRole('dialog', { name: 'Cases like this one' })
  await expect(like.getByRole('listitem').first()).toContainText('alike')
  const title = await like.getByRole('listitem').first().locator('.wide').first().textContent()
  await like.getByRole('listitem').first().getByRole('link').click()
  await expect(page.getByText(title!.split(': ')[1]!.split(' · ')[0]!).first()).toBeVisible()

  await page.goto('/record')
  const uses = page.getByLabel('Confirmed cases move the ranking')
  await expect(uses).toBeChecked()
  await page.route('**/api/shop/experience', (route) => route.abort())
  await uses.click()
  await expect(page.getByRole('alert')).toBeVisible()
  await expect(uses, 'what was not set is not shown as set').toBeChecked()
  await page.unroute('**/api/shop/experience')
  await uses.click()
  await expect(page.getByText('Set for the whole shop.')).toBeVisible()
  await expect(uses).not.toBeChecked()
  await page.goto(`/cases/${TWO_SOURCES}`)
  await settled(page)
  expect(await startedFrom(page)).toBe(0)
})

test('who is no lead reads the record and cannot say what moves the ranking', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await enter(page, 'ilka')
  await page.goto('/record')
  await expect(page.getByText('Only the lead can change this.')).toBeVisible()
  await expect(page.getByLabel('Confirmed cases move the ranking')).toBeDisabled()
  const wide = await page.evaluate(() => document.documentElement.scrollWidth)
  expect(wide).toBeLessThanOrEqual(390)
})
