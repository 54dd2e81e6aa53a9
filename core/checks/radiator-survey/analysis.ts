import { correctedValue } from '../../quantity/record'
import { solve, normalEquations } from '../../statistics/least-squares'
import type { RadiatorSurvey } from './record'

export interface SurveyAnalysis {
  dropK: number
  /** share of the face that is colder than a smooth radiator would be there */
  coldShare?: number
  /** cells of the grid, row by row: colder than the smooth face by more than the limit */
  cold?: boolean[][]
  state: 'free' | 'patches' | 'air-side' | 'little-flow' | 'cold-all-over' | 'not-judged'
  validity: number
}

const COLD_CELL_K = 9

/**
 * A radiator cools smoothly from inlet to outlet: a plane is fitted and refitted without its cold cells.
 * @example coldCells([[90, 90, 90], [90, 60, 90]])[1].join(' ') // 'false true false'
 */
export function coldCells(grid: readonly (readonly number[])[]): boolean[][] {
  const cells = grid.flatMap((row, r) => row.map((t, c) => ({ r, c, t })))
  let used = cells
  let plane = [cells.reduce((s, x) => s + x.t, 0) / cells.length, 0, 0]
  for (let pass = 0; pass < 6; pass++) {
    if (used.length >= 4) {
      const { a, b } = normalEquations(
        used.map((x) => [1, x.r, x.c]),
        used.map((x) => x.t),
      )
      plane = solve(a, b) ?? plane
    }
    const at = (r: number, c: number) => plane[0]! + plane[1]! * r + plane[2]! * c
    const kept = cells.filter((x) => x.t > at(x.r, x.c) - COLD_CELL_K * 0.6)
    if (kept.length === used.length || kept.length < cells.length * 0.3) break
    used = kept
  }
  return grid.map((row, r) =>
    row.map((t, c) => t < plane[0]! + plane[1]! * r + plane[2]! * c - COLD_CELL_K),
  )
}

/** A larger drop than this from inlet to outlet is little flow, K. */
const LARGE_DROP_K = 25

/**
 * @example analyseSurvey(example('radiator-survey.grid')).dropK // 9
 */
export function analyseSurvey(record: RadiatorSurvey): SurveyAnalysis {
  const inlet = correctedValue(record.inlet)
  const dropK = inlet - correctedValue(record.outlet)
  const out: SurveyAnalysis = {
    dropK,
    state: 'not-judged',
    validity:
      (record.thermostatOpen === 'shown'
        ? 0.93
        : record.thermostatOpen === 'not-known'
          ? 0.6
          : 0.3) * (record.fan === 'off' ? 1 : 0.85),
  }
  if (record.gridC && record.gridC.flat().length >= 4) {
    out.cold = coldCells(record.gridC)
    const flat = out.cold.flat()
    out.coldShare = flat.filter(Boolean).length / flat.length
  }
  const engine = record.engine && correctedValue(record.engine)
  if (engine !== undefined && engine - inlet > 30) out.state = 'cold-all-over'
  else if ((out.coldShare ?? 0) > 0.08) out.state = 'patches'
  else if (dropK > LARGE_DROP_K) out.state = 'little-flow'
  else if (dropK < 3) out.state = 'air-side'
  else out.state = 'free'
  return out
}
