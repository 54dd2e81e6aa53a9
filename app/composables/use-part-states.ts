import { BOOK, type Part, partsSeen } from '#core'

/** What the open case knows of each part: how it was seen, and how likely the likeliest fault in it is. */
export function usePartStates() {
  const open = useOpenCase()
  const ranked = computed(() => open.answer.value?.ranked)
  const states = computed(() =>
    open.state.value
      ? partsSeen(open.state.value, ranked.value?.assessment.outcomes ?? [])
      : new Map<Part, 'good' | 'dry' | 'wet'>(),
  )
  const suspicion = computed(() => {
    const out = new Map<Part, number>()
    for (const suspect of ranked.value?.ranking.suspects ?? []) {
      const at = BOOK.faults.find((f) => f.id === suspect.fault)
      if (at?.part && at.group !== 'nothing-wrong')
        out.set(at.part, Math.max(out.get(at.part) ?? 0, suspect.probability))
    }
    return out
  })
  return { states, suspicion }
}
