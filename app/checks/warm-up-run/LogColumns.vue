<script setup lang="ts">
import {
  type LogMapping,
  type LogTable,
  type RunChannel,
  RUN_CHANNELS,
  unitsOfChannel,
} from '#core'
import { mappingOf, usesOf } from './log-mapping'

/** What each column of a log is, and in which unit: as it seems to be, until it is changed. */
const props = defineProps<{ table: LogTable }>()
const emit = defineEmits<{ take: [LogMapping]; leave: [] }>()
const { say } = useWords()
const uses = ref(usesOf(props.table))
const problem = ref('')
const channelName = (channel: RunChannel) => say(`warm-up-run.channel.${channel}`)
const OPTIONS = [
  { value: 'unused', title: say('warm-up-run.log.unused') },
  { value: 'time', title: say('warm-up-run.log.time') },
  ...RUN_CHANNELS.map((value) => ({ value, title: channelName(value) })),
]
const unitsFor = (is: string) =>
  is === 'unused' || is === 'time' ? [] : unitsOfChannel(is as RunChannel)

function take() {
  const mapping = mappingOf(uses.value)
  if (!('is' in mapping)) return emit('take', mapping)
  problem.value =
    mapping.is === 'twice'
      ? say('warm-up-run.log.twice', {
          what: OPTIONS.find(({ value }) => value === mapping.what)!.title,
        })
      : say(mapping.is === 'no-time' ? 'warm-up-run.logHasNoTime' : 'warm-up-run.logHasNoChannel')
}
</script>

<template>
  <section class="stack columns" :aria-label="say('warm-up-run.log.whatIsWhat')">
    <h3>{{ say('warm-up-run.log.whatIsWhat') }}</h3>
    <div v-for="use in uses" :key="use.name" class="column" role="group" :aria-label="use.name">
      <p>
        <strong>{{ use.name }}</strong><br /><span class="small quiet">{{ use.first }} …</span>
      </p>
      <v-select
        v-model="use.is"
        :items="OPTIONS"
        :label="say('warm-up-run.log.is')"
        hide-details
        @update:model-value="use.unit = unitsFor($event)[0]"
      />
      <v-select
        v-if="unitsFor(use.is).length > 0"
        v-model="use.unit"
        :items="unitsFor(use.is)"
        :label="say('warm-up-run.log.unit')"
        hide-details
      />
    </div>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <div class="row">
      <v-btn class="solid grow" aria-keyshortcuts="k" @click="take">{{
        say('warm-up-run.log.take')
      }}</v-btn>
      <v-btn @click="emit('leave')">{{ say('warm-up-run.log.leave') }}</v-btn>
    </div>
  </section>
</template>

<style scoped>
.columns {
  border: 2px solid var(--ink);
  border-radius: 5px;
  padding: 12px;
}
.column {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 220px 110px;
  gap: 12px;
  align-items: center;
}
@media (max-width: 700px) {
  .column {
    grid-template-columns: minmax(0, 1fr) 110px;
  }
  .column p {
    grid-column: 1 / 3;
  }
}
</style>
