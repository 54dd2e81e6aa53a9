/**
 * Work that is asked for often: one run at a time, and the last one began after it was last asked for. Those who ask
 * meanwhile wait for that one.
 */
export function oneAtATime(work: () => Promise<void>): () => Promise<void> {
  let running: Promise<void> | undefined
  let asked = false
  const run = async () => {
    try {
      while (asked) {
        asked = false
        await work()
      }
    } finally {
      running = undefined
    }
  }
  return () => {
    asked = true
    running ??= run()
    return running
  }
}
