import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { InputError } from '../quantity/message'
import { readCaseFile, readingCaseFile } from './read'

const demo = JSON.parse(readFileSync('data/demo/cases/01-minibus-radiator-seam.json', 'utf8'))

/** The demo's case with so many notes; one of them may say something that is no text. */
function withNotes(count: number, bad?: number): string {
  const records = Array.from({ length: count }, (_, n) => ({
    id: `0197eeee-0000-7000-8000-${n.toString(16).padStart(12, '0')}`,
    by: demo.people[0].id,
    observedAt: '2026-11-20T10:00:00.000Z',
    kind: 'note',
    data: { text: n === bad ? 7 : `note ${n}` },
  }))
  return JSON.stringify({ ...demo, records, events: [], attachments: [] })
}

function stepsOf(text: string): number {
  const reading = readingCaseFile(text)
  let steps = 1
  while (!reading.next().done) steps++
  return steps
}

describe('a case file read in steps', () => {
  it('takes more of them the longer it is, and comes to the same as read at once', () => {
    expect(stepsOf(withNotes(2_000))).toBeGreaterThan(stepsOf(withNotes(10)) + 2)
    const text = withNotes(1_200)
    const reading = readingCaseFile(text)
    let step = reading.next()
    while (!step.done) step = reading.next()
    expect(step.value).toEqual(readCaseFile(text))
    expect(step.value.records.length).toBe(1_200)
  })
  it('names the bad field by its place in the whole file, however far down it stands', () => {
    for (const bad of [0, 777, 1_199]) {
      let path = ''
      try {
        readCaseFile(withNotes(1_200, bad))
      } catch (error) {
        if (error instanceof InputError) path = error.path
      }
      expect(path).toBe(`records.${bad}.data.text`)
    }
  })
  it('refuses a list that is none, or too long, as such', () => {
    for (const records of [{}, null, Array.from({ length: 50_001 }, () => ({}))]) {
      let path = ''
      try {
        readCaseFile(JSON.stringify({ ...demo, records }))
      } catch (error) {
        if (error instanceof InputError) path = error.path
      }
      expect(path).toMatch(/^records/)
    }
  })
})
