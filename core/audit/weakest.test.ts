import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { readCaseFile } from '../record/read'
import { auditOf } from './audit'
import { COMPONENTS } from './components'
import { nextWeakest } from './weakest'

const seam = readCaseFile(readFileSync('data/demo/cases/01-minibus-radiator-seam.json', 'utf8'))
const old = { ...seam, vehicle: { ...seam.vehicle, year: 2004 } }
const rows = auditOf(old, {})

describe('what gives next once a leak is mended', () => {
  it('is what stands under pressure and is likeliest to fail, without what was renewed', () => {
    const found = nextWeakest(['radiator-seam-leak'], rows)
    expect(found.length).toBeGreaterThan(0)
    const risks = found.map(({ risk }) => risk)
    expect(risks).toEqual(risks.toSorted((a, b) => b - a))
    const parts = found.map(({ part }) => part)
    expect(parts).not.toContain('radiator')
    expect(parts).not.toContain('coolant')
    expect(parts).not.toContain('belt')
    const weakest = COMPONENTS[parts[0]!].renewedWith[0]!
    expect(
      nextWeakest(['radiator-seam-leak', weakest], rows).map(({ part }) => part),
    ).not.toContain(parts[0])
  })
  it('is nothing where no leak was mended, and nothing of a vehicle that is new', () => {
    expect(nextWeakest(['fan-motor'], rows)).toEqual([])
    const fresh = { ...seam, vehicle: { ...seam.vehicle, year: 2026 } }
    expect(nextWeakest(['radiator-seam-leak'], auditOf(fresh, {}))).toEqual([])
  })
})
