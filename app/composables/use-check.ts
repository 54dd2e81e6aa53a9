import {
  ofKind,
  sinceLastWork,
  type RecordData,
  type RecordKind,
} from '../../core/casefile/records'
import type { CheckOutcome } from '../../core/checks/outcome'

/**
 * The records of one kind in the open case since the last repair, what the last of them comes to, and ways to keep,
 * correct and take back. What was found before a repair stays as it is: after it the check is made anew.
 */
export function useCheck<K extends RecordKind>(kind: K) {
  const open = useOpenCase()
  const bench = useBench()
  const all = computed(() => sinceLastWork(ofKind(open.records.value, kind), open.events.value))
  const last = computed(() => all.value.at(-1))
  const outcomeOf = (source: string | undefined): CheckOutcome | undefined =>
    open.answer.value?.ranked.assessment.outcomes.find((o) => o.source === source)
  const outcome = computed(() => outcomeOf(last.value?.id))
  const mayRecord = computed(() => open.mayRecord.value)
  const keep = (data: RecordData<K>, replaces?: string) =>
    bench.addRecord(open.id, kind, data, replaces ? { supersedes: replaces } : {})
  /** Changes the last record in place, keeping its history; makes the first where there is none. */
  const amend = (data: RecordData<K>) => keep(data, last.value?.id)
  const takeBack = (id: string) => bench.withdraw(open.id, id)
  return { open, all, last, outcome, outcomeOf, mayRecord, keep, amend, takeBack }
}
