import { message } from '../../quantity/message'
import { compareMoments } from '../../quantity/moment'
import { correctedValue } from '../../quantity/record'
import { knownValue } from '../../vehicle/profile'
import { dataOf, type CheckContext, type HeldAtMost } from '../context'
import { defineCheck, type EntryOf, these } from '../define-check'
import { analyseHold, type HoldAnalysis, type HoldContext, type HoldRecords } from './analysis'
import { holdLimit } from './limits'
import { holdEnd, holdReading, holdRemark, holdStart, type HoldStart } from './record'
import { hasFallen, holdSign, holdSigns } from './signs'

const RECORDS = {
  'pressure-hold.start': holdStart,
  'pressure-hold.reading': holdReading,
  'pressure-hold.remark': holdRemark,
  'pressure-hold.end': holdEnd,
} as const

/**
 * What a hold reckons with besides its own readings.
 * @example holdContextOf(CONTEXT, '').atmosphereKPa // 101.3
 */
export function holdContextOf(context: CheckContext, observedAt: string): HoldContext {
  const { profile, found } = context
  const ratings = (profile.caps ?? []).flatMap((cap) => knownValue(cap.ratingKPa) ?? [])
  const isBefore = (moment: string) =>
    compareMoments(moment, observedAt) <= 0 &&
    context.epochOf(moment) === context.epochOf(observedAt)
  return {
    atmosphereKPa: context.atmosphereKPa,
    systemRatingKPa: knownValue(profile.systemRatingKPa),
    capacityLitres: context.capacityLitres,
    glycolVolumeFraction:
      profile.coolant === 'water' ? undefined : knownValue(profile.glycolVolumeFraction),
    capRatingKPa: ratings.length > 0 ? Math.min(...ratings) : undefined,
    testerFlowMLPerMinute: found.testerFlowMLPerMinute,
    reportedLossLitresPerWeek: found.reportedLossLitresPerWeek,
    pressurisedHoursPerWeek: found.pressurised!.hoursPerWeek,
    grossLeakSeen: (found.issuing ?? []).some(
      (look) => isBefore(look.observedAt) && !context.isIsolated(look.part, observedAt),
    ),
  }
}

/** What a hold shows. */
function shownBy(held: HoldRecords, { state }: HoldAnalysis): string[] {
  const facts: string[] = []
  const sign = holdSign(held)
  const isPartial = sign === 'hold-without-heater' || sign === 'hold-without-coolers'
  if (state === 'tight') facts.push(sign === 'hold-cold' ? 'hold-tight' : `${sign}-tight`)
  if (hasFallen(state) && !isPartial) {
    facts.push('hold-falls')
    if (held.end?.tray === 'dry') facts.push('tray-dry')
  }
  if (held.end?.cylinders === 'wet') facts.push('cylinder-wet')
  if (held.start.level === 'near-full') facts.push('level-full')
  return facts
}

/** Of the reported loss, what a hold of the whole system shows; one with a part shut off shows a part of it. */
function lossShown({ start }: HoldRecords, { lossBudget }: HoldAnalysis) {
  const { reportedLitresPerWeek: reported, litresPerWeek: shown } = lossBudget ?? {}
  const isWhole = !start.isolated?.length
  return isWhole && shown && reported !== undefined ? { loss: { shown, reported } } : {}
}

type HoldEntry = EntryOf<typeof RECORDS>

/** The records of one hold. */
const heldOf = (start: HoldStart, own: readonly HoldEntry[]): HoldRecords => ({
  start,
  readings: own.flatMap((e) =>
    e.kind === 'pressure-hold.reading' ? [{ ...e.data, id: e.id }] : [],
  ),
  remarks: dataOf(own, 'pressure-hold.remark'),
  end: dataOf(own, 'pressure-hold.end').at(-1),
})

/** How fast the whole system fell, cold, in the last hold before a moment since the same work; undefined where it did not. */
function wholeFallBefore(all: readonly HoldEntry[], moment: string, context: CheckContext) {
  const whole = all.findLast(
    (e) =>
      e.kind === 'pressure-hold.start' &&
      e.data.engine !== 'hot' &&
      !e.data.isolated?.length &&
      compareMoments(e.observedAt, moment) < 0 &&
      context.epochOf(e.observedAt) === context.epochOf(moment),
  )
  if (whole?.kind !== 'pressure-hold.start') return undefined
  const own = all.filter((e) => 'run' in e.data && e.data.run === whole.id)
  const held = analyseHold(heldOf(whole.data, own), holdContextOf(context, whole.observedAt))
  return hasFallen(held.state) ? held.fallKPaPerMinute?.value : undefined
}

/** The most that the newest hold of the whole system came to, where the tester could not bring it to the target. */
function reachedAtMost(entries: readonly HoldEntry[]): HeldAtMost[] {
  const newest = entries.findLast(
    ({ kind, data }) => kind === 'pressure-hold.start' && !data.isolated?.length,
  )
  if (!newest) return []
  const own = entries.filter(({ data }) => 'run' in data && data.run === newest.id)
  const remarks = dataOf(own, 'pressure-hold.remark')
  if (!remarks.some(({ remark }) => remark === 'target-not-reached')) return []
  const reached = dataOf(own, 'pressure-hold.reading').map(({ pressure }) =>
    correctedValue(pressure),
  )
  const kPaGauge = Math.max(0, ...reached)
  return [{ of: 'system', kPaGauge, observedAt: newest.observedAt }]
}

const plannedMinutes = ({ plan, resolutionKPa }: HoldStart) =>
  holdLimit(plan, resolutionKPa).plannedMinutes

export const pressureHoldCheck = defineCheck({
  id: 'pressure-hold',
  records: RECORDS,
  phase: 'cold',
  minutes: 15,
  sides: ['leak', 'nothing-wrong'],
  presses: true,
  opens: { 'press-first': 3 },
  marks: 'pressed',
  begins: 5,
  usualFor: ['coolant-loss', 'overheats', 'inspection'],
  signs: these('hold-cold', 'tray-wet', 'level-lower-after-hold', 'air-hiss'),
  brings: 'pressed',
  waits: (entries) => {
    const ended = new Set(dataOf(entries, 'pressure-hold.end').map((end) => end.run))
    return entries.flatMap(({ id, kind, data, observedAt }) =>
      kind === 'pressure-hold.start' && !ended.has(id)
        ? [{ source: id, startedAt: observedAt, minutes: plannedMinutes(data) }]
        : [],
    )
  },
  coolantC: (entries) => {
    const { coolantAtStart } = dataOf(entries, 'pressure-hold.start').at(-1) ?? {}
    return coolantAtStart && correctedValue(coolantAtStart)
  },
  tells: (entries) => ({ holds: reachedAtMost(entries) }),
  shows: ['cylinder-wet', 'hold-falls', 'hold-without-heater-tight', 'level-full', 'tray-dry'],
  judge: {
    'pressure-hold.start': (start, context, { source, observedAt, own, all }) => {
      const held = heldOf(start, own)
      const figures = analyseHold(held, holdContextOf(context, observedAt))
      const fellBefore = start.isolated?.length
        ? wholeFallBefore(all, observedAt, context)
        : undefined
      return {
        figures,
        states: [figures.state],
        signs: holdSigns(source, held, figures, fellBefore),
        facts: shownBy(held, figures),
        notes: figures.notes,
        cautions: figures.cautions,
        doesNotProve: figures.doesNotProve,
        assumptions: context.found.pressurised!.assumed ? [message('assumes.hoursPerWeek')] : [],
        heatMatters: false,
        ...lossShown(held, figures),
      }
    },
  },
})
