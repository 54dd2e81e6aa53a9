/** What each case has of a list of rows, in the order given. */
export function byCase<Item extends { case: string }, Entry>(
  items: Iterable<Item>,
  entryOf: (item: Item) => Entry,
): Map<string, Entry[]> {
  const out = new Map<string, Entry[]>()
  for (const item of items) {
    const known = out.get(item.case)
    if (known) known.push(entryOf(item))
    else out.set(item.case, [entryOf(item)])
  }
  return out
}
