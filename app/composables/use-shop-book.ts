import type { ShopBookSet } from '#core'

/** What the shop's lead has otherwise than the book, and every time that he set it, newest first. */
export function useShopBook() {
  const session = useSession()
  const own = computed(() => session.policy?.book ?? {})
  return { own, ...useChanges<ShopBookSet>('/api/shop/book') }
}
