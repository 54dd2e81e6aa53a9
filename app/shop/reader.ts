import { usePreferences } from '../stores/preferences'
import { computed, type ShallowRef } from 'vue'
import {
  type CasePolicy,
  type CaseEvent,
  type CaseFile,
  type CaseInput,
  type CaseRecord,
  composeCaseFile,
  type Instrument,
  MOST_OF_A_SHOP_NAME,
  type ShopExperience,
} from '#core'
import { formatted } from '../../words/catalogue'
import type { Rows, ToldKind } from '../local-store/rows'
import { byCase } from './by-case'
import * as templates from './templates'

type Tables = { [K in ToldKind]: Readonly<ShallowRef<Map<string, Rows[K]>>> }

const instrumentIn = ({
  supersedes: _,
  written: __,
  ...instrument
}: Rows['instruments']): Instrument => instrument

/** The list of a case that has none yet, always the same. */
const NONE: never[] = []

/** What the screens read of the shop as it stands on this device. */
export function useReader(
  tables: Tables,
  shop: {
    name: () => string | undefined
    experience: () => ShopExperience | undefined
    policy: () => CasePolicy | undefined
  },
) {
  const { people, vehicles, profiles, instruments, cases, records, events } = tables

  /** The shop's instruments of these kinds as they are known now, by name. */
  function instrumentsOf(kinds: readonly Instrument['kind'][]): Instrument[] {
    const replaced = new Set([...instruments.value.values()].map((i) => i.supersedes))
    return [...instruments.value.values()]
      .filter((i) => kinds.includes(i.kind) && !replaced.has(i.id))
      .map(instrumentIn)
      .sort((a, b) => a.name.localeCompare(b.name))
  }

  /** What a person is called, as far as this device knows. */
  const nameOf = (personId: string) =>
    people.value.get(personId)?.name ?? formatted('shared.notNamed', {}, usePreferences().language)

  const profileByVehicle = computed(() => templates.newestProfiles(profiles.value.values()))
  const profileOf = (vehicleId: string) => profileByVehicle.value.get(vehicleId)
  const templatesFor = (model: string, except?: string) =>
    templates.templatesFor(model, vehicles.value.values(), profileOf, except)

  const recordsByCase = computed<Map<string, CaseRecord[]>>((before) =>
    byCase(records.value.values(), ({ record }) => record, before),
  )
  const eventsByCase = computed<Map<string, CaseEvent[]>>((before) =>
    byCase(events.value.values(), ({ event }) => event, before),
  )
  function caseInput(caseId: string): CaseInput | undefined {
    const header = cases.value.get(caseId)
    const vehicle = header && vehicles.value.get(header.vehicle)
    if (!header || !vehicle) return undefined
    const { elevationMetres, attachments: _, written: __, ...rest } = header
    const { written: ___, ...known } = vehicle
    const learnt = shop.experience()
    const policy = shop.policy()
    return {
      case: rest,
      vehicle: { ...known, profile: profileOf(vehicle.id)?.profile ?? {} },
      site: { elevationMetres },
      records: recordsOf(caseId),
      events: eventsOf(caseId),
      ...(policy ? { policy } : {}),
      ...(learnt ? { experience: learnt } : {}),
    }
  }
  const eventsOf = (caseId: string): CaseEvent[] => eventsByCase.value.get(caseId) ?? NONE
  const recordsOf = (caseId: string): CaseRecord[] => recordsByCase.value.get(caseId) ?? NONE

  function caseFileOf(caseId: string): CaseFile | undefined {
    const input = caseInput(caseId)
    if (!input) return undefined
    const name = shop.name()
    return composeCaseFile(
      {
        ...(name ? { shop: { name: name.slice(0, MOST_OF_A_SHOP_NAME) } } : {}),
        ...(input.policy ? { policy: input.policy } : {}),
        case: input.case,
        vehicle: input.vehicle,
        site: input.site,
        records: [...input.records],
        events: [...input.events],
        people: [...people.value.values()].map(({ id, name }) => (name ? { id, name } : { id })),
        instruments: [...instruments.value.values()].map(instrumentIn),
        attachments: cases.value.get(caseId)?.attachments ?? [],
      },
      new Date().toISOString(),
    )
  }

  return {
    instrumentsOf,
    nameOf,
    profileOf,
    templatesFor,
    recordsOf,
    eventsOf,
    caseInput,
    caseFileOf,
  }
}
