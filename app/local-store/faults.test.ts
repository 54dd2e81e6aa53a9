import 'fake-indexeddb/auto'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { MOST_TRIES } from './send'
import {
  closePages,
  eventually,
  freshBrowser,
  newPerson,
  opened,
  page,
  type Server,
  stored,
} from './store.fixture'

let server: Server
let said: ReturnType<typeof vi.spyOn>
beforeEach(() => {
  server = freshBrowser()
  said = vi.spyOn(console, 'error').mockImplementation(() => {})
})
afterEach(() => {
  closePages()
  said.mockRestore()
})

/** The browser's database takes nothing more, until it is told to again. */
function fullDatabase() {
  const add = vi.spyOn(IDBObjectStore.prototype, 'add').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError')
  })
  return () => add.mockRestore()
}

describe('a browser’s database that is full', () => {
  it('keeps nothing and is said to: what was typed stands in the page, and in no outbox', async () => {
    const { store, keep, shown } = await opened(newPerson())
    const makeRoom = fullDatabase()
    expect(await keep('1', 'a')).toBe(false)
    makeRoom()
    expect(shown()).toEqual(['a'])
    expect([store.storing.value, store.kept.value.length, server.entries.size]).toEqual([0, 0, 0])
    expect(store.unkept.value.map(({ id, problem }) => [id, problem?.id])).toEqual([
      ['1', 'common.offline.storageFull'],
    ])
  })
  it('with room again keeps what it did not, in its order, and sends it', async () => {
    const { store, keep } = await opened(newPerson())
    const makeRoom = fullDatabase()
    for (const id of ['1', '2', '3']) await keep(id, `t${id}`)
    await store.keepAgain()
    expect(store.unkept.value.length).toBe(3)
    makeRoom()
    await store.keepAgain()
    expect(store.unkept.value).toEqual([])
    await eventually(() => expect(server.texts()).toEqual(['t1', 't2', 't3']))
  })
  it('does not hinder sending: what cannot be kept goes to the server directly, and stays shown', async () => {
    const { store, keep, shown } = await opened(newPerson())
    const makeRoom = fullDatabase()
    await keep('1', 'a')
    await keep('2', 'bad')
    await store.sendDirectly()
    makeRoom()
    expect(server.texts()).toEqual(['a'])
    expect(store.unkept.value.map(({ id }) => id)).toEqual(['2'])
    expect(shown()).toContain('a')
  })
  it('without network keeps what was typed in the page until there is one', async () => {
    const { store, keep } = await opened(newPerson())
    server.weather = 'no-network'
    const makeRoom = fullDatabase()
    await keep('1', 'a')
    await store.sendDirectly()
    expect(store.unkept.value.map(({ problem }) => problem?.id)).toEqual([
      'common.offline.unreachable',
    ])
    server.weather = 'fine'
    await store.sendDirectly()
    makeRoom()
    expect([server.texts(), store.unkept.value]).toEqual([['a'], []])
  })
  it('lets go of what is not wanted any more', async () => {
    const { store, keep, shown } = await opened(newPerson())
    const makeRoom = fullDatabase()
    await keep('1', 'a')
    makeRoom()
    store.letGo(store.unkept.value[0]!)
    expect([shown(), store.unkept.value]).toEqual([[], []])
  })
})

describe('a browser without a database', () => {
  it('works in the page’s memory, sends, and says that nothing is kept', async () => {
    const open = vi.spyOn(IDBFactory.prototype, 'open').mockImplementationOnce(() => {
      throw new DOMException('not here', 'InvalidStateError')
    })
    const person = newPerson()
    server.take({ case: 'c', record: { id: '9', text: 'theirs' } })
    const { store, keep, shown } = await opened(person)
    expect(store.isVolatile.value).toBe(true)
    await keep('1', 'a')
    await eventually(() => expect(shown()).toEqual(['a', 'theirs']))
    await eventually(() => expect(store.outbox.value).toEqual([]))
    expect(server.texts()).toEqual(['theirs', 'a'])
    open.mockRestore()
    expect(await stored(person)).toEqual([])
  })
  it('that never answers is taken to have none', { timeout: 20_000 }, async () => {
    const open = vi
      .spyOn(IDBFactory.prototype, 'open')
      .mockImplementationOnce(() => new EventTarget() as IDBOpenDBRequest)
    const { store, keep } = await opened(newPerson())
    open.mockRestore()
    expect(store.isVolatile.value).toBe(true)
    expect(await keep('1', 'a')).toBe(true)
    await eventually(() => expect(server.texts()).toEqual(['a']))
  })
})

describe('a reading of the database that fails', () => {
  it('costs a moment: what is shown is what is stored, without another entry', async () => {
    const { store, keep } = await opened(newPerson())
    server.weather = 'no-network'
    await keep('1', 'a')
    await eventually(() => expect(store.kept.value.length).toBe(1))
    const { getAll } = IDBIndex.prototype
    const get = vi.spyOn(IDBIndex.prototype, 'getAll').mockImplementation(function (
      this: IDBIndex,
      ...asked
    ) {
      if (this.name === 'change') throw new DOMException('broken', 'UnknownError')
      return getAll.apply(this, asked)
    })
    server.weather = 'fine'
    await store.synchronise()
    await eventually(() => expect(store.trouble.value?.id).toBe('common.offline.storageBroken'))
    get.mockRestore()
    await eventually(() => expect(store.outbox.value).toEqual([]))
    expect(server.texts()).toEqual(['a'])
    await eventually(() => expect(store.trouble.value).toBeUndefined())
  })
})

