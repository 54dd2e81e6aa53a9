import { getRequestIP } from 'h3'
import { z } from 'zod'
import { actorOf } from '../../auth/actor'
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
  const trusted = isBehindProxy()
  const session = await signIn(
    name,
    password,
    getRequestIP(event, { xForwardedFor: trusted }) ?? 'unknown',
  )
  await replaceUserSession(event, { secure: session })
  return describeSession((await actorOf(event))!)
})
