import { bytesAnswering, MODE_01, type VehicleValue } from './j1979'

/** Said once to a fresh adapter: reset, no echo, no line feeds, protocol by itself. */
const SET_UP = ['ATZ', 'ATE0', 'ATL0', 'ATSP0'] as const
/** Asked over and over: the coolant every other time. */
const ROUND: readonly VehicleValue[] = [
  'coolant',
  'engine-speed',
  'coolant',
  'road-speed',
  'coolant',
  'intake-air',
  'coolant',
  'module-voltage',
  'coolant',
  'ambient',
]
/** A vehicle that has answered so often that it has no such value is not asked again. */
const UNSUPPORTED_AFTER = 3
/** After so many answers that never came the adapter is set up anew. */
const SILENT_AFTER = 3
/** An adapter that sends no prompt for so long sends something else, characters. */
const LONGEST_ANSWER = 4096

const PROMPT = '>'
const NO_VALUE = /NO ?DATA|UNABLE TO CONNECT|STOPPED|ERROR|^\?$/i
const NOT_AN_ANSWER = /^(SEARCHING|BUS ?INIT)[.:\s]*(OK)?/i

export type ReaderState = 'setting-up' | 'searching' | 'reading' | 'no-data' | 'silent'

export interface VehicleReading {
  name: VehicleValue
  /** in the unit that MODE_01 says */
  value: number
}

export interface LineReader {
  /** what to send now, without its carriage return; undefined while an answer is waited for */
  command: () => string | undefined
  /** takes what came in, in pieces of any size; gives the values that it completed */
  receive: (text: string) => VehicleReading[]
  /** no prompt came in the time that the owner of the connection grants */
  giveUp: () => void
  state: () => ReaderState
  /** lines that were no answer and nothing known */
  garbled: () => number
}

/**
 * Reads values of a vehicle through an adapter that speaks the usual line protocol: a command and a carriage return,
 * lines of hexadecimal bytes, and ">" when it is ready for the next. Echoed commands, "SEARCHING...", answers in several
 * lines, several modules answering, "NO DATA" and lines cut or garbled on the way are survived; what the vehicle does
 * not have is not asked for ever. Text in, commands and values out.
 * @example createLineReader().command() // 'ATZ'
 */
export function createLineReader(): LineReader {
  let setUp: string[] = [...SET_UP]
  let at = 0
  let buffer = ''
  let sent: { command: string; name?: VehicleValue } | undefined
  let state: ReaderState = 'setting-up'
  let garbled = 0
  let silent = 0
  const missed = new Map<VehicleValue, number>()
  const isAsked = (name: VehicleValue) =>
    name === 'coolant' || (missed.get(name) ?? 0) < UNSUPPORTED_AFTER

  function nextName(): VehicleValue {
    for (;;) {
      const name = ROUND[at % ROUND.length]!
      at++
      if (isAsked(name)) return name
    }
  }

  function command(): string | undefined {
    if (sent) return undefined
    const first = setUp.shift()
    if (first) sent = { command: first }
    else {
      const name = nextName()
      sent = { command: `01${MODE_01[name].pid}`, name }
    }
    buffer = ''
    return sent.command
  }

  function receive(text: string): VehicleReading[] {
    buffer += text
    if (/SEARCHING/i.test(buffer)) state = 'searching'
    const readings: VehicleReading[] = []
    for (let end = buffer.indexOf(PROMPT); end >= 0; end = buffer.indexOf(PROMPT)) {
      const answer = buffer.slice(0, end)
      buffer = buffer.slice(end + 1)
      readings.push(...answered(answer))
    }
    if (buffer.length > LONGEST_ANSWER) buffer = ''
    return readings
  }

  function answered(answer: string): VehicleReading[] {
    const was = sent
    sent = undefined
    silent = 0
    if (!was?.name) return []
    const lines = linesOf(answer, was.command)
    const { pid, bytes, decode } = MODE_01[was.name]
    const got = bytesAnswering(pid, lines)
    if (got && got.length >= bytes) {
      state = 'reading'
      missed.delete(was.name)
      return [{ name: was.name, value: decode(got) }]
    }
    if (lines.some((line) => NO_VALUE.test(line))) {
      missed.set(was.name, (missed.get(was.name) ?? 0) + 1)
      if (was.name === 'coolant') state = 'no-data'
    } else garbled++
    return []
  }

  function giveUp() {
    sent = undefined
    buffer = ''
    silent++
    if (silent < SILENT_AFTER) return
    state = 'silent'
    setUp = [...SET_UP]
  }

  return { command, receive, giveUp, state: () => state, garbled: () => garbled }
}

/** The lines of an answer, without the command echoed and what an adapter says of its search. */
function linesOf(answer: string, command: string): string[] {
  return answer
    .split(/[\r\n]+/)
    .map((line) => line.trim().replace(NOT_AN_ANSWER, '').trim())
    .filter((line) => line !== '' && line.replace(/\s/g, '').toUpperCase() !== command)
}
