import 'fake-indexeddb/auto'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { watchEffect } from 'vue'
import { LocalDatabase } from './database'
import {
  closePages,
  eventually,
  freshBrowser,
  newPerson,
  opened,
  type Server,
} from './store.fixture'

let server: Server
beforeEach(() => {
  server = freshBrowser()
})
afterEach(closePages)

const take = (id: string, of: string) => server.take({ case: of, record: { id, text: `t${id}` } })
const casesOf = (tab: Awaited<ReturnType<typeof opened>>) =>
  [...tab.store.cases.value.keys()].sort()

describe('a device that holds nothing yet', () => {
  it('fetches the cases it is to hold, and not the others', async () => {
    for (const of of ['open', 'old', 'recent']) take(`r-${of}`, of)
    server.isAway.add('old')
    const tab = await opened(newPerson())
    await eventually(() => expect(casesOf(tab)).toEqual(['open', 'recent']))
    await eventually(() => expect(tab.shown()).toEqual(['tr-open', 'tr-recent']))
    expect(server.fetched).not.toContain('old')
  })
  it('goes on where it was broken off', async () => {
    for (let n = 0; n < 25; n++) take(`r${n}`, `c${n}`)
    const person = newPerson()
    const answer = server.fetch
    let lots = 0
    server.fetch = (path, init) =>
      path.startsWith('/api/rows') && ++lots >= 2
        ? Promise.reject(new TypeError('network'))
        : answer(path, init)
    const first = await opened(person)
    await eventually(() => expect(lots).toBeGreaterThanOrEqual(2))
    await eventually(() => expect(first.store.cases.value.size).toBe(10))
    first.close()
    server.fetch = answer
    server.fetched = []
    const second = await opened(person)
    await eventually(() => expect(second.store.cases.value.size).toBe(25))
    expect(server.fetched.length).toBe(15)
  })
  it('shows what comes in the order in which it is wanted', async () => {
    for (let n = 0; n < 12; n++) take(`r${n}`, `c${n}`)
    const tab = await opened(newPerson())
    await eventually(() => expect(tab.store.cases.value.size).toBe(12))
    expect(server.fetched).toEqual([...server.cases])
  })
})

describe('a case of many entries', () => {
  const ENTRIES = 450
  /** How many entries stand beside the case, each time that the page is told of others. */
  function seenBeside(tab: Awaited<ReturnType<typeof opened>>, of: string) {
    const counts: number[] = []
    watchEffect(() => tab.store.cases.value.has(of) && counts.push(tab.store.records.value.size))
    return counts
  }
  const takeMany = (count: number) => {
    for (let n = 0; n < count; n++) take(`r${n}`, 'long')
  }

  it('stands on a page with all of them or not at all, fetched or read anew', async () => {
    takeMany(ENTRIES)
    const person = newPerson()
    for (const start of ['the first', 'the second']) {
      const tab = await opened(person)
      const counts = seenBeside(tab, 'long')
      await eventually(() => expect(tab.store.records.value.size, start).toBe(ENTRIES))
      expect(new Set(counts), start).toEqual(new Set([ENTRIES]))
      tab.close()
    }
  })
  it('is fetched whole when the pages of changes would tell it in parts', async () => {
    take('r-before', 'other')
    const tab = await opened(newPerson())
    await eventually(() => expect(tab.store.reachable.value && server.asked > 1).toBe(true))
    const counts = seenBeside(tab, 'long')
    const answer = server.fetch
    server.fetch = async (path, init) => {
      await new Promise((on) => setTimeout(on, 30))
      return answer(path, init)
    }
    takeMany(3 * server.page)
    const all = 1 + 3 * server.page
    await eventually(() => expect(tab.store.records.value.size).toBe(all))
    expect(new Set(counts)).toEqual(new Set([all]))
  })
})

describe('a case that does not stand here', () => {
  it('comes when something changes in it, whole', async () => {
    take('r1', 'old')
    server.isAway.add('old')
    const tab = await opened(newPerson())
    await eventually(() => expect(tab.store.reachable.value && server.asked > 1).toBe(true))
    expect(casesOf(tab)).toEqual([])
    take('r2', 'old')
    await eventually(() => expect(tab.shown()).toEqual(['tr1', 'tr2']))
    expect(casesOf(tab)).toEqual(['old'])
  })
  it('is fetched when somebody looks for it, told apart from one that nobody has', async () => {
    take('r1', 'old')
    server.isAway.add('old')
    const tab = await opened(newPerson())
    expect(await tab.store.fetchCase('old')).toBe('here')
    await eventually(() => expect(tab.shown()).toEqual(['tr1']))
    expect(await tab.store.fetchCase('nobody-has-this')).toBe('unknown')
    server.weather = 'no-network'
    expect(await tab.store.fetchCase('another')).toBe('unreachable')
  })
})

