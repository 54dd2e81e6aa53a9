/** Something to be done together with others of its kind, and who waits for it. */
interface Waiting<Item, Outcome> {
  item: Item
  done: (outcome: Outcome) => void
  failed: (error: unknown) => void
}

interface Line<Item, Outcome> {
  waiting: Waiting<Item, Outcome>[]
  isRunning: boolean
}

/**
 * Does things of one key together: what comes while the last lot is being done waits, and is done in the next, `most` of
 * them at once. So many who come at once cost little more than one. `work` gives an outcome for each item in its order;
 * when it throws, each item is done alone by `alone`, so that nobody pays for another.
 */
export function doneTogether<Item, Outcome>(
  work: (items: readonly Item[]) => Promise<readonly Outcome[]>,
  alone: (item: Item) => Promise<Outcome>,
  most: number,
): (key: string, item: Item) => Promise<Outcome> {
  const lines = new Map<string, Line<Item, Outcome>>()

  async function one({ item, done, failed }: Waiting<Item, Outcome>) {
    try {
      done(await alone(item))
    } catch (error) {
      failed(error)
    }
  }

  async function lot(taken: readonly Waiting<Item, Outcome>[]) {
    if (taken.length === 1) return one(taken[0]!)
    try {
      const outcomes = await work(taken.map(({ item }) => item))
      taken.forEach(({ done }, i) => done(outcomes[i]!))
    } catch {
      for (const waiting of taken) await one(waiting)
    }
  }

  async function run(key: string, line: Line<Item, Outcome>) {
    line.isRunning = true
    while (line.waiting.length > 0) await lot(line.waiting.splice(0, most))
    line.isRunning = false
    lines.delete(key)
  }

  return (key, item) =>
    new Promise((done, failed) => {
      const line = lines.get(key) ?? { waiting: [], isRunning: false }
      lines.set(key, line)
      line.waiting.push({ item, done, failed })
      if (!line.isRunning) void run(key, line)
    })
}
