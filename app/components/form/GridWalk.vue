<script setup lang="ts">
import { nextPoint, readAt, type Walk, walkAfter, wholeRows } from './grid-walk'

/** Points of a face read one after another, with an instrument in the other hand: a figure, and on to the next. */
const props = defineProps<{
  disabled: boolean
  /** rows that were typed already: the walk goes on after them */
  typed: readonly (readonly number[])[]
}>()
const emit = defineEmits<{ rows: [number[][]] }>()
const { say } = useWords()
const MOST_ACROSS = 30
const walk = ref<Walk>(walkAfter(props.typed))
const at = ref(nextPoint(walk.value))
const figure = ref<number>()
const isBegun = computed(() => walk.value.read.some((value) => value !== undefined))
const isOver = computed(() => at.value >= walk.value.columns * walk.value.rows)

function resize(change: Partial<Pick<Walk, 'columns' | 'rows'>>) {
  walk.value = { ...walk.value, ...change, read: [] }
  at.value = 0
}
function take() {
  if (figure.value === undefined || isOver.value) return
  walk.value = readAt(walk.value, at.value, figure.value)
  figure.value = undefined
  at.value = nextPoint(walk.value)
  emit('rows', wholeRows(walk.value))
}
function back() {
  at.value = Math.max(0, (isOver.value ? walk.value.columns * walk.value.rows : at.value) - 1)
  walk.value = readAt(walk.value, at.value, undefined)
  emit('rows', wholeRows(walk.value))
}
const place = computed(() => ({
  row: Math.floor(at.value / walk.value.columns) + 1,
  column: (at.value % walk.value.columns) + 1,
}))
</script>

<template>
  <section class="walk stack" :aria-label="say('form.walk.title')">
    <div class="row">
      <NumberField
        :model-value="walk.columns"
        :label="say('form.walk.across')"
        :min="2"
        :max="MOST_ACROSS"
        whole
        :disabled="disabled || isBegun"
        @update:model-value="$event && resize({ columns: $event })"
      />
      <NumberField
        :model-value="walk.rows"
        :label="say('form.walk.down')"
        :min="1"
        :max="MOST_ACROSS"
        whole
        :disabled="disabled || isBegun"
        @update:model-value="$event && resize({ rows: $event })"
      />
    </div>
    <div class="face" :style="{ gridTemplateColumns: `repeat(${walk.columns}, minmax(0, 1fr))` }">
      <span
        v-for="(_, i) in walk.columns * walk.rows"
        :key="i"
        class="point"
        :class="{ here: i === at, read: walk.read[i] !== undefined }"
        >{{ walk.read[i] ?? '·' }}</span
      >
    </div>
    <p role="status">{{ isOver ? say('form.walk.over') : say('form.walk.point', place) }}</p>
    <form class="row entry" @submit.prevent="take">
      <NumberField
        v-model="figure"
        :label="say('form.walk.reads')"
        unit="°C"
        :min="-50"
        :max="200"
        :disabled="disabled || isOver"
      />
      <v-btn type="submit" class="solid grow" :disabled="disabled || figure === undefined">{{
        say('form.walk.on')
      }}</v-btn>
      <v-btn :disabled="disabled || (at === 0 && !isOver)" @click="back">{{
        say('form.walk.back')
      }}</v-btn>
    </form>
  </section>
</template>

<style scoped>
.walk {
  border: 1.5px solid var(--line);
  border-radius: 5px;
  padding: 12px;
}
.entry {
  flex-wrap: wrap;
  align-items: flex-end;
}
.entry > .grow {
  flex: 1 0 130px;
}
.face {
  display: grid;
  gap: 4px;
}
.point {
  display: grid;
  place-items: center;
  min-height: 34px;
  border: 1.5px solid var(--line);
  border-radius: 3px;
}
.point.read {
  background: var(--rail);
  font-weight: 600;
}
.point.here {
  border: 3px solid var(--ink);
}
</style>
