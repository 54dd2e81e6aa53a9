import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { type StandIn, serveVehicle } from '../../devices/vehicle/serve'
import { BASE, Client } from './client'

const PORT = Number(process.env.TEST_ADAPTER_PORT)
interface News {
  now: number
  state: string
  garbled: number
  samples: { at: number; name: string; value: number }[]
}

/** Follows the adapter's stream until `enough` of it, or for so long. */
async function follow(client: Client, since: string, enough: (news: News[]) => boolean) {
  const end = new AbortController()
  const timer = setTimeout(() => end.abort(), 15_000)
  const answer = await fetch(`${BASE}/api/adapters/stream?name=Bay%201${since}`, {
    headers: { cookie: client.cookie },
    signal: end.signal,
  })
  const told: News[] = []
  let text = ''
  try {
    const reader = answer.body!.getReader()
    for (let piece = await reader.read(); !piece.done; piece = await reader.read()) {
      text += new TextDecoder().decode(piece.value)
      const events = text.split('\n\n')
      text = events.pop()!
      told.push(...events.map((event) => JSON.parse(event.replace(/^data: /, '')) as News))
      if (enough(told)) break
    }
  } catch (error) {
    if (!end.signal.aborted) throw error
  }
  clearTimeout(timer)
  end.abort()
  return told
}
const samplesOf = (told: readonly News[]) => told.flatMap(({ samples }) => samples)

describe('a vehicle read live', () => {
  let vehicle: StandIn
  let client: Client
  beforeAll(async () => {
    vehicle = await serveVehicle({ port: PORT, speed: 60, garbleEvery: 7 })
    client = await Client.signedIn('ilka')
  })
  afterAll(() => vehicle.close())

  it('is known by its adapter’s name', async () => {
    expect((await client.ask('GET', '/api/adapters')).body).toEqual({ adapters: ['Bay 1'] })
    expect((await client.ask('GET', '/api/adapters/stream?name=Bay%209')).status).toBe(404)
  })

  it('comes as it warms up, garbled lines left out and counted', async () => {
    const told = await follow(client, '', (news) => samplesOf(news).length > 30)
    const coolant = samplesOf(told).filter(({ name }) => name === 'coolant')
    expect(coolant.length).toBeGreaterThan(10)
    expect(coolant.at(-1)!.value).toBeGreaterThan(coolant[0]!.value)
    expect(told.at(-1)!.state).toBe('reading')
    expect(told.at(-1)!.garbled).toBeGreaterThan(0)
    expect(new Set(samplesOf(told).map(({ name }) => name)).size).toBeGreaterThan(3)
    for (let i = 1; i < coolant.length; i++)
      expect(coolant[i]!.at).toBeGreaterThan(coolant[i - 1]!.at)
  })

  it('is read on while a device is away, and told again from where it ended', async () => {
    const before = samplesOf(await follow(client, '', (news) => samplesOf(news).length > 3)).at(-1)!
    // What was read meanwhile comes at once, in the first piece of news: more the longer it was away.
    const missed = async () =>
      samplesOf(await follow(client, `&since=${before.at}`, (news) => news.length > 0))
    await expect.poll(async () => (await missed()).length, { timeout: 60_000 }).toBeGreaterThan(8)
    const told = await missed()
    expect(told.every(({ at }) => at > before.at)).toBe(true)
  })

  it('says when the adapter has gone', async () => {
    const following = follow(client, '', (news) => news.at(-1)?.state === 'gone')
    await new Promise((done) => setTimeout(done, 500))
    await vehicle.close()
    expect((await following).at(-1)!.state).toBe('gone')
    vehicle = await serveVehicle({ port: PORT, speed: 60 })
  })
})
