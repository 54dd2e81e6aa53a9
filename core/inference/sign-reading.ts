import { message, type Message } from '../quantity/message'

/**
 * What one reading says about one sign: how likely the reading is under each state of the sign, in any common
 * scale. `validity` is the probability that the reading's conditions were met; readings of one sign that share
 * `conditions` (instrument and circumstances) share that doubt, so repeats do not add up as if independent.
 */
export interface SignReading {
  /** id of the record, or of the run, that this comes from */
  source: string
  sign: string
  likelihood: Readonly<Record<string, number>>
  validity: number
  conditions: string
  says: Message
}

/** A person's or an instrument's plain yes/no with the chance of being right in each state. */
export function binaryReading(
  source: string,
  sign: string,
  seen: boolean,
  rates: { whenPresent: number; whenAbsent: number },
  says: Message,
  validity = 0.97,
): SignReading {
  const yes = { no: rates.whenAbsent, yes: rates.whenPresent }
  return {
    source,
    sign,
    likelihood: seen ? yes : { no: 1 - yes.no, yes: 1 - yes.yes },
    validity,
    conditions: source,
    says,
  }
}

/**
 * Adds plain readings to a list, each an aspect of one record: what was seen of a sign, how often that is so where the
 * sign is there and where it is not, and the id of what it says; as valid as is usual for the check, unless said.
 * @example (() => { const out = []; readingsInto(out, 'r', 0.9)('belt-slips', true, 0.9, 0.02, 'says.belt'); return out[0].source })()
 *   // 'r#belt-slips'
 */
export const readingsInto =
  (out: SignReading[], source: string, usualValidity: number) =>
  (
    sign: string,
    seen: boolean,
    whenPresent: number,
    whenAbsent: number,
    says: string,
    validity = usualValidity,
  ): void => {
    const rates = { whenPresent, whenAbsent }
    out.push(binaryReading(`${source}#${sign}`, sign, seen, rates, message(says), validity))
  }

/** How often something is taken for the fault itself that is not, and how often the entry is a slip. */
const TAKEN_FOR_IT = 1e-4
const SLIP = 1e-4

/**
 * A fault that lies open before the eye, in the hand or on the meter: what is seen is the fault and not its trace, so it is
 * hardly taken for another and hardly a slip. `whenPresent`: how often it is seen where it is there.
 */
export const laidBare = (
  source: string,
  sign: string,
  whenPresent: number,
  says: Message,
): SignReading => ({
  ...binaryReading(source, sign, true, { whenPresent, whenAbsent: TAKEN_FOR_IT }, says, 1 - SLIP),
  // Whoever looks again sees the same thing: looks at one spot share their doubt.
  conditions: `laid bare: ${sign}`,
})

/**
 * A place that was dried and is wet again: what runs down from above was wiped off with the rest, so that it is taken
 * nearly as much at its word as what is seen issuing. `whenPresent`: how often it is seen where it leaks.
 */
export const wetAgain = (
  source: string,
  sign: string,
  whenPresent: number,
  says: Message,
): SignReading => binaryReading(source, sign, true, { whenPresent, whenAbsent: 0.001 }, says, 0.999)
