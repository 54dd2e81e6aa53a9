import { readdirSync, readFileSync } from 'node:fs'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import { type CaseFile, glanceAt, readCaseFile } from '#core'
import { useBoard } from '../../app/composables/use-board'
import { useShopSearch } from '../../app/composables/use-shop-search'
import { type BoardFilter, EVERYTHING_OPEN } from '../../app/shop/filters'
import { useShop } from '../../app/stores/shop'
import type { BoardRequest } from '../../app/workers/board.worker'
import { fillCopy } from './stand-ins/copy'

/** A worker that answers at once, and notes what it was asked. */
class AtOnce extends EventTarget {
  static asked: BoardRequest[] = []
  postMessage(request: BoardRequest) {
    AtOnce.asked.push(request)
    const { id, stamp, input, at } = request
    const data = { id, stamp, glance: glanceAt(input, at), isLeadOnly: false }
    queueMicrotask(() => this.dispatchEvent(new MessageEvent('message', { data })))
  }
  terminate() {}
}

const FILES = readdirSync('data/demo/cases').map((name) =>
  readCaseFile(readFileSync(`data/demo/cases/${name}`, 'utf8')),
)
const seam = FILES.find(({ case: { title } }) => title.includes('0.5 L'))!

const scope = effectScope()
beforeEach(() => {
  AtOnce.asked = []
  vi.stubGlobal('Worker', AtOnce)
  vi.stubGlobal('localStorage', { getItem: () => null, setItem() {}, removeItem() {} })
})
afterEach(() => vi.unstubAllGlobals())

function board(file: CaseFile, said: Partial<BoardFilter> = {}, most = 24) {
  fillCopy(file)
  setActivePinia(createPinia())
  const shop = useShop()
  const kept: string[] = []
  shop.keepResult = (key: string) => void kept.push(key)
  const filter = ref({ ...EVERYTHING_OPEN, ...said })
  const shown = ref(most)
  return { ...scope.run(() => useBoard(filter, shown))!, filter, shown, shop, kept }
}

describe('the board', () => {
  it.each(FILES.map((file) => [file.vehicle.name, file] as const))(
    'has a card for %s, and has its suspects worked out once',
    async (name, file) => {
      const { cards, kept, count } = board(file, { state: 'all' })
      await nextTick()
      expect(cards.value.map(({ vehicle, title }) => [vehicle, title])).toEqual([
        [name, file.case.title],
      ])
      expect(cards.value[0]!.stage).toMatch(/^[A-Z]/)
      expect(count.value).toBe(1)
      await vi.waitFor(() => expect(kept).toEqual([file.case.id]))
      expect(AtOnce.asked.length).toBe(1)
    },
  )
  it('asks for nothing whose result stands here under the same stamp, and says what it says', async () => {
    const first = board(seam)
    await nextTick()
    const [{ stamp }] = AtOnce.asked as [BoardRequest]
    AtOnce.asked = []
    const drive = { may: 'with-care', why: { id: 'drive.loses', parameters: {} } }
    const lead = { name: 'Radiator: tank seam or neck', probability: 0.4, drive }
    const again = board(seam)
    const { results } = again.shop as unknown as { results: Map<string, object> }
    results.set(seam.case.id, { key: seam.case.id, stamp, value: lead })
    expect(first.cards.value[0]!.lead).toBeUndefined()
    expect(again.cards.value[0]!.lead).toMatchObject({ ...lead, chance: '4 in 10' })
  })
  it('tells nothing of what an earlier version worked out and did not say all of', () => {
    const { cards, shop } = board(seam)
    const { results } = shop as unknown as { results: Map<string, object> }
    const value = { name: 'Radiator: tank seam or neck', probability: 0.4 }
    results.set(seam.case.id, { key: seam.case.id, stamp: 'of an earlier version', value })
    expect(cards.value[0]!.lead).toBeUndefined()
  })
  it('has another stamp for another record, and for the system described otherwise', async () => {
    const stamps = new Set<string>()
    for (const file of [
      seam,
      { ...seam, records: seam.records.slice(0, -1) },
      { ...seam, events: [] },
      { ...seam, records: [] },
    ]) {
      AtOnce.asked = []
      board(file as CaseFile)
      await nextTick()
      stamps.add(AtOnce.asked[0]!.stamp)
    }
    expect(stamps.size).toBe(4 - (seam.events.length === 0 ? 1 : 0))
  })
  it('ranks nothing that is not shown', async () => {
    const { cards, shown } = board(seam, {}, 0)
    await nextTick()
    expect([cards.value, AtOnce.asked]).toEqual([[], []])
    shown.value = 1
    await nextTick()
    expect(AtOnce.asked.length).toBe(1)
  })
  it('is narrowed at once, and offers the bays that there are', () => {
    const { cards, filter, bays } = board(seam)
    expect(bays.value).toEqual(seam.case.bay ? [seam.case.bay] : [])
    filter.value = { ...filter.value, text: 'no such vehicle' }
    expect(cards.value).toEqual([])
    filter.value = { ...EVERYTHING_OPEN, text: seam.vehicle.plate!.toLowerCase() }
    expect(cards.value.length).toBe(1)
    filter.value = { ...EVERYTHING_OPEN, complaint: 'no-heat' }
    expect(cards.value).toEqual([])
  })
})

