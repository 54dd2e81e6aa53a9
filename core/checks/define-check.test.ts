import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import { message } from '../quantity/message'
import { binaryReading } from '../inference/sign-reading'
import { CONTEXT } from './check.fixture'
import type { Entry } from './context'
import { defineCheck } from './define-check'
import { volts } from './quantities'

const at = (n: number, kind: string, data: object): Entry => ({
  id: `r${n}`,
  kind,
  observedAt: `2026-09-01T08:00:0${n}Z`,
  data,
})
const OTHER = at(9, 'lamp.test', { lit: true })
const sign = binaryReading(
  's',
  'dim',
  true,
  { whenPresent: 0.9, whenAbsent: 0.1 },
  message('x'),
  0.9,
)

/** An invented check: one test judged by itself. */
const lamp = { volts, lit: z.boolean().optional() }
const plain = defineCheck({
  id: 'bulb',
  records: { 'bulb.test': z.strictObject(lamp), 'bulb.note': z.strictObject({ text: z.string() }) },
  phase: 'cold',
  minutes: 3,
  cautions: ['hot-glass'],
  doesNotProve: ['the socket'],
  judge: {
    'bulb.test': (data, context, { source, observedAt, own, all }) => ({
      figures: { watts: data.volts * 2, source, observedAt, own: own.length, all: all.length },
      states: data.lit ? ['lit'] : [],
      cautions: [message('caution.own')],
      doesNotProve: [message('of this record')],
      signs: [sign],
      facts: ['seen'],
      notes: [message('note')],
      assumptions: [message(context.complaint)],
    }),
  },
})

describe('a check whose records are judged one by one', () => {
  it('gives an outcome for each of its own records that has a judge, and for no other', () => {
    const outcomes = plain.assess(
      [at(1, 'bulb.test', { volts: 6 }), OTHER, at(2, 'bulb.note', { text: 'x' })],
      CONTEXT,
    )
    expect(outcomes.map((o) => o.source)).toEqual(['r1'])
    expect(plain.assess([], CONTEXT)).toEqual([])
  })

  it('says of each which check, record and moment it is of, and all that the judge said', () => {
    const [outcome] = plain.assess([at(1, 'bulb.test', { volts: 6, lit: true })], CONTEXT)
    expect(outcome).toMatchObject({
      check: 'bulb',
      source: 'r1',
      observedAt: '2026-09-01T08:00:01Z',
      states: ['lit'],
      figures: { watts: 12, source: 'r1', observedAt: '2026-09-01T08:00:01Z' },
      signs: [sign],
      facts: ['seen'],
      notes: [message('note')],
      assumptions: [message('overheats')],
      heatMatters: true,
    })
  })

  it('puts what the record calls for before what the check always calls for', () => {
    const [outcome] = plain.assess([at(1, 'bulb.test', { volts: 6 })], CONTEXT)
    expect(outcome!.cautions.map((m) => m.id)).toEqual(['caution.own', 'caution.hot-glass'])
    expect(outcome!.doesNotProve.map((m) => m.id)).toEqual(['of this record', 'the socket'])
  })

  it('carries the error of a reading into its figures', () => {
    const [outcome] = plain.assess([at(1, 'bulb.test', { volts: 6 })], CONTEXT)
    const { watts } = outcome!.intervals
    expect(watts!.low).toBeLessThan(12)
    expect(watts!.high).toBeGreaterThan(12)
  })

  it('shows the judge all that stands of the check', () => {
    const two = [at(1, 'bulb.test', { volts: 6 }), OTHER, at(2, 'bulb.test', { volts: 7 })]
    expect(plain.assess(two, CONTEXT).map((o) => (o.figures as { all: number }).all)).toEqual([
      2, 2,
    ])
  })

  it('leaves empty what the judge says nothing of', () => {
    const silent = defineCheck({
      id: 'bulb',
      records: { 'bulb.test': z.strictObject(lamp) },
      phase: 'hot',
      minutes: 3,
      judge: { 'bulb.test': () => ({}) },
    })
    expect(silent.assess([at(1, 'bulb.test', { volts: 6 })], CONTEXT)).toEqual([
      {
        check: 'bulb',
        source: 'r1',
        observedAt: '2026-09-01T08:00:01Z',
        states: [],
        figures: {},
        intervals: {},
        signs: [],
        facts: [],
        doesNotProve: [],
        cautions: [],
        notes: [],
        assumptions: [],
        heatMatters: false,
      },
    ])
  })

  it('of the cold work may say that a warm engine does not matter', () => {
    const cold = defineCheck({
      id: 'bulb',
      records: { 'bulb.test': z.strictObject(lamp) },
      phase: 'cold',
      minutes: 3,
      judge: { 'bulb.test': () => ({ heatMatters: false as const }) },
    })
    expect(cold.assess([at(1, 'bulb.test', { volts: 6 })], CONTEXT)[0]!.heatMatters).toBe(false)
  })
})

