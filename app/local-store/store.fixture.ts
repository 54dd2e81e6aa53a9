import 'fake-indexeddb/auto'
import { vi } from 'vitest'
import { effectScope, reactive, type EffectScope } from 'vue'
import { Locks, Source } from './browser-stand-ins'
import { LocalDatabase } from './database'
import { isInLine, isWaiting } from './entries'
import type { StoreSession } from './session'
import { useLocalStore } from './store'

export type Weather =
  'fine' | 'no-network' | 'answer-breaks-off' | 'server-error' | 'fails-on-all' | 'signed-out'

interface Sent {
  case: string
  record: { id: string; text: string }
}

/** An answer with no rows in it. */
const nothingTold = () => ({
  serverNow: new Date().toISOString(),
  people: [],
  vehicles: [],
  profiles: [],
  instruments: [],
  cases: [],
  events: [],
  records: [],
})

const headerOf = (id: string) => ({ id, vehicle: `v-${id}` })

/** The server as a page sees it: entries under ids, numbered in order, refused where the text says so. */
export class Server {
  entries = new Map<string, Sent>()
  order: string[] = []
  weather: Weather = 'fine'
  /** takes what it refused */
  isLenient = false
  asked = 0
  page = 3
  /** cases that something was recorded in; those that a device does not begin with; those that were asked for */
  cases = new Set<string>()
  isAway = new Set<string>()
  fetched: string[] = []
  /** how many entries came with each request */
  batches: number[] = []
  /** says that so many changes are left, whatever there are */
  pretendsToBeAhead = 0

  fetch = (path: string, init: RequestInit): Promise<Response> => {
    this.asked += 1
    const json = (status: number, body: unknown) =>
      new Response(JSON.stringify(body), {
        status,
        headers: { 'content-type': 'application/json' },
      })
    const refuse = (status: number, sentence: string) =>
      Promise.resolve(json(status, { error: { code: 'x', sentence } }))
    if (this.weather === 'no-network') return Promise.reject(new TypeError('network'))
    if (this.weather === 'server-error') return refuse(503, 'Not now.')
    if (this.weather === 'signed-out') return refuse(401, 'Signed out.')
    if (init.method === 'GET') {
      const { pathname, searchParams: asked } = new URL(path, 'http://shop')
      if (pathname !== '/api/changes') return Promise.resolve(json(200, this.told(pathname, asked)))
      const [at, mark] = [Number(asked.get('after')), asked.get('mark')]
      const after = at > 0 && this.order[at - 1] !== mark ? 0 : at
      const ids = this.order.slice(after, after + this.page)
      return Promise.resolve(
        json(200, {
          ...nothingTold(),
          from: after,
          cursor: after + ids.length,
          mark: this.order[after + ids.length - 1],
          more: ids.length === this.page,
          behind: this.pretendsToBeAhead || this.order.length - after - ids.length,
          cases: this.begunIn(ids),
          records: ids.map((id) => this.entries.get(id)),
        }),
      )
    }
    const sent = JSON.parse(String(init.body)) as Sent & { entries?: { id: string; body: Sent }[] }
    const { entries } = sent
    const outcomes = (entries ?? [{ id: sent.record?.id, body: sent }]).map(({ id, body }) => ({
      id,
      ...this.outcomeOf(body),
    }))
    this.batches.push(outcomes.length)
    const failed = outcomes.find(({ status, error }) => error && (!entries || status >= 500))
    if (failed) return refuse(failed.status, failed.error!.sentence)
    if (this.weather === 'answer-breaks-off')
      return Promise.resolve(
        new Response(new ReadableStream({ start: (c) => c.error(new Error('cut')) }), {
          status: 200,
        }),
      )
    return Promise.resolve(json(200, entries ? { outcomes } : {}))
  }
  /** Takes an entry, or says why not. */
  private outcomeOf(entry: Sent): { status: number; error?: { code: string; sentence: string } } {
    const { text } = entry.record
    if (this.weather === 'fails-on-all' || text.startsWith('poison'))
      return { status: 500, error: { code: 'x', sentence: 'Something went wrong.' } }
    if (text.startsWith('bad') && !this.isLenient)
      return { status: 422, error: { code: 'x', sentence: 'The text is bad.' } }
    this.take(entry)
    return { status: 201 }
  }
  /** Headers of the cases whose first entry is among these. */
  private begunIn(ids: readonly string[]) {
    const ofCase = (id: string) => this.entries.get(id)!.case
    return ids
      .filter((id) => this.order.find((other) => ofCase(other) === ofCase(id)) === id)
      .map((id) => headerOf(ofCase(id)))
  }
  /** What a device begins with, and everything of cases. */
  private told(pathname: string, asked: URLSearchParams) {
    if (pathname === '/api/desk')
      return {
        ...nothingTold(),
        cursor: this.order.length,
        mark: this.order.at(-1),
        held: [...this.cases].filter((id) => !this.isAway.has(id)),
      }
    const ids = asked.get('cases')!.split(',')
    this.fetched.push(...ids)
    return {
      ...nothingTold(),
      cases: ids.filter((id) => this.cases.has(id)).map(headerOf),
      records: [...this.entries.values()].filter((entry) => ids.includes(entry.case)),
    }
  }
  take(entry: Sent) {
    if (this.entries.has(entry.record.id)) return
    this.cases.add(entry.case)
    this.entries.set(entry.record.id, entry)
    this.order.push(entry.record.id)
    for (const source of [...Source.open]) source.say('change')
  }
  texts = () => this.order.map((id) => this.entries.get(id)!.record.text)
}

/** A browser without pages, databases or connections left over, before a server of its own. */
export function freshBrowser(): Server {
  const server = new Server()
  Source.open = []
  vi.stubGlobal('fetch', (path: string, init: RequestInit) => server.fetch(path, init))
  vi.stubGlobal('EventSource', Source)
  vi.stubGlobal('navigator', { locks: new Locks() })
  return server
}

let scopes: EffectScope[] = []
let people = 0
export const newPerson = () => `p${++people}`

/** A page of the application that one person has open. */
export function page(person: string) {
  const session = reactive({
    current: { person: { id: person, name: person }, shop: { elevationMetres: 1300 } },
    state: 'signed-in',
    signedInAt: 0,
    waiting: 0,
    noteWaiting: (_id: string, _name: string, count: number) => {
      session.waiting = count
    },
    measureClock: () => {},
    signOut: () => {},
  })
  const scope = effectScope()
  scopes.push(scope)
  const store = scope.run(() =>
    useLocalStore(session as unknown as StoreSession, { soon: 2, failed: 20, quiet: 30_000 }),
  )!
  return {
    store,
    session,
    keep: (id: string, text: string) =>
      store.keep('records', id, { case: 'c', record: { id, text } } as never, 'c'),
    shown: () =>
      [...store.records.value.values()]
        .map((r) => (r.record as unknown as { text: string }).text)
        .sort(),
    close: () => scope.stop(),
  }
}
export async function opened(person: string) {
  const it = page(person)
  await it.store.open()
  return it
}
export const stored = async (person: string) => {
  const own = new LocalDatabase(person)
  const all = (await own.entries.orderBy('change').toArray()).filter(isWaiting)
  own.close()
  const items = all.toSorted((a, b) => (a.order ?? Infinity) - (b.order ?? Infinity) || 0)
  return items.map((item) => [item.id, isInLine(item) ? 'in line' : 'aside'])
}
export const eventually = (check: () => void) => vi.waitFor(check, { timeout: 20_000, interval: 5 })

export function closePages(): void {
  for (const scope of scopes) scope.stop()
  scopes = []
  vi.unstubAllGlobals()
}
