import { describe, expect, it } from 'vitest'
import type { RunSeries, WarmUpAnalysis } from '#core'
import { runChartOption } from './run-chart'
import { engineLineOf, pointsOf, type RunLine } from './run-lines'

const METRIC = { pressure: 'kPa', temperature: '°C', volume: 'L' } as const
const line = (count: number, value: (i: number) => number) => ({
  x: Array.from({ length: count }, (_, i) => i),
  y: Array.from({ length: count }, (_, i) => value(i)),
})
const optionOf = (
  series: RunSeries,
  units: Parameters<typeof pointsOf>[2] = METRIC,
  before?: RunLine,
) =>
  runChartOption({
    series,
    before,
    marks: [{ mark: 'fan-on', elapsedSeconds: 90 }],
    analysis: { stopLimitC: 115 } as WarmUpAnalysis,
    view: { start: 20, end: 60 },
    lastMinute: 10,
    ink: { colour: (name) => name, text: {} },
    units,
    say: (id) => id,
  })

describe('the chart of a run', () => {
  it('has temperatures alone where nothing else was read, marked and with its limit', () => {
    const { grid, series, dataZoom } = optionOf({ 'scan-coolant': line(20, (i) => 20 + i) })
    expect([grid.length, series.length, dataZoom]).toEqual([1, 1, undefined])
    expect(series[0]).toMatchObject({
      symbol: 'rect',
      markLine: {
        data: [
          { xAxis: 1.5, name: 'warm-up-run.mark.fan-on' },
          { yAxis: 115, name: 'warm-up-run.stopHere' },
        ],
      },
    })
  })
  it('has the engine of the run before the repair behind it, in the reader’s unit', () => {
    const before = line(20, () => 100)
    const run = { 'scan-coolant': line(5, () => 20) }
    const { series } = optionOf(run, { ...METRIC, temperature: '°F' }, before)
    expect(series.map(({ name }) => name)).toEqual([
      'warm-up-run.channel.scan-coolant',
      'warm-up-run.beforeRepair',
    ])
    const [first, degrees] = Array.from(series[1]!.data)
    expect(first).toBe(0)
    expect(degrees).toBeCloseTo(212, 9)
    expect(series[1]).toMatchObject({ z: 1, silent: true })
  })
  it('takes the surest place there is for the engine, and none of a single reading', () => {
    const hose = line(4, () => 70)
    expect(engineLineOf({ 'engine-side-hose': hose, 'scan-coolant': line(1, () => 80) })).toBe(hose)
    expect(engineLineOf({ 'upper-hose': hose })).toBeUndefined()
  })
  it('has pressure and engine speed below them, on scales of their own', () => {
    const { grid, yAxis, series } = optionOf({
      'scan-coolant': line(20, () => 80),
      'engine-speed': line(20, () => 820),
      pressure: line(20, () => 60),
    })
    expect(grid.length).toBe(2)
    expect(yAxis.slice(1)).toMatchObject([
      { show: true, position: 'left' },
      { show: true, position: 'right' },
    ])
    const axes = series.slice(1).map((one) => ('yAxisIndex' in one ? one.yAxisIndex : 0))
    expect(axes).toEqual([1, 2])
  })
  it('is looked at in parts where it is long, from where the reader left it, and thinned', () => {
    const short = optionOf({ dash: line(600, () => 90) })
    expect(short.dataZoom).toMatchObject([
      { start: 20, end: 60 },
      { start: 20, end: 60 },
    ])
    expect(short.series[0]).not.toHaveProperty('sampling')
    expect(optionOf({ dash: line(36_000, () => 90) }).series[0]).toMatchObject({ sampling: 'lttb' })
  })
})

describe('a line as the chart takes it', () => {
  it('has minutes and values in turn, in the reader’s units', () => {
    const two = { x: [0, 60], y: [0, 100] }
    const us = { pressure: 'psi', temperature: '°F', volume: 'qt' } as const
    expect([...pointsOf(two, 'dash', METRIC)]).toEqual([0, 0, 1, 100])
    expect([...pointsOf(two, 'dash', us)].map((v) => Math.round(v))).toEqual([0, 32, 1, 212])
    expect(pointsOf(two, 'pressure', us)[3]).toBeCloseTo(14.5038, 3)
    expect([...pointsOf(two, 'engine-speed', us)]).toEqual([0, 0, 1, 100])
  })
})