describe('putting cases away', () => {
  it('takes them out of every tab, and gives them back when they are asked for', async () => {
    const person = newPerson()
    for (const of of ['a', 'b']) take(`r-${of}`, of)
    const [one, two] = [await opened(person), await opened(person)]
    await eventually(() => expect(two.shown()).toEqual(['tr-a', 'tr-b']))
    await one.store.putAway(['a'])
    for (const tab of [one, two]) await eventually(() => expect(tab.shown()).toEqual(['tr-b']))
    expect(await one.store.fetchCase('a')).toBe('here')
    for (const tab of [one, two])
      await eventually(() => expect(tab.shown()).toEqual(['tr-a', 'tr-b']))
  })
  it('keeps a case in which something waits', async () => {
    take('r1', 'c')
    const tab = await opened(newPerson())
    await eventually(() => expect(tab.shown()).toEqual(['tr1']))
    server.weather = 'no-network'
    await tab.keep('mine', 'mine')
    await tab.store.putAway(['c'])
    await new Promise((done) => setTimeout(done, 30))
    expect(tab.shown()).toEqual(['mine', 'tr1'])
    expect(casesOf(tab)).toEqual(['c'])
  })
  it('leaves nothing of them in the browser after the next start', async () => {
    const person = newPerson()
    take('r1', 'c')
    const tab = await opened(person)
    await eventually(() => expect(tab.shown()).toEqual(['tr1']))
    tab.store.keepResult('c', 'now', { lead: 'hose' })
    await tab.store.putAway(['c'])
    tab.close()
    server.isAway.add('c')
    const next = await opened(person)
    expect([next.shown(), next.store.results.value.size]).toEqual([[], 0])
    const own = new LocalDatabase(person)
    expect([await own.entries.count(), await own.results.count()]).toEqual([0, 0])
    own.close()
  })
})

describe('what is noted of a case', () => {
  it('is there after a reload: a pin, a look, and what was computed', async () => {
    const person = newPerson()
    const tab = await opened(person)
    await tab.store.pin('c', true)
    await tab.store.look('c')
    tab.store.keepResult('c', 'stamp 1', { lead: 'hose' })
    await eventually(() => expect(tab.store.held.value.get('c')).toMatchObject({ pinned: 1 }))
    tab.close()
    const next = await opened(person)
    await eventually(() =>
      expect(next.store.held.value.get('c')).toMatchObject({
        pinned: 1,
        openedAt: expect.any(String),
      }),
    )
    await eventually(() =>
      expect(next.store.results.value.get('c')).toEqual({
        key: 'c',
        stamp: 'stamp 1',
        value: { lead: 'hose' },
      }),
    )
    await next.store.pin('c', false)
    await eventually(() => expect(next.store.held.value.get('c')?.pinned).toBeUndefined())
    expect(next.store.held.value.get('c')?.openedAt).toBeDefined()
  })
  it('goes when its person signs out', async () => {
    const person = newPerson()
    const tab = await opened(person)
    await tab.store.pin('c', true)
    tab.store.keepResult('c', 'stamp', 1)
    await tab.store.leave()
    const own = new LocalDatabase(person)
    expect([await own.held.count(), await own.results.count()]).toEqual([0, 0])
    own.close()
  })
})

describe('a device that is far behind', () => {
  it('begins anew, and asks again for what it holds', async () => {
    const person = newPerson()
    take('r1', 'kept')
    const tab = await opened(person)
    await eventually(() => expect(tab.shown()).toEqual(['tr1']))
    tab.close()
    server.isAway.add('kept')
    take('r2', 'kept')
    take('r3', 'new')
    server.pretendsToBeAhead = 30_000
    const asked = vi.spyOn(server, 'fetch')
    const back = await opened(person)
    await eventually(() =>
      expect(asked.mock.calls.some(([path]) => path === '/api/desk')).toBe(true),
    )
    server.pretendsToBeAhead = 0
    await eventually(() => expect(back.shown()).toEqual(['tr1', 'tr2', 'tr3']))
  })
})

describe('sending', () => {
  it('does not wait for receiving', async () => {
    for (let n = 0; n < 3; n++) take(`r${n}`, `c${n}`)
    const answer = server.fetch
    let goOn = () => {}
    const allowed = new Promise<void>((done) => (goOn = done))
    let asked = 0
    server.fetch = async (path, init) => {
      if (path.startsWith('/api/rows')) {
        asked++
        await allowed
      }
      return answer(path, init)
    }
    const tab = await opened(newPerson())
    await eventually(() => expect(asked).toBeGreaterThan(0))
    await tab.keep('mine', 'mine')
    await eventually(() => expect(server.texts()).toContain('mine'))
    expect(tab.store.cases.value.size).toBe(0)
    goOn()
    await eventually(() => expect(tab.shown()).toEqual(['mine', 'tr0', 'tr1', 'tr2']))
  })
})
