import fc from 'fast-check'
import { actuatorsCheck } from '../checks/actuators/check'
import { actuatorTest } from '../checks/actuators/record'
import { celsius, records } from '../checks/check.fixture'
import type { Entry } from '../checks/context'
import type { Check } from '../checks/define-check'
import { hold, recordsOf } from '../checks/pressure-hold/hold.fixture'
import { pressureHoldCheck } from '../checks/pressure-hold/check'
import { behindEachOther, entriesOf } from '../checks/random-record.fixture'
import { ALL_CHECKS } from '../checks/registry'
import { thermostatBathCheck } from '../checks/thermostat-bath/check'
import { runOf } from '../checks/warm-up-run/loop.fixture'
import { warmUpRunCheck } from '../checks/warm-up-run/check'
import { BOOK } from '../knowledge/book'
import { standing } from '../record/standing'
import { assess } from './assess'
import { inputOf } from './case-of.fixture'
import { TOGETHER } from '../checks/together'
import { vignettes } from './vignette.fixture'

/** Random draws of all that a check records. */
const DRAWS = 220
/** Ways of one check to show one fact that are tried. */
const FINDINGS = 16

/** Records of one check that show a fact. */
export type Finding = readonly Entry[]

const files = [...vignettes('open'), ...vignettes('kept-apart')].map(({ file }) => file)

/** A vehicle of which hardly anything is known: what shows a fact on it shows it on nearly any. */
const PLAIN = {
  complaint: 'overheats',
  profile: { thermostatRatingC: 88, thermostatSide: 'outlet' },
} as const
const shows = (entries: readonly Entry[], fact: string) =>
  entries.length > 0 && assess(inputOf(entries, PLAIN)).facts.has(fact)

/** Facts that guards ask for, and those that these are put together from. */
const ASKED = new Set(
  BOOK.faults
    .flatMap(({ guards }) => guards.flatMap(({ anyOf }) => anyOf.flat()))
    .flatMap((fact) => [fact, ...TOGETHER.flatMap((one) => (one.fact === fact ? one.of : []))]),
)

/** Findings whose figures hang together as no random draw has them. */
const PHYSICAL: readonly (readonly [Check, readonly Entry[][]])[] = [
  [
    warmUpRunCheck,
    [
      runOf({ minutes: 20 }),
      runOf({ fromStart: true, settles: 68, minutes: 26 }),
      runOf({ opens: 88 }),
      behindEachOther([runOf({ opens: 106, minutes: 26 }), runOf({ opens: 106, minutes: 26 })]),
    ],
  ],
  [
    pressureHoldCheck,
    [
      recordsOf(hold(1, {}, { tray: 'dry' })),
      recordsOf(hold(0, { isolated: ['heater-core'] }, { tray: 'dry' })),
    ],
  ],
  [
    thermostatBathCheck,
    (['never', celsius(98)] as const).map((startsToOpen) =>
      records([
        'thermostat-bath.test',
        {
          present: 'yes',
          specified: celsius(88),
          coldState: 'shut',
          startsToOpen,
          hottest: celsius(108),
          bath: 'glycol',
          probe: 'in-liquid',
          heatingKPerMinute: 1,
        },
      ]),
    ),
  ],
  [
    actuatorsCheck,
    actuatorTest.shape.device.options.map((device) =>
      records([
        'actuators.test',
        {
          device,
          commandedPercent: 90,
          actualPercent: 'none',
          supplyVolts: 13,
          calibrated: 'yes',
          highVoltageLoopIdentified: 'not-applicable',
        },
      ]),
    ),
  ],
]

function findingsOfAll(): Map<string, Finding[]> {
  const found = new Map<string, Finding[]>()
  for (const check of ALL_CHECKS) {
    const own = new Map<string, Finding[]>()
    for (const entries of [...physicalOf(check), ...recordedOf(check), ...drawnOf(check)])
      for (const fact of assess(inputOf(entries, PLAIN)).facts) {
        if (!ASKED.has(fact)) continue
        const known = own.get(fact) ?? []
        own.set(fact, known)
        if (known.length >= FINDINGS) continue
        const needed = withoutOthers(entries, fact)
        known.push(withLess(check, needed, fact, 'first'), withLess(check, needed, fact, 'last'))
        known.push(needed)
      }
    for (const [fact, known] of own) found.set(fact, [...(found.get(fact) ?? []), ...known])
  }
  return found
}

const physicalOf = (check: Check): readonly Entry[][] =>
  PHYSICAL.flatMap(([own, lists]) => (own === check ? lists : []))

/** Records of a check as the vignettes have them. */
const recordedOf = (check: Check): Entry[][] =>
  files
    .map(({ records }) => standing(records).filter(({ kind }) => kind in check.records) as Entry[])
    .filter((entries) => entries.length > 0)

const drawnOf = (check: Check): Entry[][] =>
  fc.sample(entriesOf(check, { each: 2, inRun: 5 }), { numRuns: DRAWS, seed: 7 })

/** Those of the records that a fact needs. */
function withoutOthers(entries: readonly Entry[], fact: string): Finding {
  return entries.reduceRight<readonly Entry[]>((kept, entry) => {
    const fewer = kept.filter((one) => one !== entry)
    return shows(fewer, fact) ? fewer : kept
  }, entries)
}

/** The same with as few fields as the fact needs; of two that may each stand for the other, the first goes, or the last. */
function withLess(check: Check, entries: Finding, fact: string, goes: 'first' | 'last'): Finding {
  for (const [at, entry] of entries.entries()) {
    const smaller = [...smallerOf(entry.data)]
    for (const data of goes === 'first' ? smaller : smaller.reverse()) {
      const fewer = entries.map((one, i) => (i === at ? { ...one, data } : one))
      if (check.records[entry.kind]!.safeParse(data).success && shows(fewer, fact))
        return withLess(check, fewer, fact, goes)
    }
  }
  return entries
}

/** A value with one field, or one entry of a list, less. */
function* smallerOf(value: unknown): Generator<unknown> {
  if (Array.isArray(value)) {
    for (const at of value.keys()) yield value.filter((_, i) => i !== at)
    for (const [at, inner] of value.entries())
      for (const smaller of smallerOf(inner)) yield value.with(at, smaller)
  } else if (typeof value === 'object' && value !== null && !('coreValue' in value)) {
    for (const name of Object.keys(value)) {
      const { [name]: own, ...rest } = value as Record<string, unknown>
      if (name !== 'run') yield rest
      for (const smaller of smallerOf(own)) yield { ...value, [name]: smaller }
    }
  }
}

/** For each fact that a guard asks for, ways in which one check shows it. */
export const findings = findingsOfAll()
