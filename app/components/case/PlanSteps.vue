<script setup lang="ts">
import { Accessibility, type DragEndEvent, type DragOverEvent } from '@dnd-kit/dom'
import { SortableDraggable } from '@dnd-kit/dom/sortable'
import { DragDropProvider } from '@dnd-kit/vue'
import type { CheckId, PlanStep } from '#core'

const { checkName, say } = useWords()

/** The steps of a plan in their order, which is changed by dragging, or by keyboard on a step's handle. */
const props = defineProps<{ steps: readonly PlanStep[]; movable: boolean }>()
const emit = defineEmits<{
  go: [check: CheckId]
  arrange: [checks: CheckId[]]
  moving: [is: boolean]
}>()
defineSlots<{ default(of: { step: PlanStep }): unknown }>()
/** as it was put, until the plan that begins so is worked out */
const put = ref<readonly PlanStep[]>()
watch(
  () => props.steps,
  () => (put.value = undefined),
)
const shown = computed(() => put.value ?? props.steps)
const canMove = (step: PlanStep) => props.movable && !step.whileOut

function ended({ operation: { source }, canceled }: Parameters<DragEndEvent>[0]) {
  // Once the key that ended it was heard by everybody: Escape puts the step down, and closes nothing.
  setTimeout(() => emit('moving', false))
  if (canceled || !(source instanceof SortableDraggable)) return
  if (source.index === source.initialIndex) return
  const order = [...shown.value]
  order.splice(source.index, 0, ...order.splice(source.initialIndex, 1))
  put.value = order
  emit(
    'arrange',
    order.filter(canMove).map(({ check }) => check),
  )
}

/** What a reader hears while a step is carried. */
const told =
  (id: string) =>
  ({ operation: { source } }: Pick<Parameters<DragOverEvent>[0], 'operation'>) =>
    source instanceof SortableDraggable
      ? say(id, { check: checkName(`${source.id}`), place: source.index + 1 })
      : undefined
const spoken = Accessibility.configure({
  announcements: {
    dragstart: told('case.plan-dialog.taken'),
    dragover: told('case.plan-dialog.carried'),
    dragend: told('case.plan-dialog.dropped'),
  },
  screenReaderInstructions: { draggable: say('case.plan-dialog.howToMove') },
})
</script>

<template>
  <DragDropProvider
    :plugins="(usual) => [...usual.filter((plugin) => plugin !== Accessibility), spoken]"
    @drag-start="emit('moving', true)"
    @drag-end="ended"
  >
    <ol class="steps">
      <PlanStepRow
        v-for="(step, i) in shown"
        :key="step.check"
        :step="step"
        :index="i"
        :movable="canMove(step)"
        @go="emit('go', $event)"
        ><slot :step="step"
      /></PlanStepRow>
    </ol>
  </DragDropProvider>
</template>

<style scoped>
.steps {
  list-style: none;
  margin: 0;
  padding: 0;
}
</style>
