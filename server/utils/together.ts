/** Something to be done together with others of its kind, and who waits for it. */
interface Waiting<Item, Outcome> {
  item: Item
  /** its lot failed: it is done by itself */
  isAlone?: boolean
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
 * when it throws, each item is done alone by `alone`, so that nobody pays for another. An error that `isForAll` says
 * would meet each of them alike is everybody's at once, and of those who wait: nobody waits for it twice.
 */
export function doneTogether<Item, Outcome>(
  work: (items: readonly Item[]) => Promise<readonly Outcome[]>,
  alone: (item: Item) => Promise<Outcome>,
  most: number,
  isForAll: (error: unknown) => boolean,
): (key: string, item: Item) => Promise<Outcome> {
  const lines = new Map<string, Line<Item, Outcome>>()

  type All = readonly Waiting<Item, Outcome>[]
  const fail = (all: All, error: unknown) => all.forEach(({ failed }) => failed(error))

  async function lot(taken: All, line: Line<Item, Outcome>) {
    try {
      const outcomes =
        taken.length === 1
          ? [await alone(taken[0]!.item)]
          : await work(taken.map(({ item }) => item))
      taken.forEach(({ done }, i) => done(outcomes[i]!))
    } catch (error) {
      if (isForAll(error)) fail([...taken, ...line.waiting.splice(0)], error)
      else if (taken.length === 1) fail(taken, error)
      else line.waiting.unshift(...taken.map((each) => ({ ...each, isAlone: true })))
    }
  }

  async function run(key: string, line: Line<Item, Outcome>) {
    line.isRunning = true
    while (line.waiting.length > 0) {
      const isFirstAlone = line.waiting[0]!.isAlone === true
      await lot(line.waiting.splice(0, isFirstAlone ? 1 : most), line)
    }
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
