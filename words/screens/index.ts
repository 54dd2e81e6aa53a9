import { AUDIT } from './audit'
import { BOARD } from './board'
import { CALCULATORS } from './calculators'
import { CASE } from './case'
import { CASE_BESIDE } from './case-beside'
import { COMMON } from './common'
import { FORM } from './form'
import { FRAME } from './frame'
import { INSTRUMENTS } from './instruments'
import { LIBRARY } from './library'
import { LOOP } from './loop'
import { NEW } from './new'
import { OUTBOX } from './outbox'
import { QUOTE } from './quote'
import { RECORD } from './record'
import { REPORT } from './report'
import { SETTINGS } from './settings'
import { SHOP } from './shop'
import { SIGNIN } from './sign-in'
import { SHARED } from './shared'
import { STORE } from './store'

/** Every sentence of the screens, a view a file; what a check's panel says stands with the check. */
export const SCREENS: Readonly<Record<string, string>> = {
  ...SHARED,
  ...AUDIT,
  ...BOARD,
  ...CALCULATORS,
  ...CASE,
  ...CASE_BESIDE,
  ...COMMON,
  ...FORM,
  ...FRAME,
  ...INSTRUMENTS,
  ...LIBRARY,
  ...LOOP,
  ...NEW,
  ...OUTBOX,
  ...QUOTE,
  ...RECORD,
  ...REPORT,
  ...SETTINGS,
  ...SHOP,
  ...SIGNIN,
  ...STORE,
}
