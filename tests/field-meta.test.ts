import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import { RECORD_DATA } from '#core'

interface Declared {
  path: string
  meta: Record<string, unknown>
}

/** Every number and quantity of a schema, with what the schema says of it; a wrapper passes on what it says. */
function figuresOf(schema: z.core.$ZodType, path = '', said: object = {}): Declared[] {
  const meta = { ...(schema as z.ZodType).meta?.(), ...said }
  if ('quantityKind' in meta || schema instanceof z.ZodNumber) return [{ path, meta }]
  if (schema instanceof z.ZodOptional) return figuresOf(schema.unwrap(), path, meta)
  if (schema instanceof z.ZodArray) return figuresOf(schema.element, `${path}[]`)
  if (schema instanceof z.ZodRecord) return figuresOf(schema.valueType, `${path}{}`)
  if (schema instanceof z.ZodUnion)
    return schema.options.flatMap((option) => figuresOf(option, path, meta))
  if (schema instanceof z.ZodObject)
    return Object.entries(schema.shape).flatMap(([name, field]) =>
      figuresOf(field as z.core.$ZodType, path ? `${path}.${name}` : name),
    )
  return []
}

const figures = Object.entries(RECORD_DATA).flatMap(([kind, schema]) =>
  figuresOf(schema).map(({ path, meta }) => ({ name: `${kind} ${path}`, meta })),
)

describe('the figures of records', () => {
  it('are found', () => {
    const names = figures.map((f) => f.name)
    expect(names.length).toBeGreaterThan(100)
    expect(names).toContain('pressure-hold.reading pressure')
    expect(names).toContain('warm-up-run.trace seconds[]')
  })
  it('each say how well they are read, or that they are given', () => {
    expect(figures.filter((f) => !('usualError' in f.meta)).map((f) => f.name)).toEqual([])
  })
  it('each have a unit where they are read off something', () => {
    const bare = figures.filter(
      ({ meta }) => meta.usualError !== undefined && !meta.unit && !meta.quantityKind,
    )
    expect(bare.map((f) => f.name)).toEqual([])
  })
})
