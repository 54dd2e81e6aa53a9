import { expect, test } from '@playwright/test'
import { Forwarder } from './forwarder'
import { addReading, allSent, newComplaint, signIn, startHold } from './steps'

// Here pages are kept by the browser and opened without network.
test.use({ serviceWorkers: 'allow' })

test('the network goes in the middle of a hold: readings go on, pages open, and every reading arrives once', async ({
  browser,
  request,
}) => {
  const forwarder = new Forwarder(new URL(process.env.TEST_BASE_URL!))
  await forwarder.start()
  const context = await browser.newContext({ baseURL: forwarder.base })
  const page = await context.newPage()
  await signIn(page, 'ilka', forwarder.base)
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null)
  const path = await newComplaint(page, 'Offline bus')
  await startHold(page, 'Offline gauge')
  await addReading(page, '101')
  await addReading(page, '100.5')
  await allSent(page)

  await forwarder.stop()
  await addReading(page, '100')
  await addReading(page, '99.5')
  await expect(page.getByRole('link', { name: /kept, not sent/ })).toBeVisible()
  await page.getByText('4 readings: look, correct').click()
  await expect(page.getByText('· kept')).toHaveCount(2)
  await expect(page.getByText('· sent')).toHaveCount(2)
  await page.reload()
  await expect(page.getByText('4 readings: look, correct')).toBeVisible()
  await addReading(page, '99')
  await page.goto(`${forwarder.base}${path}/report`)
  await expect(page.getByRole('heading', { name: 'Cooling-system report' })).toBeVisible()
  await expect(page.getByText(/5 readings over/)).toBeVisible()
  await page.goto(`${forwarder.base}/outbox`)
  await expect(page.getByRole('listitem')).toHaveCount(3)

  await forwarder.start()
  await allSent(page)
  await expect(page.getByText('Everything you recorded here has been sent.')).toBeVisible()
  const signedIn = await request.post(`${process.env.TEST_BASE_URL}/api/session`, {
    data: { signIn: 'oren', password: 'saddle-ridge-1300' },
  })
  expect(signedIn.ok()).toBe(true)
  const cookie = signedIn
    .headersArray()
    .filter((h) => h.name.toLowerCase() === 'set-cookie')
    .map((h) => h.value.split(';')[0])
    .join('; ')
  const exported = await (
    await request.get(`${process.env.TEST_BASE_URL}/api${path}/export`, { headers: { cookie } })
  ).json()
  const values = exported.records
    .filter((r: { kind: string }) => r.kind === 'pressure-hold.reading')
    .map((r: { data: { pressure: { value: number } } }) => r.data.pressure.value)
  expect(values.sort((a: number, b: number) => b - a)).toEqual([101, 100.5, 100, 99.5, 99])
  await context.close()
  await forwarder.stop()
})

test('a session that ends holds what is recorded; it is sent as its author and as nobody else', async ({
  page,
  context,
}) => {
  await signIn(page, 'mave')
  await newComplaint(page, 'Held bus')
  await allSent(page)
  await context.clearCookies()
  await page.locator('[data-check="level-and-condition"]').click()
  await page
    .getByRole('radiogroup', { name: 'Level, cold' })
    .getByRole('radio', { name: 'Low' })
    .click()
  await expect(page.getByText(/Signed out. What you record is kept/)).toBeVisible()
  await expect(page.getByRole('link', { name: 'Signed out · 1 kept' })).toBeVisible()

  await signIn(page, 'ilka')
  await expect(page.getByRole('link', { name: 'All kept, all sent' })).toBeVisible()
  await page.goto('/settings')
  await page.getByRole('button', { name: 'Sign out', exact: true }).click()
  await expect(page.getByText(/1 entry by Mave Quill kept on this device/)).toBeVisible()
  await signIn(page, 'mave')
  await allSent(page)
  await page.getByRole('link', { name: /Held bus/ }).click()
  await page.locator('[data-check="level-and-condition"]').click()
  await expect(
    page.getByRole('radiogroup', { name: 'Level, cold' }).getByRole('radio', { name: 'Low' }),
  ).toHaveAttribute('aria-checked', 'true')
})

