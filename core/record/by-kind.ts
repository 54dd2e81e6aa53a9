import { z } from 'zod'

/** A union of records or events told apart by their kind. RangeError for an empty list. */
export function unionByKind<T extends z.core.$ZodTypeDiscriminable>(options: readonly T[]) {
  const [first, ...rest] = options
  if (!first) throw new RangeError('a union needs at least one kind')
  return z.discriminatedUnion('kind', [first, ...rest])
}
