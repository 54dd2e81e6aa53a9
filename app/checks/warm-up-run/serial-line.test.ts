import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { choosePort, openSerialLine, type SerialNews, serialOf } from './serial-line'

/** An adapter on a port: answers at one speed only, as long as it is plugged in. */
function adapterAt(speed: number) {
  const opened: number[] = []
  let source: ReadableStreamDefaultController<Uint8Array> | undefined
  let isPlugged = true
  const answers = (command: string) =>
    command === '0105' ? '41 05 80\r\r>' : command.startsWith('01') ? 'NO DATA\r\r>' : 'OK\r\r>'
  const port = {
    readable: null as ReadableStream<Uint8Array> | null,
    writable: null as WritableStream<Uint8Array> | null,
    open: async ({ baudRate }: { baudRate: number }) => {
      if (!isPlugged) throw new Error('no such port')
      opened.push(baudRate)
      port.readable = new ReadableStream({ start: (controller) => void (source = controller) })
      port.writable = new WritableStream({
        write: (bytes) => {
          const command = String.fromCharCode(...bytes).trim()
          if (baudRate === speed)
            source!.enqueue(Uint8Array.from(answers(command), (sign) => sign.charCodeAt(0)))
        },
      })
    },
    close: async () => {
      port.readable = port.writable = null
    },
  }
  return {
    port,
    opened,
    unplug: () => {
      isPlugged = false
      source!.error(new Error('unplugged'))
    },
    plugIn: () => (isPlugged = true),
  }
}

let heard: SerialNews[]
const states = () => heard.map(({ state }) => state).filter((s, i, all) => s !== all[i - 1])
const listen = (news: SerialNews) => void heard.push(news)
beforeEach(() => {
  heard = []
  vi.useFakeTimers()
})
afterEach(() => vi.useRealTimers())

describe('a line to an adapter on a port of this device', () => {
  it('reads the vehicle, and frees the port when it is closed', async () => {
    const { port, opened } = adapterAt(38_400)
    const close = openSerialLine(port, listen)
    await vi.advanceTimersByTimeAsync(2_000)
    expect(states()).toEqual(['connecting', 'setting-up', 'reading'])
    const samples = heard.flatMap((news) => news.samples)
    expect(samples.length).toBeGreaterThan(5)
    expect(new Set(samples.map(({ name, value }) => `${name} ${value}`))).toEqual(
      new Set(['coolant 88']),
    )
    await close()
    expect(opened).toEqual([38_400])
    expect(port.readable).toBeNull()
    const before = heard.length
    await vi.advanceTimersByTimeAsync(60_000)
    expect(heard).toHaveLength(before)
  })
  it('finds the speed at which the adapter answers', async () => {
    const { port, opened } = adapterAt(9_600)
    const close = openSerialLine(port, listen)
    await vi.advanceTimersByTimeAsync(20_000)
    expect(opened).toEqual([38_400, 115_200, 9_600])
    expect(states().at(-1)).toBe('reading')
    await close()
  })
  it('says that an adapter was unplugged, and reads on at the same speed when it is back', async () => {
    const { port, opened, unplug, plugIn } = adapterAt(38_400)
    const close = openSerialLine(port, listen)
    await vi.advanceTimersByTimeAsync(2_000)
    unplug()
    await vi.advanceTimersByTimeAsync(1_000)
    expect(states().at(-1)).toBe('gone')
    await vi.advanceTimersByTimeAsync(5_000)
    plugIn()
    await vi.advanceTimersByTimeAsync(3_000)
    expect(states().at(-1)).toBe('reading')
    expect(opened).toEqual([38_400, 38_400])
    await close()
  })
  it('is the one chosen last: what was granted before is given back', async () => {
    const forgotten: string[] = []
    const named = (name: string) => ({
      ...adapterAt(9_600).port,
      forget: async () => void forgotten.push(name),
    })
    const [old, now] = [named('old'), named('now')]
    const serial = { getPorts: async () => [old, now], requestPort: async () => now }
    expect(await choosePort(serial)).toBe(true)
    expect(forgotten).toEqual(['old'])
    const refused = { ...serial, requestPort: () => Promise.reject(new Error('none chosen')) }
    expect(await choosePort(refused)).toBe(false)
  })
  it('is not there where the browser has no such ports', () => {
    expect(serialOf({})).toBeUndefined()
    const serial = {}
    expect(serialOf({ serial })).toBe(serial)
  })
})
