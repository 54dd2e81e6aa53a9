/**
 * Index of every set of up to three of n faults, without a table: the empty set is 0, singles follow, then pairs
 * a < b, then triples a < b < c, each in lexicographic order. Sets that exclude each other keep their place and
 * have no weight, so that a set can be looked up by arithmetic.
 */
export interface SetIndex {
  n: number
  count: number
  /** pair a < b stands at pair[a·n + b] */
  pair: Int32Array
  /** triple a < b < c stands at triple[a·n + b] + c */
  triple: Int32Array
  /** members of set s at 3s, 3s+1, 3s+2; −1 pads */
  members: Int16Array
}

export function indexSets(n: number): SetIndex {
  const pairs = (n * (n - 1)) / 2
  const count = 1 + n + pairs + (pairs * (n - 2)) / 3
  const pair = new Int32Array(n * n).fill(-1)
  const triple = new Int32Array(n * n).fill(-1)
  const members = new Int16Array(3 * count).fill(-1)
  for (let a = 0; a < n; a++) members[3 * (1 + a)] = a
  let at = 1 + n
  for (let a = 0; a < n; a++)
    for (let b = a + 1; b < n; b++) {
      pair[a * n + b] = at
      members[3 * at] = a
      members[3 * at++ + 1] = b
    }
  for (let a = 0; a < n; a++)
    for (let b = a + 1; b < n; b++) {
      triple[a * n + b] = at - (b + 1)
      for (let c = b + 1; c < n; c++) {
        members[3 * at] = a
        members[3 * at + 1] = b
        members[3 * at++ + 2] = c
      }
    }
  return { n, count, pair, triple, members }
}

/** Place of a set; the members must be in rising order and at most three. */
export function setAt({ n, pair, triple }: SetIndex, members: readonly number[]): number {
  const [a, b, c] = members
  if (a === undefined) return 0
  if (b === undefined) return 1 + a
  if (c === undefined) return pair[a * n + b]!
  return triple[a * n + b]! + c
}

export function membersAt(members: Int16Array, set: number): number[] {
  const out: number[] = []
  for (let k = 3 * set; k < 3 * set + 3 && members[k]! >= 0; k++) out.push(members[k]!)
  return out
}
