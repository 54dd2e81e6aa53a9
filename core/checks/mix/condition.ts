import { binaryReading, readingsInto, type SignReading } from '../../inference/sign-reading'
import { message, type Message } from '../../quantity/message'
import type { CoolantCondition } from './record'

/** Below this there is none to speak of; above that it eats metal; between, it is measured again, V. */
const STRAY_NONE_V = 0.1
const STRAY_MUCH_V = 0.3

export type StrayState = 'none' | 'some' | 'much'

/**
 * @example strayState(0.45) // 'much'
 */
export const strayState = (strayVolts: number): StrayState =>
  strayVolts <= STRAY_NONE_V ? 'none' : strayVolts < STRAY_MUCH_V ? 'some' : 'much'

/**
 * What was found, as findings.
 * @example conditionStates(example('mix.condition')).join(' ') // 'kind-another inhibitor-spent stray-much'
 */
export function conditionStates({ kind, inhibitor, strayVolts }: CoolantCondition): string[] {
  const out: string[] = []
  if (kind !== 'not-known') out.push(`kind-${kind}`)
  if (inhibitor !== 'not-known') out.push(`inhibitor-${inhibitor}`)
  if (strayVolts !== undefined) out.push(`stray-${strayState(strayVolts)}`)
  return out
}

/** A strip that was kept open or read late is off so often; one that reads "low" says little either way. */
const STRIP = {
  good: { seen: false, whenPresent: 0.85, whenAbsent: 0.15 },
  low: { seen: true, whenPresent: 0.5, whenAbsent: 0.3 },
  spent: { seen: true, whenPresent: 0.8, whenAbsent: 0.05 },
} as const

/**
 * What the coolant's condition says of the book's signs. With all switched off only a battery leak is measured, so
 * nothing found then clears little.
 * @example signsOf(conditionSigns('r', example('mix.condition'))) // 'coolant-other inhibitor-spent stray-voltage'
 */
export function conditionSigns(source: string, record: CoolantCondition): SignReading[] {
  const { kind, inhibitor, strayVolts, strayWith } = record
  const out: SignReading[] = []
  const read = readingsInto(out, source, 0.9)
  if (kind !== 'not-known')
    read('coolant-other', kind === 'another', 0.85, 0.03, `says.coolant.${kind}`)
  if (inhibitor !== 'not-known') {
    const { seen, whenPresent, whenAbsent } = STRIP[inhibitor]
    read('inhibitor-spent', seen, whenPresent, whenAbsent, `says.inhibitor.${inhibitor}`)
  }
  const state = strayVolts === undefined ? 'some' : strayState(strayVolts)
  if (strayVolts !== undefined && state !== 'some') {
    const hasRun = strayWith === 'engine-and-consumers' || strayWith === 'starter'
    const says = message(`says.stray.${state}`, { volts: strayVolts })
    const rates = { whenPresent: 0.85, whenAbsent: 0.02 }
    const validity = state === 'much' || hasRun ? 0.92 : 0.4
    const isMuch = state === 'much'
    out.push(
      binaryReading(`${source}#stray-voltage`, 'stray-voltage', isMuch, rates, says, validity),
    )
  }
  return out
}

/**
 * What is to be done about it.
 * @example conditionNotes(example('mix.condition'))[0].id // 'coolant.doNotMix'
 */
export function conditionNotes({
  kind,
  inhibitor,
  strayVolts,
  strayWith,
}: CoolantCondition): Message[] {
  const notes: Message[] = []
  if (kind === 'another') notes.push(message('coolant.doNotMix'))
  if (inhibitor === 'spent') notes.push(message('coolant.renew'))
  if (inhibitor === 'low') notes.push(message('coolant.stripAgain'))
  const state = strayVolts === undefined ? 'none' : strayState(strayVolts)
  if (state !== 'none') notes.push(message(`coolant.stray.${state}`))
  if (strayVolts !== undefined && state === 'none' && strayWith === 'all-off')
    notes.push(message('coolant.strayWithAllOff'))
  return notes
}
