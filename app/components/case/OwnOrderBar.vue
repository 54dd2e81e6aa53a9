<script setup lang="ts">
import { DateTime } from 'luxon'

const { say } = useWords()

/** Whose order of the plan's steps this is and what it takes; kept with the case from here, or given back to the plan. */
const props = defineProps<{
  order: ReturnType<typeof useOwnOrder>
  /** how long it takes beside the shop's own way */
  compared: string | undefined
}>()
const shop = useShop()
const here = useOpenCase()
const bar = ref<HTMLElement>()
// What was put is below the ways, which leave little of the list in view.
onMounted(() => props.order.tried.value && bar.value?.scrollIntoView({ block: 'start' }))
const setBy = computed(() => {
  const kept = props.order.tried.value ? undefined : props.order.kept.value
  return (
    kept &&
    say('case.plan-dialog.setBy', {
      who: shop.nameOf(kept.by),
      when: DateTime.fromISO(kept.at).toFormat('d LLL, HH:mm'),
    })
  )
})
</script>

<template>
  <div ref="bar" class="bar" role="status">
    <p>
      {{ setBy ?? say('case.plan-dialog.notKeptYet') }}
      <template v-if="compared">{{ compared }}</template>
    </p>
    <div v-if="here.mayRecord.value" class="row">
      <template v-if="order.tried.value">
        <v-btn class="solid" @click="order.keep">{{ say('case.plan-dialog.keepOrder') }}</v-btn>
        <v-btn @click="order.leave">{{ say('case.plan-dialog.leaveOrder') }}</v-btn>
      </template>
      <v-btn v-else @click="order.giveBack">{{ say('case.plan-dialog.giveBack') }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 8px 16px;
  padding: 8px 10px;
  border: 2px solid var(--ink);
  border-radius: 5px;
}
</style>
