import { connect, type Socket } from 'node:net'
import { createLineTalk, type LineSample, type LineTalk, type ReaderState } from '#core'

export type LineState = ReaderState | 'connecting' | 'gone'
export interface LineNews {
  state: LineState
  garbled: number
  /** by the server's clock */
  samples: LineSample[]
}
type Listener = (news: LineNews) => void

/** A connection that broke is tried again after this, ms. */
const AGAIN_MS = 1_500
/** Samples of so long are kept for a device that was away, and a line that nobody follows is kept so long, ms. */
const KEPT_MS = 300_000

const CLOCK = {
  now: () => Date.now(),
  after: (ms: number, then: () => void) => {
    const waiting = setTimeout(then, ms).unref()
    return () => clearTimeout(waiting)
  },
}

/**
 * A line to one adapter: opened when somebody follows it, read on for some minutes when nobody does, so that a device
 * that was reloaded or lost its network misses nothing.
 */
export class AdapterLine {
  private readonly listeners = new Set<Listener>()
  private samples: LineSample[] = []
  private socket: Socket | undefined
  private talk: LineTalk | undefined
  private state: LineState = 'gone'
  private ending: NodeJS.Timeout | undefined

  constructor(private readonly port: number) {}

  /** Calls `listener` with what was read since a moment, and with all that is read from now on. */
  follow(since: number, listener: Listener): () => void {
    clearTimeout(this.ending)
    this.listeners.add(listener)
    if (!this.socket) this.open()
    listener(this.news(this.samples.filter((sample) => sample.at > since)))
    return () => {
      this.listeners.delete(listener)
      if (this.listeners.size > 0) return
      this.ending = setTimeout(() => this.close(), KEPT_MS).unref()
    }
  }

  private news(samples: LineSample[]): LineNews {
    return { state: this.state, garbled: this.talk?.garbled() ?? 0, samples }
  }

  private tell(samples: LineSample[] = []) {
    const news = this.news(samples)
    for (const listener of this.listeners) listener(news)
  }

  private open() {
    this.state = 'connecting'
    const socket = connect({ port: this.port, host: '127.0.0.1' })
    this.socket = socket
    const link = {
      isOpen: () => socket.writable,
      write: (text: string) => void socket.write(text),
    }
    const talk = createLineTalk(link, CLOCK, (fresh, state) => this.heard(fresh, state))
    this.talk = talk
    socket.setEncoding('latin1')
    socket.setNoDelay(true)
    socket.on('connect', talk.begin)
    socket.on('data', (text) => talk.take(String(text)))
    socket.on('error', () => socket.destroy())
    socket.on('close', () => this.lost())
  }

  private heard(fresh: LineSample[], state: ReaderState) {
    const kept = this.samples.filter(({ at }) => at > Date.now() - KEPT_MS)
    this.samples = [...kept, ...fresh]
    this.state = state
    this.tell(fresh)
  }

  private changeTo(state: LineState) {
    if (state === this.state) return
    this.state = state
    this.tell()
  }

  private lost() {
    this.talk?.end()
    this.socket = undefined
    this.changeTo('gone')
    if (this.listeners.size === 0) return
    setTimeout(() => {
      if (this.listeners.size > 0 && !this.socket) this.open()
    }, AGAIN_MS).unref()
  }

  private close() {
    this.socket?.destroy()
    this.samples = []
  }
}

const lines = new Map<number, AdapterLine>()

/** The one line to the adapter on a port. */
export function lineTo(port: number): AdapterLine {
  const line = lines.get(port) ?? new AdapterLine(port)
  lines.set(port, line)
  return line
}
