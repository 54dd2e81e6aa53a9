import { benchmarkReadings } from '../inference/benchmark-case'
import { Belief } from '../inference/belief'
import { rankBelief } from '../inference/rank'
import { nextChecks } from '../planning/next-check'
import { openQuestions } from '../planning/questions'
import type { CaseInput } from '../record/case-input'
import { modelFor } from './rank-case'

const id = (n: number) => `0195bbbb-0000-7000-8000-${n.toString(16).padStart(12, '0')}`

/** A usual vehicle with its system known and nothing recorded; the sets of its faults number about 57,000. */
export function builtInCase(): CaseInput {
  return {
    case: {
      id: id(1),
      complaint: 'overheats',
      title: 'Benchmark',
      openedAt: '2026-09-01T07:00:00.000Z',
      openedBy: id(2),
      vehicle: id(3),
    },
    vehicle: {
      id: id(3),
      name: 'Benchmark',
      profile: {
        thermostatSide: 'outlet',
        thermostatRatingC: 88,
        fan: 'electric-relay',
        vessel: 'pressurised-tank',
        pumpDrive: 'accessory-belt',
        coolant: 'ethylene-glycol',
        capacityLitres: 9,
        cylinders: 4,
        oilCooler: false,
        transmissionCooler: false,
        egrCooler: false,
        turboCooled: false,
        heavyDiesel: false,
        heatModule: false,
        heaterValve: false,
        auxHeaterPump: false,
        mapThermostat: false,
        switchablePump: false,
        electroViscous: false,
        grilleShutter: false,
      },
    },
    site: { elevationMetres: 1300 },
    records: [],
    events: [],
  }
}

/** Readings of the built-in case while a program warms itself. */
const WARMING_READINGS = 20

/** Ranks the built-in case once, to its questions: a program that has done so a few times ranks the next case faster. */
export function rankBuiltInCase(): void {
  const input = builtInCase()
  const model = modelFor(input)
  const belief = new Belief(model, benchmarkReadings(model, WARMING_READINGS))
  rankBelief(belief, new Set())
  nextChecks(belief, input)
  openQuestions(belief)
}
