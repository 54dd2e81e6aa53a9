import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { believe } from '../diagnosis/rank-case'
import { readCaseFile } from '../record/read'
import type { Belief } from './belief'
import { entriesOf, faultsWithEntryMoved, stabilityOf } from './stability'

const CASES = readdirSync('data/demo/cases').filter((name) => /^(01|04|07|10)/.test(name))

/** The leads after every move of every level in use, each worked out. */
function upsetsOf(belief: Belief) {
  const leadIn = (p: Float64Array) => p.indexOf(Math.max(...p))
  const lead = leadIn(belief.faults)
  let shifts = 0
  const upsets: string[] = []
  for (const evidence of belief.evidence)
    for (const entry of entriesOf(belief.model, evidence.sign))
      for (const by of [1, -1]) {
        shifts++
        const leads = leadIn(faultsWithEntryMoved(belief, evidence, entry, by))
        if (leads !== lead) upsets.push(`${entry.of} ${evidence.sign.sign.id} ${by} ${leads}`)
      }
  return { shifts, upsets }
}

describe('stability', () => {
  it.each(CASES)('of %s is what working out every move gives', (name) => {
    const { belief } = believe(readCaseFile(readFileSync(`data/demo/cases/${name}`, 'utf8')))
    const told = stabilityOf(belief)
    const { shifts, upsets } = upsetsOf(belief)
    expect(told.shifts).toBe(shifts)
    expect(
      told.upsets.map(
        ({ of, sign, direction, lead }) =>
          `${of} ${sign} ${direction === 'up' ? 1 : -1} ${belief.model.faultIndex.get(lead)}`,
      ),
    ).toEqual(upsets)
    expect(told.keeps).toBeCloseTo(1 - upsets.length / shifts, 12)
  })
})
