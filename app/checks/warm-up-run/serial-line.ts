import { createLineTalk, type LineSample, type ReaderState } from '#core'

/** A serial port as the browser hands it out; what of it is used here. */
export interface SerialPortLike {
  open: (how: { baudRate: number }) => Promise<void>
  close: () => Promise<void>
  /** takes the grant back; not in every browser */
  forget?: () => Promise<void>
  readonly readable: ReadableStream<Uint8Array> | null
  readonly writable: WritableStream<Uint8Array> | null
}
/** The browser's serial ports: asked for by a tap, and those that were granted before. */
export interface SerialLike {
  requestPort: () => Promise<SerialPortLike>
  getPorts: () => Promise<SerialPortLike[]>
}

export interface SerialNews {
  /** this device's clock, ms since 1970 */
  now: number
  state: ReaderState | 'connecting' | 'gone'
  garbled: number
  samples: LineSample[]
}

/** Speeds that adapters stand at; one at which nothing is understood is followed by the next, bit/s. */
const SPEEDS = [38_400, 115_200, 9_600] as const
/** A port that cannot be opened, or went away, is tried again after this, ms. */
const AGAIN_MS = 1_500

const CLOCK = {
  now: () => Date.now(),
  after: (ms: number, then: () => void) => {
    const waiting = setTimeout(then, ms)
    return () => clearTimeout(waiting)
  },
}
/** The line protocol is plain ASCII; what is not stays one character a byte and is found to be garbled. */
const textOf = (bytes: Uint8Array) => String.fromCharCode(...bytes)
const bytesOf = (text: string) => Uint8Array.from(text, (sign) => sign.charCodeAt(0))

/** This browser's serial ports, where it has them. */
export const serialOf = (browser: object): SerialLike | undefined =>
  'serial' in browser ? (browser.serial as SerialLike) : undefined

/** Lets somebody choose a port; the only one that this page may open from then on. False where none was chosen. */
export async function choosePort(serial: SerialLike): Promise<boolean> {
  const before = await serial.getPorts()
  const chosen = await serial.requestPort().catch(() => undefined)
  if (!chosen) return false
  await Promise.all(before.map((port) => (port === chosen ? undefined : port.forget?.())))
  return true
}

/**
 * A line to an adapter on a port of this device, by the reader that the server uses too: opened at the speed at which
 * it answers, read until it is closed, and tried again when it goes away.
 * @returns closes it
 */
export function openSerialLine(
  port: SerialPortLike,
  tell: (news: SerialNews) => void,
): () => Promise<void> {
  let isClosed = false
  let speed = 0
  let hangUp = async () => {}
  const news = (state: SerialNews['state'], garbled = 0, samples: LineSample[] = []) =>
    tell({ now: Date.now(), state, garbled, samples })

  /** Reads until the port ends, is closed, or is silent at this speed. */
  async function readAt(baudRate: number): Promise<'silent' | 'ended'> {
    await port.open({ baudRate })
    const writer = port.writable!.getWriter()
    const reader = port.readable!.getReader()
    let ended: 'silent' | 'ended' = 'ended'
    hangUp = () => reader.cancel().catch(() => undefined)
    const link = {
      isOpen: () => !isClosed,
      write: (text: string) => void writer.write(bytesOf(text)).catch(() => hangUp()),
    }
    const talk = createLineTalk(link, CLOCK, (fresh, state) => {
      news(state, talk.garbled(), fresh)
      if (state !== 'silent') return
      ended = 'silent'
      void hangUp()
    })
    try {
      talk.begin()
      for (;;) {
        const { value, done } = await reader.read()
        if (done) return ended
        talk.take(textOf(value))
      }
    } finally {
      talk.end()
      reader.releaseLock()
      writer.releaseLock()
      await port.close().catch(() => undefined)
    }
  }

  async function goOn() {
    while (!isClosed) {
      news('connecting')
      const ended = await readAt(SPEEDS[speed % SPEEDS.length]!).catch(() => 'ended' as const)
      if (isClosed) return
      if (ended === 'silent') {
        speed++
        continue
      }
      news('gone')
      await new Promise((again) => setTimeout(again, AGAIN_MS))
    }
  }
  const going = goOn()
  return async () => {
    isClosed = true
    await hangUp()
    await going
  }
}
