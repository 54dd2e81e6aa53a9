import { describe, expect, it } from 'vitest'
import { importLog, isPlainLog, readLogTable } from '#core'
import { mappingOf, usesOf } from './log-mapping'

const ODD = 'Zeit;Kühlmittel;A1\n0;176;x\n10;178,5;x\n20;180;x'

describe('the columns of a log, mapped by hand', () => {
  it('begin as what they seem to be, with their first values', () => {
    const uses = usesOf(readLogTable('Time;Coolant temp °F;Note\n0;176;a\n1;177;b'))
    expect(uses.map(({ is }) => is)).toEqual(['time', 'scan-coolant', 'unused'])
    expect(uses[1]).toMatchObject({ unit: '°F', first: '176, 177' })
  })
  it('a log in other words is taken in by what is said of it', () => {
    const table = readLogTable(ODD)
    expect(isPlainLog(table)).toBe(false)
    const uses = usesOf(table)
    expect(mappingOf(uses)).toEqual({ is: 'no-time' })
    const said = uses.map((use, i) => ({
      ...use,
      is: (['time', 'scan-coolant', 'unused'] as const)[i]!,
      unit: i === 1 ? '°F' : undefined,
    }))
    const mapping = mappingOf(said)
    if ('is' in mapping) throw new Error(mapping.is)
    const { traces } = importLog(table, mapping)
    expect(traces[0]!.values.map((c) => Math.round(c))).toEqual([80, 81, 82])
  })
  it('says what stands in the way', () => {
    const [time, coolant] = usesOf(readLogTable('Time;Coolant\n0;80\n1;81'))
    expect(mappingOf([time!])).toEqual({ is: 'no-channel' })
    expect(mappingOf([time!, coolant!, coolant!])).toEqual({ is: 'twice', what: 'scan-coolant' })
  })
})
