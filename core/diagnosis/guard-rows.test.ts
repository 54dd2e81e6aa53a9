import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { BOOK } from '../knowledge/book'
import { ALL_CHECKS } from '../checks/registry'
import { TOGETHER } from '../checks/together'
import { findings } from './findings.fixture'
import { DESERVES, proofBy, waysOf } from './guard-rows.fixture'

/** A line of the table in docs/proofs.md: where a proof gives its fault less than it deserves. */
interface Exception {
  fault: string
  shownBy: string
  complaints: string[]
  together: string[]
  reason: string
}

const isTogether = (fact: string) => TOGETHER.some((one) => one.fact === fact)
const listOf = (cell: string) => cell.split(', ').filter(Boolean)

const LISTED = [...readFileSync('docs/proofs.md', 'utf8').matchAll(/^\| `([a-z-]+)` .*$/gm)].map(
  ([line]): Exception => {
    const [fault, shownBy, complaints, together, reason] = line!
      .split('|')
      .slice(1, -1)
      .map((cell) => cell.trim().replaceAll('`', ''))
    return {
      fault: fault!,
      shownBy: shownBy!,
      complaints: listOf(complaints!),
      together: listOf(together!),
      reason: reason!,
    }
  },
)

const proven = BOOK.faults.filter(({ group }) => group !== 'not-in-the-book')

describe('a proof proves', () => {
  it.each(proven.map((fault) => [fault.id, fault] as const))(
    '%s, by every way to meet its guards, or it is listed with the reason',
    (id, fault) => {
      const listed = LISTED.filter((one) => one.fault === id)
      const short = waysOf(fault).flatMap((facts) => {
        const shownBy = facts.join(' + ')
        const own = listed.filter((one) => one.shownBy === shownBy)
        const proof = proofBy(fault, facts)
        for (const { together, complaints } of own) {
          const least = new Map<string, number>(proof([id, ...together]))
          if (together.length > 0)
            for (const complaint of complaints)
              expect(least.get(complaint)).toBeGreaterThanOrEqual(DESERVES)
        }
        return proof([id])
          .filter(([, probability]) => probability < DESERVES)
          .map(([complaint]) => `${shownBy}: ${complaint}`)
      })
      const said = listed.flatMap(({ shownBy, complaints }) =>
        complaints.map((complaint) => `${shownBy}: ${complaint}`),
      )
      expect(short.sort()).toEqual(said.sort())
    },
  )
  it('by what each check says that it can show', () => {
    const untold = [...findings].flatMap(([fact, list]) =>
      list.flatMap((finding) => {
        const { kind } = finding[0]!
        const check = ALL_CHECKS.find(({ records }) => kind in records)!
        return isTogether(fact) || check.shows?.includes(fact) ? [] : [`${check.id} ${fact}`]
      }),
    )
    expect([...new Set(untold)]).toEqual([])
  })
  it('with a reason for every line, and none twice', () => {
    expect(LISTED.filter(({ reason }) => reason.split(' ').length < 5)).toEqual([])
    const keys = LISTED.flatMap(({ fault, shownBy, complaints }) =>
      complaints.map((complaint) => [fault, shownBy, complaint].join()),
    )
    expect(new Set(keys).size).toBe(keys.length)
  })
})
