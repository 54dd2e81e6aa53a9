import type { Database } from '../database/client'
import { audit } from '../database/schema'

/** What is written down of access and administration. */
export type AuditedAction =
  | 'signed-in'
  | 'sign-in-refused'
  | 'signed-out'
  | 'signed-out-everywhere'
  | 'password-changed'
  | 'password-reset'
  | 'second-factor-on'
  | 'second-factor-off'
  | 'person-added'
  | 'person-erased'
  | 'shop-created'
  | 'prices-set'
  | 'experience-set'
  | 'lives-set'
  | 'settings-set'
  | 'book-set'
  | 'case-imported'

export interface Audited {
  action: AuditedAction
  shopId?: string | undefined
  actorId?: string | undefined
  subjectId?: string | undefined
  address?: string | undefined
}

/** Writes down what was done; together with it, where `db` is a transaction. */
export async function writeAudit(db: Pick<Database, 'insert'>, entry: Audited): Promise<void> {
  await db.insert(audit).values(entry)
}
