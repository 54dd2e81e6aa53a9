import { type H3Event, useSession } from 'h3'

const YEAR_SECONDS = 365 * 86_400
/** People whom one browser remembers; the longest not seen are forgotten. */
const MOST = 20

/** Who has signed in on this browser before, sealed in a cookie of its own that outlives sessions. */
const knownOn = (event: H3Event) =>
  useSession<{ known?: string[] }>(event, {
    name: 'thermognosis-device',
    password: process.env.NUXT_SESSION_PASSWORD!,
    maxAge: YEAR_SECONDS,
    cookie: { sameSite: 'lax', httpOnly: true, secure: true },
  })

export async function isKnownOn(event: H3Event, personId: string): Promise<boolean> {
  return ((await knownOn(event)).data.known ?? []).includes(personId)
}

export async function rememberOn(event: H3Event, personId: string): Promise<void> {
  const device = await knownOn(event)
  const others = (device.data.known ?? []).filter((id) => id !== personId)
  await device.update({ known: [personId, ...others].slice(0, MOST) })
}
