import { DateTime } from 'luxon'
import type { Complaint } from '../../core/casefile/complaint'
import { eventsOfKind, standing } from '../../core/casefile/records'
import { formatChance } from '../../words/format'
import type { BoardAnswer } from '../workers/board.worker'

export interface CaseSummary {
  id: string
  vehicle: string
  plate: string
  bay: string | undefined
  complaint: Complaint
  title: string
  stage: string
  opened: string
  closed: boolean
  lead: { name: string; chance: string; probability: number } | undefined
}

/** The cases of the shop with their leading suspect, ranked one by one in a worker. */
export function useBoard() {
  const bench = useBench()
  const leads = shallowRef(new Map<string, BoardAnswer>())
  const worker = new Worker(new URL('../workers/board.worker.ts', import.meta.url), {
    type: 'module',
  })
  const asked = new Map<string, string>()
  worker.addEventListener('message', (event: MessageEvent<BoardAnswer>) => {
    leads.value = new Map(leads.value).set(event.data.id, event.data)
  })
  onScopeDispose(() => worker.terminate())

  watchEffect(() => {
    for (const id of bench.cases.keys()) {
      const input = bench.caseInput(id)
      if (!input) continue
      const stamp = `${input.records.length}/${input.events.length}/${bench.profileOf(input.vehicle.id)?.id}`
      if (asked.get(id) === stamp) continue
      asked.set(id, stamp)
      worker.postMessage({ id, stamp, input })
    }
  })

  return computed<CaseSummary[]>(() =>
    [...bench.cases.values()]
      .sort((a, b) => (a.openedAt < b.openedAt ? 1 : -1))
      .flatMap((header) => {
        const input = bench.caseInput(header.id)
        if (!input) return []
        const records = standing(input.records)
        const events = standing(input.events)
        const closed =
          events.findLast((e) => e.kind === 'closed' || e.kind === 'reopened')?.kind === 'closed'
        const lead = leads.value.get(header.id)?.lead
        const has = (kind: string) => records.some((r) => r.kind.startsWith(kind))
        const repaired = eventsOfKind(events, 'repaired').length > 0
        const stage = closed
          ? 'Closed'
          : repaired
            ? 'Repaired, to be proven'
            : has('pressure-hold')
              ? 'Pressed'
              : has('cap') || has('look-round')
                ? 'Cold checks begun'
                : 'Complaint taken'
        return [
          {
            id: header.id,
            vehicle: input.vehicle.name,
            plate: input.vehicle.plate ?? '',
            bay: header.bay,
            complaint: header.complaint,
            title: header.title,
            stage,
            opened: DateTime.fromISO(header.openedAt).toFormat('d LLL'),
            closed,
            lead: lead && { ...lead, chance: formatChance(lead.probability) },
          },
        ]
      }),
  )
}
