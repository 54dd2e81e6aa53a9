import { expect, test, type Page } from '@playwright/test'
import { allSent, enter, newComplaint, openCheck, radio } from './steps'

/** Room that the browser gives the application, bytes. */
const QUOTA_BYTES = 4_000_000

/** Lets the browser give little room; to be asked before it has given any, since it remembers what it gave. */
async function giveLittleRoom(page: Page) {
  await page.goto('/api/health')
  const browser = await page.context().newCDPSession(page)
  await browser.send('Storage.overrideQuotaForOrigin', {
    origin: new URL(page.url()).origin,
    quotaSize: QUOTA_BYTES,
  })
}

/** Something else on this device takes all the room that is left. */
const fillUp = (page: Page) =>
  page.evaluate(async () => {
    const open = indexedDB.open('something-else', 1)
    const database = await new Promise<IDBDatabase>((done, fail) => {
      open.onupgradeneeded = () => open.result.createObjectStore('lumps', { autoIncrement: true })
      open.onsuccess = () => done(open.result)
      open.onerror = () => fail(open.error!)
    })
    // What the browser keeps it compresses: only noise takes the room that it says.
    const noise = (bytes: number) => {
      const lump = new Uint8Array(bytes)
      for (let at = 0; at < bytes; at += 65_536)
        crypto.getRandomValues(lump.subarray(at, at + 65_536))
      return lump
    }
    const isTaken = (bytes: number) =>
      new Promise<boolean>((done) => {
        const work = database.transaction('lumps', 'readwrite')
        work.objectStore('lumps').add(noise(bytes))
        work.oncomplete = () => done(true)
        work.onabort = () => done(false)
      })
    // The browser clears up behind itself and finds room again: from large to small until nothing of the size of an entry is taken.
    for (let isFull = false; !isFull;) {
      isFull = true
      for (const bytes of [1_000_000, 100_000, 10_000, 1_000, 100])
        for (let n = 0; n < 12 && (await isTaken(bytes)); n++) isFull = false
    }
    database.close()
  })

/** It goes again. */
const makeRoom = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<void>((done) => {
        indexedDB.deleteDatabase('something-else').onsuccess = () => done()
      }),
  )

const state = (page: Page) => page.getByTestId('send-state')
const answer = (page: Page, name: string) => radio(page, 'Level, cold', name)

test('a device without room says so at the entry, keeps what was typed in the page, and sends it or keeps it later', async ({
  page,
}) => {
  await giveLittleRoom(page)
  await enter(page, 'ilka', '/new')
  const path = await newComplaint(page, 'Full phone')
  await allSent(page)
  await openCheck(page, 'level-and-condition')

  await fillUp(page)
  await answer(page, 'Low').click()
  const alert = page.getByRole('alert').filter({ hasText: 'could not be kept' })
  await expect(alert).toContainText('This device has no room left to keep entries.')
  await expect(state(page)).toHaveAttribute('aria-label', '1 not kept')
  await expect(answer(page, 'Low')).toBeChecked()
  await expect(page.getByText('Undo')).toBeHidden()

  await radio(page, 'Engine oil', 'Clean').click()
  await expect(state(page)).toHaveAttribute('aria-label', '2 not kept')
  await alert.getByRole('link', { name: 'Look, export' }).click()
  await expect(page.getByTestId('unkept')).toHaveText([/^Level, condition/, /^Level, condition/])
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export as a file' }).click()
  expect((await download).suggestedFilename()).toBe('kept-entries.json')
  await page.goBack()

  await alert.getByRole('button', { name: 'Send without keeping' }).click()
  await expect(alert).toBeHidden()
  const exported = await (await page.request.get(`/api${path}/export`)).json()
  const kinds = exported.records.map((record: { kind: string }) => record.kind)
  expect(kinds.filter((kind: string) => kind.startsWith('level-and-condition'))).toHaveLength(2)

  await radio(page, 'Gel, or two colours', 'No').click()
  await expect(state(page)).toHaveAttribute('aria-label', '1 not kept')
  await makeRoom(page)
  await alert.getByRole('button', { name: 'Try to keep' }).click()
  await expect(alert).toBeHidden()
  await allSent(page)
  await page.reload()
  await openCheck(page, 'level-and-condition')
  await expect(answer(page, 'Low')).toBeChecked()
  await expect(radio(page, 'Gel, or two colours', 'No')).toBeChecked()
})

test('a browser that gives no storage opens all the same, sends, and calls nothing kept', async ({
  page,
}) => {
  // What a browser answers where a person has forbidden sites to keep data.
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException('The operation is insecure.', 'SecurityError')
    }
  })
  await enter(page, 'ilka')
  await expect(page.getByText('nothing is kept on this device')).toBeVisible()
  await expect(state(page)).toHaveAttribute('aria-label', 'Nothing kept here · all sent')
  const path = await newComplaint(page, 'Private window')
  await openCheck(page, 'level-and-condition')
  await answer(page, 'Low').click()
  await expect(state(page)).toHaveAttribute('aria-label', 'Nothing kept here · all sent')
  await expect(page.getByText('Recorded, not kept here: level, condition.')).toBeVisible()
  const exported = await (await page.request.get(`/api${path}/export`)).json()
  expect(exported.records.length).toBeGreaterThan(1)
  await page.reload()
  await expect(answer(page, 'Low')).toBeChecked()
})
