<script setup lang="ts">
import type { Plan, PlanName } from '#core'
import { type AxisBlock, axisOf } from './plan-axis'

const { say } = useWords()

/** The schools side by side on one time axis; a tap shows the way of one. The steps below say the same in words. */
const props = defineProps<{
  plans: readonly Plan[]
  /** minutes in words */
  timeOf: (minutes: number) => string
}>()
const school = defineModel<PlanName>({ required: true })
const rows = computed(() =>
  axisOf(props.plans).map((row, i) => ({ ...row, plan: props.plans[i]! })),
)
const phases = computed(() => [
  ...new Set(rows.value.flatMap(({ blocks }) => blocks.map(({ kind }) => kind))),
])
const nameOf = (kind: AxisBlock['kind']) =>
  kind === 'wait' ? say('case.plan-axis.wait') : say(`phase.${kind}`)
const at = ({ from, width }: AxisBlock) => ({ left: `${from * 100}%`, width: `${width * 100}%` })
</script>

<template>
  <fieldset class="axis">
    <legend class="d-sr-only">{{ say('case.plan-dialog.school') }}</legend>
    <label v-for="row in rows" :key="row.policy" class="school">
      <input v-model="school" type="radio" name="school" :value="row.policy" />
      <strong>{{ say(`policy.${row.policy}`) }}</strong>
      <span class="small takes">{{
        say(
          row.plan.reachesLead ? 'case.plan-dialog.takes' : 'case.plan-dialog.takesAndLeavesOpen',
          { time: timeOf(row.plan.expectedMinutes) },
        )
      }}</span>
      <span class="way" aria-hidden="true">
        <span
          v-for="block in row.blocks"
          :key="`${block.number} ${block.kind}`"
          class="block"
          :class="block.kind"
          :style="at(block)"
          ><span :class="block.kind === 'wait' ? 'long' : 'short'">{{
            block.kind === 'wait' ? timeOf(block.minutes) : block.number
          }}</span></span
        >
      </span>
    </label>
    <p class="small quiet legend" aria-hidden="true">
      <span v-for="kind in phases" :key="kind"
        ><span class="swatch" :class="kind" />{{ nameOf(kind) }}</span
      >
    </p>
  </fieldset>
</template>

<style scoped>
.axis {
  display: flex;
  flex-direction: column;
  border: 0;
  margin: 0;
  padding: 3px;
}
.school {
  display: grid;
  grid-template-columns: 132px 128px 1fr;
  align-items: center;
  gap: 10px;
  position: relative;
  min-height: 44px;
  padding: 4px 10px;
  border: 2px solid transparent;
  border-radius: 5px;
  cursor: pointer;
}
.school input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}
.school:has(input:checked) {
  border-color: var(--ink);
  background: var(--rail);
}
.school:has(input:focus-visible) {
  outline: 3px solid var(--ink);
  outline-offset: 1px;
}
.way {
  position: relative;
  height: 24px;
}
.block {
  container-type: inline-size;
  position: absolute;
  inset-block: 0;
  overflow: hidden;
  border: 1px solid var(--sheet);
  border-radius: 3px;
  font-size: 14px;
  line-height: 22px;
  text-align: center;
  white-space: nowrap;
  color: var(--ink);
}
.any,
.cold {
  background: var(--cool-soft);
}
.warm-up {
  background: var(--warn-soft);
}
.hot {
  background: var(--hot-soft);
}
.road {
  background: var(--bar);
}
.block.road {
  color: var(--on-bar);
}
.bench {
  background: var(--line);
}
.wait {
  background: repeating-linear-gradient(-45deg, var(--line) 0 2px, transparent 2px 7px);
}
.block.wait {
  color: var(--ink-2);
  font-size: 13px;
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  padding: 4px 10px;
}
.swatch {
  display: inline-block;
  width: 14px;
  height: 14px;
  margin-right: 5px;
  border: 1px solid var(--line);
  border-radius: 3px;
  vertical-align: -2px;
}
/* A word that would be cut is left out: the steps below have it. */
@container (max-width: 40px) {
  .long {
    display: none;
  }
}
@container (max-width: 11px) {
  .short {
    display: none;
  }
}
@media (max-width: 600px) {
  .school {
    grid-template-columns: 1fr auto;
    gap: 0 8px;
  }
  .way {
    grid-column: 1 / -1;
  }
}
</style>
