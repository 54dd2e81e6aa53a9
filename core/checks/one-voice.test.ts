import { describe, expect, it } from 'vitest'
import { CONTEXT } from './check.fixture'
import type { Entry } from './context'
import type { Check } from './define-check'
import { drawnOf, saidBy, speaks, SPEAKING } from './verdict-says.fixture'

const DRAWS = 600
/** At the limit of a verdict a reading says little either way: against it, at most a factor of two. */
const LITTLE = Math.log10(2)

/** Verdicts of one draw that their own signs speak against. */
function contradictions(check: Check, entries: readonly Entry[]): string[] {
  return check.assess(entries, CONTEXT).flatMap(({ states, signs }) =>
    states.flatMap((state) =>
      saidBy(check, state).flatMap(({ way, sign }) => {
        const told = speaks(signs.filter((reading) => reading.sign === sign))
        const against = { '+': -told, '-': told, '0': Math.abs(told) }[way]
        return against > LITTLE ? [`${state}, and ${sign} ${told.toFixed(1)}`] : []
      }),
    ),
  )
}

/** Verdicts of one draw that something is not as it should be, while no sign of it is read at all. */
function mute(check: Check, entries: readonly Entry[]): string[] {
  return check.assess(entries, CONTEXT).flatMap(({ states, signs }) =>
    states.filter((state) => {
      const abnormal = saidBy(check, state).filter(({ way }) => way === '+')
      const isRead = abnormal.some(({ sign }) => signs.some((reading) => reading.sign === sign))
      return abnormal.length > 0 && !isRead
    }),
  )
}

describe('one voice', () => {
  it.each(SPEAKING.map((check) => [check.id, check] as const))(
    'no verdict of %s calls anything bad that the ranking never hears of',
    (_, check) => {
      const found = new Map<string, string>()
      for (const entries of drawnOf(check, DRAWS))
        for (const state of mute(check, entries))
          found.set(state, JSON.stringify(entries.map((e) => e.data)))
      expect([...found]).toEqual([])
    },
  )
  it.each(SPEAKING.map((check) => [check.id, check] as const))(
    'the verdict of %s and what its signs are told never contradict',
    (_, check) => {
      const found = new Map<string, string>()
      for (const entries of drawnOf(check, DRAWS))
        for (const said of contradictions(check, entries))
          found.set(
            said.replace(/ -?[\d.]+$/, ''),
            `${said} ${JSON.stringify(entries.map((e) => e.data))}`,
          )
      expect([...found.values()]).toEqual([])
    },
  )
})
