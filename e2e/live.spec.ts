import { expect, test } from '@playwright/test'
import { complaint, open, press } from './panel-steps'
import { allSent, enter, radio } from './steps'
import { startVehicle } from '../scripts/lib/stand-ins.mjs'

const PORT = Number(process.env.TEST_ADAPTER_PORT)
/** A piece of a live run is kept after this long, ms. */
const PIECE_MS = 16_000
/** Nothing was lost where no two samples of the coolant lie further apart, s. */
const LARGEST_GAP_SECONDS = 2

interface Exported {
  records: { kind: string; data: { channel?: string; seconds?: number[]; values?: number[] } }[]
}

test('a run is read live from the vehicle: over a reload, over an adapter that goes away, to its end', async ({
  page,
}) => {
  // Twenty times as fast, and one answer in nine garbled: a cold engine is warm within a minute.
  const options = { port: PORT, fault: 'opens-late', speed: 20, garble: 9 }
  let vehicle = await startVehicle(options)
  await enter(page, 'oren')
  await complaint(page, 'Overheats', 'Read live', 'keyboard')
  await open(page, 'warm-up-run', 'keyboard')
  await press(radio(page, 'Air conditioning', 'Off'), 'keyboard')
  await press(radio(page, 'Fan is watched', 'No'), 'keyboard')
  await press(page.getByRole('button', { name: 'Begin the run' }), 'keyboard')
  await press(page.getByRole('button', { name: 'Read live: Bay 1' }), 'keyboard')
  await expect(page.getByText('Live from Bay 1, kept with the run.')).toBeVisible()
  const coolant = page.locator('[data-live-coolant]')
  await expect(coolant).toHaveText(/^[1-4]\d\s°C$/)
  await expect(page.getByText(/garbled lines? left out/)).toBeVisible()
  await expect(page.getByText(/Engine \d{3,4} rpm/)).toBeVisible()

  await page.waitForTimeout(PIECE_MS)
  await page.reload()
  await expect(page.getByText('Live from Bay 1, kept with the run.')).toBeVisible()
  await expect(coolant).toHaveText(/^[5-9]\d\s°C$/)

  await vehicle.stop()
  await expect(page.getByText('No connection to Bay 1: tried again and again.')).toBeVisible()
  vehicle = await startVehicle(options)
  await expect(page.getByText('Live from Bay 1, kept with the run.')).toBeVisible()

  await press(page.getByRole('button', { name: 'Engine stopped' }), 'keyboard')
  await expect(page.getByRole('button', { name: 'Stop reading live' })).toBeHidden()
  await allSent(page)
  const caseId = new URL(page.url()).pathname.split('/')[2]
  const answer = await page.request.get(`/api/cases/${caseId}/export`)
  const { records } = (await answer.json()) as Exported
  const traces = records.filter(({ data }) => data.channel === 'scan-coolant')
  expect(traces.length).toBeGreaterThan(1)
  const seconds = traces.flatMap(({ data }) => data.seconds ?? []).sort((a, b) => a - b)
  const gaps = seconds.slice(1).map((s, i) => s - seconds[i]!)
  expect(new Set(seconds).size).toBe(seconds.length)
  // The one gap is where the adapter was away.
  expect(gaps.filter((gap) => gap > LARGEST_GAP_SECONDS).length).toBeLessThanOrEqual(1)
  await vehicle.stop()
})
