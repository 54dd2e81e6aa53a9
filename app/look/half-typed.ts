/** A field's text as somebody left it half typed, by what tells the field apart on its page. */
export type HalfTyped = Readonly<Record<string, string>>

/** What a field says of itself. */
export interface Field {
  type: string
  /** its label or name */
  name: string
  value: string
}

/** Kinds of fields in which a person types; never what is secret, and nothing that is chosen. */
const TYPED = new Set(['text', 'search', 'number', 'tel', 'textarea', ''])

const canBeKept = ({ type, name }: Field) => TYPED.has(type) && name !== ''

/** Keys of fields in their order: fields of one name are told apart by which of them they are. */
export function keysOf(fields: readonly Field[]): string[] {
  const seen = new Map<string, number>()
  return fields.map(({ name }) => {
    const nth = seen.get(name) ?? 0
    seen.set(name, nth + 1)
    return `${name}/${nth}`
  })
}

/** What stands half typed in fields that somebody typed in. */
export function halfTyped(
  fields: readonly Field[],
  isTouched: (nth: number) => boolean,
): HalfTyped {
  const keys = keysOf(fields)
  return Object.fromEntries(
    fields.flatMap((field, i) =>
      canBeKept(field) && field.value !== '' && isTouched(i) ? [[keys[i]!, field.value]] : [],
    ),
  )
}

/** A field that is filled again: its place, its key and its text. */
export interface Refilled {
  nth: number
  key: string
  text: string
}

/** What is put back into which field: into those that are empty. */
export function putBack(fields: readonly Field[], left: HalfTyped): Refilled[] {
  const keys = keysOf(fields)
  return fields.flatMap((field, nth) => {
    const key = keys[nth]!
    const text = left[key]
    return text !== undefined && canBeKept(field) && field.value === '' ? [{ nth, key, text }] : []
  })
}
