<script setup lang="ts">
import { DateTime } from 'luxon'
import type { TakenIn } from '#core'
import type { ImportStep } from '../../composables/use-import'
import { fieldNames } from '../case/profile-choices'

/** An import that is looked at, asked about or under way. */
const props = defineProps<{ step: ImportStep }>()
const emit = defineEmits<{ take: []; stop: []; leave: [] }>()

const { say, partName } = useWords()
const fieldName = fieldNames(say, partName)

/** What the file would change, a sentence for each. */
function sentences(changes: TakenIn): string[] {
  const { records, events, already, photographs, instruments, people, profileFields } = changes
  const fields = profileFields.map(fieldName).join(', ')
  return [
    say(changes.isNewCase ? 'board.import.newCase' : 'board.import.knownCase'),
    say('board.import.entries', { records, events, already }),
    ...(photographs > 0 ? [say('board.import.photographs', { photographs })] : []),
    ...(changes.isNewVehicle ? [say('board.import.newVehicle')] : []),
    ...(fields ? [say('board.import.otherSystem', { fields })] : []),
    ...(changes.isOlderProfile ? [say('board.import.olderSystem')] : []),
    ...(instruments > 0 ? [say('board.import.instruments', { instruments })] : []),
    ...(people > 0 ? [say('board.import.people', { people })] : []),
  ]
}
const dayOf = (moment: string) => DateTime.fromISO(moment).toFormat('d LLL yyyy')
const percent = computed(() => {
  const progress = props.step.is === 'asking' ? undefined : props.step.progress
  return progress && progress.of > 0 ? (100 * progress.done) / progress.of : undefined
})
</script>

<template>
  <v-dialog
    :model-value="true"
    :persistent="step.is !== 'asking'"
    :aria-label="say('board.import.title', { state: step.is })"
    max-width="620"
    @update:model-value="emit('leave')"
  >
    <v-card class="pa-5 stack">
      <h2>{{ say('board.import.title', { state: step.is }) }}</h2>
      <p class="quiet file">{{ step.name }}</p>
      <template v-if="step.is === 'asking'">
        <p>
          <strong>{{ step.changes.vehicle }}</strong> · {{ step.changes.title }}
        </p>
        <p class="quiet">
          {{
            say('board.import.from', {
              shop: step.changes.shop ?? '',
              is: step.changes.shop ? 'shop' : 'none',
              day: dayOf(step.changes.exportedAt),
            })
          }}
        </p>
        <ul>
          <li v-for="sentence in sentences(step.changes)" :key="sentence">{{ sentence }}</li>
        </ul>
        <div class="row">
          <v-btn class="solid" @click="emit('take')">{{ say('board.import.take') }}</v-btn>
          <v-btn @click="emit('leave')">{{ say('board.import.leave') }}</v-btn>
        </div>
      </template>
      <template v-else>
        <v-progress-linear
          :model-value="percent ?? 0"
          :indeterminate="percent === undefined"
          height="10"
          :aria-label="say('board.import.title', { state: step.is })"
        />
        <p class="quiet" role="status">
          {{ step.progress ? say('board.import.progress', { ...step.progress }) : '' }}
        </p>
        <v-btn class="stop" @click="emit('stop')">{{ say('board.import.stop') }}</v-btn>
      </template>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.file {
  overflow-wrap: anywhere;
}
ul {
  margin: 0;
  padding-inline-start: 20px;
  display: flex;
  flex-direction: column;
  gap: 6px;
}
.stop {
  align-self: flex-start;
}
</style>
