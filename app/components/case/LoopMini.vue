<script setup lang="ts">
const { say } = useWords()

/** The loop as a small map that is always in reach: what is hot, cold and suspected. A tap shows it large. */
defineProps<{ shown: boolean }>()
const emit = defineEmits<{ show: []; profile: [] }>()
const open = useOpenCase()
const { states, suspicion } = usePartStates()
</script>

<template>
  <section class="mini" :aria-label="say('case.loop-mini.loop')">
    <button
      type="button"
      class="map"
      aria-keyshortcuts="l"
      :aria-pressed="shown"
      @click="emit('show')"
    >
      <span class="drawing" inert>
        <LoopDrawing
          :profile="open.input.value?.vehicle.profile ?? {}"
          :states="states"
          :suspicion="suspicion"
          mini
        />
      </span>
      <span class="words">{{ say(shown ? 'case.loop-mini.hide' : 'case.loop-mini.show') }}</span>
    </button>
    <button
      type="button"
      class="plain-button"
      aria-keyshortcuts="v"
      :disabled="!open.mayRecord.value"
      @click="emit('profile')"
    >
      {{ say('case.loop-sheet.systemProfile') }}
    </button>
  </section>
</template>

<style scoped>
.mini {
  display: flex;
  gap: 8px;
  align-items: stretch;
  flex: none;
}
.map {
  flex: 1;
  display: flex;
  flex-direction: column;
  gap: 2px;
  padding: 6px 8px;
  background: none;
  border: 2px solid var(--line);
  border-radius: 4px;
  color: inherit;
  font: inherit;
  cursor: pointer;
}
.map[aria-pressed='true'] {
  border-color: var(--ink);
}
.drawing {
  display: block;
  width: 168px;
  align-self: center;
}
.words {
  font-size: 15px;
  font-weight: 600;
  text-decoration: underline;
}
.plain-button {
  width: 92px;
  padding: 0 8px;
  line-height: 1.15;
}
@media (max-width: 999px) {
  .mini {
    display: none;
  }
}
</style>
