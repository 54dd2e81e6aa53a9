import { z } from 'zod'
import { actorIn } from '../../auth/actor'
import { isKnownOn, rememberOn } from '../../auth/device'
import { endSession } from '../../auth/end'
import { signIn } from '../../auth/sign-in'
import { addressOf } from '../../utils/proxy'
import { defineApi, readChecked } from '../../utils/define-api'
import { describeSession } from '../../auth/describe'

const body = z.strictObject({
  signIn: z.string().min(1).max(80),
  password: z.string().min(1).max(200),
  code: z.string().max(20).optional(),
})

export default defineApi(async (event) => {
  const { signIn: name, password, code } = await readChecked(event, body)
  const { personId, ...session } = await signIn({
    name,
    password,
    code,
    address: addressOf(event),
    isKnownHere: (id) => isKnownOn(event, id),
  })
  // One browser, one session: whoever was signed in here before, perhaps signed out without network, no longer is.
  await endSession(await getUserSession(event))
  await replaceUserSession(event, { secure: session })
  await rememberOn(event, personId)
  return describeSession((await actorIn(session))!)
})
