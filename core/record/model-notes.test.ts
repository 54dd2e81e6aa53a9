import { describe, expect, it } from 'vitest'
import type { CaseRecord } from './envelope'
import { RECORD_DATA } from './kinds'
import { modelKey, modelOf, notesOfModel, repairMinutesNoted } from './model-notes'

const record = (id: string, data: object, more: object = {}) =>
  ({ id, kind: 'note', observedAt: `2026-11-20T10:0${id}:00.000Z`, data, ...more }) as CaseRecord
const ofModel = { tells: 'adapter' }
const isTaken = (data: object) => RECORD_DATA.note.safeParse(data).success

describe('a note that tells of a model', () => {
  it('is one that says so and stands', () => {
    const records = [
      record('1', { text: 'Adapter B fits.', ofModel }),
      record('2', { text: 'Keeper is away until Monday.' }),
      record('3', { text: 'Adapter C fits too.', ofModel }),
      record('4', {}, { kind: 'withdrawn', supersedes: '1' }),
    ]
    expect(notesOfModel(records).map(({ id }) => id)).toEqual(['3'])
    expect(
      notesOfModel([...records, record('5', {}, { kind: 'withdrawn', supersedes: '4' })]),
    ).toHaveLength(2)
  })
  it('is of the model, or of the name where nobody gave one, however either is typed', () => {
    expect(modelOf({ name: 'Rescue 4', model: 'Harl Rescue' })).toBe('Harl Rescue')
    expect(modelOf({ name: 'Rescue 4' })).toBe('Rescue 4')
    expect(modelKey(' Harl   RESCUE ')).toBe(modelKey('harl rescue'))
  })
  it('names the source of a figure, and the minutes of a time', () => {
    const text = 'Opens at 88 °C.'
    expect(isTaken({ text, ofModel: { tells: 'specification' } })).toBe(false)
    expect(isTaken({ text, ofModel: { tells: 'specification', source: 'Plate' } })).toBe(true)
    expect(isTaken({ text, ofModel: { tells: 'time' } })).toBe(false)
    expect(isTaken({ text, ofModel: { tells: 'time', minutes: 95 } })).toBe(true)
    expect(isTaken({ text, ofModel: { tells: 'time', minutes: -1 } })).toBe(false)
    expect(isTaken({ text, ofModel: { tells: 'rumour' } })).toBe(false)
  })
  it('may name the repair that a time is of, and no other note does', () => {
    const text = 'Bumper stays on.'
    const repairs = 'radiator-core-leak'
    expect(isTaken({ text, ofModel: { tells: 'time', minutes: 95, repairs } })).toBe(true)
    expect(isTaken({ text, ofModel: { tells: 'tools', repairs } })).toBe(false)
  })
  it('gives what each repair took last', () => {
    const note = (minutes: number, repairs?: string) => ({
      note: record('1', { text: 'x', ofModel: { tells: 'time', minutes, repairs } }) as never,
      caseId: 'a',
      vehicle: 'Rescue 4',
    })
    expect(
      repairMinutesNoted([note(95, 'cap-weak'), note(20), note(60, 'cap-weak'), note(5, 'x')]),
    ).toEqual({ 'cap-weak': 95, x: 5 })
  })
})