describe('a check that is a run', () => {
  const run = defineCheck({
    id: 'glow',
    records: {
      'glow.start': z.strictObject({ volts }),
      'glow.reading': z.strictObject({ run: z.string(), volts }),
    },
    phase: 'hot',
    minutes: 3,
    judge: {
      'glow.start': (data, _, { own }) => ({ figures: { readings: own.length, at: data.volts } }),
    },
  })
  const entries = [
    at(1, 'glow.start', { volts: 6 }),
    at(2, 'glow.start', { volts: 8 }),
    at(3, 'glow.reading', { run: 'r1', volts: 5 }),
    at(4, 'glow.reading', { run: 'r2', volts: 5 }),
    at(5, 'glow.reading', { run: 'r2', volts: 5 }),
  ]

  it('is judged with what belongs to it, and nothing of another run', () => {
    expect(run.assess(entries, CONTEXT).map((o) => [o.source, o.figures])).toEqual([
      ['r1', { readings: 1, at: 6 }],
      ['r2', { readings: 2, at: 8 }],
    ])
  })

  it('brings the intervals of its figures itself: its setting is no reading', () => {
    for (const { intervals } of run.assess(entries, CONTEXT)) expect(intervals).toEqual({})
  })
})

describe('a check whose records are judged together', () => {
  const judged: string[][] = []
  const together = defineCheck({
    id: 'pair',
    records: { 'pair.test': z.strictObject({ volts }) },
    phase: 'cold',
    minutes: 3,
    judgeTogether: (entries) => {
      judged.push(entries.map((e) => e.id))
      return entries.length < 2 ? undefined : { states: ['both'] }
    },
  })

  it('gives one outcome, as of its newest record', () => {
    const two = [at(1, 'pair.test', { volts: 1 }), at(2, 'pair.test', { volts: 2 }), OTHER]
    expect(together.assess(two, CONTEXT).map((o) => [o.source, o.states])).toEqual([
      ['r2', ['both']],
    ])
    expect(judged.at(-1)).toEqual(['r1', 'r2'])
  })

  it('gives none where the judge cannot say, and asks it nothing where there is nothing', () => {
    expect(together.assess([at(1, 'pair.test', { volts: 1 })], CONTEXT)).toEqual([])
    const asked = judged.length
    expect(together.assess([OTHER], CONTEXT)).toEqual([])
    expect(judged.length).toBe(asked)
  })
})

describe('what other parts ask of a check', () => {
  const test = at(1, 'wire.test', { volts: 6 })
  const earlier = at(0, 'wire.test', { volts: 5 })
  const ids = (entries: readonly Entry[]) => entries.map((e) => e.id)
  const wire = defineCheck({
    id: 'wire',
    records: { 'wire.test': z.strictObject({ volts }) },
    phase: 'any',
    minutes: 1,
    signs: () => ['dim'],
    judge: { 'wire.test': (data) => ({ figures: { volts: data.volts } }) },
    finds: (entries, outcomes) => ({
      reportedLossLitresPerWeek: entries.length * 10 + outcomes.length,
    }),
    facts: ({ outcomes, entries, ever }) => [
      `${outcomes.map((o) => o.check).join()} ${ids(entries).join()} ${ids(ever).join()}`,
    ],
    sees: ({ entries }) => entries.map(() => ({ part: 'pump', wet: true }) as never),
    waits: (entries) => ids(entries).map((run) => ({ run }) as never),
    coolantC: (entries) => entries.length,
    advises: (entries) => (entries.length > 0 ? message('advice') : undefined),
  })
  const outcomes = [
    ...wire.assess([test], CONTEXT),
    ...plain.assess([at(2, 'bulb.test', { volts: 1 })], CONTEXT),
  ]
  const standing = { outcomes, entries: [test, OTHER], ever: [earlier, test, OTHER] }

  it('is answered from its own records and outcomes only', () => {
    expect(wire.facts(standing)).toEqual(['wire r1 r0,r1'])
    expect(wire.sees(standing).length).toBe(1)
    expect(wire.waits([earlier, OTHER, test]).length).toBe(2)
    expect(wire.coolantC([OTHER, test])).toBe(1)
    expect(wire.advises([OTHER])).toBeUndefined()
    expect(wire.advises([test])).toEqual(message('advice'))
    expect(wire.finds!([test, OTHER], outcomes.slice(0, 1), CONTEXT)).toEqual({
      reportedLossLitresPerWeek: 11,
    })
    expect(wire.signs({} as never)).toEqual(['dim'])
  })

  it('is nothing where the check has nothing to say', () => {
    expect(plain.facts(standing)).toEqual([])
    expect(plain.sees(standing)).toEqual([])
    expect(plain.waits([test])).toEqual([])
    expect(plain.coolantC([test])).toBeUndefined()
    expect(plain.advises([test])).toBeUndefined()
    expect(plain.finds).toBeUndefined()
    expect(plain.signs({} as never)).toEqual([])
  })

  it('what is plain of its definition stands on it as it is', () => {
    expect(plain).toMatchObject({
      id: 'bulb',
      phase: 'cold',
      minutes: 3,
      cautions: ['hot-glass'],
      doesNotProve: ['the socket'],
    })
    expect(plain).not.toHaveProperty('judge')
  })
})
