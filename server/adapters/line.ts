import { connect, type Socket } from 'node:net'
import { createLineReader, type LineReader, type ReaderState, type VehicleValue } from '#core'

/** One value with the moment at which it was read, ms since 1970 by the server's clock. */
export interface Sample {
  at: number
  name: VehicleValue
  value: number
}
export type LineState = ReaderState | 'connecting' | 'gone'
export interface LineNews {
  state: LineState
  garbled: number
  samples: Sample[]
}
type Listener = (news: LineNews) => void

/** No more than ten values a second are asked for, ms. */
const PACE_MS = 100
/** An adapter that searches for the vehicle's protocol may take this long; one that reads, this long, ms. */
const SEARCH_MS = 12_000
const ANSWER_MS = 2_500
/** A connection that broke is tried again after this, ms. */
const AGAIN_MS = 1_500
/** Samples of so long are kept for a device that was away, and a line that nobody follows is kept so long, ms. */
const KEPT_MS = 300_000

/**
 * A line to one adapter: opened when somebody follows it, read on for some minutes when nobody does, so that a device
 * that was reloaded or lost its network misses nothing.
 */
export class AdapterLine {
  private readonly listeners = new Set<Listener>()
  private samples: Sample[] = []
  private socket: Socket | undefined
  private reader: LineReader = createLineReader()
  private state: LineState = 'gone'
  private waiting: NodeJS.Timeout | undefined
  /** when the last command went out, ms since 1970 */
  private askedAt = 0
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

  private news(samples: Sample[]): LineNews {
    return { state: this.state, garbled: this.reader.garbled(), samples }
  }

  private tell(samples: Sample[] = []) {
    const news = this.news(samples)
    for (const listener of this.listeners) listener(news)
  }

  private open() {
    this.reader = createLineReader()
    this.state = 'connecting'
    const socket = connect({ port: this.port, host: '127.0.0.1' })
    this.socket = socket
    socket.setEncoding('latin1')
    socket.setNoDelay(true)
    socket.on('connect', () => this.ask())
    socket.on('data', (text) => this.take(String(text)))
    socket.on('error', () => socket.destroy())
    socket.on('close', () => this.lost())
  }

  private ask() {
    const early = this.askedAt + PACE_MS - Date.now()
    if (early > 0) return void setTimeout(() => this.ask(), early).unref()
    if (!this.socket?.writable) return
    const command = this.reader.command()
    if (command === undefined) return
    this.askedAt = Date.now()
    this.socket.write(`${command}\r`)
    clearTimeout(this.waiting)
    const patience = this.reader.state() === 'reading' ? ANSWER_MS : SEARCH_MS
    this.waiting = setTimeout(() => {
      this.reader.giveUp()
      this.changeTo(this.reader.state())
      this.ask()
    }, patience).unref()
  }

  private take(text: string) {
    const at = Date.now()
    const fresh = this.reader.receive(text).map((reading) => ({ at, ...reading }))
    this.samples = [...this.samples.filter((sample) => sample.at > at - KEPT_MS), ...fresh]
    const before = this.state
    this.state = this.reader.state()
    if (fresh.length > 0 || this.state !== before) this.tell(fresh)
    this.ask()
  }

  private changeTo(state: LineState) {
    if (state === this.state) return
    this.state = state
    this.tell()
  }

  private lost() {
    clearTimeout(this.waiting)
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
