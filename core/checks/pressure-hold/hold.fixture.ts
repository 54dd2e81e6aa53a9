import { kPa, records } from '../check.fixture'
import { analyseHold, type HoldContext, type HoldRecords } from './analysis'

const BARE: HoldContext = {
  atmosphereKPa: 101.325,
  pressurisedHoursPerWeek: { low: 5, value: 10, high: 20 },
  grossLeakSeen: false,
}
export type Start = HoldRecords['start']
export type End = NonNullable<HoldRecords['end']>

/** A hold from 100 kPa, read every minute for a quarter of an hour on a gauge that shows tenths. */
export function hold(fallKPaPerMinute: number, start: Partial<Start> = {}, end?: Partial<End>) {
  return {
    start: {
      target: kPa(100),
      resolutionKPa: 0.1,
      level: 'near-full',
      capMarking: kPa(103),
      plan: 'usual',
      ...start,
    },
    readings: Array.from({ length: 16 }, (_, minute) => ({
      id: `r${minute}`,
      run: 'run',
      elapsedSeconds: minute * 60,
      pressure: kPa(Math.round((100 - fallKPaPerMinute * minute) * 10) / 10),
    })),
    remarks: [],
    ...(end ? { end: { run: 'run', elapsedSeconds: 900, tray: 'dry', ...end } } : {}),
  } as HoldRecords
}
/** The records that a hold is made of. */
export const recordsOf = ({ start, readings, end }: HoldRecords) =>
  records(
    ['pressure-hold.start', start],
    ...readings.map(({ elapsedSeconds, pressure }): ['pressure-hold.reading', object] => [
      'pressure-hold.reading',
      { run: '', elapsedSeconds, pressure },
    ]),
    ...(end ? [['pressure-hold.end', { ...end, run: '' }] as ['pressure-hold.end', object]] : []),
  )
export const analysed = (records: HoldRecords, more: Partial<HoldContext> = {}) =>
  analyseHold(records, { ...BARE, ...more })
