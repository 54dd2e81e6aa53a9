import Papa from 'papaparse'
import { InputError, message, type Message } from '../quantity/message'
import { RUN_CHANNELS, type RunChannel, type WarmUpTrace } from './warm-up-run/record'
import { toCore, type QuantityKind, UNITS } from '../quantity/units'
import { millisecondsOf } from '../quantity/moment'

/** Which column is what. Columns are named as in the file's first row. */
export interface LogMapping {
  time: string
  channels: Readonly<Partial<Record<RunChannel, string>>>
  /** units where the header does not say, or says wrongly; by column */
  units?: Readonly<Record<string, string>>
}

export interface LogColumn {
  name: string
  /** unit found in the header, or guessed from the values */
  unit?: string
  unitGuessed: boolean
  /** what the column seems to be */
  suggests?: RunChannel | 'time'
}

export interface LogTable {
  columns: LogColumn[]
  rows: string[][]
  decimalComma: boolean
  delimiter: string
}

export interface ImportedLog {
  traces: Omit<WarmUpTrace, 'run'>[]
  /** what was assumed, left out or odd */
  notes: Message[]
}

const MOST_ROWS = 50_000

const KIND: Readonly<Record<RunChannel, { kind: QuantityKind; unit: string } | undefined>> = {
  'scan-coolant': { kind: 'temperature', unit: '°C' },
  'engine-side-hose': { kind: 'temperature', unit: '°C' },
  'radiator-side-hose': { kind: 'temperature', unit: '°C' },
  'upper-hose': { kind: 'temperature', unit: '°C' },
  'lower-hose': { kind: 'temperature', unit: '°C' },
  'infrared-engine': { kind: 'temperature', unit: '°C' },
  'infrared-radiator': { kind: 'temperature', unit: '°C' },
  dash: { kind: 'temperature', unit: '°C' },
  ambient: { kind: 'temperature', unit: '°C' },
  pressure: { kind: 'pressure', unit: 'kPa' },
  'engine-speed': undefined,
  level: undefined,
}

/**
 * Units that a column of a channel may be in; none where it is counted, as revolutions are.
 * @example unitsOfChannel('pressure').join(' ') // 'kPa psi bar'
 */
export function unitsOfChannel(channel: RunChannel): string[] {
  const kind = KIND[channel]?.kind
  return kind ? UNITS[kind].map(({ symbol }) => symbol) : []
}

const WORDS: readonly [RegExp, LogColumn['suggests']][] = [
  [/^(time|t|elapsed|timestamp|date|clock|seconds?)(\b|_)/i, 'time'],
  [/rpm|engine.?speed|speed of engine/i, 'engine-speed'],
  [/ambient|outside|intake.?air|(?<![a-z])iat(?![a-z])/i, 'ambient'],
  [/upper.?hose|top.?hose/i, 'upper-hose'],
  [/lower.?hose|bottom.?hose/i, 'lower-hose'],
  [/radiator|outlet.?hose|rad\b/i, 'radiator-side-hose'],
  [/engine.?hose|engine.?side/i, 'engine-side-hose'],
  [/infra.?red|gun|pyro/i, 'infrared-engine'],
  [/dash|gauge.?cluster|needle/i, 'dash'],
  [/press/i, 'pressure'],
  [/level/i, 'level'],
  [/coolant|ect|engine.?temp/i, 'scan-coolant'],
]

const UNIT_WORDS: readonly [RegExp, string][] = [
  [/°\s*f|deg\s*f|\bfahrenheit\b|[([]\s*f\s*[)\]]|_f$/i, '°F'],
  [/°\s*c|deg\s*c|\bcelsius\b|[([]\s*c\s*[)\]]|_c$/i, '°C'],
  [/\bpsi\b/i, 'psi'],
  [/\bkpa\b/i, 'kPa'],
  [/\bbar\b/i, 'bar'],
]

/** Headers as columns are told apart by: one without a name by its place, one that stands twice by a number. */
function columnNames(header: readonly string[]): string[] {
  const names = header.map((name, i) => name.trim() || `#${i + 1}`)
  return names.map((name, i) => {
    const before = names.slice(0, i).filter((other) => other === name).length
    return before === 0 ? name : `${name} (${before + 1})`
  })
}

/**
 * Reads a log as a table: delimiter and decimal comma found by themselves, units from the header. InputError for
 * text that is no table.
 * @example readLogTable('t;c\n0;80,5\n1;81').decimalComma // 'true'
 */
export function readLogTable(text: string): LogTable {
  const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, '').trim(), {
    skipEmptyLines: 'greedy',
    delimitersToGuess: [';', '\t', ',', '|'],
  })
  const [header, ...rows] = parsed.data
  if (!header || header.length < 2 || rows.length < 2)
    throw new InputError('', message('log.noTable'))
  if (rows.length > MOST_ROWS)
    throw new InputError('', message('log.tooLong', { rows: rows.length, most: MOST_ROWS }))
  const { delimiter } = parsed.meta
  const commas = rows
    .slice(0, 50)
    .flat()
    .filter((cell) => /^\s*-?\d+,\d+\s*$/.test(cell)).length
  const decimalComma = delimiter !== ',' && commas > 0
  const columns = columnNames(header).map((name, i): LogColumn => {
    const unit = UNIT_WORDS.find(([pattern]) => pattern.test(name))?.[1]
    const suggests = WORDS.find(([pattern]) => pattern.test(name))?.[1]
    const guessed =
      unit ??
      (suggests && suggests !== 'time' && KIND[suggests]?.kind === 'temperature'
        ? guessTemperature(rows.map((r) => numberOf(r[i] ?? '', decimalComma)))
        : undefined)
    return {
      name,
      ...(guessed ? { unit: guessed } : {}),
      unitGuessed: unit === undefined && guessed !== undefined,
      ...(suggests ? { suggests } : {}),
    }
  })
  return { columns, rows, decimalComma, delimiter }
}

