import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import { moment } from './moment'
import { storableText, writtenText } from './text'

const anyUnits = fc
  .array(fc.integer({ min: 0, max: 0xffff }), { maxLength: 40 })
  .map((units) => String.fromCharCode(...units))

describe('text as it can be kept', () => {
  it('goes through UTF-8 and back unchanged and holds no null, whatever was typed', () => {
    fc.assert(
      fc.property(anyUnits, (typed) => {
        const kept = storableText(typed)
        expect(new TextDecoder().decode(new TextEncoder().encode(kept))).toBe(kept)
        expect(kept).not.toContain('\0')
        expect(storableText(kept)).toBe(kept)
      }),
    )
  })
  it('is what was typed, where that can be kept', () => {
    for (const typed of ['', 'weep hole', 'Kühler, 12 °C', 'sign 🛠 of work', '\t\r\n'])
      expect(storableText(typed)).toBe(typed)
  })
  it('loses what cannot be kept, and nothing beside it', () => {
    expect(storableText('a\0b')).toBe('ab')
    expect(storableText('a\ud83d b')).toBe('a b')
    expect(storableText('\udee0a')).toBe('a')
    expect(storableText('\ud83d\ud83d\udee0')).toBe('🛠')
  })
  it('is bounded after it is cleaned, and may be asked not to be empty', () => {
    expect(writtenText(3).parse('ab\0c')).toBe('abc')
    expect(writtenText(3).safeParse('abcd').success).toBe(false)
    expect(writtenText(3).min(1).safeParse('\0').success).toBe(false)
  })
  it('stands in a JSON Schema as text with its bound', () => {
    expect(z.toJSONSchema(writtenText(3))).toMatchObject({ type: 'string', maxLength: 3 })
  })
})

describe('a moment as it is written down', () => {
  it.each([
    ['1970-01-01T00:00:00Z', true],
    ['1969-12-31T23:59:59Z', false],
    ['0000-01-01T00:00:00Z', false],
    ['9998-12-31T23:59:59-14:00', true],
    ['9999-01-01T00:00:00Z', false],
    ['2026-11-20T10:00:00+01:00', true],
    ['2026-11-20', false],
  ])('%s: %s', (written, taken) => {
    expect(moment.safeParse(written).success).toBe(taken)
  })
})
