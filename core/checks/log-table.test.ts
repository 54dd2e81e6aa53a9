import { describe, expect, it } from 'vitest'
import { InputError } from '../quantity/message'
import { importLog, readLogTable, suggestMapping } from './log-import'

/** What is said of a file that cannot be taken, with its parameters. */
function refusal(work: () => unknown): unknown {
  try {
    work()
    return 'accepted'
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    return { id: error.problem.id, path: error.path, ...error.problem.parameters }
  }
}
const secondsOf = (...cells: string[]) => {
  const table = readLogTable(`time;coolant °C\n${cells.map((c) => `${c};80`).join('\n')}\n`)
  return importLog(table, { time: 'time', channels: { 'scan-coolant': 'coolant °C' } })
}

describe('a table', () => {
  it('tells columns of one name apart, and names one without', () => {
    const table = readLogTable('time,T,T,\n0,80,20,1\n1,81,21,2')
    expect(table.columns.map((c) => c.name)).toEqual(['time', 'T', 'T (2)', '#4'])
    const { traces } = importLog(table, { time: 'time', channels: { ambient: 'T (2)' } })
    expect(traces[0]!.values).toEqual([20, 21])
  })
  it('begins with a byte order mark, blank lines or neither', () => {
    const names = (text: string) => readLogTable(text).columns.map((c) => c.name)
    const plain = 't;coolant\n0;80\n1;81\n'
    expect(names(plain)).toEqual(['t', 'coolant'])
    expect(names(`\uFEFF${plain}`)).toEqual(['t', 'coolant'])
    expect(names(`\n\n  \n${plain}`)).toEqual(['t', 'coolant'])
    expect(readLogTable('t;c\n0;80\n ; \n1;81\n').rows).toHaveLength(2)
  })
  it.each([
    [';', 't;c\n0;1\n2;3\n'],
    ['\t', 't\tc\n0\t1\n2\t3\n'],
    [',', 't,c\n0,1\n2,3\n'],
    ['|', 't|c\n0|1\n2|3\n'],
  ])('is parted by %j', (delimiter, text) => {
    expect(readLogTable(text)).toMatchObject({
      delimiter,
      rows: [
        ['0', '1'],
        ['2', '3'],
      ],
    })
  })
  it('is none without two columns and two rows, and says so', () => {
    const none = { id: 'log.noTable', path: '' }
    expect(refusal(() => readLogTable(''))).toEqual(none)
    expect(refusal(() => readLogTable('t\n1\n2\n3\n'))).toEqual(none)
    expect(refusal(() => readLogTable('t;c\n1;2\n'))).toEqual(none)
    expect(refusal(() => readLogTable('t;c\n1;2\n2;3\n'))).toBe('accepted')
  })
  it('too long a one is refused with its length', () => {
    const rows = (count: number) => `t;c\n${'1;2\n'.repeat(count)}`
    const said = refusal(() => readLogTable(rows(200_001))) as { rows: number; most: number }
    expect(said).toMatchObject({ id: 'log.tooLong', path: '', rows: 200_001 })
    expect(refusal(() => readLogTable(rows(said.most)))).toBe('accepted')
    expect(refusal(() => readLogTable(rows(said.most + 1)))).toMatchObject({ id: 'log.tooLong' })
  })
  it('has decimal commas where a cell is one, and not where commas part the columns or stand in words', () => {
    expect(readLogTable('t;c\n0;80,25\n1;-81,5 \n').decimalComma).toBe(true)
    expect(readLogTable('t;c\n0;80.2\n1;81.5\n').decimalComma).toBe(false)
    expect(readLogTable('t,c\n0,80\n1,81\n').decimalComma).toBe(false)
    expect(readLogTable('t;note\n0;idle, hot\n1;gear 2,5 up\n').decimalComma).toBe(false)
    expect(readLogTable('t;c\n0;1,x\n1;x1,2\n').decimalComma).toBe(false)
  })
  it('a comma far down, past what is looked at, decides nothing', () => {
    const table = readLogTable(`t;c\n${'0;1\n'.repeat(50)}9;8,5\n`)
    expect(table.decimalComma).toBe(false)
  })
  it('columns have names without blanks, units of their header, and what they seem to be', () => {
    const { columns } = readLogTable(
      ' Time ;ECT (C);Radiator °F;Pressure [psi];Map kPa;Boost bar;Engine speed;Gear\n0;1;2;3;4;5;6;7\n1;1;2;3;4;5;6;7\n',
    )
    expect(columns.map(({ name, unit, suggests }) => [name, unit, suggests])).toEqual([
      ['Time', undefined, 'time'],
      ['ECT (C)', '°C', 'scan-coolant'],
      ['Radiator °F', '°F', 'radiator-side-hose'],
      ['Pressure [psi]', 'psi', 'pressure'],
      ['Map kPa', 'kPa', undefined],
      ['Boost bar', 'bar', undefined],
      ['Engine speed', undefined, 'engine-speed'],
      ['Gear', undefined, undefined],
    ])
    expect(columns.every((c) => !c.unitGuessed)).toBe(true)
    expect(Object.keys(columns[7]!)).toEqual(['name', 'unitGuessed'])
  })
  it('a temperature without a unit is guessed from its highest value, and nothing else is', () => {
    const guess = (...values: (number | string)[]) => {
      const { columns } = readLogTable(
        `t;coolant;speed\n${values.map((v) => `1;${v};900`).join('\n')}\n`,
      )
      expect(columns[2]).toMatchObject({ unitGuessed: false })
      return [columns[1]!.unit, columns[1]!.unitGuessed]
    }
    expect(guess(20, 110)).toEqual(['°C', true])
    expect(guess(20, 140)).toEqual(['°C', true])
    expect(guess(60, 141)).toEqual(['°F', true])
    expect(guess('n/a', 212)).toEqual(['°F', true])
  })
})

