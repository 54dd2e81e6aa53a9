import { describe, expect, it } from 'vitest'
import { buildModel } from '../inference/model'
import { mutatedBook } from '../inference/stability'
import { ALL_CHECKS } from '../checks/registry'
import { auditBook } from '../diagnosis/audit'
import { BOOK, BOOK_HASH, currentFault, reasonFor } from './book'
import { writtenPrior } from './priors'
import { REPORTED_COMPLAINTS } from '../vehicle/complaint'
import { LEAK_PLACES } from '../vehicle/places'
import { stableHash } from './hash'

/** The faults that the domain knows, row by row: how many each row of the handbook names, and their ids here. */
const ROWS: readonly [string, number, string][] = [
  ['hose or clamp', 4, 'upper-hose-leak lower-hose-leak heater-hose-leak bypass-hose-leak'],
  ['quick-connect or pipe seal', 1, 'quick-connect-leak'],
  ['radiator', 3, 'radiator-core-leak radiator-seam-leak drain-plug-leak'],
  ['expansion tank', 2, 'expansion-tank-leak tank-seal-leak'],
  ['pressure cap', 4, 'cap-weak cap-vacuum-stuck cap-wrong cap-left-loose'],
  ['pump leaking', 2, 'pump-seal-leak pump-gasket-leak'],
  [
    'housing, manifold, module, pipe, plug, cooler joint',
    6,
    'thermostat-housing-leak manifold-gasket-leak heat-module-leak hard-pipe-leak core-plug-leak oil-cooler-joint-leak',
  ],
  ['heater core', 1, 'heater-core-leak'],
  ['heater valve', 1, 'heater-valve-leak'],
  ['gasket to outside', 1, 'gasket-external'],
  ['gasket to cylinder', 1, 'gasket-to-cylinder'],
  ['gasket, gas to coolant', 1, 'gasket-gas-to-coolant'],
  ['gasket, coolant and oil', 1, 'gasket-to-oil'],
  ['cracked head, block or liner', 2, 'head-cracked block-cracked'],
  ['coolers inside', 2, 'oil-cooler-internal gearbox-cooler-internal'],
  ['heavy diesel', 3, 'injector-sleeve-leak liner-pinhole compressor-gasket'],
  ['turbo line', 1, 'turbo-line-leak'],
  ['EGR cooler', 1, 'egr-cooler-internal'],
  [
    'thermostat',
    4,
    'thermostat-stuck-closed thermostat-opens-late thermostat-stuck-open thermostat-wrong-rating',
  ],
  ['impeller, bearing', 2, 'pump-impeller-loose pump-bearing-worn'],
  ['pump drive', 3, 'pump-drive-slipping electric-pump-dead switchable-pump-off'],
  ['trapped air', 1, 'trapped-air'],
  ['low coolant', 1, 'low-coolant'],
  ['radiator restricted', 1, 'radiator-restricted'],
  ['lower hose collapsing', 1, 'lower-hose-collapsing'],
  ['heater side', 4, 'heater-core-restricted heater-valve-shut aux-pump-dead heater-hoses-swapped'],
  ['module or map thermostat', 2, 'heat-module-stuck map-heater-lost'],
  ['sealant', 1, 'sealant-in-system'],
  ['jacket scaled, wrong coolant', 2, 'jacket-scaled coolant-wrong'],
  ['debris, condenser stack', 2, 'radiator-debris condenser-stack-blocked'],
  ['shroud', 1, 'shroud-broken'],
  ['blades', 1, 'fan-blades-damaged'],
  ['clutch', 2, 'fan-clutch-slipping fan-clutch-locked'],
  [
    'electric fan',
    6,
    'fan-motor-dead fan-feed-lost fan-relay-dead fan-ground-bad fan-module-dead fan-switch-dead',
  ],
  ['wrong way, misrouted', 2, 'fan-wrong-way belt-misrouted'],
  ['air dam, shutter', 2, 'air-dam-missing grille-shutter-stuck'],
  ['electro-viscous, always on', 2, 'electro-viscous-control fan-always-on'],
  ['sensor, its wiring', 2, 'coolant-sensor-biased sensor-wiring'],
  ['dash gauge', 1, 'dash-gauge-wrong'],
  ['blend door, blower', 2, 'blend-door-stuck blower-or-filter'],
  ['engine makes too much heat', 1, 'engine-makes-heat'],
  ['overload', 1, 'overload'],
  ['nothing wrong', 4, 'overfilled normal-expansion condensate gauge-resting'],
]

