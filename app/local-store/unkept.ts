import { type Message, message } from '#core'
import { shallowRef } from 'vue'
import { Refusal, Unreachable } from './api'
import type { OutboxItem } from './entries'
import { put } from './send'
import { DeviceProblem } from './within'

/** Why the browser's database did not take something. */
export function problemOf(error: unknown): Message {
  if (error instanceof DeviceProblem) return error.problem
  const names: string[] = []
  for (let e = error as { name?: string; inner?: unknown } | undefined; e; e = e.inner as typeof e)
    names.push(e.name ?? '')
  return message(
    names.includes('QuotaExceededError')
      ? 'common.offline.storageFull'
      : 'common.offline.storageBroken',
  )
}

/**
 * What was recorded and could not be kept on this device: it stands in the page's memory, and is never called kept.
 * It can be kept again when there is room, or sent without being kept.
 */
export function useUnkept() {
  const unkept = shallowRef<OutboxItem[]>([])

  /** Adds an item, or says anew why one is still here; it keeps its place. */
  function add(item: OutboxItem, problem: Message) {
    const now = { ...item, problem }
    const isHere = unkept.value.some(({ id }) => id === item.id)
    unkept.value = isHere
      ? unkept.value.map((old) => (old.id === item.id ? now : old))
      : [...unkept.value, now]
  }

  function take({ id }: { id: string }) {
    unkept.value = unkept.value.filter((item) => item.id !== id)
  }

  /** Sends them in their order, as far as the server answers. */
  async function sendDirectly() {
    for (const item of unkept.value) {
      try {
        await put(item)
        take(item)
      } catch (error) {
        if (!(error instanceof Refusal || error instanceof Unreachable)) throw error
        add(item, error.problem ?? message('common.offline.notTaken'))
        if (error instanceof Unreachable) return
      }
    }
  }

  return { unkept, add, take, sendDirectly }
}
