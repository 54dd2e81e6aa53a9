import { BOOK, BOOK_HASH } from '../knowledge/book'
import { APPLICATION_VERSION, ENGINE_VERSION } from './written-by'
import { ofKind } from './standing'
import { FORMAT, FORMAT_VERSION, type CaseFile } from './schema'

export type CaseParts = Pick<
  CaseFile,
  | 'case'
  | 'vehicle'
  | 'shop'
  | 'policy'
  | 'site'
  | 'people'
  | 'instruments'
  | 'records'
  | 'events'
  | 'attachments'
>

/**
 * The file of a case, from all that is known of it: only the people and instruments that it names are taken
 * along, and every photograph by reference. Lists are ordered by id, so that the same case gives the same file.
 */
export function composeCaseFile(parts: CaseParts, exportedAt: string): CaseFile {
  const named = new Set(peopleNamed(parts))
  const used = new Set<string>()
  const look = (value: unknown): void => {
    if (typeof value !== 'object' || value === null) return
    if ('instrument' in value && typeof value.instrument === 'string') used.add(value.instrument)
    Object.values(value).forEach(look)
  }
  parts.records.forEach((r) => look(r.data))
  const byId = <T extends { id: string }>(list: readonly T[]) =>
    [...list].sort((a, b) => (a.id < b.id ? -1 : 1))
  return {
    format: FORMAT,
    version: FORMAT_VERSION,
    writtenBy: {
      application: APPLICATION_VERSION,
      engine: ENGINE_VERSION,
      book: { version: BOOK.version, hash: BOOK_HASH },
    },
    exportedAt,
    ...(parts.shop ? { shop: parts.shop } : {}),
    ...(parts.policy ? { policy: parts.policy } : {}),
    site: parts.site,
    case: parts.case,
    vehicle: parts.vehicle,
    people: byId(parts.people.filter((p) => named.has(p.id))),
    instruments: byId(parts.instruments.filter((i) => used.has(i.id))),
    records: byId(parts.records),
    events: byId(parts.events),
    attachments: withPhotographs(parts),
  }
}

/** Ids of the people whom a case names: who opened it, who recorded, and who took in what came from elsewhere. */
export const peopleNamed = ({
  case: { openedBy },
  records,
  events,
}: Pick<CaseParts, 'case' | 'records' | 'events'>): string[] => [
  openedBy,
  ...[...records, ...events].flatMap(({ by, imported }) => (imported ? [by, imported.by] : [by])),
]

/** The attachments the case came with, and those that its own records name. */
function withPhotographs({ attachments, records }: CaseParts): CaseFile['attachments'] {
  const known = new Set(attachments.map((a) => a.sha256))
  const taken = ofKind(records, 'photo.taken').filter(
    ({ data }) => !known.has(data.sha256) && known.add(data.sha256),
  )
  return [
    ...attachments,
    ...taken.map(({ id, data }) => ({
      sha256: data.sha256,
      bytes: data.bytes,
      mediaType: data.mediaType,
      record: id,
    })),
  ]
}
