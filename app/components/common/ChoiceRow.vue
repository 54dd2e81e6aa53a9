<script setup lang="ts" generic="T extends string">
/**
 * One of a few. For the keyboard it is one stop: arrows go from option to option, and the space bar takes one, since what
 * is taken may be kept at once.
 */
const props = defineProps<{
  label: string
  options: readonly { value: T; text: string }[]
  modelValue: T | undefined
  hideLabel?: boolean
  disabled?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [value: T] }>()
const group = useTemplateRef<HTMLElement>('group')
/** the option that Tab leads to */
const stop = ref(0)
watch(
  () => props.options.findIndex(({ value }) => value === props.modelValue),
  (chosen) => (stop.value = Math.max(0, chosen)),
  { immediate: true },
)
function go(to: number) {
  stop.value = (to + props.options.length) % props.options.length
  group.value?.querySelectorAll('button')[stop.value]?.focus()
}
</script>

<template>
  <div class="field" role="radiogroup" :aria-label="label">
    <span v-if="!hideLabel" class="label">{{ label }}</span>
    <div
      ref="group"
      class="choice"
      @keydown.right.prevent="go(stop + 1)"
      @keydown.down.prevent="go(stop + 1)"
      @keydown.left.prevent="go(stop - 1)"
      @keydown.up.prevent="go(stop - 1)"
      @keydown.home.prevent="go(0)"
      @keydown.end.prevent="go(-1)"
    >
      <button
        v-for="(option, i) in options"
        :key="option.value"
        type="button"
        role="radio"
        :disabled="disabled"
        :aria-checked="modelValue === option.value"
        :tabindex="i === stop ? 0 : -1"
        @focus="stop = i"
        @click="emit('update:modelValue', option.value)"
      >
        {{ option.text }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.field {
  display: flex;
  flex-direction: column;
  gap: 6px;
}
.label {
  font-weight: 600;
}
</style>
