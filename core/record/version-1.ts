/**
 * What version 1 of the case format wrote, in today's words. What was kept stays as it was written, in databases, on
 * devices and in files; whoever reads it carries it forward with these. Today's own writing comes back as it is.
 *
 * Version 2 has one word for "not known" (there were seven), one for what was dried and is wet again, and `coreValue`
 * and `…InCoreUnit` for what was called `si` and held °C, kPa or L.
 */

const FIELDS: Readonly<Record<string, string>> = {
  si: 'coreValue',
  instrumentOffsetSi: 'instrumentOffsetInCoreUnit',
  offsetSi: 'offsetInCoreUnit',
  resolutionSi: 'resolutionInCoreUnit',
}

const WORDS: Readonly<Record<string, string>> = {
  'not-looked': 'not-known',
  'not-tried': 'not-known',
  'not-tested': 'not-known',
  'not-seen': 'not-known',
  'not-said': 'not-known',
  'wet-again': 'dried-and-wet-again',
}

/** Fields that hold what a person typed freely: they stay as they are. */
const TEXT: ReadonlySet<string> = new Set([
  'because',
  'colour',
  'figuresFrom',
  'from',
  'name',
  'reason',
  'text',
  'typed',
  'why',
  'with',
  'words',
  'work',
])

type Fields = Readonly<Record<string, unknown>>
const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

function carried(value: unknown, words: Readonly<Record<string, string>>): unknown {
  if (typeof value === 'string') return words[value] ?? value
  if (Array.isArray(value)) return value.map((item) => carried(item, words))
  if (!isFields(value)) return value
  return Object.fromEntries(
    Object.entries(value).map(([field, inside]) => [
      FIELDS[field] ?? field,
      TEXT.has(field) ? inside : carried(inside, words),
    ]),
  )
}

/** Data of a record or an event. */
export const carryData = (data: unknown): unknown => carried(data, WORDS)

/** A record or an event with its data carried forward; anything else as it is. */
export const carryRecord = (record: unknown): unknown =>
  isFields(record) && 'data' in record ? { ...record, data: carryData(record.data) } : record

const UNKNOWN = { unknown: 'not-known' }

export const carryProfile = (profile: unknown): unknown => carried(profile, UNKNOWN)

export const carryInstrument = (instrument: unknown): unknown => carried(instrument, UNKNOWN)

const each = (list: unknown, carry: (item: unknown) => unknown) =>
  Array.isArray(list) ? list.map(carry) : list

/** A case file of version 1 in the words of version 2; what does not look like one is left for the check that follows. */
export const carryFile = (file: Record<string, unknown>): Record<string, unknown> => ({
  ...file,
  ...(isFields(file.vehicle)
    ? { vehicle: { ...file.vehicle, profile: carryProfile(file.vehicle.profile) } }
    : {}),
  instruments: each(file.instruments, carryInstrument),
  records: each(file.records, carryRecord),
  events: each(file.events, carryRecord),
})
