import { describe, expect, it } from 'vitest'
import { checkOf } from '../checks/registry'
import { Belief } from '../inference/belief'
import { buildModel, type Model } from '../inference/model'
import type { SignModel } from '../inference/sign-model'
import { laidBare } from '../inference/sign-reading'
import { BOOK } from '../knowledge/book'
import { LEVELS } from '../knowledge/levels'
import { message } from '../quantity/message'
import { REPORTED_COMPLAINTS } from '../vehicle/complaint'
import { vehiclesOfVignettes } from './vignette.fixture'

const DESERVES = 0.85

/** Faults that no single finding lays bare, each with how it is proven. */
const PROVEN_OTHERWISE: Readonly<Record<string, string>> = {
  'gasket-gas-to-coolant':
    'Gas in the coolant may be a crack or a sleeve; cranking runs say which cylinder.',
  'gasket-to-oil': 'Milk may come from a cooler; a trace across the gasket shows it.',
  'thermostat-opens-late': 'The bath measures it; how late is a figure.',
  'trapped-air': 'A refill that cures proves it, and low coolant with it.',
  'low-coolant': 'A state that has a cause: the loss is traced.',
  'heater-core-restricted': 'A drop across the core is measured, and may be the valve.',
  'sealant-in-system': 'Flakes are seen, and may have been added for a leak that is still there.',
  'jacket-scaled': 'Nobody sees into the jacket: what else it may be is shown good.',
  'radiator-debris': 'Some dirt is on every radiator; washed, it is cured or not.',
  'fan-clutch-slipping': 'Hot and cold hand tests together.',
  'fan-clutch-locked': 'Hot and cold hand tests together.',
  'air-dam-missing': 'Undertrays get lost and little happens; with one fitted it is cured or not.',
  'fan-always-on': 'It is heard, and may be asked for by the air conditioning.',
  'blower-or-filter': 'Weak air is felt; the filter is looked at.',
  'engine-makes-heat': 'What else it may be is shown good.',
  overload: 'Within its rating it stays cool: two drives together.',
}

/** Findings of the fault itself that do not give it its due by themselves, each with the reason. */
const TOO_LITTLE_ALONE: Readonly<Record<string, string>> = {
  'thermostat-stuck-open by thermostat-missing':
    'Where it loses coolant a missing thermostat is seldom met; without heat it is proof.',
  'fan-switch-dead by fan-bridged-runs': 'The relay may be what the bridge went round.',
  'fan-module-dead by fan-speed-missing':
    'Where the fan is hardly ever to blame, a speed that is missing may be one not called for.',
  'pump-drive-slipping by pump-still':
    'Where it loses coolant the drive is hardly ever to blame; and which drive it has may not be known.',
  'compressor-gasket by compressor-gas': 'Bubbles pause by themselves; twice is proof.',
  'heater-core-leak by issuing:heater-core': 'Seen through a flap: the trace adds to it.',
  'heater-core-leak by traced:heater-box': 'Seen through a flap: the look adds to it.',
  'egr-cooler-internal by issuing:egr-cooler': 'What is seen outside is seldom the inside.',
  'cap-weak by issuing:cap': 'A good cap lets go when it is too hot; it is tested.',
  'cap-left-loose by issuing:cap':
    'A good cap lets go when it is too hot; before it is opened it is looked at.',
  'gasket-to-cylinder by cylinder-wet': 'Fuel and oil are wet too; twice pressed is proof.',
  'head-cracked by cylinder-wet': 'Fuel and oil are wet too; taken off, the crack is found.',
  'block-cracked by cylinder-wet': 'Fuel and oil are wet too; taken off, the crack is found.',
}

const profiles = vehiclesOfVignettes()

/** P(worst state | one fault alone). */
const worstOf = ({ columns, classes: { below, classOf } }: SignModel, fault: number): number =>
  1 - below[classOf[fault]! * columns + columns - 1]!

/** Faults that a sign lays bare: its worst state is theirs, and hardly anything else brings it. */
function laidBareBy(sign: SignModel): number[] {
  if (1 - sign.leakBelow[sign.columns - 1]! > LEVELS.practicallyNever + 1e-9) return []
  if (sign.causes.length > 0) return []
  if (checkOf(sign.sign.check)?.asksKeeper) return []
  const linked = sign.rows.map(({ fault }) => fault)
  const touched = linked.filter((fault) => worstOf(sign, fault) > LEVELS.almostNever)
  return touched.length <= 3
    ? touched.filter((fault) => worstOf(sign, fault) >= LEVELS.seldom - 1e-9)
    : []
}

function chancesAfter(model: Model, sign: SignModel): Float64Array {
  const { id, states } = sign.sign
  const found = laidBare('r', id, 0.9, message('note'))
  const likelihood = Object.fromEntries(
    states.map((state, j) => [state, j === sign.columns ? 0.9 : found.likelihood.no!]),
  )
  return new Belief(model, [{ ...found, likelihood, epoch: 0 }]).faults
}

/** Every finding of a fault itself, on every vehicle and complaint it can come with, and what it gives. */
function findings() {
  const proofs = new Set<string>()
  const tooLittle = new Map<string, number>()
  for (const complaint of REPORTED_COMPLAINTS)
    for (const profile of profiles) {
      const model = buildModel(BOOK, complaint, profile)
      for (const sign of model.signs.all()) {
        const own = laidBareBy(sign)
        if (own.length === 0) continue
        const after = chancesAfter(model, sign)
        const together = sign.rows.reduce((sum, { fault }) => sum + after[fault]!, 0)
        for (const fault of own) {
          const { id } = model.faults[fault]!
          proofs.add(id)
          if (together >= DESERVES) continue
          const key = `${id} by ${sign.sign.id}`
          tooLittle.set(key, Math.min(tooLittle.get(key) ?? 1, together))
        }
      }
    }
  return { proofs, tooLittle }
}

describe('a proof proves', () => {
  const { proofs, tooLittle } = findings()
  it('every fault but those listed has a finding that lays it bare', () => {
    const without = BOOK.faults
      .filter(({ group }) => group !== 'nothing-wrong' && group !== 'not-in-the-book')
      .map(({ id }) => id)
      .filter((id) => !proofs.has(id))
    expect(without).toEqual(Object.keys(PROVEN_OTHERWISE))
  })
  it('whatever the complaint and the vehicle, it gives the fault, or the two it cannot tell apart, what they deserve', () => {
    const unlisted = [...tooLittle].filter(([key]) => !(key in TOO_LITTLE_ALONE))
    expect(unlisted.map(([key, p]) => `${key}: ${p.toFixed(2)}`)).toEqual([])
    expect(Object.keys(TOO_LITTLE_ALONE).filter((key) => !tooLittle.has(key))).toEqual([])
  })
})
