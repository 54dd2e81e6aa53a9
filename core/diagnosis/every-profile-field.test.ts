import fc from 'fast-check'
import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import type { z } from 'zod'
import { arbitraryOf } from '../checks/random-record.fixture'
import { ALL_CHECKS } from '../checks/registry'
import { BOOK } from '../knowledge/book'
import { draftLines } from '../quote/draft'
import type { CaseInput } from '../record/case-input'
import { caseStateOf } from '../record/case-state'
import { readCaseFile } from '../record/read'
import { partsOf } from '../vehicle/parts'
import { profileAdvice } from '../vehicle/profile-advice'
import { mayHave, NOT_KNOWN, type SystemProfile, systemProfile } from '../vehicle/profile'
import { assess } from './assess'
import { modelFor } from './rank-case'
import { vignettes } from './vignette.fixture'

/** What moves nothing that is computed, and why it is kept. */
const KEPT: Readonly<Record<string, string>> = {
  figuresFrom: 'where the figures come from, for who reads them',
  rearHeater: 'drawn on the loop, so that nobody forgets to bleed it',
}

const CASES: CaseInput[] = [
  ...readdirSync('data/demo/cases').map((name) =>
    readCaseFile(readFileSync(`data/demo/cases/${name}`, 'utf8')),
  ),
  ...vignettes('open')
    .filter((_, i) => i % 12 === 0)
    .map(({ file }) => file),
]
const PRICES = {
  currency: 'EUR',
  taxPercent: 20,
  hourlyRate: 80,
  concentratePerLitre: 6,
  waterPerLitre: 1,
  validDays: 14,
}
const PUMP = BOOK.faults.filter(({ id }) => id === 'pump-seal-leak')

const STOPPED = '2026-12-01T10:00:00.000Z'
/** Forty minutes after that. */
const LATER = '2026-12-01T10:40:00.000Z'
/** The engine of a case, run last and left to cool. */
const coolingIn = (input: CaseInput): CaseInput => ({
  ...input,
  events: (['engine-started', 'engine-stopped'] as const).map((kind, i) => ({
    id: `0197dddd-0000-7000-8000-00000000000${i}`,
    by: input.case.openedBy,
    observedAt: i === 0 ? '2026-12-01T09:00:00.000Z' : STOPPED,
    kind,
    data: {},
  })),
})

/** All that core says of a case with this profile, in one text. */
function toldOf(input: CaseInput, profile: SystemProfile): string {
  const changed = { ...input, vehicle: { ...input.vehicle, profile } }
  return JSON.stringify([
    assess(changed).outcomes,
    [...modelFor(changed).prior],
    caseStateOf(coolingIn(changed)).engineAt(LATER),
    partsOf(profile),
    profileAdvice({ fanOnC: 96, ...profile }),
    ALL_CHECKS.filter(({ needs }) => mayHave(profile, needs)).map(({ id }) => id),
    draftLines(PUMP, { profile, prices: PRICES }),
  ])
}

const FIELDS = Object.entries(systemProfile.shape) as [keyof SystemProfile, z.ZodType][]

describe('every field of a profile', () => {
  it.each(FIELDS)(
    '%s moves what is told of some case, or is kept for a reason',
    (field, schema) => {
      const drawn = fc.sample(arbitraryOf(schema), { numRuns: 24, seed: 5 })
      const values = [
        ...new Map([undefined, NOT_KNOWN, ...drawn].map((v) => [JSON.stringify(v), v])).values(),
      ]
      const moves = CASES.some((input) => {
        let first: string | undefined
        return values.some((value) => {
          const parsed = systemProfile.safeParse({ ...input.vehicle.profile, [field]: value })
          if (!parsed.success) return false
          const told = toldOf(input, parsed.data)
          first ??= told
          return told !== first
        })
      })
      expect(moves).toBe(!(field in KEPT))
    },
  )
  it('what is not known is told like what was never asked', () => {
    const [input] = CASES
    for (const [field] of FIELDS) {
      const without = { ...input!.vehicle.profile, [field]: undefined }
      const parsed = systemProfile.safeParse({ ...without, [field]: NOT_KNOWN })
      if (parsed.success) expect(toldOf(input!, parsed.data), field).toBe(toldOf(input!, without))
    }
  })
})

describe('a vehicle’s age and distance', () => {
  const input = CASES[0]!
  const priorsOf = (more: object) => [
    ...modelFor({ ...input, vehicle: { ...input.vehicle, ...more } }).prior,
  ]
  it('move what is believed of it before anything is read', () => {
    expect(priorsOf({ year: 1999 })).not.toEqual(priorsOf({ year: 2026 }))
    expect(priorsOf({ kilometres: 9000 })).not.toEqual(priorsOf({ kilometres: 400_000 }))
  })
})