describe('an entry that the server fails on', () => {
  it('is set aside after some tries, and the rest goes on', async () => {
    const { store, keep } = await opened(newPerson())
    await keep('1', 'poison')
    await keep('2', 'good')
    await keep('3', 'better')
    await eventually(() => expect(server.texts()).toEqual(['good', 'better']))
    await eventually(() =>
      expect(store.refused.value.map(({ id, problem }) => [id, problem])).toMatchObject([
        ['1', { id: 'common.offline.cannotBeTaken', parameters: { tries: MOST_TRIES } }],
      ]),
    )
    await eventually(() => expect(store.kept.value).toEqual([]))
  })
  it('alone in line is set aside too, can be changed, and then goes', async () => {
    const { store, keep, shown } = await opened(newPerson())
    await keep('1', 'poison')
    await eventually(() => expect(store.refused.value.length).toBe(1))
    expect(shown()).toEqual([])
    await store.resend(store.refused.value, { case: 'c', record: { id: '1', text: 'mended' } })
    await eventually(() => expect(server.texts()).toEqual(['mended']))
    await eventually(() => expect(shown()).toEqual(['mended']))
  })
  it('and on all others stays in line with them: it is the server, not the entries', async () => {
    const person = newPerson()
    const { store, keep } = await opened(person)
    server.weather = 'fails-on-all'
    for (const id of ['1', '2', '3']) await keep(id, `t${id}`)
    for (let round = 0; round < 3 * MOST_TRIES + 5; round++) await store.synchronise()
    expect(await stored(person)).toEqual([
      ['1', 'in line'],
      ['2', 'in line'],
      ['3', 'in line'],
    ])
    server.weather = 'fine'
    await store.synchronise()
    await eventually(() => expect(server.texts()).toEqual(['t1', 't2', 't3']))
  })
  it('is sent again with all others that are set aside', async () => {
    const { store, keep } = await opened(newPerson())
    await keep('1', 'bad')
    await keep('2', 'bad too')
    await eventually(() => expect(store.refused.value.length).toBe(2))
    server.isLenient = true
    await store.resend(store.refused.value)
    await eventually(() => expect(server.texts()).toEqual(['bad', 'bad too']))
  })
})

describe('a server that was restored from before', () => {
  it('is followed from the start: what it was told since reaches the device', async () => {
    const { store, shown } = await opened(newPerson())
    const take = (...ids: string[]) =>
      ids.forEach((id) => server.take({ case: 'c', record: { id, text: `t${id}` } }))
    take('1', '2', '3', '4', '5')
    await eventually(() => expect(shown().length).toBe(5))
    server.order.splice(2)
    for (const lost of ['3', '4', '5']) server.entries.delete(lost)
    take('6', '7', '8')
    await store.synchronise()
    await eventually(() => expect(shown()).toEqual(expect.arrayContaining(['t6', 't7', 't8'])))
  })
})

describe('what this person recorded before the server was restored', () => {
  it('is sent again, and what others recorded is not', async () => {
    const person = newPerson()
    const tab = await opened(person)
    const keep = (id: string, by = person, more = {}) =>
      tab.store.keep(
        'records',
        id,
        { case: 'c', record: { id, by, text: `t${id}`, observedAt: 'then', ...more } } as never,
        'c',
      )
    await keep('1')
    await keep('3', person, { supersedes: '1' })
    server.take({ case: 'c', record: { id: '2', text: 'theirs', by: 'someone' } as never })
    await eventually(() => expect(server.order.length).toBe(3))
    await eventually(() => expect([tab.shown().length, tab.store.outbox.value]).toEqual([3, []]))
    const order = [...server.order]
    server.order.splice(0)
    server.entries.clear()
    server.take({ case: 'c', record: { id: '0', text: 'since' } })
    await tab.store.synchronise()
    await eventually(() => expect(server.texts()).toEqual(['since', 't1', 't3']))
    await eventually(() => expect(tab.store.outbox.value).toEqual([]))
    expect(server.entries.get('3')!.record).toMatchObject({ by: person, supersedes: '1' })
    expect(order).toContain('2')
  })
})

describe('a device that is to keep nothing', () => {
  it('works in the page’s memory, sends, and leaves no database behind', async () => {
    const person = newPerson()
    const tab = page(person)
    Object.assign(tab.session, { keepsNothing: true })
    await tab.store.open()
    expect(tab.store.isVolatile.value).toBe(true)
    await tab.keep('1', 'a')
    await eventually(() => expect(server.texts()).toEqual(['a']))
    expect(tab.shown()).toEqual(['a'])
    const names = (await indexedDB.databases()).map(({ name }) => name)
    expect(names).not.toContain(`thermognosis-${person}`)
  })
})
