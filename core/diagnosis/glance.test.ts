import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { nextSteps, stepsAtHand } from '../planning/next-step'
import { caseStateOf } from '../record/case-state'
import { readCaseFile } from '../record/read'
import { glanceAt } from './glance'
import { rankCase } from './rank-case'

const AT = '2026-11-22T12:00:00Z'
const cases = readdirSync('data/demo/cases').map((name) => {
  const input = readCaseFile(readFileSync(`data/demo/cases/${name}`, 'utf8'))
  return { name, input }
})

describe('a case at a glance', () => {
  it.each(cases)('$name: its lead, and what is next as the case itself says it', ({ input }) => {
    const glance = glanceAt(input, AT)
    const { ranking, ...worked } = rankCase(input)
    const [lead] = ranking.suspects
    if (ranking.nothingWrong > lead!.probability) expect(glance.name).toBe('Nothing wrong')
    else expect(glance).toMatchObject({ name: lead!.name, probability: lead!.probability })
    const state = caseStateOf(input)
    const { offered } = stepsAtHand(nextSteps(worked, state), state.engineAt(AT).phase)
    if (state.closed) expect(glance.next).toBeUndefined()
    else if (offered[0]) expect(glance.next).toMatchObject({ is: 'check', check: offered[0].check })
    else expect(glance.next?.is).not.toBe(undefined)
  })
  it('names something next in every open case of the demo, and somewhere a repair', () => {
    const all = cases.map(({ input }) => glanceAt(input, AT).next?.is)
    expect(all).toContain('check')
    expect(all).toContain('found')
  })
})
