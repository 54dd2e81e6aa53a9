/**
 * What each case has of a list of rows, in the order given. A case of which nothing changed keeps the list that it had
 * `before`: what is worked out of a list need not be worked out again while it is the same.
 */
export function byCase<Item extends { case: string }, Entry>(
  items: Iterable<Item>,
  entryOf: (item: Item) => Entry,
  before?: ReadonlyMap<string, Entry[]>,
): Map<string, Entry[]> {
  const out = new Map<string, Entry[]>()
  for (const item of items) {
    const known = out.get(item.case)
    if (known) known.push(entryOf(item))
    else out.set(item.case, [entryOf(item)])
  }
  if (before)
    for (const [id, now] of out) {
      const old = before.get(id)
      if (old && isSame(old, now)) out.set(id, old)
    }
  return out
}

const isSame = <Entry>(a: readonly Entry[], b: readonly Entry[]) =>
  a.length === b.length && a.every((entry, i) => entry === b[i])