describe('searching the shop', () => {
  const found = (ids: string[], more = false) => ({
    more,
    cases: ids.map((id) => ({
      case: { ...seam.case, id },
      vehicle: seam.vehicle,
      isOpen: false,
      touchedAt: '2026-01-01T00:00:00.000Z',
    })),
  })
  let pages: object[]
  let asked: string[]
  beforeEach(() => {
    pages = []
    asked = []
    vi.useFakeTimers()
    vi.stubGlobal('fetch', (path: string) => {
      asked.push(path)
      return Promise.resolve(
        new Response(JSON.stringify(pages.shift() ?? found([])), {
          headers: { 'content-type': 'application/json' },
        }),
      )
    })
  })
  afterEach(() => vi.useRealTimers())
  function search(said: Partial<BoardFilter>) {
    fillCopy(seam)
    setActivePinia(createPinia())
    const filter = ref<BoardFilter>({ ...EVERYTHING_OPEN })
    const searching = scope.run(() => useShopSearch(filter))!
    filter.value = { ...filter.value, ...said }
    return { ...searching, filter }
  }
  const typed = () => vi.advanceTimersByTimeAsync(400)

  it('waits until typing is over, and shows what does not stand here', async () => {
    pages = [found([seam.case.id, 'elsewhere'])]
    const { elsewhere, filter } = search({ text: 'b' })
    filter.value = { ...filter.value, text: 'bus' }
    await typed()
    expect(asked).toEqual(['/api/cases?text=bus&open=yes'])
    expect(elsewhere.value.map((one) => one.case.id)).toEqual(['elsewhere'])
  })
  it('goes on by itself while pages hold only what stands here', async () => {
    pages = [found([seam.case.id], true), found([seam.case.id], true), found(['far'], true)]
    const { elsewhere, more } = search({ state: 'closed' })
    await typed()
    expect(asked.length).toBe(3)
    expect(asked[1]).toContain(`idBefore=${seam.case.id}`)
    expect([elsewhere.value.length, more.value]).toEqual([1, true])
  })
  it('asks for nothing where nothing is looked for: the open cases stand here', async () => {
    const { isAsked } = search({})
    await typed()
    expect([isAsked.value, asked]).toEqual([false, []])
  })
  it('says what went wrong, and forgets it with the next search', async () => {
    const { problem, filter, searching } = search({ text: 'bus' })
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('network')))
    await typed()
    expect(problem.value).toMatchObject({ problem: { id: 'common.offline.unreachable' } })
    expect(searching.value).toBe(false)
    filter.value = { ...EVERYTHING_OPEN }
    await typed()
    expect(problem.value).toBeUndefined()
  })
})