test('a refused entry is set aside, visible, can be changed, and later entries go on', async ({
  page,
}) => {
  await signIn(page, 'mave')
  await newComplaint(page, 'Refused bus')
  await allSent(page)
  await page.route('**/api/records/*', async (route) => {
    const body = route.request().postDataJSON()
    if (body.record?.data?.level !== 'empty') return route.continue()
    body.record.data.level = 'no-such-level'
    await route.continue({ postData: JSON.stringify(body) })
  })
  await page.locator('[data-check="level-and-condition"]').click()
  const level = page.getByRole('radiogroup', { name: 'Level, cold' })
  await level.getByRole('radio', { name: 'Nearly empty' }).click()
  await expect(page.getByRole('link', { name: '1 set aside' })).toBeVisible()
  await page.locator('[data-check="interview"]').click()
  await page.locator('summary', { hasText: 'Said so far' }).click()
  await page
    .getByRole('radiogroup', { name: /white, sweet exhaust/i })
    .getByRole('radio', { name: 'No', exact: true })
    .click()
  await expect(page.getByRole('link', { name: '1 set aside' })).toBeVisible()
  await page.getByRole('link', { name: '1 set aside' }).click()
  await expect(page.getByTestId('refused')).toContainText('record.data.level')
  await expect(page.getByText('Waiting to be sent')).toHaveCount(0)
  await page.getByRole('button', { name: 'Look and change' }).click()
  const text = page.getByLabel('The entry as it is kept')
  await text.fill((await text.inputValue()).replace('"empty"', '"low"'))
  await page.getByRole('button', { name: 'Keep and send again' }).click()
  await allSent(page)
})

test('every tab of a person shows what another person records, and a page read at once shows all of it', async ({
  browser,
}) => {
  const context = await browser.newContext({ baseURL: process.env.TEST_BASE_URL! })
  const one = await context.newPage()
  await signIn(one, 'ilka')
  const path = await newComplaint(one, 'Tabs bus')
  await allSent(one)
  const tabs = [one, await context.newPage()]
  for (const tab of tabs) {
    await tab.goto(`${path}?check=level-and-condition`)
    await expect(tab.getByRole('radiogroup', { name: 'Level, cold' })).toBeVisible()
  }
  const other = await (await browser.newContext({ baseURL: process.env.TEST_BASE_URL! })).newPage()
  await signIn(other, 'oren')
  await other.goto(`${path}?check=level-and-condition`)
  for (const level of ['Low', 'Nearly empty']) {
    await other
      .getByRole('radiogroup', { name: 'Level, cold' })
      .getByRole('radio', { name: level })
      .click()
    for (const tab of tabs)
      await expect(
        tab.getByRole('radiogroup', { name: 'Level, cold' }).getByRole('radio', { name: level }),
      ).toBeChecked({ timeout: 5000 })
  }
  await allSent(other)
  await tabs[1]!.reload()
  await expect(
    tabs[1]!
      .getByRole('radiogroup', { name: 'Level, cold' })
      .getByRole('radio', { name: 'Nearly empty' }),
  ).toBeChecked()
  await context.close()
  await other.context().close()
})

test('signing out without network ends the session here at once, and on the server when the network is back', async ({
  browser,
}) => {
  const forwarder = new Forwarder(new URL(process.env.TEST_BASE_URL!))
  await forwarder.start()
  const context = await browser.newContext({ baseURL: forwarder.base })
  const page = await context.newPage()
  await signIn(page, 'ilka', forwarder.base)
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null)
  const cookie = (await context.cookies()).map(({ name, value }) => `${name}=${value}`).join('; ')
  const session = () =>
    fetch(`${process.env.TEST_BASE_URL}/api/session`, { headers: { cookie } }).then((a) => a.status)
  await page.getByRole('link', { name: /sign-out/ }).click()
  await forwarder.stop()
  await page.getByRole('button', { name: 'Sign out', exact: true }).click()
  await expect(page.getByLabel('Password', { exact: true })).toBeVisible()
  await page.goto('/')
  await expect(page.getByLabel('Password', { exact: true })).toBeVisible()
  expect(await session()).toBe(200)
  await forwarder.start()
  await page.reload()
  await expect.poll(session).toBe(401)
  await context.close()
  await forwarder.stop()
})