/** Coolant does not reach 140 °C: a column that does is in Fahrenheit. */
function guessTemperature(values: readonly (number | undefined)[]): string {
  return Math.max(...values.filter((v): v is number => v !== undefined)) > 140 ? '°F' : '°C'
}

function numberOf(cell: string, decimalComma: boolean): number | undefined {
  const text = cell.trim().replace(/\s/g, '')
  if (text === '') return undefined
  const value = Number(decimalComma ? text.replace(/\./g, '').replace(',', '.') : text)
  return Number.isFinite(value) ? value : undefined
}

/** Seconds from a cell: plain seconds, a clock (h:mm:ss, m:ss), or an ISO moment. */
function secondsOf(cell: string, decimalComma: boolean): number | undefined {
  const text = cell.trim()
  const clock = /^(?:(\d{1,3}):)?(\d{1,2}):(\d{1,2}(?:[.,]\d+)?)$/.exec(text)
  if (clock)
    return (
      Number(clock[1] ?? 0) * 3600 + Number(clock[2]) * 60 + Number(clock[3]!.replace(',', '.'))
    )
  if (/^\d{4}-\d\d-\d\d[T ]/.test(text)) {
    const iso = text.replace(' ', 'T')
    try {
      return millisecondsOf(/(Z|[+-]\d\d:?\d\d)$/.test(iso) ? iso : `${iso}Z`) / 1000
    } catch {
      return undefined
    }
  }
  return numberOf(text, decimalComma)
}

/**
 * The columns by name, as they seem to be; the user may change it.
 * @example suggestMapping(readLogTable('Time;Coolant temp\n0;80\n1;81')).time // 'Time'
 */
export function suggestMapping(table: LogTable): Partial<LogMapping> {
  const channels: Partial<Record<RunChannel, string>> = {}
  for (const column of table.columns)
    if (column.suggests && column.suggests !== 'time' && !channels[column.suggests])
      channels[column.suggests] = column.name
  const time = table.columns.find((c) => c.suggests === 'time')?.name
  return { ...(time ? { time } : {}), channels }
}

/**
 * Whether a log says by itself what each column is, and in which unit: nobody has to be asked.
 * @example isPlainLog(readLogTable('Time;Coolant °C\n0;80\n1;81')) // 'true'
 */
export function isPlainLog(table: LogTable): boolean {
  const told = table.columns.map(({ suggests }) => suggests)
  return (
    told.includes('time') &&
    new Set(told).size === told.length &&
    table.columns.every(({ suggests, unitGuessed }) => suggests !== undefined && !unitGuessed)
  )
}

/**
 * Traces of a log by a mapping. Times begin at zero; a clock that passes midnight goes on. Rows whose time cannot
 * be read or does not rise, and single bad values, are left out and counted; nothing is made up for them.
 * InputError with the column for a mapping that does not fit.
 * @example importLog(readLogTable('t;c\n0;80\n1;81'), { time: 't', channels: { 'scan-coolant': 'c' } }).traces[0].values[1]
 *   // 81
 */
export function importLog(table: LogTable, mapping: LogMapping): ImportedLog {
  const column = (name: string) => {
    const at = table.columns.findIndex((c) => c.name === name)
    if (at < 0) throw new InputError(name, message('log.noColumn', { column: name }))
    return at
  }
  const timeAt = column(mapping.time)
  const seconds: number[] = []
  const kept: string[][] = []
  let dropped = 0
  let day = 0
  for (const row of table.rows) {
    let s = secondsOf(row[timeAt] ?? '', table.decimalComma)
    if (s === undefined) {
      dropped++
      continue
    }
    const last = seconds.at(-1)
    s += day
    if (last !== undefined && last - s > 43_200 && /:/.test(row[timeAt]!)) {
      day += 86_400
      s += 86_400
    }
    if (last !== undefined && s <= last) {
      dropped++
      continue
    }
    seconds.push(s)
    kept.push(row)
  }
  if (seconds.length < 2)
    throw new InputError(mapping.time, message('log.noTimes', { column: mapping.time }))
  const notes: Message[] = dropped > 0 ? [message('log.rowsDropped', { rows: dropped })] : []
  const start = seconds[0]!
  const traces = (Object.entries(mapping.channels) as [RunChannel, string][]).map(
    ([channel, name]) => {
      if (!RUN_CHANNELS.includes(channel))
        throw new InputError(channel, message('log.noChannel', { channel }))
      const at = column(name)
      const found = table.columns[at]!
      const target = KIND[channel]
      const unit = mapping.units?.[name] ?? found.unit ?? target?.unit
      if (target && !mapping.units?.[name] && (found.unitGuessed || !found.unit))
        notes.push(message('log.unitAssumed', { column: name, unit: unit! }))
      const xs: number[] = []
      const values: number[] = []
      let bad = 0
      kept.forEach((row, i) => {
        const value = numberOf(row[at] ?? '', table.decimalComma)
        if (value === undefined) return void bad++
        xs.push(Number((seconds[i]! - start).toFixed(3)))
        try {
          values.push(target ? toCore(target.kind, value, unit!) : value)
        } catch {
          throw new InputError(name, message('log.wrongUnit', { column: name, unit: unit! }))
        }
      })
      if (xs.length < 2) throw new InputError(name, message('log.noValues', { column: name }))
      if (bad > 0) notes.push(message('log.valuesDropped', { column: name, values: bad }))
      return { channel, seconds: xs, values, from: name }
    },
  )
  return { traces, notes }
}
