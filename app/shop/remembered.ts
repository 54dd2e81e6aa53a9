/** What is worked out of a thing, once for as long as the thing is about. For things that never change. */
export function rememberedBy<Thing extends object, Value>(
  work: (thing: Thing) => Value,
): (thing: Thing) => Value {
  const known = new WeakMap<Thing, { value: Value }>()
  return (thing) => {
    const kept = known.get(thing)
    if (kept) return kept.value
    const value = work(thing)
    known.set(thing, { value })
    return value
  }
}
