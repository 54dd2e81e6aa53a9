import { type Glance, isClosed } from '#core'

/** How many other cases are named for one wait. */
const MOST = 2

/**
 * What other cases have at hand while this one waits: the next check of each, as the board worked it out last, that
 * fits into the time and needs no engine that is warmed first. The longest first: it fills the wait best.
 */
export function useMeanwhile(here: string) {
  const shop = useShop()
  const { checkName } = useWords()
  const atHand = computed(() =>
    [...shop.cases.keys()].flatMap((id) => {
      const input = id === here ? undefined : shop.caseInput(id)
      if (!input || isClosed(input.events)) return []
      const { next } = (shop.results.get(id)?.value ?? {}) as Partial<Glance>
      if (next?.is !== 'check' || next.waitsForHeat) return []
      const { name, plate } = input.vehicle
      return [
        {
          id,
          vehicle: [name, plate].filter(Boolean).join(', '),
          check: checkName(next.check),
          minutes: next.minutes,
        },
      ]
    }),
  )
  const fitting = (waitMinutes: number) =>
    atHand.value
      .filter(({ minutes }) => minutes <= waitMinutes)
      .toSorted((a, b) => b.minutes - a.minutes)
      .slice(0, MOST)
  return { fitting }
}
