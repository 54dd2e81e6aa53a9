import type { PlanStep } from '#core'

type Say = ReturnType<typeof useWords>['say']

/** Minutes in words: in minutes up to two hours, in hours up to two days. */
export const inHours = (minutes: number, say: Say): string =>
  minutes < 120
    ? say('case.plan-dialog.minutes', { minutes: Math.round(minutes) })
    : minutes < 48 * 60
      ? say('case.plan-dialog.hours', { hours: Math.round(minutes / 60) })
      : say('case.plan-dialog.days', { days: Math.round(minutes / 1440) })

/** What a step takes: when, how long by hand, and after what wait. */
export function stepTakes({ phase, minutes, waitMinutes, whileOut }: PlanStep, say: Say): string {
  if (whileOut) return say('case.plan-dialog.whileItIsOut', { minutes })
  const told = { phase: say(`phase.${phase}`), minutes }
  return waitMinutes > 0
    ? say('case.plan-dialog.stepWaits', { ...told, wait: inHours(waitMinutes, say) })
    : say('case.plan-dialog.stepTakes', told)
}
