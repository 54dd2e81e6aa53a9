import { changedFigures, type FiguresChange } from '#core'

/** Every time that the lead set figures of this kind, newest first, with which of them were others than before. */
export function useShopFigures<Of extends FiguresChange['of']>(of: Of) {
  type Change = Extract<FiguresChange, { of: Of }>
  const { changes, notRead, read } = useChanges<FiguresChange>('/api/shop/figures')
  const told = computed(() => {
    const own = changes.value.filter((change): change is Change => change.of === of)
    return own.map((change, at) => ({
      ...change,
      changed: changedFigures(own[at + 1]?.figures, change.figures),
    }))
  })
  return { told, notRead, read }
}
