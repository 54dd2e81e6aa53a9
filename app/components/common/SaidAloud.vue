<script setup lang="ts">
/** Says to a reader what changed on the page, once it stands; not what stood there when it opened. */
const props = defineProps<{ text: string }>()
const STANDS_AFTER_MS = 1500
const standing = refDebounced(
  computed(() => props.text),
  STANDS_AFTER_MS,
)
const said = ref('')
watch(standing, (text) => (said.value = text))
</script>

<template>
  <p class="d-sr-only" role="status" data-said>{{ said }}</p>
</template>
