import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { InputError } from '../quantity/message'
import { importLog, readLogTable, suggestMapping, type LogMapping } from './log-import'

const all = (text: string) => {
  const table = readLogTable(text)
  return importLog(table, suggestMapping(table) as LogMapping)
}
const problem = (work: () => unknown) => {
  try {
    work()
    return 'accepted'
  } catch (error) {
    return error instanceof InputError ? `${error.problem.id} ${error.path}` : String(error)
  }
}

describe('a log file', () => {
  it('with commas, seconds and units in its header', () => {
    const { traces, notes } = all(
      'Time (s),Coolant temp (°C),Engine speed rpm\n0,20,800\n1,21,810\n2.5,22,800\n',
    )
    expect(traces.find((t) => t.channel === 'scan-coolant')).toMatchObject({
      seconds: [0, 1, 2.5],
      values: [20, 21, 22],
    })
    expect(traces.find((t) => t.channel === 'engine-speed')!.values).toEqual([800, 810, 800])
    expect(notes).toEqual([])
  })
  it('with semicolons, decimal commas and a clock', () => {
    const { traces } = all(
      'Zeit;Coolant [°C];Pressure [bar]\n'.replace('Zeit', 'Time') +
        '0:59:58;20,5;0,00\n0:59:59;21,5;0,10\n1:00:01;22,5;0,25\n',
    )
    expect(traces.find((t) => t.channel === 'scan-coolant')).toMatchObject({
      seconds: [0, 1, 3],
      values: [20.5, 21.5, 22.5],
    })
    expect(traces.find((t) => t.channel === 'pressure')!.values).toEqual([0, 10, 25])
  })
  it('with ISO moments and Fahrenheit found from the values, which is said', () => {
    const { traces, notes } = all(
      'timestamp\tcoolant\n2026-09-01T10:00:00Z\t68\n2026-09-01T10:00:10Z\t122\n2026-09-01T10:00:20.5Z\t212\n',
    )
    expect(traces[0]!.seconds).toEqual([0, 10, 20.5])
    expect(traces[0]!.values.map((v) => Math.round(v))).toEqual([20, 50, 100])
    expect(notes[0]!.id).toBe('log.unitAssumed')
  })
  it('a clock that passes midnight goes on', () => {
    expect(
      all('time,coolant °C\n23:59:50,20\n23:59:59,21\n0:00:05,22\n').traces[0]!.seconds,
    ).toEqual([0, 9, 15])
  })
  it('rows without time, times that do not rise and empty values are left out and counted, never made up', () => {
    const { traces, notes } = all('time,coolant °C\n0,20\nx,21\n2,\n2,23\n1,24\n3,25\n')
    expect(traces[0]).toMatchObject({ seconds: [0, 3], values: [20, 25] })
    expect(notes.map((n) => [n.id, n.parameters.rows ?? n.parameters.values])).toEqual([
      ['log.rowsDropped', 3],
      ['log.valuesDropped', 1],
    ])
  })
  it('any columns can be mapped by hand, with their unit', () => {
    const table = readLogTable('a;b;c\n0;1;140\n60;2;176\n')
    expect(
      importLog(table, {
        time: 'a',
        channels: { dash: 'c' },
        units: { c: '°F' },
      }).traces[0]!.values.map(Math.round),
    ).toEqual([60, 80])
  })
  it('says which column is wrong', () => {
    const table = readLogTable('time,coolant °C\n0,20\n1,21\n')
    expect(problem(() => importLog(table, { time: 'zeit', channels: {} }))).toBe(
      'log.noColumn zeit',
    )
    expect(problem(() => importLog(table, { time: 'time', channels: { dash: 'nothing' } }))).toBe(
      'log.noColumn nothing',
    )
    expect(
      problem(() =>
        importLog(table, {
          time: 'time',
          channels: { dash: 'coolant °C' },
          units: { 'coolant °C': 'kPa' },
        }),
      ),
    ).toBe('log.wrongUnit coolant °C')
    expect(problem(() => readLogTable('hello'))).toBe('log.noTable ')
    expect(problem(() => all('time,coolant\na,b\nc,d\n'))).toBe('log.noTimes time')
  })
  it('comes back as it was written, whatever the delimiter and the decimal sign', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -30, max: 130, noNaN: true }), { minLength: 3, maxLength: 40 }),
        fc.constantFrom(';', '\t'),
        fc.boolean(),
        (values, delimiter, comma) => {
          const cell = (v: number) => (comma ? v.toFixed(2).replace('.', ',') : v.toFixed(2))
          const text = [
            `time${delimiter}coolant °C`,
            ...values.map((v, i) => `${i}${delimiter}${cell(v)}`),
          ].join('\n')
          all(text).traces[0]!.values.forEach((v, i) => expect(v).toBeCloseTo(values[i]!, 1))
        },
      ),
    )
  })
})
