import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { SENTENCES, sentence } from './catalogue'
import { formatChance, formatClock, formatQuantity } from './format'

function coreSources(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory()
      ? coreSources(join(folder, entry.name))
      : /(?<!test|fixture)\.ts$/.test(entry.name)
        ? [join(folder, entry.name)]
        : [],
  )
}

describe('the catalogue', () => {
  it('has a sentence for every message id that core writes out', () => {
    const missing = coreSources('core').flatMap((file) =>
      [
        ...readFileSync(file, 'utf8').matchAll(
          /(?:message|fail)\((?:`[^`]*`, )?'((?:input|hold|cap|selfCheck|caution|assumes|advice|says|file)\.[\w.-]+)'/g,
        ),
      ]
        .map((m) => m[1]!)
        .filter((id) => !(id in SENTENCES)),
    )
    expect(missing).toEqual([])
  })
  it('writes quantities in the reader’s unit', () => {
    const target = { kind: 'pressure' as const, si: 103.4 }
    const text = sentence(
      {
        id: 'hold.targetAboveMarking',
        parameters: { target, maximum: { kind: 'pressure', si: 96.5 } },
      },
      { temperature: '°F', pressure: 'psi', volume: 'qt' },
    )
    expect(text).toContain('15.00\u00a0psi')
    expect(text).toContain('14.00\u00a0psi')
  })
  it('a part is called by its name', () => {
    expect(sentence({ id: 'says.look.wet', parameters: { part: 'pump' } })).toBe('Pump is wet')
  })
  it('an unknown id is an error and not an empty line', () => {
    expect(() => sentence({ id: 'no.such', parameters: {} })).toThrow()
  })
})

describe('figures', () => {
  it('chances are said in tenths, and in words at the ends', () => {
    expect([0.62, 0.07, 0.03, 0.004, 0.95, 0.99].map(formatChance)).toEqual([
      '6 in 10',
      'under 1 in 10',
      '3 in 100',
      'under 1 in 100',
      'over 9 in 10',
      'nearly certain',
    ])
  })
  it('a difference of temperature is converted without the 32, and written in degrees', () => {
    expect(
      formatQuantity(
        { kind: 'temperatureDifference', si: 5 },
        { temperature: '°F', pressure: 'psi', volume: 'qt' },
      ),
    ).toBe('9.0\u00a0°F')
  })
  it('timers show minutes and seconds', () => {
    expect([0, 59.9, 462, -3].map(formatClock)).toEqual(['00:00', '00:59', '07:42', '00:00'])
  })
})
