import type { CaseInput } from '../casefile/assess'
import { sinceLastWork, standing, standingRecords } from '../casefile/records'
import type { Suspect } from '../inference/rank'
import { knownValue } from '../casefile/profile'
import { LEAK_PLACES } from '../knowledge/places'
import { message, type Message } from '../message'

/** A check that finds where exactly a likely fault is, before anything is opened for it. */
export interface Locate {
  check: string
  fault: string
  says: Message
}

/** From here on a suspect is worth locating. */
const LIKELY = 0.5

const LOCATES: readonly {
  check: string
  faults: readonly string[]
  after?: string
  says: string
}[] = [
  {
    check: 'cranking-rise',
    faults: ['gasket-to-cylinder', 'gasket-gas-to-coolant', 'head-cracked'],
    says: 'locate.cylinders',
  },
  {
    check: 'fan-circuit',
    faults: [
      'fan-motor-dead',
      'fan-feed-lost',
      'fan-relay-dead',
      'fan-ground-bad',
      'fan-module-dead',
      'fan-switch-dead',
    ],
    says: 'locate.link',
  },
  {
    check: 'leak-trace',
    faults: LEAK_PLACES.map((p) => p.fault),
    after: 'pressure-hold',
    says: 'locate.place',
  },
]

/**
 * For the likeliest suspect that is at least as likely as not, and is not shown yet where that is the question: the
 * check that names its cylinders, its link or its place, unless it was made since the last repair. A ranking of faults
 * alone never asks for it, because it tells one fault's places apart and not faults.
 */
export function locatingCheck(
  suspects: readonly Pick<Suspect, 'fault' | 'probability' | 'guards'>[],
  input: CaseInput,
): Locate | undefined {
  const records = sinceLastWork(standingRecords(input.records), standing(input.events))
  const was = (check: string) => records.some((r) => r.kind.startsWith(`${check}.`))
  for (const { fault, probability, guards } of [...suspects].sort(
    (a, b) => b.probability - a.probability,
  )) {
    if (probability < LIKELY) return undefined
    const way = LOCATES.find((l) => l.faults.includes(fault))
    if (!way || was(way.check) || (way.after && !was(way.after))) continue
    if (way.check === 'cranking-rise' && knownValue(input.vehicle.profile.cylinders) === 1) continue
    if (way.check === 'leak-trace' && guards.every((g) => g.met)) continue
    return { check: way.check, fault, says: message(way.says) }
  }
  return undefined
}
