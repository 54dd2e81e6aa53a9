import { MODE_01, VEHICLE_VALUES, type VehicleValue } from '#core'

export interface AdapterSession {
  /** the answer to one command, with its prompt */
  answer: (command: string) => string
}

const byRequest = new Map<string, VehicleValue>(
  VEHICLE_VALUES.map((name) => [`01${MODE_01[name].pid}`, name]),
)
const OFFSET_C = 40

/** A value as the bytes of mode 01 have it, the other way round from MODE_01. */
function bytesOf(name: VehicleValue, value: number): number[] {
  const { unit, bytes } = MODE_01[name]
  const whole = Math.round(
    unit === '°C'
      ? value + OFFSET_C
      : unit === 'rpm'
        ? value * 4
        : unit === 'V'
          ? value * 1000
          : value,
  )
  const bounded = Math.min(256 ** bytes - 1, Math.max(0, whole))
  return bytes === 2 ? [bounded >> 8, bounded & 255] : [bounded]
}
const hex = (byte: number) => byte.toString(16).toUpperCase().padStart(2, '0')

/**
 * One connection's side of the line protocol: echoes until it is told not to, searches for the vehicle's protocol before
 * the first value, has no data for what it does not know. Each `garbleEvery`-th answer with a value is garbled on its way.
 */
export function adapterSession(
  valueOf: (name: VehicleValue) => number,
  garbleEvery = 0,
): AdapterSession {
  let echoes = true
  let isFound = false
  let answers = 0

  function told(command: string): string {
    if (command === 'ATZ') {
      echoes = true
      isFound = false
      return 'VEHICLE STAND-IN 1'
    }
    if (command === 'ATE0') echoes = false
    if (command.startsWith('AT')) return 'OK'
    const name = byRequest.get(command)
    if (!name) return command.startsWith('01') ? 'NO DATA' : '?'
    const searching = isFound ? '' : 'SEARCHING...\r'
    isFound = true
    answers++
    const bytes = bytesOf(name, valueOf(name)).map(hex)
    const line = ['41', MODE_01[name].pid, ...bytes].join(' ')
    const isGarbled = garbleEvery > 0 && answers % garbleEvery === 0
    return searching + (isGarbled ? line.replace(/[0-9A-F]$/, '#') : line)
  }

  return {
    answer: (text) => {
      const command = text.replace(/\s/g, '').toUpperCase()
      const echo = echoes ? `${text}\r` : ''
      return `${echo}${told(command)}\r\r>`
    },
  }
}
