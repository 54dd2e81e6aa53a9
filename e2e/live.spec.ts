import { expect, test, type Page } from '@playwright/test'
import { complaint, open, press } from './panel-steps'
import { allSent, enter, radio } from './steps'
import { startVehicle } from '../scripts/lib/stand-ins.mjs'

const PORT = Number(process.env.TEST_ADAPTER_PORT)
/** A piece of a live run is kept after this long, ms. */
const PIECE_MS = 16_000
/** A run read live is drawn once a second, and at once when a piece of it is kept. */
const MOST_DRAWN_PER_SECOND = 2
/** Nothing was lost where no two samples of the coolant lie further apart, s. */
const LARGEST_GAP_SECONDS = 2

interface Exported {
  records: { kind: string; data: { channel?: string; from?: string; seconds?: number[] } }[]
}

/** The coolant as the case has it: in how many traces, from where, and at which moments of the run, s. */
async function kept(page: Page) {
  const caseId = new URL(page.url()).pathname.split('/')[2]
  const answer = await page.request.get(`/api/cases/${caseId}/export`)
  const { records } = (await answer.json()) as Exported
  const traces = records.filter(({ data }) => data.channel === 'scan-coolant')
  return {
    traces: traces.length,
    from: new Set(traces.map(({ data }) => data.from)),
    seconds: traces.flatMap(({ data }) => data.seconds ?? []).sort((a, b) => a - b),
  }
}

const rail = (page: Page) => page.getByRole('navigation', { name: 'Checks by temperature' })

/** The run is drawn whole each time: how often within so long, whatever comes meanwhile. */
const timesDrawn = (page: Page, withinMs: number) =>
  page.evaluate(async (ms) => {
    const canvas = CanvasRenderingContext2D.prototype
    const { clearRect } = canvas
    const moments = new Set<number>()
    let frame = 0
    const count = () => {
      frame++
      requestAnimationFrame(count)
    }
    count()
    canvas.clearRect = function (...area) {
      if (this.canvas.closest('[data-testid=run-chart]')) moments.add(frame)
      clearRect.apply(this, area)
    }
    await new Promise((done) => setTimeout(done, ms))
    canvas.clearRect = clearRect
    return moments.size
  }, withinMs)

async function begin(page: Page, vehicle: string) {
  await enter(page, 'oren', '/new')
  await complaint(page, 'Overheats', vehicle, 'keyboard')
  await open(page, 'warm-up-run', 'keyboard')
  await press(radio(page, 'Air conditioning', 'Off'), 'keyboard')
  await press(radio(page, 'Fan is watched', 'No'), 'keyboard')
  await press(page.getByRole('button', { name: 'Begin the run' }), 'keyboard')
  // Nothing is begun of an engine that was not started, and what stands before its start is asked.
  await press(page.getByRole('button', { name: 'Not yet' }), 'keyboard')
  await expect(page.getByRole('button', { name: 'Begin the run' })).toBeEnabled()
  await press(page.getByRole('button', { name: 'Begin the run' }), 'keyboard')
  await press(page.getByRole('button', { name: 'Started: engine runs' }), 'keyboard')
  await expect(rail(page).getByRole('button', { name: 'Engine stopped' })).toBeVisible()
}

