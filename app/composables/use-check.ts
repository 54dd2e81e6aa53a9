import {
  type CheckOutcome,
  ofKind,
  outcomesOf,
  type RecordData,
  type RecordKind,
  sinceLastWork,
} from '#core'

/** What `useCheck` needs of a check's definition: its id, and the figures that its analysis computes. */
interface Judging<F extends object> {
  id: string
  assess: (...parameters: never[]) => CheckOutcome<F>[]
}

/**
 * The records of one kind in the open case since the last repair, what the last of them comes to, and ways to keep,
 * correct and take back. What was found before a repair stays as it is: after it the check is made anew.
 */
export function useCheck<F extends object, K extends RecordKind>(check: Judging<F>, kind: K) {
  const open = useOpenCase()
  const shop = useShop()
  const all = computed(() => sinceLastWork(ofKind(open.records.value, kind), open.events.value))
  const last = computed(() => all.value.at(-1))
  const outcomes = computed(() =>
    outcomesOf(open.answer.value?.ranked.assessment.outcomes ?? [], check),
  )
  const outcomeOf = (source: string | undefined) => outcomes.value.find((o) => o.source === source)
  const outcome = computed(() => outcomeOf(last.value?.id))
  const figures = computed(() => outcome.value?.figures)
  const mayRecord = computed(() => open.mayRecord.value)
  const keep = (data: RecordData<K>, replaces?: string) =>
    shop.addRecord(open.id, kind, data, replaces ? { supersedes: replaces } : {})
  /** Changes the last record in place, keeping its history; makes the first where there is none. */
  const amend = (data: RecordData<K>) => keep(data, last.value?.id)
  const takeBack = (id: string) => shop.withdraw(open.id, id)
  return {
    open,
    all,
    last,
    outcome,
    outcomes,
    outcomeOf,
    figures,
    mayRecord,
    keep,
    amend,
    takeBack,
  }
}
