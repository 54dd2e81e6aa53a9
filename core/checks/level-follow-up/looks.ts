import type { Entry } from '../context'
import type { LevelFollowUp } from './record'

/** A look at the level, and when it was taken. */
export interface LevelLook extends LevelFollowUp {
  observedAt: string
}

/**
 * The looks at the level among some records, in the order given.
 * @example levelLooks([]).length // 0
 */
export const levelLooks = (records: readonly Entry[]): LevelLook[] =>
  records.filter(isLook).map(({ observedAt, data }) => ({ observedAt, ...data }))

const isLook = (entry: Entry): entry is Entry<'level-follow-up.look', LevelFollowUp> =>
  entry.kind === 'level-follow-up.look'
