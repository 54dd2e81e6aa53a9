<script setup lang="ts">
import { ELSEWHERE, type LeakTrace } from '#core'
import { seenChoices } from './seen-choices'

const { say } = useWords()

/** Places that the list does not have, in words, each with what was seen there. */
type Place = NonNullable<LeakTrace['elsewhere']>[number]
const { places, mayRecord } = defineProps<{ places: readonly Place[]; mayRecord: boolean }>()
const emit = defineEmits<{ change: [places: Place[]] }>()
const where = ref('')
/** a place that nobody knows of is not looked for to be dry */
const SEEN = seenChoices(say).filter((choice) => choice.value !== 'dry')
function add() {
  const named = where.value.trim()
  if (!named) return
  where.value = ''
  emit('change', [...places, { where: named, seen: 'wet' }])
}
const set = (at: number, seen: Place['seen']) =>
  emit(
    'change',
    places.map((place, i) => (i === at ? { ...place, seen } : place)),
  )
const takeOut = (at: number) =>
  emit(
    'change',
    places.filter((_, i) => i !== at),
  )
</script>

<template>
  <details class="unfold" :open="places.length > 0">
    <summary>{{ say('leak-trace.elsewhere.title') }}</summary>
    <div v-for="(place, at) in places" :key="at" class="row place">
      <strong class="grow">{{ place.where }}</strong>
      <ChoiceRow
        hide-label
        :label="place.where"
        :options="SEEN"
        :disabled="!mayRecord"
        :model-value="place.seen"
        @update:model-value="set(at, $event)"
      />
      <button
        type="button"
        class="plain-button"
        :disabled="!mayRecord"
        :aria-label="say('leak-trace.elsewhere.takeOut', { where: place.where })"
        @click="takeOut(at)"
      >
        ×
      </button>
    </div>
    <form v-if="places.length < ELSEWHERE.most" class="row add" @submit.prevent="add">
      <v-text-field
        v-model="where"
        :label="say('leak-trace.elsewhere.where')"
        :disabled="!mayRecord"
        :maxlength="ELSEWHERE.letters"
        hide-details
      />
      <v-btn type="submit" :disabled="!mayRecord || !where.trim()">{{
        say('leak-trace.elsewhere.add')
      }}</v-btn>
    </form>
  </details>
</template>

<style scoped>
.place {
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
}
.add {
  align-items: center;
  margin-top: 8px;
}
.add > :first-child {
  flex: 1;
}
</style>
