import 'fake-indexeddb/auto'
import fc from 'fast-check'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Source } from './browser-stand-ins'
import { LocalDatabase } from './local-database'
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
} from './shop-copy.fixture'

let server: Server
beforeEach(() => {
  server = freshBrowser()
})
afterEach(closePages)

describe('what is recorded on a device', () => {
  it('shows at once, stands in the browser’s database, goes to the server once and leaves the outbox', async () => {
    const person = newPerson()
    const { copy, keep, shown } = await opened(person)
    server.weather = 'no-network'
    const kept = keep('1', 'a')
    expect(shown()).toEqual(['a'])
    expect(copy.storing.value).toBe(1)
    await kept
    expect(copy.storing.value).toBe(0)
    expect((await stored(person)).map((i) => [i.id, i.state])).toEqual([['1', 'kept']])
    server.weather = 'fine'
    await copy.synchronise()
    await eventually(() => expect(copy.outbox.value).toEqual([]))
    expect(server.texts()).toEqual(['a'])
    expect(shown()).toEqual(['a'])
  })
  it('that cannot be stored is said not to be, and not shown', async () => {
    const { copy, keep, shown } = await opened(newPerson())
    const add = vi.spyOn(IDBObjectStore.prototype, 'add').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError')
    })
    await expect(keep('1', 'a')).rejects.toThrow()
    add.mockRestore()
    expect(shown()).toEqual([])
    expect([copy.storing.value, copy.outbox.value.length, server.entries.size]).toEqual([0, 0, 0])
  })
  it('waits without network through a reload, and goes in order', async () => {
    const person = newPerson()
    const first = await opened(person)
    server.weather = 'no-network'
    for (const n of ['1', '2', '3', '4']) await first.keep(n, `t${n}`)
    await eventually(() =>
      expect([first.copy.reachable.value, first.session.state, first.session.waiting]).toEqual([
        false,
        'offline',
        4,
      ]),
    )
    first.close()
    const second = await opened(person)
    expect(second.shown()).toEqual(['t1', 't2', 't3', 't4'])
    server.weather = 'fine'
    await second.copy.synchronise()
    await eventually(() => expect(server.texts()).toEqual(['t1', 't2', 't3', 't4']))
    expect([second.copy.reachable.value, second.session.state]).toEqual([true, 'signed-in'])
  })
  it('that the server took though its answer broke off is sent again and stands there once', async () => {
    const { copy, keep } = await opened(newPerson())
    server.weather = 'answer-breaks-off'
    await keep('1', 'a')
    await eventually(() => expect(copy.reachable.value).toBe(false))
    expect(copy.kept.value.length).toBe(1)
    server.weather = 'fine'
    await copy.synchronise()
    await eventually(() => expect(copy.outbox.value).toEqual([]))
    expect(server.texts()).toEqual(['a'])
  })
  it('goes on soon when the browser’s database fails after the server took it', async () => {
    const { copy, keep } = await opened(newPerson())
    const said = vi.spyOn(console, 'error').mockImplementation(() => {})
    const remove = vi.spyOn(IDBObjectStore.prototype, 'delete').mockImplementationOnce(() => {
      throw new DOMException('gone', 'AbortError')
    })
    await keep('1', 'a')
    await eventually(() => expect(said).toHaveBeenCalled())
    await eventually(() => expect(copy.outbox.value).toEqual([]))
    expect(server.texts()).toEqual(['a'])
    remove.mockRestore()
    said.mockRestore()
  })
  it('and is refused is set aside with the sentence, later entries go on, and changed it goes too', async () => {
    const { copy, keep, shown } = await opened(newPerson())
    await keep('1', 'bad')
    await keep('2', 'good')
    await eventually(() => expect(server.texts()).toEqual(['good']))
    await eventually(() =>
      expect(copy.refused.value.map((i) => i.reason)).toEqual(['The text is bad.']),
    )
    await copy.resend(copy.refused.value[0]!, { case: 'c', record: { id: '1', text: 'better' } })
    await eventually(() => expect(server.texts()).toEqual(['good', 'better']))
    await eventually(() => expect(copy.outbox.value).toEqual([]))
    expect(shown()).toEqual(['better', 'good'])
  })
  it('and refused can be let go, and is then no longer shown', async () => {
    const { copy, keep, shown } = await opened(newPerson())
    await keep('1', 'bad')
    await eventually(() => expect(copy.refused.value.length).toBe(1))
    await copy.discard(copy.refused.value[0]!)
    expect([shown(), copy.outbox.value]).toEqual([[], []])
  })
  it('while signed out is held, and sent by its author only', async () => {
    const [author, other] = [newPerson(), newPerson()]
    const mine = await opened(author)
    server.weather = 'signed-out'
    await mine.keep('1', 'mine')
    await eventually(() => expect(mine.session.state).toBe('signed-out'))
    server.weather = 'fine'
    await mine.copy.synchronise()
    expect(server.entries.size).toBe(0)
    mine.close()
    const theirs = await opened(other)
    await theirs.copy.synchronise()
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
    await mine.copy.leave()
    expect(mine.shown()).toEqual([])
    const own = new LocalDatabase(person)
    expect([await own.records.count(), await own.meta.count(), await own.outbox.count()]).toEqual([
      0, 0, 1,
    ])
    own.close()
  })
})

describe('an answer to what was asked before', () => {
  it('a sign-in does not sign out whoever is in now', async () => {
    const { copy, session } = await opened(newPerson())
    await eventually(() => expect(server.asked).toBeGreaterThan(0))
    await new Promise((done) => setTimeout(done, 20))
    let answer!: (response: Response) => void
    const before = server.fetch
    server.fetch = () =>
      new Promise((done) => {
        answer = done
      })
    const running = copy.synchronise()
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
    await one.copy.synchronise()
    await two.copy.synchronise()
    await eventually(() => expect([one.copy.outbox.value, two.copy.outbox.value]).toEqual([[], []]))
    expect(server.texts()).toEqual(['a'])
  })
  it('a tab that nobody is signed in on yet hears of the others, and shows its own outbox once somebody is', async () => {
    const person = newPerson()
    const waiting = page(person)
    const working = await opened(person)
    await working.keep('1', 'a')
    await eventually(() => expect(working.copy.outbox.value).toEqual([]))
    await waiting.copy.open()
    server.weather = 'no-network'
    await waiting.keep('2', 'b')
    expect(waiting.copy.kept.value.map((i) => i.id)).toEqual(['2'])
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
    await eventually(async () => expect(await elsewhere.records.count()).toBe(5))
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
          else if (s.do === 'synchronise') void tabs[s.tab]!.copy.synchronise()
          else if (s.do === 'other')
            server.take({ case: 'c', record: { id: `${person}-other-${++n}`, text: `other ${n}` } })
          else {
            tabs[s.tab]!.close()
            tabs[s.tab] = await opened(person)
          }
        }
        server.weather = 'fine'
        for (const tab of tabs) await tab.copy.synchronise()
        await eventually(() => {
          for (const of of written) expect(server.texts().filter((t) => of.includes(t))).toEqual(of)
          expect(new Set(server.texts()).size).toBe(server.texts().length)
          for (const tab of tabs) expect(tab.shown()).toEqual([...server.texts()].sort())
        })
        for (const tab of tabs) tab.close()
      }),
      { numRuns: 40, seed: 7 },
    )
  }, 60_000)
})
