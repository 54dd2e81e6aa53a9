import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { type CaseFile, type CheckId, checkOfRecord, readCaseFile, standing } from '#core'
import { RECORDABLE } from '../../app/checks'
import { nameOfAny } from '../../words/check-names'
import { PAIRS } from './contradictions'
import { renderCase } from './render-case'
import type { Told } from './said'

const FOLDERS = ['data/demo/cases', 'data/vignettes/open', 'data/vignettes/kept-apart']
const CASES = FOLDERS.flatMap((folder) =>
  readdirSync(folder).map((name) => ({ name: `${folder}/${name}`, path: `${folder}/${name}` })),
)

/** Every simple value inside, as `path: value`; a measured quantity under its own name. */
function flat(prefix: string, value: unknown): string[] {
  if (value === undefined || value === null) return []
  if (typeof value !== 'object') return [`${prefix}: ${String(value)}`]
  if ('coreValue' in value) return [`${prefix}: ${String(value.coreValue)}`]
  return Object.entries(value).flatMap(([key, inner]) =>
    flat(prefix.includes(' ') ? `${prefix}.${key}` : `${prefix} ${key}`, inner),
  )
}

/** Checks that something was recorded of; what belongs to a run is of the check that its start is of. */
function checksOf({ records }: CaseFile): CheckId[] {
  const begun = (record: CaseFile['records'][number]) =>
    'run' in record.data
      ? records.find(({ id }) => id === (record.data as { run: string }).run)
      : record
  return [
    ...new Set(
      records.flatMap((record) => {
        const first = begun(record)
        return (first && checkOfRecord(first)?.id) ?? []
      }),
    ),
  ]
}

async function told(file: CaseFile): Promise<Told> {
  const checks = checksOf(file)
  const screens = await renderCase(file, checks)
  return {
    screens: Object.fromEntries(screens.map(({ name, lines }) => [name, lines])),
    recorded: [
      ...checks.map((check) => `name of ${check}: ${nameOfAny(check, 'en')}`),
      ...standing(file.events).map((event) => `event: ${event.kind}`),
      ...flat('profile', file.vehicle.profile),
      ...standing(file.records).flatMap((r) => [
        `${r.kind} id: ${r.id}`,
        ...flat(r.kind, r.kind === 'withdrawn' ? {} : r.data),
      ]),
    ],
  }
}

describe('each pair of sentences', () => {
  it.each(PAIRS)(
    '$pair: is found where it stands, and only there',
    ({ clashes, caught, allowed }) => {
      expect(clashes(caught)).not.toEqual([])
      expect(clashes(allowed)).toEqual([])
    },
  )
})

describe('report, suspects and panels', () => {
  it.each(CASES)('say nothing of $name that contradicts itself', async ({ path }) => {
    const case_ = await told(readCaseFile(readFileSync(path, 'utf8')))
    expect(case_.screens.report!.length).toBeGreaterThan(10)
    const found = PAIRS.flatMap(({ pair, clashes }) =>
      clashes(case_).map(([one, other]) => `${pair}\n    ${one}\n    ${other}`),
    )
    expect(found.join('\n')).toBe('')
  })

  it('covers every check that has a panel', () => {
    const seen = new Set(
      CASES.flatMap(({ path }) => checksOf(readCaseFile(readFileSync(path, 'utf8')))),
    )
    expect(RECORDABLE.filter(({ id }) => !seen.has(id)).map(({ id }) => id)).toEqual([])
  })
})
