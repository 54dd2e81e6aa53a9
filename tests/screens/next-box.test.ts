import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { type NextStep, readCaseFile } from '#core'
import NextBox from '../../app/components/case/NextBox.vue'
import type { Work } from '../../app/composables/use-step-words'
import { renderInCase } from './render-case'

const [name] = readdirSync('data/demo/cases')
const FILE = readCaseFile(readFileSync(`data/demo/cases/${name}`, 'utf8'))
const NOTHING: Work = {
  closed: false,
  next: undefined,
  isHere: false,
  settled: undefined,
  later: undefined,
}
const STEP: NextStep = { check: 'heater', minutes: 8, phase: 'hot' }

const box = (work: Partial<Work>, after?: NextStep, coldAt?: string) =>
  renderInCase(FILE, NextBox, { ...NOTHING, ...work, after, coldAt })

describe('the box that says what is next', () => {
  it('offers the end of the case where nothing is left that would settle much', async () => {
    const lines = await box({})
    expect(lines[0]).toBe('Nothing more to propose')
    expect(lines).toContain('Repair, close')
  })

  it('offers the start of the engine, and no end, where only warm checks are left', async () => {
    const lines = await box({ later: STEP })
    expect(lines[0]).toBe('Cold work is done')
    expect(lines.join(' ')).toContain('Once it is warm: heater')
    expect(lines).toContain('Start the engine')
    expect(lines).not.toContain('Repair, close')
  })

  it('leads to the repair once the cause is shown, whatever is left for a warm engine', async () => {
    const settled = {
      names: ['Heater core'],
      proof: 'hold again',
      notShown: undefined,
      whileOut: [],
    }
    const lines = await box({ settled, later: STEP })
    expect(lines[0]).toBe('Shown: Heater core')
    expect(lines).toContain('Mend it, then prove the repair: hold again')
    expect(lines).toContain('Repair, close')
  })

  it('says of a cold check beside a hot engine when it can be done', async () => {
    const next: NextStep = { ...STEP, check: 'pressure-hold', phase: 'cold' }
    expect((await box({ next })).join(' ')).toContain('min, only while it is cold.')
    const hot = (await box({ next }, undefined, '14:10')).join(' ')
    expect(hot).toContain('min, once it is cold again: not before 14:10.')
    expect(hot).not.toContain('only while')
  })

  it('says that what is next stands open, and leads on to what comes after it', async () => {
    const lines = await box({ next: STEP, isHere: true }, STEP)
    expect(lines[0]).toMatch(/^Next: heater.*, here$/)
    expect(lines).toContain('Go on')
    expect(lines).not.toContain('Go there')
  })
})
