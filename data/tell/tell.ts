import { readFileSync } from 'node:fs'
import type { Instrument } from '#core'
import { parse } from 'yaml'
import { z } from 'zod'
import { withQuantities } from './quantities'
import { rowCalled, type Rows } from './rows'
import type { Teller } from './teller'

/** What was told, a row a line: a word, or a word with its facts, and when and by whom where that matters. */
export const TOLD = z.array(
  z.union([
    z.string().transform((name) => ({ [name]: undefined })),
    z.record(z.string(), z.unknown()),
  ]),
)
export type Told = z.infer<typeof TOLD>

const OCCASION = z.object({ at: z.iso.datetime().optional(), by: z.string().optional() })

export interface Company {
  readonly rows: Rows
  readonly instruments?: Readonly<Record<string, Instrument>>
  readonly people?: Readonly<Record<string, string>>
}

/**
 * Tells every row in turn.
 *
 * @throws Error that names the row, where none is called so or its facts have another shape
 */
export function tell(t: Teller, told: Told, { rows, instruments, people = {} }: Company): void {
  for (const line of told) {
    const { at, by, ...rest } = line
    const [[name, facts] = ['', undefined], ...more] = Object.entries(rest)
    try {
      if (more.length > 0) throw new Error('a row says one thing')
      const when = OCCASION.parse({ at, by })
      rowCalled(name, rows)(t, withQuantities(facts, instruments), {
        ...(when.at ? { atMs: Date.parse(when.at) } : {}),
        ...(when.by ? { by: z.string().parse(people[when.by]) } : {}),
      })
    } catch (error) {
      throw new Error(`row "${name}": ${error instanceof Error ? error.message : String(error)}`)
    }
  }
}

/** A table of facts, checked against its shape. */
export const readTable = <S extends z.ZodType>(path: string, shape: S): z.infer<S> =>
  shape.parse(parse(readFileSync(path, 'utf8')))
