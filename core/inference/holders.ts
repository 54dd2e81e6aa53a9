/** Which sets hold each fault: those of fault f are lists[starts[f]] … lists[starts[f + 1] − 1]. */
export interface HoldersOf {
  readonly starts: Int32Array
  readonly lists: Int32Array
}

/**
 * The holders of each fault, from the members of every set, three each.
 *
 * @param members indices of faults; `faults`, their number, stands for none
 */
export function holdersOf(members: Int16Array, faults: number): HoldersOf {
  const starts = new Int32Array(faults + 2)
  for (let at = 0; at < members.length; at++) starts[members[at]! + 1]!++
  for (let f = 0; f <= faults; f++) starts[f + 1]! += starts[f]!
  const lists = new Int32Array(starts[faults]!)
  const next = starts.slice()
  for (let at = 0; at < members.length; at++) {
    const f = members[at]!
    if (f < faults) lists[next[f]!++] = (at / 3) | 0
  }
  return { starts, lists }
}
