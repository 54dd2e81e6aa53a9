/** Colours and letters of a chart, of the page's own; they change with its colours. */
export function useChartInk() {
  const preferences = usePreferences()
  return computed(() => {
    void preferences.isDark
    const css = getComputedStyle(document.documentElement)
    const colour = (name: string) => css.getPropertyValue(name).trim()
    return {
      colour,
      text: { color: colour('--ink-2'), fontFamily: 'Barlow Semi Condensed', fontSize: 14 },
      line: { lineStyle: { color: colour('--line') } },
    }
  })
}
