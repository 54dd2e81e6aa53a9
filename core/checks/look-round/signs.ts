import { message } from '../../quantity/message'
import { binaryReading, laidBare, type SignReading, wetAgain } from '../../inference/sign-reading'
import type { Part } from '../../vehicle/parts'
import type { PartLook, Wear } from './record'

/** How a part that is wet while pressed looks: a slow leak leaves its crust, and shows less without pressure. */
const PRESSED = { looksDry: 0.1, looksStained: 0.25 } as const
const UNPRESSED = { looksDry: 0.25, looksStained: 0.4 } as const

/**
 * A part looked at speaks to two signs: whether it is wet (which a part above can cause too), and whether coolant
 * issues from it (which only it can cause). A clean part looked at without pressure clears little.
 * @example signsOf(lookSigns('r', example('look-round.part')))
 *   // 'wet:lower-hose issuing:lower-hose lower-hose-soft crunch-in-hoses'
 */
export function lookSigns(source: string, look: PartLook): SignReading[] {
  if (look.part === 'fan') return []
  const leak = look.pressed ? PRESSED : UNPRESSED
  const wetness = {
    dry: { dry: 0.86, stained: 0.2, wet: leak.looksDry },
    stained: { dry: 0.1, stained: 0.68, wet: leak.looksStained },
    wet: { dry: 0.04, stained: 0.12, wet: 0.75 },
    'dried-and-wet-again': { dry: 0.01, stained: 0.05, wet: 0.9 },
    issuing: { dry: 0.005, stained: 0.03, wet: 0.95 },
  }[look.seen]
  const likelihood = isOfCoolant(wetness, look)
  const says = message(`says.look.${look.seen}`, { part: look.part })
  const conditions = look.pressed ? 'looked at under pressure' : 'looked at without pressure'
  const out: SignReading[] = [
    {
      source,
      sign: `wet:${look.part}`,
      likelihood,
      validity: look.pressed ? 0.92 : 0.75,
      conditions,
      says,
    },
  ]
  const part = `${source}#issuing`
  const sign = `issuing:${look.part}`
  if (look.seen === 'issuing') out.push(laidBare(part, sign, 0.8, says))
  else if (look.seen === 'dried-and-wet-again') out.push(wetAgain(part, sign, 0.6, says))
  else if (look.pressed && look.seen === 'dry')
    out.push(binaryReading(part, sign, false, { whenPresent: 0.75, whenAbsent: 0.01 }, says, 0.9))
  out.push(...wearSigns(source, look))
  return out
}

/** Dried coolant leaves a crust and smells sweet; rust runs with old coolant as with rain. */
const OF_COOLANT = { crust: 0.4, sweet: 0.4, rust: 0.75 }
/** Oil, clear water, or a trace that smells of nothing may be no coolant at all. */
const NOT_OF_COOLANT = { dry: 0.5, stained: 0.3, wet: 0.2 }

/** What a wet or stained part says, with what the trace is. */
function isOfCoolant(
  wetness: { dry: number; stained: number; wet: number },
  { seen, trace, smell }: PartLook,
): typeof wetness {
  if (seen !== 'stained' && seen !== 'wet') return wetness
  if ((trace === 'oil' || trace === 'water') && smell !== 'sweet') return NOT_OF_COOLANT
  const byTrace = trace === 'crust' || trace === 'rust' ? OF_COOLANT[trace] : 1
  const bySmell = smell === 'sweet' ? OF_COOLANT.sweet : smell === 'none' ? 1.3 : 1
  return { ...wetness, dry: wetness.dry * byTrace * bySmell }
}

/** Wear that faults show by: which part, which wear, which sign, and how well eye and hand tell it. */
const WEAR_SIGNS: readonly {
  parts: readonly Part[]
  wear: Wear
  sign: string
  rates: { whenPresent: number; whenAbsent: number }
}[] = [
  {
    parts: ['lower-hose'],
    wear: 'soft',
    sign: 'lower-hose-soft',
    rates: { whenPresent: 0.85, whenAbsent: 0.06 },
  },
  {
    parts: ['upper-hose'],
    wear: 'collapsed',
    sign: 'hose-flat-cold',
    rates: { whenPresent: 0.9, whenAbsent: 0.03 },
  },
  {
    parts: ['expansion-tank'],
    wear: 'bulged',
    sign: 'tank-bulged',
    rates: { whenPresent: 0.85, whenAbsent: 0.05 },
  },
  {
    parts: ['upper-hose', 'lower-hose', 'heater-hoses'],
    wear: 'crunches',
    sign: 'crunch-in-hoses',
    rates: { whenPresent: 0.8, whenAbsent: 0.06 },
  },
]

/** Wear that lets coolant out sooner or later: how often it is found where the part leaks, and where it does not. */
const LEAKY: Readonly<Partial<Record<Wear, { whenPresent: number; whenAbsent: number }>>> = {
  'clamp-loose': { whenPresent: 0.25, whenAbsent: 0.04 },
  cracked: { whenPresent: 0.35, whenAbsent: 0.07 },
  swollen: { whenPresent: 0.2, whenAbsent: 0.05 },
  corroded: { whenPresent: 0.35, whenAbsent: 0.12 },
  hard: { whenPresent: 0.3, whenAbsent: 0.15 },
}
/** None of these, where they were looked for. */
const SOUND = { whenPresent: 0.35, whenAbsent: 0.7 }

/**
 * A dry part that is cracked is no sound one: wear speaks for a leak there that is not wet now, and its absence a little
 * against. The worst wear found speaks for all.
 */
function leakyWear(source: string, { part, wear }: PartLook): SignReading[] {
  if (!wear || part === 'fan') return []
  const found = (Object.keys(LEAKY) as Wear[]).find((one) => wear.includes(one))
  const rates = (found && LEAKY[found]) ?? SOUND
  return [
    {
      source: `${source}#worn`,
      sign: `issuing:${part}`,
      likelihood: { no: rates.whenAbsent, yes: rates.whenPresent },
      validity: 0.85,
      conditions: 'wear looked for',
      says: message(`says.wear.${found ?? 'none'}`, { part }),
    },
  ]
}

function wearSigns(source: string, look: PartLook): SignReading[] {
  const { part, wear } = look
  if (!wear) return []
  return [...leakyWear(source, look), ...showingWear(source, part, wear)]
}

function showingWear(source: string, part: Part, wear: readonly Wear[]): SignReading[] {
  return WEAR_SIGNS.filter((row) => row.parts.includes(part)).map((row) =>
    binaryReading(
      `${source}#${row.wear}`,
      row.sign,
      wear.includes(row.wear),
      row.rates,
      message(`says.wear.${wear.includes(row.wear) ? row.wear : 'none'}`, { part }),
      0.94,
    ),
  )
}
