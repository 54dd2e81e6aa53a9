<script setup lang="ts">
import { ofKind, type QuantityRecord } from '#core'

const { say } = useWords()

/** What was topped up on which days, from the keeper's notes: a rate that is measured and not told. */
const open = useOpenCase()
const shop = useShop()
const LITRES = { min: 0, max: 200 }
const kept = computed(() => ofKind(open.records.value, 'interview.top-ups').at(-1))
interface Line {
  id: number
  on: string
  amount?: QuantityRecord
}
const lines = ref<Line[]>((kept.value?.data.list ?? []).map((line, id) => ({ id, ...line })))
const problem = ref('')
let next = lines.value.length
const add = () => lines.value.push({ id: next++, on: '' })
const remove = (id: number) => (lines.value = lines.value.filter((line) => line.id !== id))

async function keep() {
  problem.value = ''
  const whole = lines.value.flatMap(({ on, amount }) => (on && amount ? [{ on, amount }] : []))
  const list = whole.sort((a, b) => (a.on < b.on ? -1 : 1))
  const isTwice = list.some(({ on }, i) => on === list[i - 1]?.on)
  if (whole.length < lines.value.length || isTwice)
    return void (problem.value = say('interview.top-ups.dayAndAmount'))
  await shop.addRecord(
    open.id,
    'interview.top-ups',
    { list },
    kept.value ? { supersedes: kept.value.id } : {},
  )
}
</script>

<template>
  <details class="unfold" :open="lines.length > 0">
    <summary>{{ say('interview.top-ups.writtenDown') }}</summary>
    <div v-for="(line, at) in lines" :key="line.id" class="row">
      <v-text-field
        v-model="line.on"
        type="date"
        :label="say('interview.top-ups.on')"
        class="day"
        :disabled="!open.mayRecord.value"
      />
      <QuantityField
        v-model="line.amount"
        :label="say('interview.top-ups.amount')"
        kind="volume"
        :limits="LITRES"
      />
      <button
        type="button"
        class="plain-button"
        :aria-label="say('interview.top-ups.takeOut', { at: at + 1 })"
        @click="remove(line.id)"
      >
        ×
      </button>
    </div>
    <div class="row">
      <v-btn :disabled="!open.mayRecord.value" @click="add">{{
        say('interview.top-ups.add')
      }}</v-btn>
      <v-btn
        v-if="lines.length > 0"
        class="solid"
        :disabled="!open.mayRecord.value"
        @click="keep"
        >{{ say('interview.top-ups.keep') }}</v-btn
      >
      <span v-if="problem" class="problem" role="alert">{{ problem }}</span>
    </div>
  </details>
</template>

<style scoped>
.row {
  align-items: flex-end;
  margin-bottom: 8px;
}
.day {
  max-width: 220px;
}
</style>
