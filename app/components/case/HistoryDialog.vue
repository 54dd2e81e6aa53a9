<script setup lang="ts">
import type { CheckId } from '#core'

const { checkName, say } = useWords()

/** Everything recorded in a case in order, with who and when; what was corrected or taken back stays, and can come back. */
const props = defineProps<{ shown: boolean; check?: CheckId }>()
const emit = defineEmits<{ close: [] }>()
const shop = useShop()
const only = ref(true)
const history = useHistory(() => props.check)
const rows = computed(() => (props.shown ? history(only.value && props.check !== undefined) : []))
</script>

<template>
  <v-dialog
    :aria-label="say('case.history-dialog.history')"
    :model-value="shown"
    max-width="760"
    scrollable
    @update:model-value="emit('close')"
  >
    <v-card class="pa-5 history">
      <h2>{{ say('case.history-dialog.history') }}</h2>
      <ChoiceRow
        v-if="check"
        :label="say('case.history-dialog.show')"
        hide-label
        :options="[
          { value: 'check', text: checkName(check) },
          { value: 'all', text: say('case.history-dialog.theWholeCase') },
        ]"
        :model-value="only ? 'check' : 'all'"
        @update:model-value="only = $event === 'check'"
      />
      <p v-if="rows.length === 0" class="quiet">
        {{ say('case.history-dialog.nothingIsRecordedHereYet') }}
      </p>
      <ol tabindex="0" :aria-label="say('case.history-dialog.entriesNewestFirst')">
        <li v-for="row in rows" :key="row.id" :class="{ gone: row.isGone }">
          <div class="entry">
            <span class="small quiet"
              >{{ row.when }} · {{ row.who
              }}{{ shop.isWaiting(row.id) ? say('case.history-dialog.keptHereNotSent') : '' }}</span
            >
            <strong
              >{{ row.what }}<template v-if="row.state"> ({{ row.state }})</template></strong
            >
            <span v-if="row.says">{{ row.says }}</span>
            <span v-for="way in row.came" :key="way" class="small quiet">{{ way }}</span>
          </div>
          <button v-if="row.takeBack" type="button" class="plain-button" @click="row.takeBack">
            {{ say('case.history-dialog.takeBack') }}
          </button>
          <button
            v-else-if="row.bringBack"
            type="button"
            class="plain-button"
            @click="row.bringBack"
          >
            {{ say('case.history-dialog.bringItBack') }}
          </button>
        </li>
      </ol>
      <v-btn class="solid" @click="emit('close')">{{
        say('case.history-dialog.backToTheCheck')
      }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.history {
  display: flex;
  flex-direction: column;
  gap: 10px;
  overflow-y: auto;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  max-height: 56vh;
  overflow-y: auto;
}
li {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 8px 0;
  border-bottom: 1px solid var(--line);
}
.entry {
  display: flex;
  flex-direction: column;
  flex: 1;
  min-width: 0;
}
.gone strong,
.gone strong + span {
  text-decoration: line-through;
  color: var(--ink-2);
}
.plain-button {
  flex: none;
}
</style>
