import type { Message } from '../quantity/message'
import type { CheckContext, CheckOutcome, Entry } from './context'
import type { Check } from './define-check'
import { leavesOf } from './record-changes.fixture'

export const NOTHING = 'moves nothing'
const rounded = (value: unknown): unknown =>
  typeof value === 'number' ? Number(value.toPrecision(4)) : value

const idsOf = (messages: readonly Message[]) =>
  messages
    .map(({ id, parameters }) => {
      const told = flat(parameters)
      return told ? `${id} (${told})` : id
    })
    .join('; ')

/** Everything that a check says, by what it says it of. */
export function described(
  check: Check,
  entries: readonly Entry[],
  context: CheckContext,
): Map<string, string> {
  const outcomes = check.assess(entries, context)
  const told = outcomes.flatMap((o, i) => partsOf(o, outcomes.length > 1 ? `${i + 1} ` : ''))
  const standingOf = { outcomes, entries, ever: entries }
  const joint: [string, string][] = [
    ['facts together', check.facts(standingOf).join(' ')],
    [
      'sees',
      check
        .sees(standingOf)
        .map((s) => `${s.part} ${s.as}`)
        .join(' '),
    ],
    [
      'waits',
      check
        .waits(entries)
        .map((w) => `${w.minutes} min`)
        .join(' '),
    ],
    ['coolant', String(check.coolantC(entries) ?? '')],
    ['advises', idsOf([check.advises(entries)].filter((m) => m !== undefined))],
    ['finds', flat({ ...check.tells(entries), ...check.finds?.(entries, outcomes, context) })],
    ['signs it can read', signsInScope(check, context)],
  ]
  return new Map([...told, ...joint].filter(([, text]) => text !== ''))
}

const signsInScope = (check: Check, { profile, complaint }: CheckContext) =>
  [true, false]
    .map((has) => check.signs({ profile, complaint, has: () => has }).join(' '))
    .join(' | ')
    .replace(/^ \| $/, '')

const flat = (value: object) =>
  leavesOf(value, '')
    .filter(({ value: v }) => v !== undefined && (typeof v !== 'object' || Array.isArray(v)))
    .map(({ path, value: v }) => `${path} ${Array.isArray(v) ? listed(v) : String(rounded(v))}`)
    .join(', ')

/** A list of figures by its length and sum; of anything else as it is. */
function listed(list: readonly unknown[]): string {
  if (list.length > 6 && list.every((v) => typeof v === 'number'))
    return `[${list.length}: ${String(rounded(list.reduce((sum, v) => sum + v, 0)))}]`
  return `[${list.map((v) => (typeof v === 'object' && v !== null ? flat(v) : String(rounded(v)))).join(' | ')}]`
}

/** Each figure as a part of its own, so that a line tells only of those that move. */
const figuresOf = (figures: object, number: string): [string, string][] =>
  Object.entries(figures)
    .filter(([name]) => !TOLD_ALREADY.has(name))
    .map(([name, value]) => [
      `${number}${name}`,
      typeof value === 'object' && value !== null
        ? Array.isArray(value)
          ? listed(value)
          : flat(value)
        : String(rounded(value) ?? ''),
    ])

/** What an analysis hands on and the outcome tells as well. */
const TOLD_ALREADY = new Set(['states', 'doesNotProve', 'notes', 'cautions'])

/** Which part of the record a reading is of, where it is not of the whole. */
const from = (source: string, record: string) =>
  source === record ? '' : `; of ${source.replace(record, '')}`

function partsOf(o: CheckOutcome, number: string): [string, string][] {
  const signs = o.signs.map((s): [string, string] => [
    `${number}${s.sign}`,
    `${flat(s.likelihood)}; valid ${String(rounded(s.validity))}; ${idsOf([s.says])}${from(s.source, o.source)}${s.conditions ? `; ${s.conditions}` : ''}`,
  ])
  return [
    [`${number}states`, o.states.join(' ')],
    ...figuresOf(o.figures, number),
    ...signs,
    [`${number}facts`, o.facts.join(' ')],
    [`${number}notes`, idsOf(o.notes)],
    [`${number}does not prove`, idsOf(o.doesNotProve)],
    [`${number}cautions`, idsOf(o.cautions)],
    [`${number}assumes`, idsOf(o.assumptions)],
    [`${number}heat matters`, String(o.heatMatters)],
  ]
}

export function difference(before: Map<string, string>, after: Map<string, string>): string {
  const parts = new Set([...before.keys(), ...after.keys()])
  const moved = [...parts].filter((part) => before.get(part) !== after.get(part))
  return moved.length === 0
    ? NOTHING
    : moved.map((part) => `${part}: ${after.get(part) ?? '-'}`).join(' / ')
}
