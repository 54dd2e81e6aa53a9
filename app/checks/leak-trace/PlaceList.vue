<script setup lang="ts">
import { formatChance } from '../../../words/format'
import { type Seen, seenChoices } from './seen-choices'

const { say } = useWords()

/** Places to look at, likeliest first, each with what was seen there. */
const { candidates, seen, mayRecord } = defineProps<{
  candidates: readonly { place: string; share: number }[]
  seen: ReadonlyMap<string, Seen>
  name: (place: string) => string
  mayRecord: boolean
}>()
const emit = defineEmits<{ seen: [place: string, as: Seen] }>()
const SEEN = seenChoices(say)
const more = ref(false)
const list = useTemplateRef<HTMLElement>('list')
/** What is seen at one place moves the others: not while somebody goes through them. */
const { shown: listed, release } = useSteady(() => {
  const top = candidates.slice(0, more.value ? undefined : 6).map((c) => c.place)
  return [...new Set([...top, ...seen.keys()])]
}, list)
function showAll() {
  more.value = true
  release()
}
const share = (id: string) => candidates.find((c) => c.place === id)?.share ?? 0
</script>

<template>
  <section ref="list" :aria-label="say('leak-trace.place-list.placesToLookAt')">
    <h3>{{ say('leak-trace.place-list.lookHereLikeliestFirst') }}</h3>
    <div v-for="id in listed" :key="id" class="place" :data-place="id">
      <span class="who"
        ><strong>{{ name(id) }}</strong
        ><span class="bar"><span :style="{ width: `${share(id) * 100}%` }" /></span
        ><span class="small quiet">{{ formatChance(share(id)) }}</span></span
      >
      <ChoiceRow
        hide-label
        :label="name(id)"
        :options="SEEN"
        :disabled="!mayRecord"
        :model-value="seen.get(id)"
        @update:model-value="emit('seen', id, $event)"
      />
    </div>
    <button v-if="!more" type="button" class="plain-button" @click="showAll">
      {{ say('leak-trace.place-list.allPlaces') }}
    </button>
  </section>
</template>

<style scoped>
.place {
  display: grid;
  grid-template-columns: minmax(200px, 1fr) auto;
  gap: 6px 16px;
  align-items: center;
  border-bottom: 1px solid var(--line);
  padding: 6px 0;
}
.who {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 10px;
}
.who strong {
  grid-column: 1 / 3;
  line-height: 1.15;
}
.bar {
  height: 8px;
  background: var(--rail);
  align-self: center;
}
.bar span {
  display: block;
  height: 100%;
  background: var(--hot);
}
.plain-button {
  margin-top: 8px;
}
@media (max-width: 900px) {
  .place {
    grid-template-columns: 1fr;
  }
}
</style>
