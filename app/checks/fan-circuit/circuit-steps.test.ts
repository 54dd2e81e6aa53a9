import { describe, expect, it } from 'vitest'
import { RECORD_DATA } from '#core'
import { formatted } from '../../../words/catalogue'
import type { Say } from '../../look/say'
import { type FanKind, linkNames, type Step, stepsOf } from './circuit-steps'

const say: Say = (id, told = {}) => formatted(id, told as Record<string, string>)
const KINDS: FanKind[] = ['electric-relay', 'electric-module', 'thermo-switch', 'viscous-clutch']

const fieldsOfRecord = Object.keys(
  (RECORD_DATA['fan-circuit.walk' as never] as { shape?: object } | undefined)?.shape ??
    (
      Object.entries(RECORD_DATA).find(([kind]) => kind.startsWith('fan-circuit.'))![1] as {
        shape: object
      }
    ).shape,
)

describe.each(KINDS)('the walk along the circuit of a fan: %s', (fan) => {
  const steps = stepsOf(fan, say)

  it('asks for each measurement once, and only for what a record of it holds', () => {
    const fields = steps.map(({ field }) => field)
    expect(new Set(fields).size).toBe(fields.length)
    for (const field of fields) expect(fieldsOfRecord).toContain(field)
  })
  it('says what it is and how it is made, in words', () => {
    for (const { title, how } of steps) {
      expect(title).toMatch(/^\S.*\S$/)
      expect(how.length).toBeGreaterThan(12)
      expect(`${title} ${how}`).not.toMatch(/fan-circuit\.|undefined|\{/)
    }
  })
  it('offers answers that differ where nothing is measured in figures', () => {
    for (const { options } of steps.filter((step) => step.options)) {
      expect(options!.length).toBe(2)
      expect(new Set(options!.map(({ text }) => text)).size).toBe(2)
    }
  })
  it('names every link that a step stands for, and feeds no fan with its own electronics', () => {
    const names = linkNames(fan, say)
    const linked = steps.flatMap(({ link }) => link ?? [])
    expect(new Set(linked)).toEqual(
      new Set([
        'fuse',
        'wire',
        'relay',
        ...(fan === 'electric-module' ? [] : ['motor']),
        'ground',
        'control',
      ]),
    )
    for (const link of linked) expect(names[link]).toMatch(/\S/)
  })
})

describe('the walk', () => {
  const titleOf = (fan: FanKind, field: Step['field']) =>
    stepsOf(fan, say).find((step) => step.field === field)!.title
  it('speaks of what the fan has: a relay, a module, a switch', () => {
    expect(linkNames('electric-relay', say).relay).not.toBe(linkNames('electric-module', say).relay)
    expect(linkNames('thermo-switch', say).control).not.toBe(
      linkNames('electric-relay', say).control,
    )
    const bridged = KINDS.slice(0, 3).map((fan) => titleOf(fan, 'bridged'))
    expect(new Set(bridged).size).toBe(3)
  })
  it('measures what can be measured in volts without offering words for it', () => {
    for (const field of ['supplyVolts', 'groundDropVolts'] as const)
      expect(stepsOf('electric-relay', say).find((step) => step.field === field)!.options).toBe(
        undefined,
      )
  })
})
