<script setup lang="ts">
/** Figures by their names, each with what stands beside it: its range, or another way to reckon it. */
defineProps<{ figures: readonly { name: string; text: string; beside?: string | undefined }[] }>()
</script>

<template>
  <dl>
    <div v-for="figure in figures" :key="figure.name">
      <dt>{{ figure.name }}</dt>
      <dd>
        {{ figure.text }}<span v-if="figure.beside" class="beside">{{ figure.beside }}</span>
      </dd>
    </div>
  </dl>
</template>

<style scoped>
dl {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 28px;
  margin: 0;
}
dt {
  color: var(--ink-2);
  font-size: 15px;
}
dd {
  margin: 0;
  font-size: 22px;
  font-weight: 600;
}
.beside {
  display: block;
  font-size: 14px;
  font-weight: 400;
  color: var(--ink-2);
}
</style>
