import {
  type LogMapping,
  type LogTable,
  type RunChannel,
  suggestMapping,
  unitsOfChannel,
} from '#core'

/** What one column of a log is taken for. */
export interface ColumnUse {
  name: string
  is: RunChannel | 'time' | 'unused'
  /** absent where it has none */
  unit: string | undefined
  /** its first values, as they stand in the file */
  first: string
}

/** So many values of a column are shown. */
const SHOWN = 3

/** The columns of a log, each with what it seems to be. */
export function usesOf(table: LogTable): ColumnUse[] {
  const { time, channels = {} } = suggestMapping(table)
  const seems = new Map(Object.entries(channels).map(([channel, name]) => [name, channel]))
  return table.columns.map(({ name, unit }, i) => {
    const channel = seems.get(name) as RunChannel | undefined
    return {
      name,
      is: name === time ? 'time' : (channel ?? 'unused'),
      unit: unit ?? (channel && unitsOfChannel(channel)[0]),
      first: table.rows
        .slice(0, SHOWN)
        .map((row) => row[i]?.trim() ?? '')
        .join(', '),
    }
  })
}

/** What stands in the way of a mapping: no time, no channel, or two columns for one thing. */
export type MappingProblem = { is: 'no-time' | 'no-channel' } | { is: 'twice'; what: string }

/** The mapping that was chosen, or what stands in its way. */
export function mappingOf(uses: readonly ColumnUse[]): LogMapping | MappingProblem {
  const used = uses.filter(({ is }) => is !== 'unused')
  const doubled = used.find((one, i) => used.findIndex(({ is }) => is === one.is) < i)
  if (doubled) return { is: 'twice', what: doubled.is }
  const time = used.find(({ is }) => is === 'time')?.name
  if (time === undefined) return { is: 'no-time' }
  const channels = used.filter(({ is }) => is !== 'time')
  if (channels.length === 0) return { is: 'no-channel' }
  return {
    time,
    channels: Object.fromEntries(channels.map(({ is, name }) => [is, name])),
    units: Object.fromEntries(channels.flatMap(({ name, unit }) => (unit ? [[name, unit]] : []))),
  }
}
