<script setup lang="ts">
import { useSortable } from '@dnd-kit/vue/sortable'
import { mdiDragVertical } from '@mdi/js'
import type { CheckId, PlanStep } from '#core'
import { formatChance } from '../../../words/format'
import { hasPanel } from '../../checks'
import { stepTakes } from './plan-times'

const { checkName, say } = useWords()

/** One step of a plan: what it takes and how far it leads; by its handle it is put elsewhere in the order. */
const props = defineProps<{
  step: PlanStep
  /** its place in the plan, from 0 */
  index: number
  movable: boolean
}>()
const emit = defineEmits<{ go: [check: CheckId] }>()
const row = ref<HTMLElement>()
const handle = ref<HTMLElement>()
const { isDragging } = useSortable({
  id: computed(() => props.step.check),
  index: computed(() => props.index),
  disabled: computed(() => !props.movable),
  element: row,
  handle,
})
</script>

<template>
  <li ref="row" :class="{ moving: isDragging }">
    <span class="number" aria-hidden="true">{{ index + 1 }}</span>
    <span class="what">
      <button v-if="hasPanel(step.check)" type="button" @click="emit('go', step.check)">
        {{ checkName(step.check) }}
      </button>
      <strong v-else>{{ checkName(step.check) }}</strong>
      <span class="small quiet">{{ stepTakes(step, say) }}</span>
      <slot />
    </span>
    <span class="lead">
      <ChanceBar :probability="step.expectedLead" />
      <span class="small">{{
        say('case.plan-dialog.leadThen', { chance: formatChance(step.expectedLead) })
      }}</span>
    </span>
    <button
      v-if="movable"
      ref="handle"
      type="button"
      class="handle"
      :aria-label="say('case.plan-dialog.move', { check: checkName(step.check) })"
    >
      <v-icon :icon="mdiDragVertical" aria-hidden="true" />
    </button>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 32px 1fr 150px 44px;
  align-items: center;
  gap: 10px;
  min-height: 60px;
  padding: 4px 0;
  border-bottom: 1px solid var(--line);
  background: var(--sheet);
}
.moving {
  outline: 2px solid var(--ink);
  border-radius: 5px;
}
.number {
  font-size: 22px;
  font-weight: 600;
  text-align: right;
}
.what,
.lead {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
}
.what button {
  min-height: 32px;
  padding: 0;
  text-align: left;
  font: inherit;
  font-weight: 600;
  color: var(--cool);
  text-decoration: underline;
  background: none;
  border: 0;
  cursor: pointer;
}
.lead {
  align-items: stretch;
  gap: 2px;
}
.handle {
  width: 44px;
  height: 44px;
  border: 1px solid var(--line);
  border-radius: 5px;
  background: var(--sheet);
  color: var(--ink-2);
  cursor: grab;
  touch-action: none;
}
@media (max-width: 600px) {
  li {
    grid-template-columns: 22px 1fr 72px 44px;
    gap: 8px;
  }
}
</style>
