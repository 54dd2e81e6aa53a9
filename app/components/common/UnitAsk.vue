<script setup lang="ts">
const { say } = useWords()

/** A number that fits its field in another unit only: which unit is asked, and what nobody knows is kept as it was said. */
const props = defineProps<{ label: string; typed: string; units: readonly string[] }>()
const emit = defineEmits<{ unit: [symbol: string]; kept: [] }>()
const keepInWords = inject(KEEP_IN_WORDS, undefined)
async function keep() {
  const note = say('common.unit-ask.asNote', { label: props.label, typed: props.typed })
  emit('kept')
  await keepInWords?.(note)
}
</script>

<template>
  <div class="row" role="group" :aria-label="say('common.unit-ask.whichUnit', { typed })">
    <span class="small">{{ say('common.unit-ask.whichUnit', { typed }) }}</span>
    <button
      v-for="symbol in units"
      :key="symbol"
      type="button"
      class="plain-button"
      @click="emit('unit', symbol)"
    >
      {{ typed }} {{ symbol }}
    </button>
    <button v-if="keepInWords" type="button" class="plain-button" @click="keep">
      {{ say('common.unit-ask.notKnown') }}
    </button>
  </div>
</template>
