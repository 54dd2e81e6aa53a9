import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import type { Level, Prior } from '../knowledge/levels'
import { Belief } from './belief'
import { buildModel } from './model'
import { signLikelihood } from './sign-classes'
import { bareBook, bareFault, bareReading, bareSign } from './small-book.fixture'

/** The example of docs/ranking.md: hose and core are alike in both signs, the cap is not. */
const sign = (id: string, states: [string, string]) =>
  bareSign(id, { states, leak: { [states[1]]: 'rarely' } })
const fault = (id: string, lossPrior: Prior, wet: Level, falls: Level) =>
  bareFault(id, {
    lossPrior,
    effects: [
      { sign: 'below', atLeast: { wet }, because: '' },
      { sign: 'hold', atLeast: { falls }, because: '' },
    ],
  })
const BOOK = bareBook(
  {
    faults: [
      fault('hose', 'common', 'often', 'mostly'),
      fault('core', 'uncommon', 'often', 'mostly'),
      fault('cap', 'veryCommon', 'seldom', 'sometimes'),
    ],
    signs: [sign('below', ['dry', 'wet']), sign('hold', ['holds', 'falls'])],
  },
  0.82,
)

const model = buildModel(BOOK, 'coolant-loss', {})
const belief = new Belief(model, [
  bareReading('below', { dry: 0.1, wet: 0.9 }),
  bareReading('hold', { holds: 0.8, falls: 0.2 }),
])
const { weights, twins, counts } = belief

/** Cells of the first table after a heading of the page, rows by their first cell. */
function tableAfter(heading: string): Map<string, string[]> {
  const page = readFileSync('docs/ranking.md', 'utf8')
  const lines = page.slice(page.indexOf(heading)).split('\n')
  const from = lines.findIndex((line) => line.startsWith('|'))
  const to = lines.findIndex((line, i) => i > from && !line.startsWith('|'))
  const rows = lines.slice(from + 2, to).map((line) => line.split('|').map((cell) => cell.trim()))
  return new Map(rows.map(([, first, ...cells]) => [first!, cells.slice(0, -1)]))
}
const told = (value: number) => value.toPrecision(4)

describe('the worked example', () => {
  it('has two classes of twins, whose multisets weigh what the page says', () => {
    expect(twins.members).toEqual([[0, 1], [2]])
    const [hose, core, cap] = model.weights.odds
    const odds = [
      1,
      hose! + core!,
      cap!,
      hose! * core!,
      (hose! + core!) * cap!,
      hose! * core! * cap!,
    ]
    const likelihood = (members: number[]) =>
      belief.evidence.reduce((p, { sign, factor }) => p * signLikelihood(sign, factor, members), 1)
    const alike = [[], [0], [2], [0, 1], [0, 2], [0, 1, 2]].map(likelihood)
    const scales = odds.map((_, x) => (x === 0 ? model.weights.nothing : model.weights.scale))
    const plain = odds.map((o, x) => scales[x]! * o * alike[x]!)
    const own = [
      weights.none,
      weights.one[0]!,
      weights.one[1]!,
      weights.two[0]!,
      weights.two[1]!,
      weights.three[weights.row[0]! + 1]!,
    ]
    own.forEach((weight, x) => expect(weight).toBeCloseTo(plain[x]!, 14))
    expect(own.reduce((a, b) => a + b, 0)).toBeCloseTo(counts.total, 14)
    const rows = tableAfter('## Three faults and two signs')
    const names = ['none', 'A', 'B', 'A A', 'A B', 'A A B']
    expect([...rows.keys()]).toEqual(names)
    names.forEach((name, x) =>
      expect(rows.get(name), name).toEqual([
        told(odds[x]!),
        told(alike[x]!),
        told(own[x]!),
        told(own[x]! / counts.total),
      ]),
    )
  })
  it('shares a class’s mass among its faults as the page says', () => {
    const rows = tableAfter('What a class has with one of them')
    model.faults.forEach(({ id }, f) =>
      expect(rows.get(id), id).toEqual([
        told(model.weights.odds[f]!),
        told([0.07, 0.025, 0.1][f]!),
        told(belief.faults[f]!),
      ]),
    )
  })
})
