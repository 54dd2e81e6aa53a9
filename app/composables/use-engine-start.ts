import type { EngineTemperature } from '#core'

/** Starting the engine of a case: what stands before it is asked once, whoever wants it to run. */
export function useEngineStart(caseId: string, engine: () => EngineTemperature | undefined) {
  const shop = useShop()
  const asking = ref(false)
  /** something is begun that an engine which runs, or ran, belongs to */
  const isAwaited = ref(false)
  let decide: ((runs: boolean) => void) | undefined
  function settle(runs: boolean) {
    asking.value = false
    isAwaited.value = false
    decide?.(runs)
    decide = undefined
  }
  /** Whether it runs, or ran when that was read: at once where it runs now, else once somebody has said so or left it. */
  function runs(): Promise<boolean> {
    if (engine()?.running) return Promise.resolve(true)
    settle(false)
    asking.value = true
    isAwaited.value = true
    return new Promise((resolve) => (decide = resolve))
  }
  async function start() {
    await shop.addEvent(caseId, 'engine-started', {})
    settle(true)
  }
  return { asking, isAwaited, runs, start, ran: () => settle(true), leave: () => settle(false) }
}
