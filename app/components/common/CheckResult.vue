<script setup lang="ts">
import type { CheckOutcome, QuantityKind } from '#core'

const { say, stateWords } = useWords()

/** What a check came to: its states in words, its figures with their 90 % range, what it does not clear, and notes. */
interface Shown {
  path: string
  label: string
  kind?: QuantityKind
  unit?: string
  decimals?: number
  percent?: boolean
}
const props = defineProps<{
  outcome: CheckOutcome | undefined
  shown?: readonly Shown[]
  nothing?: string
}>()
const preferences = usePreferences()
const valueAt = (path: string) =>
  path
    .split('.')
    .reduce<unknown>(
      (part, key) => (part as Record<string, unknown> | undefined)?.[key],
      props.outcome?.figures,
    )
const text = (s: Shown, value: number) =>
  s.kind
    ? preferences.show(s.kind, value, s.decimals)
    : s.percent
      ? `${Math.round(value * 100)} %`
      : `${value.toFixed(s.decimals ?? 1).replace('-', '−')}${s.unit ? ` ${s.unit}` : ''}`
const figures = computed(() =>
  (props.shown ?? []).flatMap((s) => {
    const value = valueAt(s.path)
    if (typeof value !== 'number') return []
    const range = props.outcome?.intervals[s.path]
    return [
      {
        name: s.label,
        text: text(s, value),
        beside: range && `${text(s, range.low)} to ${text(s, range.high)}`,
      },
    ]
  }),
)
</script>

<template>
  <div v-if="outcome" class="result" role="status">
    <p class="verdict" data-verdict>{{ stateWords(outcome.check, outcome.states, nothing) }}</p>
    <FigureList v-if="figures.length > 0" :figures="figures" />
    <p v-for="note in outcome.notes" :key="note.id" class="small">{{ preferences.say(note) }}</p>
    <p v-if="outcome.doesNotProve.length > 0">
      <strong>{{ say('common.check-result.thisDoesNotClear') }}</strong>
      {{ outcome.doesNotProve.map(preferences.say).join('; ') }}.
    </p>
  </div>
</template>

<style scoped>
.result {
  border-left: 6px solid var(--cool);
  background: var(--rail);
  padding: 10px 14px;
  display: flex;
  flex-direction: column;
  gap: 6px;
}
.verdict {
  font-size: 24px;
  font-weight: 600;
  line-height: 1.15;
}
</style>
