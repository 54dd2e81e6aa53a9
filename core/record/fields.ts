import type { z } from 'zod'
import type { FieldFacts } from '../quantity/field'
import { EVENT_DATA, type EventKind } from './events'
import { RECORD_DATA, type RecordKind } from './kinds'

type Shape = Readonly<Record<string, z.ZodType>>

const shapes: Readonly<Record<string, { shape: Shape } | undefined>> = Object.fromEntries(
  Object.entries({ ...RECORD_DATA, ...EVENT_DATA }).map(([kind, schema]) => [
    kind,
    { shape: schema.shape as Shape },
  ]),
)

/** What a field says about itself, looked for inside of "optional" and among the options of a choice. */
function factsIn(schema: z.ZodType): FieldFacts {
  const { innerType, options = [] } = schema.def as { innerType?: z.ZodType; options?: z.ZodType[] }
  const inside = innerType ? [innerType] : options
  return Object.assign({}, ...inside.map(factsIn), schema.meta()) as FieldFacts
}

/** Label, unit and usual error of a field of a kind of record or event; empty for a field that it does not have. */
export function fieldMeta(kind: RecordKind | EventKind | (string & {}), field: string): FieldFacts {
  const schema = shapes[kind]?.shape[field]
  return schema ? factsIn(schema) : {}
}
