import { expect, test } from '@playwright/test'
import { uuidv7 } from 'uuidv7'
import { Client, PEOPLE, recordOf, sqlOf } from '../tests/server/client'
import { enter, newComplaint } from './steps'

test.use({ serviceWorkers: 'allow' })

const sql = sqlOf()
test.afterAll(() => sql.end())

/** A case that was closed long ago, of a vehicle with this plate. */
async function closedLongAgo(plate: string): Promise<string> {
  const oren = await Client.signedIn('oren')
  const [vehicle, id, by] = [uuidv7(), uuidv7(), PEOPLE.oren]
  const observedAt = '2024-03-01T10:00:00.000Z'
  const put = async (kind: string, key: string, body: object) =>
    expect((await oren.ask('PUT', `/api/${kind}/${key}`, body)).status).toBe(201)
  await put('vehicles', vehicle, {
    by,
    observedAt,
    vehicle: { id: vehicle, name: 'Old quarry lorry', plate },
  })
  await put('cases', id, {
    by,
    observedAt,
    case: {
      id,
      complaint: 'overheats',
      title: 'on the long climb',
      openedAt: observedAt,
      openedBy: by,
      vehicle,
    },
  })
  const end = recordOf(by, 'closed', { outcome: 'not-found', causes: [] }, { observedAt })
  await put('events', end.id, { case: id, event: end })
  await sql`update case_index set touched_at = ${observedAt} where case_id = ${id}`
  return id
}

test('a case of years ago is found by its plate, fetched, pinned, and stands here without network', async ({
  page,
  context,
}) => {
  const [plate, other] = [`OLD ${Date.now() % 10_000}`, `OLD ${(Date.now() + 1) % 10_000}`]
  const id = await closedLongAgo(plate)
  const elsewhere = await closedLongAgo(other)
  await enter(page, 'ilka')
  await expect(page.getByRole('heading', { name: 'Open cases' })).toBeVisible()
  await expect(page.getByText(plate)).toHaveCount(0)

  await page.getByRole('searchbox').fill(plate)
  await page.getByRole('button', { name: 'Search closed cases too' }).click()
  const found = page.getByRole('region', { name: 'In the whole shop' })
  await found.getByText(plate).click()
  await expect(page.getByRole('heading', { name: 'Old quarry lorry' })).toBeVisible()
  const pin = page.getByRole('button', { name: 'Keep this case on this device' })
  await pin.click()
  await expect(pin).toHaveAttribute('aria-pressed', 'true')

  await page.waitForFunction(() => navigator.serviceWorker?.controller)
  await context.setOffline(true)
  await page.goto(`/cases/${id}`)
  await expect(page.getByRole('heading', { name: 'Old quarry lorry' })).toBeVisible()
  await page.goto(`/cases/${elsewhere}`)
  await expect(page.getByRole('alert')).toContainText('does not stand on this device')
  await context.setOffline(false)
  await expect(page.getByRole('heading', { name: 'Old quarry lorry' })).toBeVisible({
    timeout: 20_000,
  })
})

test('the board is narrowed by words, complaint, bay and person, and says so when nothing fits', async ({
  page,
}) => {
  await enter(page, 'ilka')
  const cards = page.locator('a.card')
  await expect(cards.first()).toBeVisible()
  const overheating = cards.filter({ hasText: 'Overheats' })
  await expect(overheating.first()).toBeVisible()
  await page.getByLabel('Complaint').selectOption({ label: 'Loses coolant' })
  await expect(overheating).toHaveCount(0)
  await expect(cards.first()).toBeVisible()
  await page.getByRole('searchbox').fill('no vehicle is called this')
  await expect(page.getByText('No case on this device fits.')).toBeVisible()
  await expect(page.getByText('No further open case in the shop fits.')).toBeVisible()
  await page.getByRole('button', { name: 'All open cases' }).click()
  await expect(overheating.first()).toBeVisible()
})

test('a vehicle seen before is found for a new complaint, with its system', async ({ page }) => {
  await enter(page, 'ilka')
  const name = `Twice here ${Date.now()}`
  await newComplaint(page, name)
  await page.goto('/new')
  await page.getByRole('radio', { name: 'Overheats' }).click()
  await page.getByLabel('Seen here before?').fill(name.toLowerCase())
  await page.getByRole('button', { name }).click()
  await expect(page.getByText(`Vehicle: ${name}`)).toBeVisible()
  await page.getByRole('button', { name: 'Open the case' }).click()
  await expect(page.getByRole('heading', { name })).toBeVisible()
})
