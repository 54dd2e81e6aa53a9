/**
 * Small dense least squares. Matrices are arrays of rows. `solve` is Gaussian elimination with partial pivoting
 * on the normal equations, good for the handful of unknowns met here.
 * @example normalEquations([[1], [2]], [3, 6]).b // 15
 */
export function normalEquations(
  rows: readonly (readonly number[])[],
  y: readonly number[],
): { a: number[][]; b: number[] } {
  const n = rows[0]?.length ?? 0
  const a = Array.from({ length: n }, () => new Array<number>(n).fill(0))
  const b = new Array<number>(n).fill(0)
  rows.forEach((row, r) => {
    for (let i = 0; i < n; i++) {
      b[i]! += row[i]! * y[r]!
      for (let j = 0; j < n; j++) a[i]![j]! += row[i]! * row[j]!
    }
  })
  return { a, b }
}

/**
 * Solution of a·x = b, or undefined where a has no full rank.
 * @example solve([[2]], [6]) // 3
 */
export function solve(
  a: readonly (readonly number[])[],
  b: readonly number[],
): number[] | undefined {
  const n = b.length
  const m = a.map((row, i) => [...row, b[i]!])
  for (let col = 0; col < n; col++) {
    let pivot = col
    for (let r = col + 1; r < n; r++)
      if (Math.abs(m[r]![col]!) > Math.abs(m[pivot]![col]!)) pivot = r
    if (Math.abs(m[pivot]![col]!) < 1e-10) return undefined
    ;[m[col], m[pivot]] = [m[pivot]!, m[col]!]
    for (let r = 0; r < n; r++) {
      if (r === col) continue
      const factor = m[r]![col]! / m[col]![col]!
      for (let k = col; k <= n; k++) m[r]![k]! -= factor * m[col]![k]!
    }
  }
  return m.map((row, i) => row[n]! / row[i]!)
}

/**
 * Number of independent columns.
 * @example matrixRank([[1, 1], [2, 2]]) // 1
 */
export function matrixRank(rows: readonly (readonly number[])[]): number {
  const m = rows.map((row) => [...row])
  let found = 0
  for (let col = 0; col < (m[0]?.length ?? 0) && found < m.length; col++) {
    let pivot = found
    for (let r = found + 1; r < m.length; r++)
      if (Math.abs(m[r]![col]!) > Math.abs(m[pivot]![col]!)) pivot = r
    if (Math.abs(m[pivot]![col]!) < 1e-9) continue
    ;[m[found], m[pivot]] = [m[pivot]!, m[found]!]
    for (let r = found + 1; r < m.length; r++) {
      const factor = m[r]![col]! / m[found]![col]!
      for (let k = col; k < m[r]!.length; k++) m[r]![k]! -= factor * m[found]![k]!
    }
    found++
  }
  return found
}

/**
 * Non-negative least squares, min |rows·x − y| with x ≥ 0, by the active-set method of Lawson and Hanson. A tiny
 * ridge keeps it defined where columns cannot be told apart; use `matrixRank` to say so.
 * @example nonNegativeLeastSquares([[1, 0], [0, 1]], [2, -1])[0] // 2
 */
export function nonNegativeLeastSquares(
  rows: readonly (readonly number[])[],
  y: readonly number[],
): number[] {
  const { a, b } = normalEquations(rows, y)
  const n = b.length
  for (let i = 0; i < n; i++) a[i]![i]! += 1e-9
  const x = new Array<number>(n).fill(0)
  const free = new Set<number>()
  for (let outer = 0; outer < 3 * n + 10; outer++) {
    const gradient = x.map((_, i) => b[i]! - a[i]!.reduce((sum, v, j) => sum + v * x[j]!, 0))
    let enter = -1
    for (let i = 0; i < n; i++)
      if (!free.has(i) && gradient[i]! > 1e-9 && (enter < 0 || gradient[i]! > gradient[enter]!))
        enter = i
    if (enter < 0) return x
    free.add(enter)
    for (let inner = 0; inner < 3 * n + 10; inner++) {
      const list = [...free].sort((p, q) => p - q)
      const z = solve(
        list.map((i) => list.map((j) => a[i]![j]!)),
        list.map((i) => b[i]!),
      )
      if (!z) return x
      if (z.every((value) => value > 0)) {
        list.forEach((i, k) => (x[i] = z[k]!))
        break
      }
      let step = 1
      list.forEach((i, k) => {
        if (z[k]! <= 0) step = Math.min(step, x[i]! / (x[i]! - z[k]!))
      })
      list.forEach((i, k) => {
        x[i]! += step * (z[k]! - x[i]!)
        if (x[i]! <= 1e-12) {
          x[i] = 0
          free.delete(i)
        }
      })
    }
  }
  return x
}
