import { describe, expect, it } from 'vitest'
import { EVENT_DATA, type EventKind } from '#core'
import { may, permissionForEvent, ROLES } from '#core'

const kinds = Object.keys(EVENT_DATA) as EventKind[]
const allowed = (role: (typeof ROLES)[number]) =>
  kinds.filter((kind) => may(role, permissionForEvent(kind)))

describe('who may record which event', () => {
  it('an apprentice records what happened at the engine, and neither repairs, drains, closes nor reopens', () => {
    expect(kinds.filter((kind) => !allowed('apprentice').includes(kind)).sort()).toEqual([
      'closed',
      'drained',
      'reopened',
      'repaired',
    ])
  })
  it('technician and lead record every event, a viewer none', () => {
    expect(allowed('technician')).toEqual(kinds)
    expect(allowed('lead')).toEqual(kinds)
    expect(allowed('viewer')).toEqual([])
  })
  it('who may not record may do nothing else that changes something', () => {
    for (const role of ROLES)
      for (const permission of ['change-vehicle-work', 'close', 'import'] as const)
        expect(may(role, permission) && !may(role, 'record')).toBe(false)
  })
})
