import { createServer, request, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { expect, test } from '@playwright/test'
import { newComplaint, openCheck, signIn } from './steps'

test.use({ serviceWorkers: 'allow' })

/** A way to the server by which another version of the application can be given out. */
class Release {
  private server: Server | undefined
  isNewer = false
  base = ''

  start() {
    const target = new URL(process.env.TEST_BASE_URL!)
    this.server = createServer((asked, answer) => {
      const { method, url, headers } = asked
      const isWorker = url === '/sw.js'
      // The worker's own script is given out whole, never as "the one you have".
      if (isWorker)
        for (const name of ['if-none-match', 'if-modified-since', 'accept-encoding'])
          delete headers[name]
      const onward = request(
        { host: target.hostname, port: target.port, method, path: url, headers },
        (got) => {
          const { 'content-length': _, ...kept } = got.headers
          answer.writeHead(got.statusCode!, isWorker ? kept : got.headers)
          if (!isWorker) return void got.pipe(answer)
          got.on('data', (chunk: Buffer) => answer.write(chunk))
          got.on('end', () => answer.end(this.isNewer ? '\n// another version' : ''))
        },
      )
      onward.on('error', () => answer.destroy())
      answer.on('close', () => onward.destroy())
      asked.pipe(onward)
    })
    return new Promise<void>((done) => {
      this.server!.listen(0, '127.0.0.1', () => {
        this.base = `http://127.0.0.1:${(this.server!.address() as AddressInfo).port}`
        done()
      })
    })
  }
  stop() {
    this.server!.closeAllConnections()
    return new Promise<void>((done) => this.server!.close(() => done()))
  }
}

test.setTimeout(60_000)
test('a new version asks before it loads, and what is half typed survives it, and is not typed twice', async ({
  browser,
}) => {
  const release = new Release()
  await release.start()
  const context = await browser.newContext({ baseURL: release.base })
  const page = await context.newPage()
  try {
    await signIn(page, 'ilka', release.base)
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null)
    await newComplaint(page, 'Half typed')
    await openCheck(page, 'cap')
    const field = page.getByLabel('Opens at', { exact: true })
    await field.fill('10')
    await field.press('4')

    release.isNewer = true
    await page.evaluate(async () => (await navigator.serviceWorker.ready).update())
    const load = page.getByRole('button', { name: 'Load it now' })
    await expect(load).toBeVisible()
    await expect(field).toHaveValue('104')
    await load.click()
    await expect(load).toBeHidden()
    await expect(field).toHaveValue('104')
  } finally {
    await context.close()
    await release.stop()
  }
})

test('what is half typed is noted before the page goes, and is not given back once it was sent off', async ({
  page,
}) => {
  await signIn(page, 'ilka')
  await page.goto('/new')
  await page.getByRole('radio', { name: 'Overheats' }).click()
  const words = page.getByLabel('In the keeper’s words')
  await words.pressSequentially('boils on the')
  // A tab that dies says no farewell: what it leaves is what was noted while it lived.
  await page.waitForFunction(() =>
    sessionStorage.getItem('thermognosis.half-typed')?.includes('boils on the'),
  )
  await page.reload()
  await page.getByRole('radio', { name: 'Overheats' }).click()
  await expect(words).toHaveValue('boils on the')
  await page.getByLabel('Vehicle, as you call it').fill('Crashed bus')
  await page.getByRole('button', { name: 'Open the case' }).click()
  await expect(page.getByRole('heading', { name: 'Crashed bus' })).toBeVisible()
  await page.goto('/new')
  await page.getByRole('radio', { name: 'Overheats' }).click()
  await expect(page.getByLabel('In the keeper’s words')).toHaveValue('')
})
