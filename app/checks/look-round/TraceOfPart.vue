<script setup lang="ts">
import type { PartLook } from '#core'

/** What stands at a part that is not dry: how it looks and what it smells of. */
const { look } = defineProps<{ look: PartLook; disabled: boolean }>()
const emit = defineEmits<{ keep: [change: Partial<PartLook>] }>()
const { say } = useWords()
const TRACES = (['crust', 'rust', 'oil', 'water'] as const).map((value) => ({
  value,
  text: say(`look-round.trace.${value}`),
}))
const SMELLS = (['sweet', 'none'] as const).map((value) => ({
  value,
  text: say(`look-round.smell.${value}`),
}))
</script>

<template>
  <div class="row">
    <ChoiceRow
      :label="say('look-round.whatStandsThere')"
      :options="TRACES"
      :model-value="look.trace"
      :disabled="disabled"
      @update:model-value="emit('keep', { trace: $event })"
    />
    <ChoiceRow
      :label="say('look-round.itSmells')"
      :options="SMELLS"
      :model-value="look.smell"
      :disabled="disabled"
      @update:model-value="emit('keep', { smell: $event })"
    />
  </div>
</template>
