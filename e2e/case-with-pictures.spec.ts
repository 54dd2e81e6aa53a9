import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { picture } from './panel-steps'
import { allSent, enter, newComplaint, openCheck } from './steps'

test('a case goes out with its photograph, as PDF and as one zip, and another shop takes both in', async ({
  page,
  browser,
}) => {
  await enter(page, 'ilka', '/new')
  const path = await newComplaint(page, 'Tarrow 24 with a stained hose')
  await openCheck(page, 'look-round')
  await page
    .getByRole('region', { name: 'Top' })
    .getByRole('button', { name: /^Upper hose/ })
    .click()
  await page
    .getByLabel('Photograph of: Upper hose')
    .setInputFiles({ name: 'hose.png', mimeType: 'image/png', buffer: await picture(page) })
  await expect(page.getByRole('img', { name: 'Upper hose' })).toBeVisible()
  await allSent(page)

  await page.goto(`${path}/report`)
  const paper = page.getByRole('link', { name: 'PDF for keeper and file' })
  const answer = await page.request.get((await paper.getAttribute('href'))!)
  expect(answer.headers()['content-type']).toBe('application/pdf')
  expect((await answer.body()).includes('/Subtype /Image')).toBe(true)
  const download = page.waitForEvent('download')
  await page.getByRole('link', { name: 'With photographs (zip)' }).click()
  const zip = await (await download).path()

  const elsewhere = await (await browser.newContext()).newPage()
  await elsewhere.goto('/sign-in')
  await elsewhere.getByLabel('Sign-in name').fill('berit')
  await elsewhere.getByLabel('Password', { exact: true }).fill('valley-garage-400')
  await elsewhere.getByRole('button', { name: 'Sign in' }).click()
  const picker = elsewhere.getByLabel('Case file to import')
  await picker.setInputFiles({
    name: 'half.zip',
    mimeType: 'application/zip',
    buffer: Buffer.from('PK half a zip'),
  })
  await expect(elsewhere.getByText(/half\.zip: This zip is damaged, or was cut off/)).toBeVisible()
  await picker.setInputFiles({
    name: 'case.zip',
    mimeType: 'application/zip',
    buffer: readFileSync(zip),
  })
  const asked = elsewhere.getByRole('dialog')
  await expect(asked).toContainText('1 photograph with it.')
  await asked.getByRole('button', { name: 'Take it in' }).click()
  await expect(elsewhere.getByText(/entries taken in/)).toBeVisible()
  await elsewhere.goto(`${path}/report`)
  const photo = elsewhere.getByRole('img', { name: 'Upper hose' })
  await expect(photo).toBeVisible()
  await expect
    .poll(() => photo.evaluate((img) => (img as HTMLImageElement).naturalWidth))
    .toBeGreaterThan(0)
  await elsewhere.context().close()
})
