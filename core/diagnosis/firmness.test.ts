import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { readCaseFile } from '../record/read'
import { firmnessOf } from './firmness'
import { believe } from './rank-case'

const load = (name: string) => readCaseFile(readFileSync(`data/demo/cases/${name}`, 'utf8'))

describe('how firmly a lead stands', () => {
  it.each(readdirSync('data/demo/cases'))('of %s is told by what would turn it', (name) => {
    const input = load(name)
    const believed = believe(input)
    const { stability, pivot } = firmnessOf(believed, input)
    const { belief, model } = believed
    const lead = model.faults[belief.faults.indexOf(Math.max(...belief.faults))]!.id
    expect(Math.round((1 - stability.keeps) * stability.shifts)).toBe(stability.upsets.length)
    expect([pivot?.newLead, ...stability.upsets.map((upset) => upset.lead)]).not.toContain(lead)
  })
})
