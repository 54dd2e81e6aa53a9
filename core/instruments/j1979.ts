/** What is asked of a vehicle, by name. */
export const VEHICLE_VALUES = [
  'coolant',
  'engine-speed',
  'road-speed',
  'intake-air',
  'module-voltage',
  'ambient',
] as const
export type VehicleValue = (typeof VEHICLE_VALUES)[number]

interface Asked {
  /** parameter id of mode 01, two hexadecimal digits */
  pid: string
  bytes: number
  unit: '°C' | 'rpm' | 'km/h' | 'V'
  decode: (bytes: readonly number[]) => number
}

const lessForty = ([a]: readonly number[]) => a! - 40
const pair = ([a, b]: readonly number[]) => 256 * a! + b!

/** Parameters of mode 01 and their scaling, after SAE J1979: current data of the powertrain. */
export const MODE_01: Readonly<Record<VehicleValue, Asked>> = {
  coolant: { pid: '05', bytes: 1, unit: '°C', decode: lessForty },
  'engine-speed': { pid: '0C', bytes: 2, unit: 'rpm', decode: (bytes) => pair(bytes) / 4 },
  'road-speed': { pid: '0D', bytes: 1, unit: 'km/h', decode: ([a]) => a! },
  'intake-air': { pid: '0F', bytes: 1, unit: '°C', decode: lessForty },
  'module-voltage': { pid: '42', bytes: 2, unit: 'V', decode: (bytes) => pair(bytes) / 1000 },
  ambient: { pid: '46', bytes: 1, unit: '°C', decode: lessForty },
}

/**
 * Bytes of an answer's lines, after "41" and the parameter's id; undefined where none of the lines answers it. An answer
 * that takes several lines has them numbered and its length before them; several modules may answer, the first counts.
 * @example bytesAnswering('0C', ['41 0C 1A F8']).join(' ') // '26 248'
 */
export function bytesAnswering(pid: string, lines: readonly string[]): number[] | undefined {
  const isNumbered = (line: string) => /^[0-9A-F]:/i.test(line)
  const numbered = lines.filter(isNumbered).map((line) => line.slice(2))
  const whole = lines.filter((line) => !isNumbered(line) && !/^[0-9A-F]{3}$/i.test(line))
  for (const line of [...(numbered.length > 0 ? [numbered.join('')] : []), ...whole]) {
    const hex = line.replace(/\s/g, '').toUpperCase()
    if (!/^([0-9A-F]{2})+$/.test(hex) || !hex.startsWith(`41${pid}`)) continue
    return [...hex.slice(4).matchAll(/../g)].map(([byte]) => Number.parseInt(byte, 16))
  }
  return undefined
}
