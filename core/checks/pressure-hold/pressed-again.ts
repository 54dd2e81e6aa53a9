import type { HoldRemark } from './record'

/** A stretch of a hold, seconds after its start. */
export interface Stretch {
  fromSeconds: number
  toSeconds: number
}

/**
 * The stretch that is judged of a hold that was pressed up again on the way: the longest between two presses that
 * readings cover, of two as long the later. The whole of a hold that was pressed once.
 * @example judgedStretch([{ elapsedSeconds: 300 }, { elapsedSeconds: 500 }], [{ remark: 'pressed-again', elapsedSeconds: 310 }]).toSeconds // 310
 */
export function judgedStretch(
  readings: readonly { elapsedSeconds: number }[],
  remarks: readonly Pick<HoldRemark, 'remark' | 'elapsedSeconds'>[],
): Stretch {
  const presses = remarks
    .filter(({ remark }) => remark === 'pressed-again')
    .map(({ elapsedSeconds }) => elapsedSeconds)
    .sort((a, b) => a - b)
  let best: Stretch & { covered: number } = { fromSeconds: 0, toSeconds: Infinity, covered: -1 }
  for (const [i, fromSeconds] of [0, ...presses].entries()) {
    const toSeconds = presses[i] ?? Infinity
    const last = readings.reduce(
      (latest, { elapsedSeconds: at }) => (at < toSeconds ? Math.max(latest, at) : latest),
      fromSeconds,
    )
    const covered = last - fromSeconds
    if (covered >= best.covered) best = { fromSeconds, toSeconds, covered }
  }
  return { fromSeconds: best.fromSeconds, toSeconds: best.toSeconds }
}

/**
 * @example isWithin({ fromSeconds: 0, toSeconds: 310 }, { elapsedSeconds: 310 }) // false
 */
export const isWithin = (
  { fromSeconds, toSeconds }: Stretch,
  { elapsedSeconds }: { elapsedSeconds: number },
): boolean => elapsedSeconds >= fromSeconds && elapsedSeconds < toSeconds
