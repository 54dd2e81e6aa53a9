import { describe, expect, it } from 'vitest'
import { PARTS } from '../../vehicle/parts'
import { buildModel } from '../../inference/model'
import { rank } from '../../inference/rank'
import { BOOK } from '../../knowledge/book'
import { DRIPS_ONTO } from '../../vehicle/parts'
import { levelSigns } from '../level-and-condition/signs'
import type { PartLook } from './record'
import { lookSigns } from './signs'

const model = buildModel(BOOK, 'coolant-loss', {})
const probability = (signs: ReturnType<typeof lookSigns>, fault: string) =>
  rank(
    model,
    signs.map((s) => ({ ...s, epoch: 0 })),
    new Set(),
  ).suspects.find((s) => s.fault === fault)!.probability

describe('a part looked at', () => {
  it('every part has its signs in the book', () => {
    for (const part of PARTS.filter((p) => p !== 'fan'))
      for (const sign of [`wet:${part}`, `issuing:${part}`])
        expect(model.signs.has(sign), sign).toBe(true)
  })
  it('seen issuing convinces more than dried and wet again, and that more than wet', () => {
    const with_ = (seen: 'wet' | 'dried-and-wet-again' | 'issuing') =>
      probability(
        lookSigns('x', { part: 'expansion-tank', seen, pressed: true }),
        'expansion-tank-leak',
      )
    expect(with_('issuing')).toBeGreaterThan(with_('dried-and-wet-again'))
    expect(with_('dried-and-wet-again')).toBeGreaterThan(with_('wet'))
    expect(with_('wet')).toBeGreaterThan(probability([], 'expansion-tank-leak'))
  })
  it('dry under pressure clears more than dry without', () => {
    const dry = (pressed: boolean) =>
      probability(lookSigns('x', { part: 'upper-hose', seen: 'dry', pressed }), 'upper-hose-leak')
    expect(dry(true)).toBeLessThan(dry(false))
    expect(dry(false)).toBeLessThan(probability([], 'upper-hose-leak'))
  })
  it('a stain is worth what it is made of: crust and a sweet smell more, oil and clear water hardly anything', () => {
    const with_ = (more: Partial<PartLook>) =>
      probability(
        lookSigns('x', { part: 'pump', seen: 'stained', pressed: false, ...more }),
        'pump-seal-leak',
      )
    const bare = with_({})
    expect(with_({ trace: 'crust' })).toBeGreaterThan(bare)
    expect(with_({ smell: 'sweet' })).toBeGreaterThan(bare)
    expect(with_({ trace: 'rust' })).toBeGreaterThan(bare)
    expect(with_({ smell: 'none' })).toBeLessThan(bare)
    for (const trace of ['oil', 'water'] as const) {
      expect(with_({ trace })).toBeLessThan(bare)
      expect(with_({ trace, smell: 'sweet' })).toBeGreaterThan(bare)
    }
  })
  it('what is seen issuing is coolant, whatever stands beside it', () => {
    const look = { part: 'pump', seen: 'issuing', pressed: true } as const
    expect(lookSigns('x', { ...look, trace: 'oil' })).toEqual(lookSigns('x', look))
  })
  it('a wet part raises what hangs above it too: the wet part may be wetted from above', () => {
    expect(DRIPS_ONTO['thermostat']).toContain('pump')
    expect(
      probability(
        lookSigns('x', { part: 'pump', seen: 'wet', pressed: true }),
        'thermostat-housing-leak',
      ),
    ).toBeGreaterThan(probability([], 'thermostat-housing-leak'))
  })
})

describe('level and condition', () => {
  it('froth under the filler alone speaks far less than milk on the dipstick', () => {
    const emulsion = (emulsionInOil: 'filler-only' | 'dipstick') => {
      const { yes, no } = levelSigns('x', { emulsionInOil })[0]!.likelihood as {
        yes: number
        no: number
      }
      return yes / no
    }
    expect(emulsion('dipstick')).toBeGreaterThan(10 * emulsion('filler-only'))
  })
  it('strong pressure after a cold night points to gas, unless the cap cannot hold it', () => {
    const strong = levelSigns('x', { residualPressure: 'strong' })
    expect(probability(strong, 'gasket-gas-to-coolant')).toBeGreaterThan(
      4 * probability([], 'gasket-gas-to-coolant'),
    )
    expect(probability(strong, 'cap-weak')).toBeLessThan(probability([], 'cap-weak'))
  })
  it('what was not looked at says nothing', () => {
    expect(levelSigns('x', {})).toEqual([])
  })
})

describe('wear of a dry part', () => {
  const worn = (...wear: PartLook['wear'] & object) =>
    probability(
      lookSigns('r', { part: 'upper-hose', seen: 'dry', pressed: false, wear }),
      'upper-hose-leak',
    )
  it('raises it above a part that was looked at and is sound, a loose clamp and a crack most', () => {
    const sound = worn()
    for (const wear of ['hard', 'corroded', 'swollen', 'cracked', 'clamp-loose'] as const)
      expect(worn(wear), wear).toBeGreaterThan(1.5 * sound)
    expect(worn('clamp-loose')).toBeGreaterThan(worn('hard'))
    expect(worn('hard', 'cracked')).toBe(worn('cracked'))
  })
})
