import { importLog, readLogTable, suggestMapping } from '#core'
import { sentence } from '../../words/catalogue'
import { type Read, lines, told } from '../reading'

/** Columns as `channel=Column name`, beside what the file's own names suggest. */
export function logCommand(
  read: Read,
  file: string | undefined,
  columns: readonly string[],
  json: boolean,
): string {
  const table = readLogTable(read(file))
  const suggested = suggestMapping(table)
  const given = Object.fromEntries(
    columns.map((c) => [c.slice(0, c.indexOf('=')), c.slice(c.indexOf('=') + 1)]),
  )
  const { time = suggested.time ?? '', ...channels } = given
  const log = importLog(table, { time, channels: { ...suggested.channels, ...channels } })
  if (json)
    return lines({
      columns: table.columns,
      decimalComma: table.decimalComma,
      traces: log.traces,
      notes: log.notes.map((n) => sentence(n)),
    })
  return [
    ...log.traces.map((t) =>
      told('trace', {
        channel: t.channel,
        values: t.values.length,
        seconds: Math.round(t.seconds.at(-1)!),
        low: Math.min(...t.values).toFixed(1),
        high: Math.max(...t.values).toFixed(1),
        column: t.from ?? '',
      }),
    ),
    ...log.notes.map((n) => sentence(n)),
    '',
  ].join('\n')
}
