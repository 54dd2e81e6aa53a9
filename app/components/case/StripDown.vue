<script setup lang="ts">
import type { stripDownOf } from '#core'

/** What is measured while the head is off, what of it was, and the way to what was not. */
defineProps<{ lines: ReturnType<typeof stripDownOf> }>()
const emit = defineEmits<{ go: [] }>()
const { say } = useWords()
</script>

<template>
  <section v-if="lines.length > 0" class="stack" data-testid="strip-down">
    <h3>{{ say('case.strip-down.title') }}</h3>
    <ul>
      <li v-for="{ item, isTaken } in lines" :key="item">
        <span class="grow"
          >{{ isTaken ? '✓' : '○' }} {{ say(`case.strip-down.item.${item}`) }}</span
        >
        <button v-if="!isTaken" type="button" class="plain-button" @click="emit('go')">
          {{ say('case.next-box.goThere') }}
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 6px;
}
li {
  display: flex;
  align-items: center;
  gap: 14px;
  min-height: 44px;
}
</style>
