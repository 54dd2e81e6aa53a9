import { watchDebounced } from '@vueuse/core'
import type { Ref } from 'vue'
import type { CaseHeader, Vehicle } from '#core'
import { ask } from '../local-store/api'
import { asQuery, type BoardFilter, isNarrowed } from '../shop/filters'

/** A case of the shop, as the server's search tells of it. */
export interface FoundCase {
  case: CaseHeader
  vehicle: Omit<Vehicle, 'profile'>
  isOpen: boolean
  touchedAt: string
}
interface Found {
  cases: FoundCase[]
  more: boolean
}

/** Pages asked for in one go. */
const MOST_PAGES = 20
/** Typing is over when nothing was typed for so long, ms. */
const TYPED_MS = 300

/**
 * Cases of the whole shop that the filter lets through and that do not stand on this device. Asked for when something
 * is looked for; the open ones of the shop stand here anyway.
 */
export function useShopSearch(filter: Ref<BoardFilter>) {
  const shop = useShop()
  const found = shallowRef<FoundCase[]>([])
  const more = ref(false)
  const searching = ref(false)
  const problem = shallowRef<unknown>()
  const isAsked = computed(() => isNarrowed(filter.value) || filter.value.state !== 'open')
  let turn = 0

  async function search(after?: FoundCase) {
    const mine = ++turn
    problem.value = undefined
    if (!after) found.value = []
    if (!isAsked.value) return void (more.value = searching.value = false)
    searching.value = true
    try {
      await searchOn(after, () => mine === turn)
    } catch (error) {
      if (mine === turn) problem.value = error
    } finally {
      if (mine === turn) searching.value = false
    }
  }

  /** Page after page until one has something that does not stand here: what was touched last mostly does. */
  async function searchOn(after: FoundCase | undefined, isWanted: () => boolean) {
    let last = after
    for (let pages = 0; pages < MOST_PAGES; pages++) {
      const from = last && { touchedAt: last.touchedAt, id: last.case.id }
      const page = await ask<Found>('GET', `/api/cases?${asQuery(filter.value, from).toString()}`)
      if (!isWanted()) return
      found.value = [...found.value, ...page.cases]
      more.value = page.more
      last = page.cases.at(-1)
      if (!page.more || page.cases.some((one) => !shop.cases.has(one.case.id))) return
    }
  }
  watchDebounced(filter, () => void search(), { debounce: TYPED_MS, deep: true })

  /** those of them that are not on the board already */
  const elsewhere = computed(() => found.value.filter((one) => !shop.cases.has(one.case.id)))
  return {
    elsewhere,
    more,
    searching,
    problem,
    isAsked,
    searchMore: () => search(found.value.at(-1)),
  }
}
