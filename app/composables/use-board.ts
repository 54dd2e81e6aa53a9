import { DateTime } from 'luxon'
import { caseStateOf, compareMoments, type Complaint } from '#core'
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
  const shop = useShop()
  const { say } = useWords()
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
    for (const id of shop.cases.keys()) {
      const input = shop.caseInput(id)
      if (!input) continue
      const stamp = `${input.records.length}/${input.events.length}/${shop.profileOf(input.vehicle.id)?.id}`
      if (asked.get(id) === stamp) continue
      asked.set(id, stamp)
      worker.postMessage({ id, stamp, input })
    }
  })

  return computed<CaseSummary[]>(() =>
    [...shop.cases.values()]
      .sort((a, b) => compareMoments(b.openedAt, a.openedAt))
      .flatMap((header) => {
        const input = shop.caseInput(header.id)
        if (!input) return []
        const { stage, closed } = caseStateOf(input)
        const lead = leads.value.get(header.id)?.lead
        return [
          {
            id: header.id,
            vehicle: input.vehicle.name,
            plate: input.vehicle.plate ?? '',
            bay: header.bay,
            complaint: header.complaint,
            title: header.title,
            stage: say(`stage.${stage}`),
            opened: DateTime.fromISO(header.openedAt).toFormat('d LLL'),
            closed,
            lead: lead && { ...lead, chance: formatChance(lead.probability) },
          },
        ]
      }),
  )
}
