import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { type CaseEvent, type CaseRecord, EVENT_DATA, RECORD_DATA } from '#core'
import { itemName, itemWords, leftWords, repairLines, repairWords, workWords } from './records'

const examples = JSON.parse(readFileSync('docs/record-examples.json', 'utf8')) as Record<
  string,
  Record<string, unknown>
>
const says = (kind: string, data: object) => itemWords({ kind, data } as CaseRecord)

describe('what was recorded, in one line', () => {
  it.each(Object.keys(RECORD_DATA))(
    '%s has a name and words without marks of a program',
    (kind) => {
      const text = `${itemName(kind)}: ${says(kind, examples[kind]!)}`
      expect(text).not.toMatch(
        /\b(true|false|undefined|null|NaN)\b|\[object|[a-z][A-Z][a-z](?<!kPa)|\.\w+:|[0-9a-f]{8}-/,
      )
      expect(itemName(kind)).toMatch(/^[A-Z]/)
    },
  )
  it.each(Object.keys(EVENT_DATA))('the event %s has a name', (kind) =>
    expect(itemName(kind)).toMatch(/^[A-Z][a-z ]+$/),
  )
  it('a cranking run', () => {
    const kPa = (typed: string) => ({
      typed,
      value: Number(typed),
      unit: 'kPa',
      coreValue: Number(typed),
    })
    expect(
      says('cranking-rise.run', {
        plugged: [1],
        seconds: 5,
        crankingRpm: 236,
        before: kPa('0'),
        after: kPa('0.05'),
        staysAfter: 'yes',
        resolutionKPa: 0.1,
        turnedByHandFirst: true,
      }),
    ).toBe(
      'plugs in 1, before cranking 0 kPa, for 5 s, after cranking 0.05 kPa, cranking 236 rpm, stays after cranking yes, gauge step 0.1 kPa, turned by hand first',
    )
  })
  it('a part looked at, an answer, a repair', () => {
    expect(
      says('look-round.part', {
        part: 'lower-hose',
        seen: 'dried-and-wet-again',
        pressed: true,
        wear: [],
      }),
    ).toBe('Lower hose, seen dried and wet again, under pressure, no wear')
    expect(says('interview.answer', { question: 'recent-drain', answer: 'not-known' })).toBe(
      'Was any coolant drained or a hose opened in the last weeks? not known',
    )
    expect(says('repaired', { faults: ['lower-hose-leak'], work: 'New hose' })).toBe(
      'Lower hose or its clamp, work New hose',
    )
  })
  it('says the fields in the same order, however a database gave them back', () => {
    const data = examples['cap.test']!
    expect(
      says(
        'cap.test',
        Object.fromEntries(
          Object.entries(data).toSorted(([a], [b]) => a.length - b.length || (a < b ? -1 : 1)),
        ),
      ),
    ).toMatch(/^place .*, marking .*, opening .*, after a minute /)
  })
  it('a reading says when in the hold it was', () => {
    expect(
      says('pressure-hold.reading', {
        run: '0193a005-0000-7000-8000-00000000fffe',
        elapsedSeconds: 305,
        pressure: { typed: '12,5 psi', value: 12.5, unit: 'psi', coreValue: 86.2 },
      }),
    ).toBe('at 5:05, pressure 12,5 psi')
  })
  it('a repair step by step, with its torque, and what was not ticked', () => {
    const event = {
      kind: 'repaired',
      data: {
        faults: ['pump-gasket-leak'],
        fitted: [{ part: 'Gasket', batch: '7' }],
        stepsDone: [{ step: 'drained' }, { step: 'tightened', words: '25 N·m' }],
      },
    } as CaseEvent<'repaired'>
    expect(repairWords(event)).toMatch(/^Pump.*\. Gasket \(batch 7\)$/)
    expect(repairLines(event)).toEqual([
      'Drained into a clean tray',
      'Tightened in the maker’s order and stages (25 N·m)',
    ])
    expect(leftWords(event)).toMatch(/Belt on its way.*Filled and bled/)
    expect(workWords(event)).toBe(
      'Gasket (batch 7). Tightened in the maker’s order and stages (25 N·m)',
    )
    const nobodyTicked = { ...event, data: { faults: ['cap-weak'] } }
    expect([repairLines(nobodyTicked), leftWords(nobodyTicked)]).toEqual([[], ''])
  })
})
