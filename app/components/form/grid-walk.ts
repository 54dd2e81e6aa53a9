/** A grid that is read point after point, row by row from the top left. */
export interface Walk {
  columns: number
  rows: number
  /** what was read so far; a point that was passed over is absent */
  read: readonly (number | undefined)[]
}

/** So many points across and rows, where nothing was typed yet. */
const USUAL = { columns: 5, rows: 4 }

/** A walk that goes on after the rows that were typed: as wide as the first, up to one that is not, and no less high than usual. */
export function walkAfter(typed: readonly (readonly number[])[]): Walk {
  const columns = typed[0]?.length ?? USUAL.columns
  const end = typed.findIndex(({ length }) => length !== columns)
  const rows = end < 0 ? typed : typed.slice(0, end)
  return { columns, rows: Math.max(typed.length, USUAL.rows), read: rows.flat() }
}

/** The first point that was not read yet; none left: as many as there are points. */
export function nextPoint({ columns, rows, read }: Walk): number {
  const all = Array.from({ length: columns * rows }, (_, i) => i)
  return all.find((i) => read[i] === undefined) ?? all.length
}

/** The rows that were read whole, from the top to the first that was not. */
export function wholeRows({ columns, rows, read }: Walk): number[][] {
  const all = Array.from({ length: rows }, (_, r) =>
    Array.from({ length: columns }, (_, c) => read[r * columns + c]),
  )
  const isWhole = (row: (number | undefined)[]): row is number[] =>
    row.every((value) => value !== undefined)
  const end = all.findIndex((row) => !isWhole(row))
  return (end < 0 ? all : all.slice(0, end)).filter(isWhole)
}

/** Where a reading goes to: `value` at a point, and the walk as it stands then. */
export const readAt = (walk: Walk, at: number, value: number | undefined): Walk => {
  const read = Array.from({ length: walk.columns * walk.rows }, (_, i) => walk.read[i])
  read[at] = value
  return { ...walk, read }
}
