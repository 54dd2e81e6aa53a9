import { describe, expect, it } from 'vitest'
import { caseEvent, type CaseEvent } from '#core'
import { endLines } from './case-end'
import { formatted } from './catalogue'

const say = (id: string, told: Record<string, string> = {}) => formatted(id, told)

let minute = 0
const event = (kind: string, data: object): CaseEvent =>
  caseEvent.parse({
    id: crypto.randomUUID(),
    kind,
    by: crypto.randomUUID(),
    observedAt: `2026-03-02T10:0${minute++}:00+01:00`,
    data,
  })

describe('how a case ended, in words', () => {
  it('says what was not measured and why, that it came back, and how it ended then', () => {
    const events = [
      event('repaired', { faults: ['gasket-to-cylinder'] }),
      event('closed', {
        outcome: 'cause-confirmed',
        causes: ['gasket-to-cylinder', 'cap-weak'],
        words: 'Dry for a week',
        believed: [{ fault: 'gasket-to-cylinder', probability: 0.91 }],
        unmeasured: { items: ['bolts', 'block-flatness'], because: 'No gauge of that length here' },
      }),
      event('reopened', { why: 'Warm again on the hill' }),
      event('closed', { outcome: 'not-found', causes: [] }),
    ]
    expect(endLines(events, { say, when: (at) => at.slice(11, 16) })).toEqual([
      '10:01: closed, cause confirmed: Head gasket: coolant to cylinder + Cap: weak or leaking. ' +
        '“Dry for a week” Not measured: Bolts: lengths against their limit, or new ones after ' +
        'overheating; Block face: gaps against its limit. The reason given: “No gauge of that ' +
        'length here” Believed then: Head gasket: coolant to cylinder 9 in 10.',
      '10:02: opened again. “Warm again on the hill”',
      '10:03: closed without a cause.',
    ])
  })
  it('says nothing of a case that goes on', () => {
    expect(endLines([event('repaired', { faults: ['cap-weak'] })], { say, when: String })).toEqual(
      [],
    )
  })
})