describe('the book', () => {
  it.each(ROWS)('%s: %i faults', (_, count, ids) => {
    const list = ids.split(' ')
    expect(list.length).toBe(count)
    for (const id of list)
      expect(
        BOOK.faults.some((f) => f.id === id),
        id,
      ).toBe(true)
  })
  it('lists every fault of the rows once, and beside them one unlisted fault for each group', () => {
    const listed = ROWS.flatMap(([, , ids]) => ids.split(' '))
    const unlisted = BOOK.faults.filter((f) => f.group === 'not-in-the-book').map((f) => f.id)
    expect(unlisted).toEqual(['unlisted-leak', 'unlisted-flow', 'unlisted-air', 'unlisted-reading'])
    expect([...BOOK.faults.map((f) => f.id)].sort()).toEqual([...listed, ...unlisted].sort())
  })
  it('has sums of priors that up to three faults can carry, for each complaint', () => {
    for (const complaint of REPORTED_COMPLAINTS) {
      const sum = BOOK.faults.reduce((a, f) => a + writtenPrior(f, complaint), 0)
      expect(sum).toBeGreaterThan(1)
      expect(sum).toBeLessThan(1.7)
    }
  })
  it('names only conditions, faults and signs that it has', () => {
    const signs = new Set(BOOK.signs.map((s) => s.id))
    const conditions = new Set(BOOK.conditions.map((c) => c.id))
    const faults = new Set(BOOK.faults.map((f) => f.id))
    expect(signs.size).toBe(BOOK.signs.length)
    for (const c of BOOK.conditions)
      for (const e of c.effects) expect(signs.has(e.sign), `${c.id} ${e.sign}`).toBe(true)
    for (const f of BOOK.faults) {
      for (const c of f.causes)
        expect(conditions.has(c.condition), `${f.id} ${c.condition}`).toBe(true)
      for (const d of f.disturbs) expect(faults.has(d.fault), `${f.id} ${d.fault}`).toBe(true)
    }
    for (const s of BOOK.signs)
      for (const o of s.overrides ?? [])
        expect(faults.has(o.by) || conditions.has(o.by), `${s.id} ${o.by}`).toBe(true)
    for (const p of LEAK_PLACES) expect(faults.has(p.fault), p.id).toBe(true)
    for (const check of ALL_CHECKS)
      for (const id of check.signs({ profile: {}, complaint: 'overheats', has: () => true }))
        expect(signs.has(id), `${check.id} ${id}`).toBe(true)
    for (const to of Object.values(BOOK.aliases.faults)) expect(faults.has(to)).toBe(true)
  })
  it('says why a fault shows in a sign, also where it acts through a hidden condition', () => {
    expect(reasonFor('lower-hose-collapsing', 'lower-hose-flat')).toBe('Seen when revved.')
    expect(reasonFor('pump-impeller-loose', 'heater-cold')).toBe(
      'The heater is fed by the same pump.',
    )
    expect(reasonFor('low-coolant', 'heat-in-bursts')).toBe(
      'Heat comes and goes as the pocket moves.',
    )
    expect(reasonFor('pump-impeller-loose', 'cap-opens-early')).toBeUndefined()
    expect(reasonFor('no-such-fault', 'heater-cold')).toBeUndefined()
  })
  it('calls an old fault by its new name', () => {
    expect(currentFault('fan-electric-dead')).toBe('fan-motor-dead')
    expect(currentFault('cap-weak')).toBe('cap-weak')
  })
  it('has another hash when any level moves', () => {
    expect(
      stableHash(JSON.stringify(mutatedBook(BOOK, 'cap-weak', 'cap-opens-early', 1))),
    ).not.toBe(BOOK_HASH)
    expect(stableHash(JSON.stringify(mutatedBook(BOOK, 'leak', 'hold-cold', 1)))).not.toBe(
      BOOK_HASH,
    )
  })
})

describe('the audit of the book', () => {
  const audit = auditBook(BOOK, buildModel(BOOK, 'overheats', {}))
  it('finds a discriminating sign for every fault, a fault and a check for every sign, a reason for every level', () => {
    expect([
      audit.withoutSign,
      audit.unspokenSigns,
      audit.unreadSigns,
      audit.withoutReason,
    ]).toEqual([[], [], [], []])
  })
  it('leaves only the pairs that docs/knowledge.md explains', () => {
    expect(audit.hardPairs.map((p) => p.faults.join(' / ')).sort()).toEqual([
      'core-plug-leak / gasket-external',
      'hard-pipe-leak / core-plug-leak',
      'hard-pipe-leak / gasket-external',
      'unlisted-air / unlisted-reading',
      'unlisted-flow / unlisted-reading',
    ])
    for (const pair of audit.hardPairs) expect(pair.closest.check.length).toBeGreaterThan(2)
  })
  it('finds what is planted: a sign that nothing speaks to, a level without a reason, two faults alike', () => {
    const twin = { ...BOOK.faults[0]!, id: 'twin' }
    const planted = {
      ...BOOK,
      faults: [
        ...BOOK.faults.map((f) =>
          f.id === 'cap-weak'
            ? { ...f, effects: f.effects.map((e) => ({ ...e, because: '' })) }
            : f,
        ),
        twin,
      ],
      signs: [...BOOK.signs, { ...BOOK.signs[0]!, id: 'lonely' }],
    }
    const found = auditBook(planted, buildModel(planted, 'overheats', {}))
    expect(found.unspokenSigns).toContain('lonely')
    expect(found.unreadSigns).toContain('lonely')
    expect(found.withoutReason.some((r) => r.startsWith('cap-weak:'))).toBe(true)
    expect(found.hardPairs[0]!.faults).toEqual(['upper-hose-leak', 'twin'])
  })
})
