import { BOOK } from '../knowledge/book'
import type { AuditRow } from './audit'
import { COMPONENTS } from './components'

/** Less than this within a year is nobody's next weakest part. */
const LEAST_RISK = 0.1
const MOST = 3

/**
 * What gives next once a leak is mended: the system holds its pressure again, and what is oldest takes it. Parts that the
 * repairs renewed are not among them; the likeliest to fail within a year first. Nothing where no leak was mended.
 * @example nextWeakest([], []).length // 0
 */
export function nextWeakest(mended: readonly string[], rows: readonly AuditRow[]): AuditRow[] {
  const isLeak = (id: string) => BOOK.faults.find((fault) => fault.id === id)?.group === 'leak'
  if (!mended.some(isLeak)) return []
  return rows
    .filter(({ part, risk }) => {
      const isRenewed = COMPONENTS[part].renewedWith.some((fault) => mended.includes(fault))
      return risk >= LEAST_RISK && !isRenewed && HOLDS_PRESSURE.has(part)
    })
    .toSorted((a, b) => b.risk - a.risk)
    .slice(0, MOST)
}

/** Components that stand under the system's pressure and give way to it. */
const HOLDS_PRESSURE: ReadonlySet<AuditRow['part']> = new Set([
  'cap',
  'upper-hose',
  'lower-hose',
  'heater-hoses',
  'bypass-hose',
  'plastic-fittings',
  'expansion-tank',
  'pump',
  'radiator',
  'heater-core',
])
