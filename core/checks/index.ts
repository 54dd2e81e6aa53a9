import { actuatorsCheck } from './actuators/check'
import { beltAndPumpCheck } from './belt-and-pump/check'
import { capCheck } from './cap/check'
import { chemicalGasTestCheck } from './chemical-gas-test/check'
import { cleanAndDryCheck } from './clean-and-dry/check'
import { clutchHotCheck } from './clutch-hot/check'
import { coldSoakCheck } from './cold-soak/check'
import { coolerTestCheck } from './cooler-test/check'
import { crankingRiseCheck } from './cranking-rise/check'
import { cylinderLeakageCheck } from './cylinder-leakage/check'
import { earlierWorkCheck } from './earlier-work/check'
import { endoscopeCheck } from './endoscope/check'
import { fanByHandCheck } from './fan-by-hand/check'
import { fanCircuitCheck } from './fan-circuit/check'
import { fanInActionCheck } from './fan-in-action/check'
import { feltByHandCheck } from './felt-by-hand/check'
import { gasAnalyserCheck } from './gas-analyser/check'
import { heaterCheck } from './heater/check'
import { pressureHoldHotCheck } from './pressure-hold-hot/check'
import { interviewCheck } from './interview/check'
import { leakTraceCheck } from './leak-trace/check'
import { levelAndConditionCheck } from './level-and-condition/check'
import { levelCreepCheck } from './level-creep/check'
import { levelFollowUpCheck } from './level-follow-up/check'
import { loadRunCheck } from './load-run/check'
import { lookRoundCheck } from './look-round/check'
import { mixCheck } from './mix/check'
import { pressureHoldCheck } from './pressure-hold/check'
import { pumpDeliveryCheck } from './pump-delivery/check'
import { pumpOffCheck } from './pump-off/check'
import { radiatorFlowCheck } from './radiator-flow/check'
import { radiatorSurveyCheck } from './radiator-survey/check'
import { refillCheck } from './refill/check'
import { runningPressureCheck } from './running-pressure/check'
import { sensorAgreementCheck } from './sensor-agreement/check'
import { teardownCheck } from './teardown/check'
import { testerSelfCheckCheck } from './tester-self-check/check'
import { thermostatBathCheck } from './thermostat-bath/check'
import { vacuumDecayCheck } from './vacuum-decay/check'
import { warmUpRunCheck } from './warm-up-run/check'

/** Every check, one line each, in the order of the work: from what the keeper says to the follow-up after the repair. */
export const CHECKS = [
  interviewCheck,
  earlierWorkCheck,
  levelAndConditionCheck,
  lookRoundCheck,
  mixCheck,
  capCheck,
  testerSelfCheckCheck,
  cleanAndDryCheck,
  pressureHoldCheck,
  leakTraceCheck,
  fanByHandCheck,
  beltAndPumpCheck,
  coldSoakCheck,
  fanCircuitCheck,
  vacuumDecayCheck,
  crankingRiseCheck,
  endoscopeCheck,
  warmUpRunCheck,
  runningPressureCheck,
  feltByHandCheck,
  sensorAgreementCheck,
  fanInActionCheck,
  clutchHotCheck,
  heaterCheck,
  radiatorSurveyCheck,
  pumpDeliveryCheck,
  chemicalGasTestCheck,
  gasAnalyserCheck,
  pressureHoldHotCheck,
  levelCreepCheck,
  actuatorsCheck,
  loadRunCheck,
  thermostatBathCheck,
  radiatorFlowCheck,
  pumpOffCheck,
  cylinderLeakageCheck,
  coolerTestCheck,
  teardownCheck,
  refillCheck,
  levelFollowUpCheck,
] as const

export {
  actuatorsCheck,
  beltAndPumpCheck,
  capCheck,
  chemicalGasTestCheck,
  cleanAndDryCheck,
  clutchHotCheck,
  coldSoakCheck,
  coolerTestCheck,
  crankingRiseCheck,
  cylinderLeakageCheck,
  earlierWorkCheck,
  endoscopeCheck,
  fanByHandCheck,
  fanCircuitCheck,
  fanInActionCheck,
  feltByHandCheck,
  gasAnalyserCheck,
  heaterCheck,
  pressureHoldHotCheck,
  interviewCheck,
  leakTraceCheck,
  levelAndConditionCheck,
  levelCreepCheck,
  levelFollowUpCheck,
  loadRunCheck,
  lookRoundCheck,
  mixCheck,
  pressureHoldCheck,
  pumpDeliveryCheck,
  pumpOffCheck,
  radiatorFlowCheck,
  radiatorSurveyCheck,
  refillCheck,
  runningPressureCheck,
  sensorAgreementCheck,
  teardownCheck,
  testerSelfCheckCheck,
  thermostatBathCheck,
  vacuumDecayCheck,
  warmUpRunCheck,
}
