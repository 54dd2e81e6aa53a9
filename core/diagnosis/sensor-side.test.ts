import { describe, expect, it } from 'vitest'
import { stagedStories } from '../../data/stories/staged'
import { celsius } from '../../data/tell/quantities'
import { buildModel } from '../inference/model'
import { BOOK } from '../knowledge/book'
import type { CaseFile } from '../record/schema'
import { rankCase } from './rank-case'

/** A gauge that never leaves its stop, a heater that is warm, and a probe that reads 88 °C. */
const { input } = stagedStories('staged-later')
  .find(({ name }) => name === 'no-heat-sensor-says-cold')!
  .stages.at(-1)!

const withScan = (scanC: number): CaseFile => ({
  ...input,
  records: input.records.map((record) =>
    record.kind === 'sensor-agreement.compare'
      ? { ...record, data: { ...record.data, scan: celsius(scanC) } }
      : record,
  ),
})
function chancesOf(file: CaseFile) {
  const { suspects } = rankCase(file).ranking
  return (fault: string) => suspects.find((one) => one.fault === fault)?.probability ?? 0
}

describe('which side a sensor errs to', () => {
  it('reading low, it is why the gauge never moves: the thermostat is no suspect any more', () => {
    const of = chancesOf(withScan(57))
    expect(of('coolant-sensor-biased') + of('sensor-wiring')).toBeGreaterThan(0.9)
    expect(of('thermostat-stuck-open')).toBeLessThan(0.2)
  })
  it('reading high, it is not: a gauge that never moves is still to be explained', () => {
    const of = chancesOf(withScan(116))
    expect(of('thermostat-stuck-open')).toBeGreaterThan(0.4)
  })
  it('a fan with a switch of its own does not go by it', () => {
    const causesOn = (fan: 'electric-relay' | 'thermo-switch') =>
      buildModel(BOOK, 'overheats', { fan }).signs.get('fan-late')!.causes.length
    expect([causesOn('electric-relay'), causesOn('thermo-switch')]).toEqual([1, 0])
  })
})
