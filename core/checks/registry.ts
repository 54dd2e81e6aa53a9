import { actuatorsCheck } from './actuators'
import { beltAndPumpCheck } from './belt-and-pump'
import { chemicalGasTestCheck } from './chemical-gas-test'
import { cleanAndDryCheck } from './clean-and-dry'
import { clutchHotCheck } from './clutch-hot'
import { coldSoakCheck } from './cold-soak'
import { coolerTestCheck } from './cooler-test'
import { crankingRiseCheck } from './cranking-rise'
import { cylinderLeakageCheck } from './cylinder-leakage'
import { endoscopeCheck } from './endoscope'
import { fanByHandCheck } from './fan-by-hand'
import { fanCircuitCheck } from './fan-circuit'
import { fanInActionCheck } from './fan-in-action'
import { gasAnalyserCheck } from './gas-analyser'
import { heaterCheck } from './heater'
import { leakTraceCheck } from './leak-trace'
import { levelCheck } from './level-and-condition'
import { levelCreepCheck } from './level-creep'
import { levelFollowUpCheck } from './level-follow-up'
import { loadRunCheck } from './load-run'
import { airSideCheck } from './look-round/air-side'
import { mixCheck } from './mix'
import type { CheckModule } from './outcome'
import { pumpDeliveryCheck } from './pump-delivery'
import { pumpOffCheck } from './pump-off'
import { radiatorFlowCheck } from './radiator-flow'
import { radiatorSurveyCheck } from './radiator-survey'
import { refillCheck } from './refill'
import { runningPressureCheck } from './running-pressure'
import { sensorAgreementCheck } from './sensor-agreement'
import { teardownCheck } from './teardown'
import { thermostatBathCheck } from './thermostat-bath'
import { vacuumDecayCheck } from './vacuum-decay'
import { warmUpRunCheck } from './warm-up-run'

/**
 * One line for each check that turns its own records into outcomes. The interview, the parts looked at,
 * the cap, the tester and the hold need each other's results and are put together in `casefile/assess.ts`.
 */
export const CHECKS: readonly CheckModule[] = [
  levelCheck,
  mixCheck,
  airSideCheck,
  leakTraceCheck,
  cleanAndDryCheck,
  vacuumDecayCheck,
  crankingRiseCheck,
  endoscopeCheck,
  cylinderLeakageCheck,
  coolerTestCheck,
  fanByHandCheck,
  beltAndPumpCheck,
  coldSoakCheck,
  fanCircuitCheck,
  warmUpRunCheck,
  sensorAgreementCheck,
  fanInActionCheck,
  clutchHotCheck,
  heaterCheck,
  radiatorSurveyCheck,
  pumpDeliveryCheck,
  chemicalGasTestCheck,
  gasAnalyserCheck,
  runningPressureCheck,
  levelCreepCheck,
  actuatorsCheck,
  loadRunCheck,
  thermostatBathCheck,
  radiatorFlowCheck,
  pumpOffCheck,
  teardownCheck,
  refillCheck,
  levelFollowUpCheck,
]
