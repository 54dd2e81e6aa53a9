import 'fake-indexeddb/auto'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { message } from '#core'
import { LocalDatabase } from './database'
import {
  closePages,
  eventually,
  freshBrowser,
  newPerson,
  opened,
  type Server,
  stored,
} from './store.fixture'
import { within } from './within'

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

describe('a browser’s database that is slow', () => {
  /** Whatever is to be added waits until it is let through. */
  function slowDatabase() {
    let letThrough = () => {}
    const gate = new Promise<void>((on) => (letThrough = on))
    const { change } = LocalDatabase.prototype
    const slow = vi.spyOn(LocalDatabase.prototype, 'change').mockImplementation(function <T>(
      this: LocalDatabase,
      work: (next: () => number) => Promise<T>,
    ) {
      const late = gate.then(() => change.call(this, work) as Promise<T>)
      return within(20, message('common.offline.storageSlow'), late)
    })
    return { letThrough, mend: () => slow.mockRestore() }
  }
  it('is not believed to have kept what it has not answered; what it took after all is kept and sent', async () => {
    const { store, keep } = await opened(newPerson())
    const { letThrough, mend } = slowDatabase()
    expect(await keep('1', 'a')).toBe(false)
    expect(store.unkept.value.map(({ problem }) => problem?.id)).toEqual([
      'common.offline.storageSlow',
    ])
    mend()
    letThrough()
    await eventually(() => expect(store.unkept.value).toEqual([]))
    await eventually(() => expect(server.texts()).toEqual(['a']))
  })
  it('that is asked again and then takes both tries has it once', async () => {
    const { store, keep } = await opened(newPerson())
    const { letThrough, mend } = slowDatabase()
    await keep('1', 'a')
    await store.keepAgain()
    mend()
    letThrough()
    await eventually(() => expect(store.unkept.value).toEqual([]))
    await eventually(() => expect(server.texts()).toEqual(['a']))
    expect(store.storing.value).toBe(0)
  })
  it('takes nothing that was let go of meanwhile', async () => {
    const person = newPerson()
    const { store, keep, shown } = await opened(person)
    const { letThrough, mend } = slowDatabase()
    await keep('1', 'a')
    store.letGo(store.unkept.value[0]!)
    mend()
    letThrough()
    await keep('2', 'b')
    await eventually(() => expect(server.texts()).toEqual(['b']))
    await eventually(() => expect(shown()).toEqual(['b']))
    expect(await stored(person)).toEqual([])
  })
})
