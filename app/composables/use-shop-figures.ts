import { changedFigures, type FiguresChange } from '#core'
import { ask } from '../local-store/api'

/** Every time that the lead set figures of this kind, newest first, with which of them were others than before. */
export function useShopFigures<Of extends FiguresChange['of']>(of: Of) {
  type Change = Extract<FiguresChange, { of: Of }>
  const { sayProblem } = useWords()
  const changes = shallowRef<readonly Change[]>([])
  /** why they are not told; empty where they are */
  const notRead = ref('')
  async function read() {
    try {
      const all = (await ask<{ changes: FiguresChange[] }>('GET', '/api/shop/figures')).changes
      changes.value = all.filter((change): change is Change => change.of === of)
      notRead.value = ''
    } catch (error) {
      notRead.value = sayProblem(error)
    }
  }
  const told = computed(() =>
    changes.value.map((change, at) => ({
      ...change,
      changed: changedFigures(changes.value[at + 1]?.figures, change.figures),
    })),
  )
  onMounted(read)
  return { told, notRead, read }
}
