import type { Entry } from '../checks/context'
import type { CaseInput } from '../record/case-input'
import type { Complaint } from '../vehicle/complaint'
import type { SystemProfile } from '../vehicle/profile'

const ID = '0196aaaa-0000-7000-8000-0000000009ff'

/** A case of these records, and of nothing else. */
export const inputOf = (
  entries: readonly Entry[],
  { complaint, profile }: { complaint: Complaint; profile: SystemProfile },
): CaseInput => ({
  case: {
    id: ID,
    vehicle: ID,
    complaint,
    title: 'A bus',
    openedAt: '2026-09-01T07:00:00Z',
    openedBy: ID,
  },
  vehicle: { id: ID, name: 'Bus', profile },
  site: { elevationMetres: 0 },
  records: entries as CaseInput['records'],
  events: [],
})
