import type { SessionDescription } from '#core'
import { ask } from '../local-store/api'

/** Something that a shop's lead sets: sent to its route, and what came of it in words. */
export function useShopSetting(path: string) {
  const session = useSession()
  const { sayProblem } = useWords()
  const problem = ref('')
  const isSet = ref(false)
  /** Gives whether it was set. */
  async function set(value: object): Promise<boolean> {
    problem.value = ''
    isSet.value = false
    try {
      session.remember(await ask<SessionDescription>('PUT', path, value))
      isSet.value = true
    } catch (error) {
      problem.value = sayProblem(error)
    }
    return isSet.value
  }
  /** Says what is wrong with what was typed, before it is sent. */
  function refuse(sentence: string) {
    isSet.value = false
    problem.value = sentence
  }
  return { problem, isSet, set, refuse }
}
