/** Samples that a piece of a log has at most: an entry that a slow network takes, and a device keeps at once. */
export const MOST_OF_A_PIECE = 12_000

/**
 * A log's line in pieces of about equal length, so that an hour at ten readings a second is kept and sent piece by piece.
 * @example piecesOf({ channel: 'dash', seconds: [0, 1, 2, 3, 4], values: [1, 2, 3, 4, 5] }, 2)[1].seconds[0] // 2
 */
export function piecesOf<T extends { seconds: readonly number[]; values: readonly number[] }>(
  trace: T,
  most = MOST_OF_A_PIECE,
): T[] {
  const all = trace.seconds.length
  // The last one is no rest of a single sample: that would be no line.
  const count = Math.max(1, Math.min(Math.ceil(all / most), Math.floor(all / 2)))
  const startOf = (piece: number) => Math.floor((piece * all) / count)
  return Array.from({ length: count }, (_, piece) => ({
    ...trace,
    seconds: trace.seconds.slice(startOf(piece), startOf(piece + 1)),
    values: trace.values.slice(startOf(piece), startOf(piece + 1)),
  }))
}
