import type { VehicleValue } from './j1979'
import { createLineReader, type ReaderState } from './line-reader'

/** The connection to an adapter that commands go out on. */
export interface LineLink {
  isOpen: () => boolean
  write: (text: string) => void
}

/** Moments and waiting, ms; what `after` gives calls it off. */
export interface LineClock {
  now: () => number
  after: (ms: number, then: () => void) => () => void
}

/** One value with the moment at which it was read, ms since 1970 by the clock of whoever reads. */
export interface LineSample {
  at: number
  name: VehicleValue
  value: number
}

export interface LineTalk {
  /** asks for the first thing */
  begin: () => void
  /** takes what came in and asks on */
  take: (text: string) => void
  /** waits for nothing any more */
  end: () => void
  state: () => ReaderState
  garbled: () => number
}

/** No more than ten values a second are asked for, ms. */
const PACE_MS = 100
/** An adapter that searches for the vehicle's protocol may take this long; one that reads, this long, ms. */
const SEARCH_MS = 12_000
const ANSWER_MS = 2_500
/** Commands to the adapter itself begin so: no vehicle is waited for. */
const OWN_COMMAND = /^AT/

/** How long an answer may take, ms: the first one of the vehicle takes a search. */
const patienceFor = (command: string, state: ReaderState): number =>
  state === 'reading' || OWN_COMMAND.test(command) ? ANSWER_MS : SEARCH_MS

/**
 * The reader kept going on one connection, whatever it is made of: asks at its pace, waits as long as an adapter may
 * take, and tells what was read and how it stands.
 * @param told called with the samples that came, and with none where only the state has changed
 * @example createLineTalk({ isOpen: () => false, write: () => {} }, { now: () => 0, after: () => () => {} }, () => {}).state()
 *   // 'setting-up'
 */
export function createLineTalk(
  link: LineLink,
  clock: LineClock,
  told: (fresh: LineSample[], state: ReaderState) => void,
): LineTalk {
  const reader = createLineReader()
  let askedAt = -Infinity
  let isOver = false
  let toldState: ReaderState | undefined
  let stopWaiting = () => {}
  let stopPausing = () => {}

  function tell(fresh: LineSample[]) {
    const state = reader.state()
    if (fresh.length === 0 && state === toldState) return
    toldState = state
    told(fresh, state)
  }

  function ask() {
    if (isOver || !link.isOpen()) return
    const early = askedAt + PACE_MS - clock.now()
    if (early > 0) {
      stopPausing()
      stopPausing = clock.after(early, ask)
      return
    }
    const command = reader.command()
    if (command === undefined) return
    askedAt = clock.now()
    link.write(`${command}\r`)
    stopWaiting()
    stopWaiting = clock.after(patienceFor(command, reader.state()), () => {
      reader.giveUp()
      tell([])
      ask()
    })
  }

  return {
    begin: ask,
    take: (text) => {
      const at = clock.now()
      tell(reader.receive(text).map((reading) => ({ at, ...reading })))
      ask()
    },
    end: () => {
      isOver = true
      stopWaiting()
      stopPausing()
    },
    state: () => reader.state(),
    garbled: () => reader.garbled(),
  }
}
