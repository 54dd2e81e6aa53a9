import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bytesAnswering, MODE_01 } from './j1979'
import { createLineReader, type LineReader, type VehicleReading } from './line-reader'

/** Answers each command as it comes; undefined: no answer at all. */
function talk(reader: LineReader, answer: (command: string) => string | undefined, times: number) {
  const readings: VehicleReading[] = []
  for (let i = 0; i < times; i++) {
    const command = reader.command()!
    const text = answer(command)
    if (text === undefined) reader.giveUp()
    else readings.push(...reader.receive(text))
  }
  return readings
}
/** A vehicle at 88 °C and 820 rpm that has nothing else. */
const vehicle = (command: string) =>
  command === '0105'
    ? '41 05 80\r\r>'
    : command === '010C'
      ? '41 0C 0C D0\r\r>'
      : command.startsWith('01')
        ? 'NO DATA\r\r>'
        : 'OK\r\r>'

describe('values of mode 01', () => {
  it('are scaled as SAE J1979 says', () => {
    const read = (name: keyof typeof MODE_01, ...bytes: number[]) => MODE_01[name].decode(bytes)
    expect(read('coolant', 0x80)).toBe(88)
    expect(read('coolant', 0)).toBe(-40)
    expect(read('engine-speed', 0x1a, 0xf8)).toBe(1726)
    expect(read('road-speed', 0x32)).toBe(50)
    expect(read('intake-air', 0x3c)).toBe(20)
    expect(read('module-voltage', 0x36, 0xb0)).toBe(14)
    expect(read('ambient', 0x37)).toBe(15)
  })
  it('are found among the lines of an answer', () => {
    expect(bytesAnswering('05', ['7F 01 12', '41 05 7B'])).toEqual([0x7b])
    expect(bytesAnswering('05', ['410', '4105'])).toEqual([])
    expect(bytesAnswering('05', ['41 0C 1A F8'])).toBeUndefined()
    expect(bytesAnswering('42', ['006', '0: 41 42 36', '1: B0 00 00'])).toEqual([0x36, 0xb0, 0, 0])
    expect(bytesAnswering('05', ['41 05 8'])).toBeUndefined()
  })
})

describe('the reader of an adapter’s lines', () => {
  it('sets the adapter up once, then asks for the coolant every other time', () => {
    const reader = createLineReader()
    const commands: string[] = []
    talk(reader, (command) => (commands.push(command), vehicle(command)), 10)
    expect(commands.slice(0, 4)).toEqual(['ATZ', 'ATE0', 'ATL0', 'ATSP0'])
    expect(commands.slice(4)).toEqual(['0105', '010C', '0105', '010D', '0105', '010F'])
  })
  it('gives each value with its name, whatever else stands around it', () => {
    const reader = createLineReader()
    talk(reader, vehicle, 4)
    expect(reader.command()).toBe('0105')
    expect(reader.receive('0105\r\nSEARCHING...')).toEqual([])
    expect(reader.state()).toBe('searching')
    expect(reader.receive('\r\n41 05 80\r\n41 05 7F\r\n\r\n>')).toEqual([
      { name: 'coolant', value: 88 },
    ])
    expect(reader.state()).toBe('reading')
  })
  it('survives any cutting of what comes in', () => {
    fc.assert(
      fc.property(fc.array(fc.nat({ max: 12 }), { maxLength: 8 }), (cuts) => {
        const reader = createLineReader()
        talk(reader, vehicle, 4)
        reader.command()
        const text = 'SEARCHING...\r41 05 80\r\r>'
        const readings: VehicleReading[] = []
        let from = 0
        for (const cut of [...cuts, text.length]) {
          readings.push(...reader.receive(text.slice(from, from + cut)))
          from += cut
        }
        expect(readings).toEqual([{ name: 'coolant', value: 88 }])
      }),
    )
  })
  it('waits for an answer before it asks again', () => {
    const reader = createLineReader()
    expect(reader.command()).toBe('ATZ')
    expect(reader.command()).toBeUndefined()
    reader.receive('v1.5\r\r>')
    expect(reader.command()).toBe('ATE0')
  })
  it('asks no more for what the vehicle does not have, but always for its coolant', () => {
    const reader = createLineReader()
    talk(reader, vehicle, 200)
    const asked = new Set<string>()
    talk(reader, (command) => (asked.add(command), 'NO DATA\r\r>'), 40)
    expect([...asked].sort()).toEqual(['0105', '010C'])
    expect(reader.state()).toBe('no-data')
  })
  it('counts what is garbled and reads on', () => {
    const reader = createLineReader()
    talk(reader, vehicle, 4)
    expect(talk(reader, () => '41 0$ 8\r>', 3)).toEqual([])
    expect(reader.garbled()).toBe(3)
    expect(talk(reader, vehicle, 2)).toEqual([{ name: 'coolant', value: 88 }])
  })
  it('sets a silent adapter up anew', () => {
    const reader = createLineReader()
    talk(reader, vehicle, 6)
    talk(reader, () => undefined, 3)
    expect(reader.state()).toBe('silent')
    expect(reader.command()).toBe('ATZ')
  })
  it('never keeps more than an answer can be long', () => {
    const reader = createLineReader()
    talk(reader, vehicle, 4)
    reader.command()
    reader.receive('x'.repeat(10_000))
    expect(reader.receive('41 05 80\r>')).toEqual([{ name: 'coolant', value: 88 }])
  })
})
