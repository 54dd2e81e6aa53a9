/**
 * The one public surface of core: app, server, cli and words import it as `#core` and nothing deeper.
 * In the order of the floors; each may use only those above it.
 */

export {
  InputError,
  type Message,
  type MessageParameter,
  type QuantityParameter,
  message,
} from './quantity/message'
export { compareMoments, millisecondsOf } from './quantity/moment'
export { type ParseLimits, parseQuantity, type ParseResult, unitsThatFit } from './quantity/parse'
export { type QuantityRecord, correctedValue, isTyped } from './quantity/record'
export { type QuantityKind, UNITS, fromCore, toCore, unitOf } from './quantity/units'

export { COLD_BELOW_C, type EngineTemperature } from './physics/engine-temperature'
export { DEFAULT_TESTER_VOLUME_ML } from './physics/compliance'
export { boilingPointC, ruleOfThumbBoilingC } from './physics/boiling'
export { type CoolantBase, freezingPointC, massFractionFromVolume } from './physics/coolant'
export { mixPlan } from './physics/mix'
export { pumpPressureAt } from './physics/pump'

export { MODE_01, VEHICLE_VALUES, type VehicleValue } from './instruments/j1979'
export { createLineReader, type ReaderState, type VehicleReading } from './instruments/line-reader'
export { createLineTalk, type LineSample, type LineTalk } from './instruments/line-talk'

export { COMPLAINTS, type Complaint, REPORTED_COMPLAINTS } from './vehicle/complaint'
export { PART_NAMES, type Part, partsOf } from './vehicle/parts'
export { type EngineOrientation, LEAK_PLACES, positionOf } from './vehicle/places'
export * from './vehicle/policy'
export {
  ELEVATION_METRES,
  isDefaultPolicy,
  MOST_OF_A_SHOP_NAME,
  type SettingsChange,
  type ShopSettings,
  shopSettings,
  type ShopWays,
} from './vehicle/shop-ways'
export {
  coolDownMinutesOf,
  type SystemProfile,
  knownValue,
  USUAL_RATING_KPA,
} from './vehicle/profile'
export { profileWithAge, yearAndDistance } from './vehicle/year-and-distance'
export { profileAdvice } from './vehicle/profile-advice'

export * from './knowledge/shop-book'
export { BOOK, BOOK_HASH, faultName, reasonFor, signName } from './knowledge/book'
export { bookWith } from './knowledge/book-with'
export { type CasePolicy, policyOfShop } from './record/case-policy'

export { Belief } from './inference/belief'
export { benchmarkReadings } from './inference/benchmark-case'
export { buildModel, type Model } from './inference/model'
export { plainPosterior } from './inference/plain-enumeration'
export { rankBelief, type Suspect } from './inference/rank'
export { type PlacedReading } from './inference/evidence'
export { stabilityOf } from './inference/stability'
export { firmnessOf, type Firmness } from './diagnosis/firmness'
export { type Timeline } from './inference/timeline'

