import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { reasonFor } from '../knowledge/book'
import { readCaseFile } from '../record/read'
import { evidenceFor } from './evidence-for'
import { rankCase } from './rank-case'

const { ranking } = rankCase(
  readCaseFile(readFileSync('data/demo/cases/01-minibus-radiator-seam.json', 'utf8')),
)
const { moved, suspects } = ranking

describe('what speaks for a fault and against it', () => {
  const lead = suspects[0]!.fault
  const evidence = evidenceFor(ranking, lead)
  it('is what each record moved it by, the strongest first, and nothing that moves it hardly', () => {
    expect(evidence.length).toBeGreaterThan(2)
    for (const { source, decibans } of evidence) {
      const own = moved.find((m) => m.source === source && m.fault === lead)
      expect(decibans).toBe(own!.decibans)
      expect(Math.abs(decibans)).toBeGreaterThanOrEqual(0.3)
    }
    const strengths = evidence.map(({ decibans }) => Math.abs(decibans))
    expect(strengths).toEqual([...strengths].sort((a, b) => b - a))
  })
  it('tells of a record that says many things only what the fault has to do with, with its reason', () => {
    for (const { source, says, reason } of evidence) {
      const all = ranking.says.filter((said) => said.source === source)
      const own = all.filter(({ sign }) => reasonFor(lead, sign) !== undefined)
      expect(says.length).toBe(own.length > 0 ? own.length : all.length)
      expect(reason === undefined).toBe(own.length === 0)
    }
  })
  it('is nothing of a fault that no record moves', () =>
    expect(evidenceFor({ ...ranking, moved: [] }, lead)).toEqual([]))
})
