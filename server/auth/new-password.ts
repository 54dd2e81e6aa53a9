import { sql } from 'drizzle-orm'
import { accounts } from '../database/schema'

/** Columns of an account that is given a password by somebody else: sessions end, the second factor goes. */
export const newPassword = (passwordHash: string) => ({
  passwordHash,
  mustChangePassword: true,
  secondFactor: null,
  secondFactorInForce: false,
  secondFactorStep: null,
  epoch: sql`${accounts.epoch} + 1`,
})
