<script setup lang="ts">
/** What a calculator comes to: a name and a figure each, the first of them large. */
defineProps<{ figures: readonly { name: string; text: string; beside?: string | undefined }[] }>()
</script>

<template>
  <dl role="status">
    <div v-for="figure in figures" :key="figure.name">
      <dt>{{ figure.name }}</dt>
      <dd>
        {{ figure.text }} <span v-if="figure.beside" class="beside">{{ figure.beside }}</span>
      </dd>
    </div>
  </dl>
</template>

<style scoped>
dl {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 28px;
  margin: 0;
  border-left: 6px solid var(--cool);
  background: var(--rail);
  padding: 10px 14px;
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
  font-size: 15px;
  font-weight: 400;
  color: var(--ink-2);
}
</style>
