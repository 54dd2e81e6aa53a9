import type { InjectionKey } from 'vue'
import {
  type CaseInput,
  compareMoments,
  modelKey,
  type ModelNote,
  modelOf,
  notesOfModel,
} from '#core'
import { ask } from '../local-store/api'

/** What is known in the shop of the model of the open case's vehicle. */
export interface ModelNotes {
  model: ComputedRef<string>
  /** newest first */
  notes: ComputedRef<readonly ModelNote[]>
  /** why those of cases that do not stand on this device are not told; empty where they are */
  problem: Readonly<Ref<string>>
}
export const MODEL_NOTES: InjectionKey<ModelNotes> = Symbol('notes of the model')

/** Notes of a model from every case of the shop: those on this device at once, those of the others from the server. */
export function useModelNotes(input: () => CaseInput | undefined): ModelNotes {
  const shop = useShop()
  const { say, sayProblem } = useWords()
  const model = computed(() => {
    const vehicle = input()?.vehicle
    return vehicle ? modelOf(vehicle) : ''
  })
  const here = computed(() =>
    [...shop.cases.values()].flatMap(({ id, vehicle: vehicleId }) => {
      const vehicle = shop.vehicles.get(vehicleId)
      if (!vehicle || modelKey(modelOf(vehicle)) !== modelKey(model.value)) return []
      return notesOfModel(shop.caseInput(id)?.records ?? []).map((note) => ({
        note,
        caseId: id,
        vehicle: vehicle.plate ?? vehicle.name,
      }))
    }),
  )
  const { answer: told, failure } = useWorkedOut(
    () => (model.value ? new URLSearchParams({ model: model.value }) : undefined),
    (query) => ask<{ notes: ModelNote[] }>('GET', `/api/models/notes?${query.toString()}`),
  )
  const problem = computed(() =>
    failure.value
      ? say('common.note-strip.onlyNotesHere', { problem: sayProblem(failure.value) })
      : '',
  )
  const notes = computed(() =>
    [
      ...here.value,
      ...(told.value?.notes ?? []).filter(({ caseId }) => !shop.cases.has(caseId)),
    ].sort((a, b) => compareMoments(b.note.observedAt, a.note.observedAt)),
  )
  return { model, notes, problem }
}
