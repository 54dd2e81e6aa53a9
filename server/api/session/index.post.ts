import { getRequestIP } from 'h3'
import { z } from 'zod'
import { actorOf } from '../../auth/actor'
import { isKnownOn, rememberOn } from '../../auth/device'
import { endSession } from '../../auth/end'
import { signIn } from '../../auth/sign-in'
import { isBehindProxy } from '../../utils/proxy'
import { defineApi, readChecked } from '../../utils/define-api'
import { describeSession } from '../../auth/describe'

const body = z.strictObject({
  signIn: z.string().min(1).max(80),
  password: z.string().min(1).max(200),
})

export default defineApi(async (event) => {
  const { signIn: name, password } = await readChecked(event, body)
  const { personId, ...session } = await signIn({
    name,
    password,
    address: getRequestIP(event, { xForwardedFor: isBehindProxy() }) ?? 'unknown',
    isKnownHere: (id) => isKnownOn(event, id),
  })
  // One browser, one session: whoever was signed in here before, perhaps signed out without network, no longer is.
  await endSession(await getUserSession(event))
  await replaceUserSession(event, { secure: session })
  await rememberOn(event, personId)
  return describeSession((await actorOf(event))!)
})
