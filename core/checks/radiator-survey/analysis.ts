import { correctedValue } from '../../quantity/record'
import type { RadiatorSurvey } from './record'

export interface SurveyAnalysis {
  dropK: number
  /** share of the face that is colder than a sound radiator would be there */
  coldShare?: number
  /** cells of the grid, row by row: colder than a sound face there by more than the limit */
  cold?: boolean[][]
  state: 'free' | 'patches' | 'air-side' | 'little-flow' | 'cold-all-over' | 'not-judged'
  validity: number
}

/** A cell colder than a sound face is there by more than this is cold, K. */
const COLD_CELL_K = 9

/** The face may read so much above or below the hoses all over: emissivity of fins and rubber, K. */
const FACE_OFF_K = 10

/** So much of the face, the warmest of it beside what is expected, is taken as sound where most of it may be cold. */
const SOUND_QUANTILE = 0.8

/** Where a cell lies on the face: 0 to 1 down from the top, and across from the left. */
interface Cell {
  down: number
  across: number
}

/** Sides and corners that the coolant may come in at, each as weights of down and across and what is added. */
const FLOWS = [0, 0.25, 0.5, 0.75, 1].flatMap((share) =>
  (share > 0 ? [1, -1] : [1]).flatMap((down) =>
    (share < 1 ? [1, -1] : [1]).map((across) => ({
      down: down * share,
      across: across * (1 - share),
      from: (down < 0 ? share : 0) + (across < 0 ? 1 - share : 0),
    })),
  ),
)

/** How far along the face's flow a cell lies, 0 at the inlet to 1 at the outlet. */
const alongOf = (flow: (typeof FLOWS)[number], cell: Cell) =>
  flow.from + flow.down * cell.down + flow.across * cell.across

/**
 * A sound face cools evenly from the inlet's temperature to the outlet's, whichever way the coolant flows through
 * it; of all ways the one that fits best is taken. Cells colder than that by more than 9 K are cold. The measured
 * ends stand for the sound face, so that it does not matter how much of it is blocked. °C, rows from the top.
 * @example coldCells([[90, 90, 90], [90, 60, 90]], 90, 86)[1].join(' ') // 'false true false'
 */
export function coldCells(
  grid: readonly (readonly number[])[],
  inletC: number,
  outletC: number,
): boolean[][] {
  const celsius = grid.flat()
  const cells = grid.flatMap((row, r) =>
    row.map((_, c) => ({ down: (r + 0.5) / grid.length, across: (c + 0.5) / row.length })),
  )
  const dropK = Math.max(0, inletC - outletC)
  const fits = FLOWS.map((flow) => {
    const beside = new Float64Array(celsius.length)
    for (const [i, cell] of cells.entries())
      beside[i] = celsius[i]! - (inletC - dropK * alongOf(flow, cell))
    const off = offOf(beside)
    let misfit = 0
    for (const k of beside) misfit += Math.min(Math.abs(k - off), COLD_CELL_K)
    return { beside: beside.map((k) => k - off), misfit }
  })
  const { beside } = fits.reduce((best, fit) => (fit.misfit < best.misfit ? fit : best))
  let next = 0
  return grid.map((row) => row.map(() => beside[next++]! < -COLD_CELL_K))
}

/** How much a face reads beside what is expected, K, by those of its cells that may be taken as sound. */
function offOf(beside: Float64Array): number {
  const sorted = beside.slice().sort()
  const sound = sorted[Math.floor(SOUND_QUANTILE * (sorted.length - 1))]!
  return Math.max(-FACE_OFF_K, Math.min(FACE_OFF_K, sound))
}

/** A larger drop than this from inlet to outlet is little flow, K. */
const LARGE_DROP_K = 25

/**
 * @example analyseSurvey(example('radiator-survey.grid')).dropK // 9
 */
export function analyseSurvey(record: RadiatorSurvey): SurveyAnalysis {
  const inlet = correctedValue(record.inlet)
  const outlet = correctedValue(record.outlet)
  const dropK = inlet - outlet
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
    out.cold = coldCells(record.gridC, inlet, outlet)
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
