import type { ShopBookSet } from '#core'
import { ask } from '../local-store/api'

/** What the shop's lead has otherwise than the book, and every time that he set it, newest first. */
export function useShopBook() {
  const session = useSession()
  const { sayProblem } = useWords()
  const own = computed(() => session.policy?.book ?? {})
  const changes = shallowRef<readonly ShopBookSet[]>([])
  /** why they are not told; empty where they are */
  const notRead = ref('')
  async function read() {
    try {
      changes.value = (await ask<{ changes: ShopBookSet[] }>('GET', '/api/shop/book')).changes
      notRead.value = ''
    } catch (error) {
      notRead.value = sayProblem(error)
    }
  }
  onMounted(read)
  return { own, changes, notRead, read }
}