test('a run is read live from the vehicle: over a reload, over an adapter that goes away, to its end', async ({
  page,
}) => {
  // Twenty times as fast, and one answer in nine garbled: a cold engine is warm within a minute.
  const options = { port: PORT, fault: 'opens-late', speed: 20, garble: 9 }
  let vehicle = await startVehicle(options)
  await begin(page, 'Read live')
  await press(page.getByRole('button', { name: 'Read live: Bay 1' }), 'keyboard')
  await expect(page.getByText('Live from Bay 1, kept with the run.')).toBeVisible()
  const coolant = page.locator('[data-live-coolant]')
  await expect(coolant).toHaveText(/^[1-4]\d\s°C$/)
  await expect(page.getByText(/garbled lines? left out/)).toBeVisible()
  await expect(page.getByText(/Engine \d{3,4} rpm/)).toBeVisible()

  const drawn = await timesDrawn(page, PIECE_MS)
  console.log(`drawn ${drawn} times in ${PIECE_MS / 1000} s`)
  expect(drawn).toBeGreaterThan(0)
  expect(drawn).toBeLessThanOrEqual((PIECE_MS / 1000) * MOST_DRAWN_PER_SECOND)
  await page.reload()
  await expect(page.getByText('Live from Bay 1, kept with the run.')).toBeVisible()
  await expect(coolant).toHaveText(/^[5-9]\d\s°C$/)

  await vehicle.stop()
  await expect(page.getByText('No connection to Bay 1: tried again and again.')).toBeVisible()
  vehicle = await startVehicle(options)
  await expect(page.getByText('Live from Bay 1, kept with the run.')).toBeVisible()

  await press(page.getByRole('main').getByRole('button', { name: 'Engine stopped' }), 'keyboard')
  await expect(rail(page).getByRole('button', { name: 'Start the engine' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Stop reading live' })).toBeHidden()
  await allSent(page)
  const { seconds, traces } = await kept(page)
  expect(traces).toBeGreaterThan(1)
  const gaps = seconds.slice(1).map((s, i) => s - seconds[i]!)
  expect(new Set(seconds).size).toBe(seconds.length)
  // The one gap is where the adapter was away.
  expect(gaps.filter((gap) => gap > LARGEST_GAP_SECONDS).length).toBeLessThanOrEqual(1)
  await vehicle.stop()
})

/**
 * In the page: a serial port with an adapter that answers, granted once and for good, and pulled out while
 * `localStorage.unplugged` is set. The coolant warms by two kelvin a second.
 */
function standInPort() {
  const began = Number((localStorage.vehicle ??= String(Date.now())))
  let source: ReadableStreamDefaultController<Uint8Array> | undefined
  const text = (answer: string) => new TextEncoder().encode(answer)
  const answers = (command: string) => {
    const celsius = Math.min(95, 20 + ((Date.now() - began) / 1000) * 2)
    const hex = Math.round(celsius + 40)
      .toString(16)
      .padStart(2, '0')
    if (command === '0105') return `41 05 ${hex.toUpperCase()}\r\r>`
    return command.startsWith('01') ? 'NO DATA\r\r>' : 'OK\r\r>'
  }
  const port = {
    readable: null as ReadableStream<Uint8Array> | null,
    writable: null as WritableStream<Uint8Array> | null,
    open: async () => {
      if (localStorage.unplugged) throw new Error('no such port')
      port.readable = new ReadableStream({ start: (controller) => void (source = controller) })
      port.writable = new WritableStream({
        write: (bytes) => {
          if (localStorage.unplugged) source!.error(new Error('unplugged'))
          else source!.enqueue(text(answers(new TextDecoder().decode(bytes).trim())))
        },
      })
    },
    close: async () => void (port.readable = port.writable = null),
  }
  const serial = {
    requestPort: async () => {
      localStorage.granted = 'yes'
      return port
    },
    getPorts: async () => (localStorage.granted ? [port] : []),
  }
  Object.defineProperty(navigator, 'serial', { value: serial })
}

test('a run is read from the adapter on a port of this device: over a reload, and over a plug that was pulled', async ({
  page,
}) => {
  await page.addInitScript(standInPort)
  await begin(page, 'Read by the device')
  await press(page.getByRole('button', { name: 'Read live: a port of this device' }), 'keyboard')
  const live = page.getByText('Live from the adapter on this device, kept with the run.')
  await expect(live).toBeVisible()
  await expect(page.locator('[data-live-coolant]')).toHaveText(/^\d\d\s°C$/)
  // Less than a piece: what was read so far stands in the page alone.
  await page.waitForTimeout(4_000)
  await page.reload()
  await expect(live).toBeVisible()
  await page.waitForTimeout(2_000)

  await page.evaluate(() => (localStorage.unplugged = 'yes'))
  const away = page.getByText('No connection to the adapter on this device: tried again and again.')
  await expect(away).toBeVisible()
  await page.evaluate(() => localStorage.removeItem('unplugged'))
  await expect(live).toBeVisible()
  await page.waitForTimeout(1_000)
  await press(page.getByRole('main').getByRole('button', { name: 'Engine stopped' }), 'keyboard')
  await expect(rail(page).getByRole('button', { name: 'Start the engine' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Stop reading live' })).toBeHidden()
  await allSent(page)

  const { seconds, from } = await kept(page)
  expect([...from]).toEqual(['serial'])
  expect(new Set(seconds).size).toBe(seconds.length)
  // What was read before the reload is there: gaps are only the reload and the plug.
  expect(seconds.filter((s) => s < seconds[0]! + 4).length).toBeGreaterThan(10)
  const gaps = seconds.slice(1).map((s, i) => s - seconds[i]!)
  expect(gaps.filter((gap) => gap > LARGEST_GAP_SECONDS).length).toBeLessThanOrEqual(2)
})
