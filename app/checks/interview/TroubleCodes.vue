<script setup lang="ts">
import { interviewCheck } from '#core'

/** Trouble codes, one record each: those that stand with what they say, and a place for one more. */
const { say } = useWords()
const { all, outcomeOf, mayRecord, takeBack } = useCheck(interviewCheck, 'interview.code')
</script>

<template>
  <details class="unfold" :open="all.length > 0">
    <summary>{{ say('interview.troubleCode') }}</summary>
    <div v-for="{ id, data } in all" :key="id" class="code">
      <strong class="number">{{ data.code }}</strong>
      <CheckResult class="grow" :outcome="outcomeOf(id)" />
      <button
        type="button"
        class="plain-button"
        :aria-label="say('interview.takeTheCodeBack', { code: data.code })"
        :disabled="!mayRecord"
        @click="takeBack(id)"
      >
        ×
      </button>
    </div>
    <RecordForm
      :key="all.length"
      :check="interviewCheck"
      kind="interview.code"
      anew
      :keep-text="say('interview.keepTheCode')"
    />
  </details>
</template>

<style scoped>
.code {
  display: flex;
  align-items: center;
  gap: 12px;
  margin-bottom: 8px;
}
.code .number {
  font-size: 22px;
}
</style>
