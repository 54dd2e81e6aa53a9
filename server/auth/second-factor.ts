import { and, eq, isNull, lt, or } from 'drizzle-orm'
import { generateSecret, generateURI, verify } from 'otplib'
import { toDataURL } from 'qrcode'
import { database } from '../database/client'
import { accounts } from '../database/schema'

/** A device's clock may be off by so much, s. */
const CLOCK_TOLERANCE_S = 30

export const newSecret = (): string => generateSecret()

/** Picture by which a program for one-time codes takes the secret over, as a data address. */
export const pictureOf = (secret: string, signIn: string): Promise<string> =>
  toDataURL(generateURI({ issuer: 'Thermognosis', label: signIn, secret }), {
    margin: 2,
    width: 400,
  })

export interface Factor {
  shopId: string
  personId: string
  secret: string
}

/** Number of the half minute whose code this is; nothing where it is none of now. */
async function stepOf(secret: string, code: string): Promise<number | undefined> {
  if (!/^\d{6}$/.test(code)) return undefined
  const result = await verify({ secret, token: code, epochTolerance: CLOCK_TOLERANCE_S })
  return result.valid && 'timeStep' in result ? result.timeStep : undefined
}

/**
 * Whether a code is the factor's now, and was not used before: it is used up by this. One statement compares and
 * writes, so that of two who type the same code one gets in.
 */
export async function useCode(
  { shopId, personId, secret }: Factor,
  code: string,
): Promise<boolean> {
  const step = await stepOf(secret, code)
  if (step === undefined) return false
  const used = await database()
    .update(accounts)
    .set({ secondFactorStep: step })
    .where(
      and(
        eq(accounts.shopId, shopId),
        eq(accounts.id, personId),
        or(isNull(accounts.secondFactorStep), lt(accounts.secondFactorStep, step)),
      ),
    )
    .returning({ id: accounts.id })
  return used.length > 0
}
