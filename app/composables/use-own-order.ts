import { type CaseInput, type CheckId, orderToKeep, type PlanStep, withOrderSet } from '#core'

/**
 * The order of a plan's steps as somebody puts it: tried first, so that what it takes is seen, then kept with the case,
 * where it decides what is next; and given back to the plan.
 */
export function useOwnOrder() {
  const here = useOpenCase()
  const shop = useShop()
  const session = useSession()
  /** put and not kept */
  const tried = ref<readonly CheckId[]>()
  const kept = computed(() => here.state.value?.ownOrder)

  /** Puts checks in an order, where the plan without it has these steps. */
  const put = (checks: readonly CheckId[], planned: readonly PlanStep[]) => {
    const own = orderToKeep(
      planned.map(({ check }) => check),
      checks,
    )
    // Put back as the plan has it, there is something to keep only where another order was kept.
    tried.value = own.length > 0 || kept.value ? own : undefined
  }
  /** The case as it would be with what is tried. */
  const asTried = (input: CaseInput): CaseInput =>
    tried.value
      ? withOrderSet(input, {
          steps: tried.value,
          by: session.current!.person.id,
          at: new Date().toISOString(),
        })
      : input
  async function set(steps: readonly CheckId[]) {
    await shop.addRecord(here.id, 'plan.set', { steps: [...steps] })
    tried.value = undefined
  }
  return {
    tried,
    kept,
    put,
    asTried,
    leave: () => (tried.value = undefined),
    keep: () => tried.value && set(tried.value),
    giveBack: () => set([]),
  }
}
