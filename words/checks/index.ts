import type { CheckId } from '#core'
import { actuators } from './actuators'
import { beltAndPump } from './belt-and-pump'
import { cap } from './cap'
import { chemicalGasTest } from './chemical-gas-test'
import { cleanAndDry } from './clean-and-dry'
import { clutchHot } from './clutch-hot'
import { coldSoak } from './cold-soak'
import { coolerTest } from './cooler-test'
import { crankingRise } from './cranking-rise'
import { cylinderLeakage } from './cylinder-leakage'
import { earlierWork } from './earlier-work'
import { endoscope } from './endoscope'
import { fanByHand } from './fan-by-hand'
import { fanCircuit } from './fan-circuit'
import { fanInAction } from './fan-in-action'
import { feltByHand } from './felt-by-hand'
import { gasAnalyser } from './gas-analyser'
import { heater } from './heater'
import { pressureHoldHot } from './pressure-hold-hot'
import { interview } from './interview'
import { leakTrace } from './leak-trace'
import { levelAndCondition } from './level-and-condition'
import { levelCreep } from './level-creep'
import { levelFollowUp } from './level-follow-up'
import { loadRun } from './load-run'
import { lookRound } from './look-round'
import { mix } from './mix'
import { pressureHold } from './pressure-hold'
import { pumpDelivery } from './pump-delivery'
import { pumpOff } from './pump-off'
import { radiatorFlow } from './radiator-flow'
import { radiatorSurvey } from './radiator-survey'
import { refill } from './refill'
import { runningPressure } from './running-pressure'
import { sensorAgreement } from './sensor-agreement'
import { teardown } from './teardown'
import { testerSelfCheck } from './tester-self-check'
import { thermostatBath } from './thermostat-bath'
import { vacuumDecay } from './vacuum-decay'
import { warmUpRun } from './warm-up-run'
import type { CheckWords } from './check-words'

/** The words of every check, one line each; a check without words does not compile. */
export const CHECK_WORDS: Readonly<Record<CheckId, CheckWords>> = {
  actuators,
  'belt-and-pump': beltAndPump,
  cap,
  'chemical-gas-test': chemicalGasTest,
  'clean-and-dry': cleanAndDry,
  'clutch-hot': clutchHot,
  'cold-soak': coldSoak,
  'cooler-test': coolerTest,
  'cranking-rise': crankingRise,
  'cylinder-leakage': cylinderLeakage,
  'earlier-work': earlierWork,
  endoscope,
  'fan-by-hand': fanByHand,
  'fan-circuit': fanCircuit,
  'fan-in-action': fanInAction,
  'felt-by-hand': feltByHand,
  'gas-analyser': gasAnalyser,
  heater,
  'pressure-hold-hot': pressureHoldHot,
  interview,
  'leak-trace': leakTrace,
  'level-and-condition': levelAndCondition,
  'level-creep': levelCreep,
  'level-follow-up': levelFollowUp,
  'load-run': loadRun,
  'look-round': lookRound,
  mix,
  'pressure-hold': pressureHold,
  'pump-delivery': pumpDelivery,
  'pump-off': pumpOff,
  'radiator-flow': radiatorFlow,
  'radiator-survey': radiatorSurvey,
  refill,
  'running-pressure': runningPressure,
  'sensor-agreement': sensorAgreement,
  teardown,
  'tester-self-check': testerSelfCheck,
  'thermostat-bath': thermostatBath,
  'vacuum-decay': vacuumDecay,
  'warm-up-run': warmUpRun,
}
