import 'fake-indexeddb/auto'
import fc from 'fast-check'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Source } from './browser-stand-ins'
import { LocalDatabase } from './database'
import {
  closePages,
  eventually,
  freshBrowser,
  newPerson,
  opened,
  page,
  Server,
  stored,
  type Weather,
} from './store.fixture'

let server: Server
beforeEach(() => {
  server = freshBrowser()
})
afterEach(closePages)

describe('what is recorded on a device', () => {
  it('shows at once, stands in the browser’s database, goes to the server once and leaves the outbox', async () => {
    const person = newPerson()
    const { store, keep, shown } = await opened(person)
    server.weather = 'no-network'
    const kept = keep('1', 'a')
    expect(shown()).toEqual(['a'])
    expect(store.storing.value).toBe(1)
    expect(await kept).toBe(true)
    // Not a moment in which it is neither on its way nor among what waits.
    expect(store.storing.value + store.kept.value.length).toBeGreaterThan(0)
    await eventually(() => expect(store.storing.value).toBe(0))
    expect(store.kept.value.length).toBe(1)
    expect(await stored(person)).toEqual([['1', 'in line']])
    server.weather = 'fine'
    await store.synchronise()
    await eventually(() => expect(store.outbox.value).toEqual([]))
    expect(server.texts()).toEqual(['a'])
    expect(shown()).toEqual(['a'])
  })
  it('waits without network through a reload, and goes in order', async () => {
    const person = newPerson()
    const first = await opened(person)
    server.weather = 'no-network'
    for (const n of ['1', '2', '3', '4']) await first.keep(n, `t${n}`)
    await eventually(() =>
      expect([first.store.reachable.value, first.session.state, first.session.waiting]).toEqual([
        false,
        'offline',
        4,
      ]),
    )
    first.close()
    const second = await opened(person)
    expect(second.shown()).toEqual(['t1', 't2', 't3', 't4'])
    server.weather = 'fine'
    await second.store.synchronise()
    await eventually(() => expect(server.texts()).toEqual(['t1', 't2', 't3', 't4']))
    expect([second.store.reachable.value, second.session.state]).toEqual([true, 'signed-in'])
  })
  it('goes many in a request, in order; what is refused of them alone is set aside', async () => {
    const { store, keep } = await opened(newPerson())
    server.weather = 'no-network'
    const texts = ['t1', 't2', 'bad', 't4', 't5', 't6']
    for (const [n, text] of texts.entries()) await keep(`${n}`, text)
    server.batches = []
    server.weather = 'fine'
    await store.synchronise()
    await eventually(() => expect(server.texts()).toEqual(texts.filter((text) => text !== 'bad')))
    expect(server.batches).toEqual([6])
    await eventually(() => expect(store.refused.value.map(({ id }) => id)).toEqual(['2']))
    expect(store.kept.value).toEqual([])
  })
  it('that the server took though its answer broke off is sent again and stands there once', async () => {
    const { store, keep } = await opened(newPerson())
    server.weather = 'answer-breaks-off'
    await keep('1', 'a')
    await eventually(() =>
      expect([store.reachable.value, store.kept.value.length]).toEqual([false, 1]),
    )
    server.weather = 'fine'
    await store.synchronise()
    await eventually(() => expect(store.outbox.value).toEqual([]))
    expect(server.texts()).toEqual(['a'])
  })
  it('goes on soon when the browser’s database fails after the server took it', async () => {
    const { store, keep } = await opened(newPerson())
    const said = vi.spyOn(console, 'error').mockImplementation(() => {})
    const put = vi.spyOn(IDBObjectStore.prototype, 'put')
    const before = server.fetch
    server.fetch = (path, init) => {
      if (init.method !== 'PUT') return before(path, init)
      put.mockImplementationOnce(() => {
        throw new DOMException('gone', 'AbortError')
      })
      server.fetch = before
      return before(path, init)
    }
    await keep('1', 'a')
    await eventually(() => expect(said).toHaveBeenCalled())
    await eventually(() => expect(store.outbox.value).toEqual([]))
    expect(server.texts()).toEqual(['a'])
    put.mockRestore()
    said.mockRestore()
  })
  it('and is refused is set aside with the sentence, later entries go on, and changed it goes too', async () => {
    const { store, keep, shown } = await opened(newPerson())
    await keep('1', 'bad')
    await keep('2', 'good')
    await eventually(() => expect(server.texts()).toEqual(['good']))
    await eventually(() =>
      expect(store.refused.value.map((i) => i.problem?.parameters)).toEqual([
        { sentence: 'The text is bad.' },
      ]),
    )
    await store.resend([store.refused.value[0]!], {
      case: 'c',
      record: { id: '1', text: 'better' },
    })
    await eventually(() => expect(server.texts()).toEqual(['good', 'better']))
    await eventually(() => expect(store.outbox.value).toEqual([]))
    expect(shown()).toEqual(['better', 'good'])
  })
  it('and refused can be let go, and is then no longer shown', async () => {
    const { store, keep, shown } = await opened(newPerson())
    await keep('1', 'bad')
    await eventually(() => expect(store.refused.value.length).toBe(1))
    await store.discard(store.refused.value[0]!)
    await eventually(() => expect([shown(), store.outbox.value]).toEqual([[], []]))
  })
  it('while signed out is held, and sent by its author only', async () => {
    const [author, other] = [newPerson(), newPerson()]
    const mine = await opened(author)
    server.weather = 'signed-out'
    await mine.keep('1', 'mine')
    await eventually(() => expect(mine.session.state).toBe('signed-out'))
    server.weather = 'fine'
    await mine.store.synchronise()
    expect(server.entries.size).toBe(0)
    mine.close()
    const theirs = await opened(other)
    await theirs.store.synchronise()
    expect([server.entries.size, theirs.shown()]).toEqual([0, []])
    theirs.close()
    const back = await opened(author)
    await eventually(() => expect(server.texts()).toEqual(['mine']))
    expect(back.shown()).toEqual(['mine'])
  })
  it('stays when one signs out, while the copy of the shop goes', async () => {
    const person = newPerson()
    server.take({ case: 'c', record: { id: '9', text: 'theirs' } })
    const mine = await opened(person)
    await eventually(() => expect(mine.shown()).toEqual(['theirs']))
    server.weather = 'no-network'
    await mine.keep('1', 'mine')
    await mine.store.leave()
    expect(mine.shown()).toEqual([])
    const own = new LocalDatabase(person)
    expect((await own.entries.toArray()).map(({ id }) => id)).toEqual(['1'])
    expect(await own.number('cursor')).toBe(0)
    own.close()
    expect(await stored(person)).toEqual([['1', 'in line']])
  })
})

