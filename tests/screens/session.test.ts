import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { useSession } from '../../app/stores/session'

/** What a browser keeps of its pages, in memory. */
class Kept implements Storage {
  private readonly items = new Map<string, string>()
  get length() {
    return this.items.size
  }
  clear = () => this.items.clear()
  getItem = (key: string) => this.items.get(key) ?? null
  key = (n: number) => [...this.items.keys()][n] ?? null
  removeItem = (key: string) => void this.items.delete(key)
  setItem = (key: string, value: string) => void this.items.set(key, value)
  all = () => [...this.items.values()].join('\n')
}

let local: Kept
let ofTab: Kept
let asked: string[]
let answer: (method: string, path: string) => Response | Promise<Response>

const json = (status: number, body: unknown) =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } })
const ilka = (more: object = {}) => ({
  person: { id: 'ilka', name: 'Ilka Brandt', role: 'technician' },
  shop: { id: 'shop', name: 'Hochwart', elevationMetres: 1300 },
  may: { record: true, import: true, close: true, managePeople: false },
  mustChangePassword: false,
  hasSecondFactor: false,
  serverNow: new Date().toISOString(),
  ...more,
})
const refused = (status: number, code = 'x') => json(status, { error: { code, sentence: 'No.' } })

beforeEach(() => {
  local = new Kept()
  ofTab = new Kept()
  asked = []
  answer = () => json(200, ilka())
  vi.stubGlobal('localStorage', local)
  vi.stubGlobal('sessionStorage', ofTab)
  vi.stubGlobal('fetch', (path: string, { method = 'GET' }: RequestInit = {}) => {
    asked.push(`${method} ${path}`)
    return Promise.resolve(answer(method, path))
  })
})
afterEach(() => vi.unstubAllGlobals())

/** A page that is opened on this browser. */
function openPage() {
  setActivePinia(createPinia())
  return useSession()
}

describe('who works at a device', () => {
  it('is remembered, so that a reload without network goes on', async () => {
    await openPage().signIn('ilka', 'secret words')
    answer = () => Promise.reject(new TypeError('network'))
    const page = openPage()
    expect(page.current?.person.name).toBe('Ilka Brandt')
    await page.check()
    expect([page.state, page.current?.person.id]).toEqual(['offline', 'ilka'])
  })
  it('is nobody before somebody signed in', async () => {
    const page = openPage()
    await page.check()
    expect([page.state, page.current, asked]).toEqual(['signed-out', undefined, []])
  })
  it('is told by the server when the session has ended, and stays known for what is kept', async () => {
    await openPage().signIn('ilka', 'secret words')
    answer = () => refused(401, 'signed-out')
    const page = openPage()
    await page.check()
    expect([page.state, page.current?.person.id]).toEqual(['signed-out', 'ilka'])
  })
  it('is never written down with a password or a code', async () => {
    await openPage().signIn('ilka', 'secret words', '123456')
    expect(local.all() + ofTab.all()).not.toMatch(/secret words|123456/)
  })
  it('is refused with what the server says, and nobody is signed in', async () => {
    answer = () => refused(401, 'wrong-sign-in')
    const page = openPage()
    await expect(page.signIn('ilka', 'guess')).rejects.toMatchObject({ code: 'wrong-sign-in' })
    expect(page.current).toBeUndefined()
    expect(local.length).toBe(0)
  })
  it('is asked for a code where a second factor is in force', async () => {
    let body: string | undefined
    vi.stubGlobal('fetch', (_: string, init: RequestInit) => {
      body = init.body as string
      return Promise.resolve(json(200, ilka({ hasSecondFactor: true })))
    })
    await openPage().signIn('ilka', 'secret words')
    expect(JSON.parse(body!)).toEqual({ signIn: 'ilka', password: 'secret words' })
    await openPage().signIn('ilka', 'secret words', '123456')
    expect(JSON.parse(body!)).toMatchObject({ code: '123456' })
  })
})

describe('signing out', () => {
  it('ends the session here at once, and on the server', async () => {
    const page = openPage()
    await page.signIn('ilka', 'secret words')
    page.signOut()
    expect([page.state, page.current]).toEqual(['signed-out', undefined])
    await vi.waitFor(() => expect(asked).toContain('DELETE /api/session'))
    expect(openPage().current).toBeUndefined()
  })
  it('without network ends it on the server when somebody opens the page again', async () => {
    const page = openPage()
    await page.signIn('ilka', 'secret words')
    answer = () => Promise.reject(new TypeError('network'))
    page.signOut()
    await vi.waitFor(() => expect(asked).toContain('DELETE /api/session'))
    asked = []
    answer = () => json(200, {})
    await openPage().check()
    expect(asked).toEqual(['DELETE /api/session'])
    asked = []
    await openPage().check()
    expect(asked).toEqual([])
  })
  it('does not end the session of whoever signs in next', async () => {
    const page = openPage()
    await page.signIn('ilka', 'secret words')
    answer = () => Promise.reject(new TypeError('network'))
    page.signOut()
    answer = () => json(200, ilka())
    await page.signIn('ilka', 'secret words')
    asked = []
    await openPage().check()
    expect(asked).toEqual(['GET /api/session'])
  })
})

describe('a device that is to keep nothing', () => {
  it('forgets who works there with the tab', async () => {
    const page = openPage()
    page.keepsNothing = true
    await nextTick()
    await page.signIn('ilka', 'secret words')
    expect(local.all()).not.toContain('Ilka')
    expect(openPage().current?.person.id).toBe('ilka')
    ofTab.clear()
    const next = openPage()
    expect([next.current, next.keepsNothing]).toEqual([undefined, true])
  })
  it('forgets what was remembered before, once it is told so', async () => {
    await openPage().signIn('ilka', 'secret words')
    const page = openPage()
    page.keepsNothing = true
    await nextTick()
    expect(local.all()).not.toContain('Ilka')
  })
})

describe('clocks', () => {
  it('are compared at the middle of asking and answer', () => {
    const page = openPage()
    const sentAt = Date.now() - 2_000
    page.measureClock(new Date(Date.now() - 1_000 + 300_000).toISOString(), sentAt)
    expect(Math.abs(page.clockOffsetMs! - 300_000)).toBeLessThan(50)
  })
  it('stay as they were when the server tells nonsense', () => {
    const page = openPage()
    page.measureClock('yesterday', Date.now())
    expect(page.clockOffsetMs).toBeUndefined()
  })
})

describe('what waits of others on this device', () => {
  it('is counted by person, and forgotten when it is sent', () => {
    const page = openPage()
    page.noteWaiting('mave', 'Mave Ott', 3)
    page.noteWaiting('ilka', 'Ilka Brandt', 1)
    page.noteWaiting('ilka', 'Ilka Brandt', 0)
    expect(openPage().waiting).toEqual({ mave: { name: 'Mave Ott', count: 3 } })
  })
})
