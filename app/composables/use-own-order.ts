import {
  type CaseInput,
  type CheckId,
  orderToKeep,
  type PlannedCase,
  type PlanName,
  withOrderSet,
} from '#core'

/**
 * The order of a plan's steps as somebody puts it: tried first, so that what it takes is seen, then kept with the case,
 * where it decides what is next; and given back to the plan.
 */
export function useOwnOrder(school: PlanName) {
  const here = useOpenCase()
  const shop = useShop()
  const session = useSession()
  /** put and not kept */
  const tried = ref<readonly CheckId[]>()
  const kept = computed(() => here.state.value?.ownOrder)

  const put = (order: readonly CheckId[], planned: PlannedCase | undefined) => {
    const { steps = [] } = planned?.plans.find(({ policy }) => policy === school) ?? {}
    const own = orderToKeep(
      steps.map(({ check }) => check),
      order,
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
