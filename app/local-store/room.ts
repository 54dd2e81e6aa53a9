import { ref } from 'vue'

/** With less room than this a person is told how much is left, bytes. */
const LITTLE_BYTES = 50e6

/** How much room the browser has left for what is kept, where that is little; bytes. */
export function useRoom() {
  const littleLeftBytes = ref<number>()

  async function measure() {
    const { quota, usage } =
      (await storage()
        ?.estimate?.()
        .catch(() => undefined)) ?? {}
    const left = quota === undefined ? Infinity : quota - (usage ?? 0)
    littleLeftBytes.value = left < LITTLE_BYTES ? Math.max(0, left) : undefined
  }

  /** Asks the browser not to clear away what is kept when it needs room; it may say no. */
  const askToStay = async () =>
    void (await storage()
      ?.persist?.()
      .catch(() => false))

  return { littleLeftBytes, measure, askToStay }
}

const storage = (): StorageManager | undefined =>
  typeof navigator === 'undefined' ? undefined : navigator.storage
