import type { Plan, PlanName } from '#core'

type Phase = Plan['steps'][number]['phase']

/** A piece of a school's way on the axis: a step that is worked at, or a wait, which is drawn shorter than it is. */
export interface AxisBlock {
  kind: Phase | 'wait'
  /** the step's place in the plan, from 1; of a wait: the step it is for */
  number: number
  minutes: number
  /** where it begins on the axis, and how much of the axis it takes, 0 to 1 */
  from: number
  width: number
}
export interface AxisRow {
  policy: PlanName
  blocks: AxisBlock[]
}

/** A wait is drawn as so many minutes of work at most: a week would leave nothing of the rest. */
export const LONGEST_WAIT_DRAWN_MINUTES = 30

/**
 * The ways of several schools on one time axis: hands-on minutes to scale, waits cut to half an hour, each after the
 * other; the longest way takes the whole axis.
 * @example axisOf([]).length // 0
 */
export function axisOf(plans: readonly Pick<Plan, 'policy' | 'steps'>[]): AxisRow[] {
  const pieces = plans.map(({ policy, steps }) => ({ policy, pieces: steps.flatMap(piecesOf) }))
  const longest = Math.max(1, ...pieces.map((way) => way.pieces.reduce(addDrawn, 0)))
  return pieces.map((way) => {
    let at = 0
    const blocks = way.pieces.map(({ drawnMinutes, ...piece }) => {
      const from = at / longest
      at += drawnMinutes
      return { ...piece, from, width: drawnMinutes / longest }
    })
    return { policy: way.policy, blocks }
  })
}

type Piece = Omit<AxisBlock, 'from' | 'width'> & { drawnMinutes: number }
const addDrawn = (sum: number, { drawnMinutes }: Piece) => sum + drawnMinutes

function piecesOf({ phase, minutes, waitMinutes }: Plan['steps'][number], i: number): Piece[] {
  const number = i + 1
  const work = { kind: phase, number, minutes, drawnMinutes: minutes }
  if (waitMinutes <= 0) return [work]
  const drawnMinutes = Math.min(waitMinutes, LONGEST_WAIT_DRAWN_MINUTES)
  return [{ kind: 'wait' as const, number, minutes: waitMinutes, drawnMinutes }, work]
}