export { type BeltAndPump } from './checks/belt-and-pump/record'
export { type CapTest } from './checks/cap/record'
export { AGREES_WITHIN_K, SOAK_HOURS } from './checks/cold-soak/analysis'
export { type ColdSoak } from './checks/cold-soak/record'
export { type CheckOutcome } from './checks/context'
export { type CoolerTest } from './checks/cooler-test/record'
export { type CrankingRun } from './checks/cranking-rise/record'
export { type CrankingAnalysis } from './checks/cranking-rise/analysis'
export { crankingOf, type CrankingTrace } from './checks/cranking-rise/trace'
export { type CylinderLeakage } from './checks/cylinder-leakage/record'
export { proposedCap, testedCap } from './checks/cap/proposed-cap'
export { latestLooks } from './checks/look-round/latest-looks'
export { type EndoscopeLook } from './checks/endoscope/record'
export { type FanByHand } from './checks/fan-by-hand/record'
export { type CircuitLink } from './checks/fan-circuit/analysis'
export { type FanCircuit } from './checks/fan-circuit/record'
export { patternOf } from './checks/interview/pattern'
export { compareRuns, type RoadCompared, whereItWasHottest } from './checks/load-run/compare'
export { roadsTold } from './checks/load-run/roads'
export { QUESTIONS } from './checks/interview/questions'
export { type ReportedLoss } from './checks/interview/record'
export { holdVerdict } from './checks/pressure-hold/verdict'
export { traceWithSuspects } from './checks/leak-trace/candidates'
export { ELSEWHERE, type LeakTrace } from './checks/leak-trace/record'
export { type LevelAndCondition } from './checks/level-and-condition/record'
export {
  importLog,
  isPlainLog,
  type LogMapping,
  type LogTable,
  readLogTable,
  suggestMapping,
  unitsOfChannel,
} from './checks/log-import'
export { type AirSideLook, type PartLook, type Wear } from './checks/look-round/record'
export { type MixAnalysis } from './checks/mix/analysis'
export { type MixTest } from './checks/mix/record'
export { isForeignProof } from './checks/refill/proof'
export { type HoldAnalysis } from './checks/pressure-hold/analysis'
export { pressureByLaw } from './checks/pressure-hold/decay'
export { holdWhatIf } from './checks/pressure-hold/what-if'
export {
  allowedPressure,
  holdAllows,
  HOT_HOLD_FROM_C,
  targetProblem,
} from './checks/pressure-hold/limits'
export { type HoldEnd, type HoldStart } from './checks/pressure-hold/record'
export {
  ALL_CHECKS,
  type CheckId,
  checkOf,
  checkOfRecord,
  isCheckId,
  outcomesOf,
} from './checks/registry'
export { analyseWarmUp } from './checks/warm-up-run/analysis'
export { runLines } from './checks/warm-up-run/lines'
export { keeperInOwnWords, keeperSaid, keeperSaidYes, lossTold } from './checks/interview/said'
export { piecesOf } from './checks/warm-up-run/pieces'
export { gatherSeries, type RunSeries } from './checks/warm-up-run/series'

export { type CaseInput } from './record/case-input'
export { type CaseStage, type CaseState, caseStateOf, isClosed } from './record/case-state'
export { orderToKeep, withOrderSet } from './record/own-order'
export { composeCaseFile, peopleNamed } from './record/compose'
export { instrumentsUsed, type Misfit, misfitOf, quantitiesOf, runOf } from './record/consistency'
export {
  asSent,
  ENTRIES,
  type Entity,
  type EntryBody,
  IDENTITY,
  MAX_PHOTOGRAPH_BYTES,
  ROW_ENTITIES,
  type RowEntity,
  whenWritten,
} from './record/entry'
export { type CaseRecord, caseRecord, type Imported } from './record/envelope'
export { DESK, isKeptOnDevice, recentSinceMs } from './record/desk'
export { type CaseEvent, EVENT_DATA, type EventKind, caseEvent } from './record/events'
export { caseJsonSchema } from './record/json-schema'
export { NOTE_LIMITS, NOTE_TELLS, type NoteTells } from './record/note'
export * from './record/model-notes'
export * from './record/shop-figures'
export { RECORD_DATA, type RecordData, type RecordKind } from './record/kinds'
export { checkCaseFile, readCaseFile, readingCaseFile, writeCaseFile } from './record/read'
export {
  type CaseFile,
  type CaseHeader,
  type Instrument,
  MAX_FILE_BYTES,
  MAX_ZIP_BYTES,
  type Vehicle,
} from './record/schema'
export {
  eventsOfKind,
  isIsolated,
  ofKind,
  sinceLastWork,
  standing,
  standingRecords,
} from './record/standing'
export { type TakenIn, type TakingIn } from './record/taken-in'
export { fieldMeta } from './record/fields'
export type { WarmUpAnalysis } from './checks/warm-up-run/analysis'
export { RUN_CHANNELS, type RunChannel, type WarmUpMark } from './checks/warm-up-run/record'
export { proofOf } from './diagnosis/repeat'
export { checksToMeet } from './planning/showing'
export { evidenceFor } from './diagnosis/evidence-for'
export { askedOfEngine } from './planning/waits'
export {
  may,
  mayTakeBack,
  type Permission,
  permissionForEvent,
  permissionForRecord,
  type Role,
  ROLES,
  type SessionDescription,
} from './record/permissions'
export { carryData, carryInstrument, carryProfile, carryRecord } from './record/version-1'
export { APPLICATION_VERSION } from './record/written-by'

