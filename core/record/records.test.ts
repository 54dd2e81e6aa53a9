import { readFileSync } from 'node:fs'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import { SENTENCES, sentence } from '../../words/catalogue'
import { assess } from '../diagnosis/assess'
import { rankCase } from '../diagnosis/rank-case'
import { readCaseFile } from './read'
import { RECORD_DATA, type RecordKind } from './kinds'
import { type CaseRecord } from './envelope'

const examples = JSON.parse(readFileSync('docs/record-examples.json', 'utf8')) as Record<
  RecordKind,
  object
>
const kinds = Object.keys(RECORD_DATA) as RecordKind[]
const bare = readCaseFile(readFileSync('data/vignettes/open/overheats-map-heater.json', 'utf8'))

const id = (n: number) => `0197aaaa-0000-7000-8000-${n.toString(16).padStart(12, '0')}`
const record = (kind: RecordKind, data: object, n = 1, supersedes?: string) =>
  ({
    id: id(n),
    by: bare.people[0]!.id,
    observedAt: `2026-09-02T08:${String(n % 60).padStart(2, '0')}:00Z`,
    kind,
    data,
    ...(supersedes ? { supersedes } : {}),
  }) as unknown as CaseRecord

describe('every kind of record', () => {
  it.each(kinds)('%s has an example in docs/ that its schema takes', (kind) => {
    expect(RECORD_DATA[kind].safeParse(examples[kind]).success, kind).toBe(true)
  })
  it('ranks with every example in one case, and every sentence that is said has words', () => {
    const start = bare.records.find((r) => r.kind === 'warm-up-run.start')!.id
    const records = kinds
      .filter((k) => k !== 'withdrawn')
      .map((kind, i) =>
        record(
          kind,
          'run' in examples[kind] ? { ...examples[kind], run: start } : examples[kind],
          i + 1,
        ),
      )
    const { assessment, ranking } = rankCase({ ...bare, records: [...bare.records, ...records] })
    for (const o of assessment.outcomes)
      for (const m of [...o.notes, ...o.cautions, ...o.doesNotProve, ...o.signs.map((s) => s.says)])
        expect(SENTENCES[m.id], m.id).toBeDefined()
    expect(ranking.unheard).toEqual([])
    expect(ranking.suspects.reduce((s, x) => s + x.probability, 0)).toBeGreaterThan(0.5)
  })
})

interface Schema {
  type?: string
  enum?: unknown[]
  const?: unknown
  anyOf?: Schema[]
  properties?: Record<string, Schema>
  required?: string[]
  items?: Schema
  minimum?: number
  maximum?: number
  exclusiveMinimum?: number
  minItems?: number
  minLength?: number
  format?: string
  additionalProperties?: unknown
  quantityKind?: string
}

/** Anything that a schema admits, its ends most of all; what its refinements refuse is thrown away afterwards. */
function anything(schema: Schema): fc.Arbitrary<unknown> {
  if (schema.const !== undefined) return fc.constant(schema.const)
  if (schema.enum) return fc.constantFrom(...schema.enum)
  if (schema.anyOf) return fc.oneof(...schema.anyOf.map(anything))
  if (schema.quantityKind) {
    const coreValue = schema.properties!.coreValue!
    const unit = (schema.properties!.unit!.enum as string[])[0]!
    return fc
      .double({ min: coreValue.minimum!, max: coreValue.maximum!, noNaN: true })
      .map((value) => ({ typed: `${value}`.slice(0, 20), value, unit, coreValue: value }))
  }
  switch (schema.type) {
    case 'object': {
      const required = new Set(schema.required ?? [])
      const entries = Object.entries(schema.properties ?? {}).map(
        ([key, value]) =>
          [
            key,
            required.has(key) ? anything(value) : fc.option(anything(value), { nil: undefined }),
          ] as const,
      )
      return fc
        .record(Object.fromEntries(entries))
        .map((o) => Object.fromEntries(Object.entries(o).filter(([, v]) => v !== undefined)))
    }
    case 'array':
      return fc.array(anything(schema.items!), { minLength: schema.minItems ?? 0, maxLength: 6 })
    case 'integer':
      return fc.integer({ min: schema.minimum ?? 0, max: schema.maximum ?? 100 })
    case 'number':
      return fc.oneof(
        fc.constant(schema.minimum ?? 0),
        fc.double({
          min: schema.minimum ?? schema.exclusiveMinimum ?? 0,
          max: schema.maximum ?? 100,
          noNaN: true,
          minExcluded: schema.exclusiveMinimum !== undefined,
        }),
      )
    case 'boolean':
      return fc.boolean()
    default:
      return schema.format === 'uuid'
        ? fc.constant(id(1))
        : fc.string({ minLength: schema.minLength ?? 0, maxLength: 20 })
  }
}

function finite(value: unknown, path: string, found: string[]) {
  if (typeof value === 'number' && !Number.isFinite(value)) found.push(`${path} = ${value}`)
  else if (value && typeof value === 'object')
    for (const [k, v] of Object.entries(value)) finite(v, `${path}.${k}`, found)
}

describe('whatever a schema admits', () => {
  it.each(
    kinds.filter(
      (k) => !['withdrawn', 'note', 'interview.words', 'cautions.acknowledged'].includes(k),
    ),
  )('%s: no NaN, no silent failure, probabilities stay probabilities', (kind) => {
    const schema = z.toJSONSchema(RECORD_DATA[kind], { unrepresentable: 'any' }) as Schema
    fc.assert(
      fc.property(anything(schema), (data) => {
        if (!RECORD_DATA[kind].safeParse(data).success) return
        const start = kind.startsWith('warm-up-run')
          ? record('warm-up-run.start', examples['warm-up-run.start'], 1)
          : record('pressure-hold.start', examples['pressure-hold.start'], 1)
        const isPart = 'run' in (data as object)
        const assessment = assess({
          ...bare,
          records: isPart
            ? [start, record(kind, data as object, 2)]
            : [record(kind, data as object, 1)],
          events: [],
        })
        const bad: string[] = []
        for (const o of assessment.outcomes) finite(o.figures, o.check, bad)
        for (const r of assessment.readings) {
          for (const [state, p] of Object.entries(r.likelihood))
            if (!(Number.isFinite(p) && p >= 0)) bad.push(`${r.sign} ${state} = ${p}`)
          if (!(r.validity >= 0 && r.validity <= 1)) bad.push(`${r.sign} validity ${r.validity}`)
          if (!Object.values(r.likelihood).some((p) => p > 0))
            bad.push(`${r.sign} impossible in every state`)
          expect(() => sentence(r.says)).not.toThrow()
        }
        expect(bad, JSON.stringify(data)).toEqual([])
      }),
      { numRuns: 120 },
    )
  })
})
