/** What each case has of a list of rows, in the order given. */
export function byCase<Item extends { case: string }, Fact>(
  items: Iterable<Item>,
  factOf: (item: Item) => Fact,
): Map<string, Fact[]> {
  const out = new Map<string, Fact[]>()
  for (const item of items) {
    const known = out.get(item.case)
    if (known) known.push(factOf(item))
    else out.set(item.case, [factOf(item)])
  }
  return out
}
