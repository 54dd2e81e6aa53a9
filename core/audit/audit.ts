import { yearAndDistance } from '../vehicle/year-and-distance'
import { renewedParts } from '../checks/earlier-work/renewed-parts'
import { latestWear } from '../checks/look-round/latest-wear'
import { bookWith } from '../knowledge/book-with'
import type { Fault } from '../knowledge/types'
import { DAY_MS, millisecondsOf, yearOf } from '../quantity/moment'
import type { CaseInput } from '../record/case-input'
import { eventsOfKind, standing } from '../record/standing'
import { mayHave } from '../vehicle/profile'
import { type Component, COMPONENTS, CONSEQUENCE_HOURS, type Consequence } from './components'
import { AUDIT_PARTS, type AuditPart, type Life, lifeOf, type ShopLives } from './lives'
import { failsInYear, failsWithin } from './risk'

/** What the age of a component is taken from. */
export type AgeFrom = 'renewed' | 'vehicle' | 'assumed'
/** What was seen of it; nothing where nobody looked. */
export type Condition = 'worn' | 'sound' | undefined

/** One component, and what speaks for renewing it before it fails. */
export interface AuditRow {
  part: AuditPart
  /** since it was renewed, or of the vehicle where nobody knows */
  years: number
  /** how long it lasts in this vehicle, as it is driven */
  lastsYears: number
  ageFrom: AgeFrom
  condition: Condition
  /** chance that it fails within a year, 0 to 1 */
  risk: number
  consequence: Consequence
  pieces: number
  /** fault of the book that it would be renewed for: part and minutes stand there */
  fault: Fault
  /** what renewing it takes, part and labour, in hours of the shop's labour */
  costHours: number
  /** risk × consequence / cost: hours a year that are expected to be saved for each hour that is spent */
  worth: number
}

/** A vehicle of which nobody knows the year is taken for one of so many years. */
const USUAL_YEARS = 10
const KILOMETRES_A_YEAR = 15_000
const LEAST_KILOMETRES_A_YEAR = 1_000
/** What was found cracked, hard, swollen or loose fails within a year as often as not. */
const WORN_RISK = 0.6
/** What was looked at and found sound fails half as often as its age says. */
const SOUND_SHARE = 0.5
const YEAR_MS = 365.25 * DAY_MS

/**
 * Components that this vehicle can have, what is worth most first. Age counts from when a part was renewed, as far as
 * that was recorded; else whatever failed in the vehicle's years was renewed then (`risk.ts`).
 */
export function auditOf(input: CaseInput, lives: ShopLives = {}): AuditRow[] {
  const { profile } = input.vehicle
  const { faults: ofShop } = bookWith(input.policy?.book)
  const faults = new Map(ofShop.map((fault) => [fault.id, fault]))
  return AUDIT_PARTS.filter((part) => mayHave(profile, COMPONENTS[part].needs))
    .map((part) => {
      const component = COMPONENTS[part]
      const { years, ageFrom } = ageOf(input, component)
      const lastsYears = lastsYearsOf(input, lifeOf(part, profile, lives))
      const byAge =
        ageFrom === 'renewed' ? failsWithin(years, 1, lastsYears) : failsInYear(years, lastsYears)
      const condition = conditionOf(input, component)
      const risk =
        condition === 'worn'
          ? Math.max(byAge, WORN_RISK)
          : byAge * (condition === 'sound' ? SOUND_SHARE : 1)
      const fault = faults.get(component.fault)!
      const costHours = fault.cost.partHours + fault.cost.minutes / 60
      return {
        part,
        years,
        lastsYears,
        ageFrom,
        condition,
        risk,
        consequence: component.consequence,
        pieces: component.pieces ?? 1,
        fault,
        costHours,
        worth: (risk * CONSEQUENCE_HOURS[component.consequence]) / costHours,
      }
    })
    .sort((a, b) => b.worth - a.worth)
}

const nowOf = (input: Pick<CaseInput, 'at' | 'case'>) => input.at ?? input.case.openedAt

/** How long a component lasts, years: of years and distance, at what this vehicle goes in one, the one that ends first. */
function lastsYearsOf({ vehicle, ...input }: CaseInput, { years, kilometres }: Life): number {
  const gone = yearAndDistance(vehicle)
  if (gone.kilometres === undefined) return years
  const age = gone.year === undefined ? USUAL_YEARS : yearOf(nowOf(input)) - gone.year
  const yearly = age >= 1 ? gone.kilometres / age : KILOMETRES_A_YEAR
  return Math.min(years, kilometres / Math.max(LEAST_KILOMETRES_A_YEAR, yearly))
}

/** How old a component is: since it was renewed, or as old as its vehicle. */
function ageOf(
  input: CaseInput,
  { renewable, renewedWith }: Component,
): Pick<AuditRow, 'years' | 'ageFrom'> {
  const { year } = yearAndDistance(input.vehicle)
  const since = renewedYearsAgo(input, renewedWith, renewable)
  if (since !== undefined) return { years: since, ageFrom: 'renewed' }
  return year === undefined
    ? { years: USUAL_YEARS, ageFrom: 'assumed' }
    : { years: Math.max(0, yearOf(nowOf(input)) - year), ageFrom: 'vehicle' }
}

/** Years since it was last renewed, by the repairs of this case or by what was recorded of earlier work with its year. */
function renewedYearsAgo(
  input: CaseInput,
  renewedWith: readonly string[],
  renewable: string | undefined,
): number | undefined {
  const now = millisecondsOf(nowOf(input))
  const repairs = eventsOfKind(standing(input.events), 'repaired')
    .filter(({ data }) => data.faults.some((fault) => renewedWith.includes(fault)))
    .map(({ observedAt }) => Math.max(0, (now - millisecondsOf(observedAt)) / YEAR_MS))
  const earlier = renewedParts(standing(input.records)).flatMap(({ part, year }) =>
    part === renewable && year !== undefined ? [Math.max(0, yearOf(nowOf(input)) - year)] : [],
  )
  const all = [...repairs, ...earlier]
  return all.length > 0 ? Math.min(...all) : undefined
}

/** What the last look at its wear says. */
function conditionOf(input: CaseInput, { looked }: Component): Condition {
  const wear = looked && latestWear(standing(input.records), looked)
  if (!wear) return undefined
  return wear.length > 0 ? 'worn' : 'sound'
}

/**
 * What a budget buys, hours of labour: from the top of the list, each that still fits, what costs more than it is
 * expected to save left out.
 */
export function withinBudget(rows: readonly AuditRow[], budgetHours: number): AuditRow[] {
  let left = budgetHours
  return rows.filter(({ costHours, risk, consequence }) => {
    const isWorthIt = risk * CONSEQUENCE_HOURS[consequence] >= LEAST_SAVED * costHours
    if (!isWorthIt || costHours > left) return false
    left -= costHours
    return true
  })
}
/** A component is proposed where so much of what it costs is expected to be saved within a year. */
export const LEAST_SAVED = 0.25
