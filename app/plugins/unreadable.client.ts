/** Where a figure and the button that keeps it stand together. */
const TOGETHER = '[data-panel], [role=dialog], fieldset, .sheet'

/**
 * A figure that cannot be read is never left out in silence. What would keep the rest without it stops, and the field,
 * with its sentence, comes into view.
 */
export default defineNuxtPlugin(() => {
  document.addEventListener(
    'click',
    (click) => {
      const keeping = click.target instanceof Element && click.target.closest('button.solid')
      const field =
        keeping &&
        keeping.closest(TOGETHER)?.querySelector<HTMLElement>('input[data-unreadable=true]')
      if (!field) return
      click.preventDefault()
      click.stopImmediatePropagation()
      field.focus()
      field.scrollIntoView({ block: 'center' })
    },
    { capture: true },
  )
})
