<script setup lang="ts">
/** What a lead set of the shop's figures, when and why: the newest first, each told in words. */
defineProps<{
  changes: readonly { at: string; by: string; because?: string | undefined; says: string }[]
  notRead: string
}>()
const { say } = useWords()
const { moment } = useMoments()
const shop = useShop()
</script>

<template>
  <p v-if="notRead" class="problem" role="alert">{{ notRead }}</p>
  <section v-if="changes.length > 0" class="sheet" data-testid="figure-changes">
    <h2>{{ say('shop.changes') }}</h2>
    <ul>
      <li v-for="(change, at) in changes" :key="changes.length - at">
        <strong>{{ moment(change.at) }}, {{ shop.nameOf(change.by) }}</strong
        ><br />
        {{ change.says }}
        <template v-if="change.because"> “{{ change.because }}”</template>
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
  gap: 12px;
}
</style>