describe('an answer to what was asked before', () => {
  it('a sign-in does not sign out whoever is in now', async () => {
    const { store, session } = await opened(newPerson())
    await eventually(() => expect(server.asked).toBeGreaterThan(0))
    await new Promise((done) => setTimeout(done, 20))
    let answer!: (response: Response) => void
    const before = server.fetch
    server.fetch = () =>
      new Promise((done) => {
        answer = done
      })
    const running = store.synchronise()
    await eventually(() => expect(answer).toBeDefined())
    session.signedInAt = 1
    server.fetch = before
    answer(
      new Response(JSON.stringify({ error: { code: 'x', sentence: 'Signed out.' } }), {
        status: 401,
        headers: { 'content-type': 'application/json' },
      }),
    )
    await running
    expect(session.state).toBe('signed-in')
  })
})

describe('several tabs of one person', () => {
  it('all show what somebody else records, whoever fetched it first', async () => {
    const person = newPerson()
    const tabs = [await opened(person), await opened(person), await opened(person)]
    for (let n = 1; n <= 7; n++)
      server.take({ case: 'c', record: { id: String(n), text: `t${n}` } })
    for (const tab of tabs)
      await eventually(() =>
        expect(tab.shown()).toEqual(['t1', 't2', 't3', 't4', 't5', 't6', 't7']),
      )
    expect(Source.open.length).toBe(1)
  })
  it('show what one of them keeps, sent or not', async () => {
    const person = newPerson()
    const [one, two] = [await opened(person), await opened(person)]
    server.weather = 'no-network'
    await one.keep('1', 'a')
    await eventually(() => expect(two.shown()).toEqual(['a']))
    server.weather = 'fine'
    await one.store.synchronise()
    await two.store.synchronise()
    await eventually(() =>
      expect([one.store.outbox.value, two.store.outbox.value]).toEqual([[], []]),
    )
    expect(server.texts()).toEqual(['a'])
  })
  it('a tab that nobody is signed in on yet hears of the others, and shows its own outbox once somebody is', async () => {
    const person = newPerson()
    const waiting = page(person)
    const working = await opened(person)
    await working.keep('1', 'a')
    await eventually(() => expect(working.store.outbox.value).toEqual([]))
    await waiting.store.open()
    server.weather = 'no-network'
    await waiting.keep('2', 'b')
    await eventually(() => expect(waiting.store.kept.value.map((i) => i.id)).toEqual(['2']))
  })
  it('a copy that was forgotten in one is not kept by halves in another', async () => {
    const person = newPerson()
    for (let n = 1; n <= 4; n++)
      server.take({ case: 'c', record: { id: String(n), text: `t${n}` } })
    const tab = await opened(person)
    await eventually(() => expect(tab.shown().length).toBe(4))
    const elsewhere = new LocalDatabase(person)
    await elsewhere.forgetCopy()
    server.take({ case: 'c', record: { id: '5', text: 't5' } })
    await eventually(() => expect(tab.shown().length).toBe(5))
    await eventually(async () =>
      expect(await elsewhere.entries.where('kind').equals('records').count()).toBe(5),
    )
    elsewhere.close()
  })
})