export { LEAST_QUESTION_BITS, type NextCheck, nextChecks } from './planning/next-check'
export { openQuestions } from './planning/questions'
export { type Pivot, pivotAnswer } from './planning/pivot'
export { comparePlans } from './planning/compare-plans'
export { makePlan, type Plan, type PlanName, type PlanStep } from './planning/plan'
export { testOrReplace, type TestOrReplace } from './planning/test-or-replace'

export { partsSeen } from './diagnosis/parts-seen'
export { auditBook } from './diagnosis/audit'
export { builtInCase, rankBuiltInCase } from './diagnosis/built-in-case'
export { type FollowUp, followUpDue, followUpsOf } from './diagnosis/follow-up'
export { beforeStart } from './diagnosis/before-start'
export { comeBackOf } from './diagnosis/come-back'

export { headBoltsFor, stripDownOf } from './diagnosis/strip-down'
export { type RepairStepId, repairSteps, stepsLeft } from './knowledge/repair-steps'
export { type Fault } from './knowledge/types'
export { faultEntry, searchFaults } from './diagnosis/fault-entry'
export {
  decideBelieved,
  type DecidedTogether,
  decideTogether,
  planBelieved,
  planOf,
  type PlannedCase,
} from './diagnosis/plan-case'
export {
  type Believed,
  type RankedCase,
  believe,
  chancesOf,
  modelFor,
  leadOf,
  rankBelieved,
  rankCase,
} from './diagnosis/rank-case'

export {
  beltAndPumpCheck,
  sensorAgreementCheck,
  fanInActionCheck,
  clutchHotCheck,
  heaterCheck,
  pumpDeliveryCheck,
  chemicalGasTestCheck,
  feltByHandCheck,
  gasAnalyserCheck,
  runningPressureCheck,
  levelCreepCheck,
  actuatorsCheck,
  thermostatBathCheck,
  radiatorFlowCheck,
  pumpOffCheck,
  levelFollowUpCheck,
  refillCheck,
  radiatorSurveyCheck,
  loadRunCheck,
  teardownCheck,
  capCheck,
  cleanAndDryCheck,
  coldSoakCheck,
  coolerTestCheck,
  crankingRiseCheck,
  cylinderLeakageCheck,
  earlierWorkCheck,
  endoscopeCheck,
  fanByHandCheck,
  fanCircuitCheck,
  interviewCheck,
  leakTraceCheck,
  levelAndConditionCheck,
  lookRoundCheck,
  mixCheck,
  pressureHoldCheck,
  testerSelfCheckCheck,
  vacuumDecayCheck,
  warmUpRunCheck,
} from './checks'
export { decimalsOf, toMinor } from './quote/money'
export { MOST_TAX_PERCENT, shopPrices, type ShopPrices } from './quote/prices'
export {
  LINE_UNITS,
  NEEDS,
  type QuoteAnswered,
  type QuoteDrawn,
  quoteDrawn,
  type QuoteLine,
} from './quote/record'
export { type DraftLine, draftLines } from './quote/draft'
export { type WayId } from './quote/ways'
export { lineMinor, totalsOf } from './quote/totals'
export { quoteState } from './quote/state'
export { quoteCsv } from './quote/csv'
export { quoteUbl } from './quote/ubl'
export * from './planning/next-step'
export { BOOK_WEIGHT_CASES, MOST_MOVED, type ShopExperience } from './inference/shop-prior'
export { beforeRepair, type ClosedCase, closedCaseOf, signsSeen } from './experience/closed-case'
export { likeness, signWeight } from './experience/similar'
export { adviceLines, type Along, alongWith } from './audit/along'
export { auditOf, type AuditRow, withinBudget } from './audit/audit'
export { compareWays } from './audit/compare-ways'
export { nextWeakest } from './audit/weakest'
export * from './audit/lives'
export { assess } from './diagnosis/assess'
export { priorHere, priorsMoved } from './experience/priors'
export type { LikeCase, ShopRecord } from './experience/shop-record'
export { type Glance, glanceAt } from './diagnosis/glance'