describe('a mapping', () => {
  it('takes the first column of each kind, and none for what is not there', () => {
    expect(suggestMapping(readLogTable('time;coolant 1;coolant 2\n0;1;2\n1;2;3\n'))).toEqual({
      time: 'time',
      channels: { 'scan-coolant': 'coolant 1' },
    })
    expect(suggestMapping(readLogTable('a;b\n0;1\n1;2\n'))).toEqual({ channels: {} })
  })
  it('names what does not fit', () => {
    const table = readLogTable('time;coolant °C;words\n0;20;x\n1;21;y\n')
    expect(refusal(() => importLog(table, { time: 'nope', channels: {} }))).toEqual({
      id: 'log.noColumn',
      path: 'nope',
      column: 'nope',
    })
    expect(refusal(() => importLog(table, { time: 'words', channels: {} }))).toEqual({
      id: 'log.noTimes',
      path: 'words',
      column: 'words',
    })
    expect(refusal(() => importLog(table, { time: 'time', channels: { dash: 'words' } }))).toEqual({
      id: 'log.noValues',
      path: 'words',
      column: 'words',
    })
    const odd = { warp: 'words' } as unknown as Record<'dash', string>
    expect(refusal(() => importLog(table, { time: 'time', channels: odd }))).toEqual({
      id: 'log.noChannel',
      path: 'warp',
      channel: 'warp',
    })
    const units = { 'coolant °C': 'psi' }
    expect(
      refusal(() => importLog(table, { time: 'time', channels: { dash: 'coolant °C' }, units })),
    ).toEqual({ id: 'log.wrongUnit', path: 'coolant °C', column: 'coolant °C', unit: 'psi' })
  })
  it('a unit that nobody gave is said, and one that the header or a person gave is not', () => {
    const note = (header: string, units = {}) =>
      importLog(readLogTable(`time;${header}\n0;20\n1;21\n`), {
        time: 'time',
        channels: { pressure: header },
        units,
      }).notes
    expect(note('pressure')).toEqual([
      { id: 'log.unitAssumed', parameters: { column: 'pressure', unit: 'kPa' } },
    ])
    expect(note('pressure kPa')).toEqual([])
    expect(note('pressure', { pressure: 'bar' })).toEqual([])
  })
})

describe('times', () => {
  const seconds = (...cells: string[]) => secondsOf(...cells).traces[0]!.seconds

  it.each([
    ['plain seconds', ['0', '0.5', '12'], [0, 0.5, 12]],
    ['with blanks', [' 5 ', ' 6'], [0, 1]],
    ['minutes and seconds', ['0:05', '1:10', '12:00.25'], [0, 65, 715.25]],
    ['hours too', ['1:00:05', '01:01:00', '100:00:00'], [0, 55, 356_395]],
    ['moments with a zone', ['2026-09-01T10:00:00+02:00', '2026-09-01T08:00:30Z'], [0, 30]],
    ['zones without a colon', ['2026-09-01T10:00:00+0200', '2026-09-01T08:01:00+0000'], [0, 60]],
    ['moments without one', ['2026-09-01 10:00:00', '2026-09-01 10:00:09'], [0, 9]],
  ])('%s', (_, cells, told) => expect(seconds(...cells)).toEqual(told))
  it('with a decimal comma in a clock', () => {
    const table = readLogTable('time;coolant °C\n0:00,5;80,5\n0:01,75;81\n')
    const { traces } = importLog(table, { time: 'time', channels: { dash: 'coolant °C' } })
    expect(traces[0]!.seconds).toEqual([0, 1.25])
  })
  it.each([
    ['x1:30'],
    ['1:30x'],
    ['1:3:2:1'],
    ['on 2026-09-01T10:00:00Z'],
    ['2026-13-41T10:00:00Z'],
    [''],
  ])('%j is none: the row is left out and counted', (odd) => {
    const { traces, notes } = secondsOf('0:01', odd, '0:03')
    expect(traces[0]!.seconds).toEqual([0, 2])
    expect(notes).toEqual([{ id: 'log.rowsDropped', parameters: { rows: 1 } }])
  })
  it('a clock goes on over two midnights', () =>
    expect(seconds('23:59:00', '0:01:00', '23:59:00', '0:02:00')).toEqual([0, 120, 86_400, 86_580]))
  it('plain seconds that fall back by a day are a fault of the log, and no midnight', () => {
    const { traces, notes } = secondsOf('90000', '90001', '10')
    expect(traces[0]!.seconds).toEqual([0, 1])
    expect(notes).toEqual([{ id: 'log.rowsDropped', parameters: { rows: 1 } }])
  })
  it('a clock that falls back by less than half a day has only stumbled', () => {
    const { traces } = secondsOf('13:00:00', '13:00:10', '1:00:20', '13:00:30')
    expect(traces[0]!.seconds).toEqual([0, 10, 30])
  })
})