describe('whatever happens', () => {
  const step = fc.oneof(
    { weight: 4, arbitrary: fc.record({ do: fc.constant('keep' as const), tab: fc.nat(1) }) },
    fc.record({
      do: fc.constant('weather' as const),
      to: fc.constantFrom<Weather>('fine', 'no-network', 'answer-breaks-off', 'server-error'),
    }),
    fc.record({ do: fc.constant('reload' as const), tab: fc.nat(1) }),
    fc.record({ do: fc.constant('synchronise' as const), tab: fc.nat(1) }),
    fc.record({ do: fc.constant('other' as const) }),
  )
  it('every entry arrives once, those of a tab in their order, and every tab shows everything', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(step, { minLength: 5, maxLength: 25 }), async (steps) => {
        server = freshBrowser()
        const person = newPerson()
        const tabs = [await opened(person), await opened(person)]
        const written: string[][] = [[], []]
        let n = 0
        for (const s of steps) {
          if (s.do === 'keep') {
            const id = `${person}-${++n}`
            await tabs[s.tab]!.keep(id, id)
            written[s.tab]!.push(id)
          } else if (s.do === 'weather') server.weather = s.to
          else if (s.do === 'synchronise') void tabs[s.tab]!.store.synchronise()
          else if (s.do === 'other')
            server.take({ case: 'c', record: { id: `${person}-other-${++n}`, text: `other ${n}` } })
          else {
            tabs[s.tab]!.close()
            tabs[s.tab] = await opened(person)
          }
        }
        server.weather = 'fine'
        for (const tab of tabs) await tab.store.synchronise()
        await eventually(() => {
          for (const of of written) expect(server.texts().filter((t) => of.includes(t))).toEqual(of)
          expect(new Set(server.texts()).size).toBe(server.texts().length)
          for (const tab of tabs) expect(tab.shown()).toEqual([...server.texts()].sort())
        })
        for (const tab of tabs) tab.close()
      }),
      { numRuns: 40, seed: 7 },
    )
  }, 180_000)
})
