import { type CasePolicy, policyOfShop, type SessionDescription, type ShopExperience } from '#core'
import { useEventListener } from '@vueuse/core'
import { ask, Refusal } from '../local-store/api'

const REMEMBERED = 'thermognosis.session'
const WAITING = 'thermognosis.waiting'
/** signed out here, and the server has not heard of it */
const TO_END = 'thermognosis.session-to-end'

/** on this device nothing is kept beyond its tab */
const KEEP_NOTHING = 'thermognosis.keep-nothing'
function isToKeepNothing(): boolean {
  try {
    return localStorage.getItem(KEEP_NOTHING) === '1'
  } catch {
    return false
  }
}
/** Where it is remembered who works here: with the tab only, on a device that is to keep nothing. */
const memory = () => (isToKeepNothing() ? sessionStorage : localStorage)

/** What a browser keeps under a key; the fallback where it has nothing, or keeps nothing at all. */
function readStored<T>(key: string, fallback: T, from = () => localStorage): T {
  try {
    return JSON.parse(from().getItem(key) ?? '') as T
  } catch {
    return fallback
  }
}

/**
 * Who works at this device. The last person is remembered so that a reload without network goes on; a session
 * that the server ended holds what is kept until that person signs in again.
 */
export const useSession = defineStore('session', () => {
  const current = ref<SessionDescription | undefined>(
    readStored<SessionDescription | undefined>(REMEMBERED, undefined, memory),
  )
  /** what the shop has confirmed before, as plain data: it goes to the workers */
  const experience = computed(() => {
    const learnt = current.value?.shop.experience
    return learnt && markRaw(JSON.parse(JSON.stringify(learnt)) as ShopExperience)
  })
  /** what the shop's cases are judged by, as its lead has set it, as plain data */
  const policy = computed(() => {
    const { ways, book } = current.value?.shop ?? {}
    const set = policyOfShop(ways, book)
    return set && markRaw(JSON.parse(JSON.stringify(set)) as CasePolicy)
  })
  const state = ref<'unknown' | 'signed-in' | 'offline' | 'signed-out'>('unknown')
  const keepsNothing = ref(isToKeepNothing())
  watch(keepsNothing, (isChosen) => {
    localStorage.removeItem(REMEMBERED)
    if (isChosen) localStorage.setItem(KEEP_NOTHING, '1')
    else localStorage.removeItem(KEEP_NOTHING)
  })
  const clockOffsetMs = ref<number>()
  /** moment of the last sign-in on this page */
  const signedInAt = ref(0)
  /** entries of each person that wait on this device, by person id */
  const waiting = ref<Record<string, { name: string; count: number }>>(readStored(WAITING, {}))

  function measureClock(serverNow: string, sentAt: number) {
    const middle = (sentAt + Date.now()) / 2
    const offset = Math.round(Date.parse(serverNow) - middle)
    if (Number.isFinite(offset)) clockOffsetMs.value = offset
  }

  function remember(description: SessionDescription) {
    current.value = description
    memory().setItem(REMEMBERED, JSON.stringify(description))
    state.value = 'signed-in'
  }

  /** the end of a session is on its way to the server; a new one must not come before it */
  let ending = Promise.resolve()

  /** Ends a session on the server that was ended here without network. */
  async function endOnServer() {
    if (localStorage.getItem(TO_END) === null) return
    try {
      await ask('DELETE', '/api/session')
      localStorage.removeItem(TO_END)
    } catch {
      // The next start, the network's return or the next sign-in does it.
    }
  }

  async function check() {
    if (!current.value) {
      state.value = 'signed-out'
      return endOnServer()
    }
    const sentAt = Date.now()
    try {
      const description = await ask<SessionDescription>('GET', '/api/session')
      if (current.value && current.value.person.id !== description.person.id)
        current.value = undefined
      measureClock(description.serverNow, sentAt)
      remember(description)
    } catch (error) {
      state.value =
        error instanceof Refusal && error.status === 401
          ? 'signed-out'
          : current.value
            ? 'offline'
            : 'unknown'
    }
  }

  /** Signs in; `code` of the second factor, where one is in force. */
  async function signIn(name: string, password: string, code?: string) {
    await ending
    const sentAt = Date.now()
    const description = await ask<SessionDescription>('POST', '/api/session', {
      signIn: name,
      password,
      ...(code ? { code } : {}),
    })
    measureClock(description.serverNow, sentAt)
    signedInAt.value = Date.now()
    localStorage.removeItem(TO_END)
    remember(description)
  }

  /** Ends the session on this device at once, and on the server now or when it can be reached. */
  function signOut() {
    current.value = undefined
    memory().removeItem(REMEMBERED)
    state.value = 'signed-out'
    localStorage.setItem(TO_END, '1')
    ending = endOnServer()
  }
  useEventListener('online', () => void (current.value ?? endOnServer()))

  function noteWaiting(personId: string, name: string, count: number) {
    const { [personId]: _, ...others } = waiting.value
    waiting.value = count > 0 ? { ...others, [personId]: { name, count } } : others
    localStorage.setItem(WAITING, JSON.stringify(waiting.value))
  }

  return {
    current,
    experience,
    policy,
    state,
    keepsNothing,
    clockOffsetMs,
    signedInAt,
    waiting,
    check,
    remember,
    signIn,
    signOut,
    measureClock,
    noteWaiting,
  }
})
