import { ask } from '../local-store/api'

/** Every time that a shop's lead set something, newest first, as a route tells it; and why it is not told where it is not. */
export function useChanges<Change extends object>(path: string) {
  const { sayProblem } = useWords()
  const changes = shallowRef<readonly Change[]>([])
  const notRead = ref('')
  async function read() {
    try {
      changes.value = (await ask<{ changes: Change[] }>('GET', path)).changes
      notRead.value = ''
    } catch (error) {
      notRead.value = sayProblem(error)
    }
  }
  onMounted(read)
  return { changes, notRead, read }
}
