import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { RECORD_DATA, type RecordKind } from '#core'
import { fieldOfIssue, formFieldsOf, missingIn, recordOf, startOf, valuesOf } from './form-fields'

const EXAMPLES = JSON.parse(readFileSync('docs/record-examples.json', 'utf8')) as Readonly<
  Record<string, object>
>
const KINDS: RecordKind[] = [
  'heater.test',
  'pump-delivery.test',
  'thermostat-bath.test',
  'actuators.test',
  'load-run.run',
  'teardown.measure',
  'running-pressure.run',
]

describe('the form of a record', () => {
  it.each(KINDS)('%s: what it says is filled in and comes back as it was', (kind) => {
    const fields = formFieldsOf(RECORD_DATA[kind])
    const example = EXAMPLES[kind]!
    expect(recordOf(fields, valuesOf(fields, example))).toEqual(example)
  })
  it('has an entry for every field of the schema, figures within its bounds', () => {
    const heater = formFieldsOf(RECORD_DATA['heater.test'])
    expect(heater.map(({ path }) => path).slice(0, 3)).toEqual(['inlet', 'outlet', 'ventLeft'])
    expect(heater[0]).toMatchObject({
      optional: false,
      entry: { as: 'quantity', kind: 'temperature', limits: { min: -50, max: 400 } },
    })
    expect(heater.find(({ path }) => path === 'engineRpm')).toMatchObject({
      optional: true,
      entry: { as: 'number', unit: 'rpm', min: 0, max: 12_000, whole: false },
    })
  })
  it('knows the words that may stand in place of a figure', () => {
    const bath = formFieldsOf(RECORD_DATA['thermostat-bath.test'])
    expect(bath.find(({ path }) => path === 'startsToOpen')).toMatchObject({
      words: ['never'],
      entry: { as: 'quantity' },
    })
    const actuator = formFieldsOf(RECORD_DATA['actuators.test'])
    expect(actuator.find(({ path }) => path === 'actualPercent')!.words).toEqual([
      'none',
      'not-shown',
    ])
  })
  it('begins with what says nothing yet, and asks for the rest that is needed', () => {
    const fields = formFieldsOf(RECORD_DATA['fan-in-action.watch'])
    const start = startOf(fields)
    expect(start).toEqual({ coolsWhenOn: 'not-known', speeds: 'not-known' })
    expect(missingIn(fields, start)!.path).toBe('airConditioning')
    const said = { ...start, airConditioning: 'off', ran: 'yes' }
    expect(missingIn(fields, said)).toBeUndefined()
    expect(RECORD_DATA['fan-in-action.watch'].safeParse(recordOf(fields, said)).success).toBe(true)
  })
  it('asks for all of a part that was begun, and for none of one that was not', () => {
    const fields = formFieldsOf(RECORD_DATA['pump-delivery.test'])
    const start = startOf(fields)
    expect(missingIn(fields, start)).toBeUndefined()
    expect(missingIn(fields, { ...start, 'specified.rpm': 1600 })!.path).toBe('specified.pressure')
    expect(recordOf(fields, start)).not.toHaveProperty('specified')
  })
  it('finds the field that an issue is about', () => {
    const fields = formFieldsOf(RECORD_DATA['pump-delivery.test'])
    expect(fieldOfIssue(fields, ['specified', 'rpm'])!.path).toBe('specified.rpm')
    expect(fieldOfIssue(fields, ['port', 'coreValue'])!.path).toBe('port')
    expect(fieldOfIssue(fields, [])).toBeUndefined()
  })
})
