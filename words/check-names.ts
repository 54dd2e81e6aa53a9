import { isCheckId, type CheckId } from '#core'
import { CHECK_WORDS } from './checks'

/** What a check is called, on every screen and in reports. */
export const checkName = (check: CheckId): string => CHECK_WORDS[check].name

/** The name of a check that may be of another version of the product: then its id, in words. */
export const nameOfAny = (check: string): string =>
  isCheckId(check) ? checkName(check) : check.replaceAll('-', ' ')
