<script setup lang="ts">
import { BOOK, checksToMeet, type Suspect } from '#core'
import { hasPanel } from '../../checks'

/** What is asked of a proof: what is there, and of what is not the checks that show it, each one tap away. */
const props = defineProps<{ suspect: Suspect; facts: ReadonlySet<string> | undefined }>()
const emit = defineEmits<{ gone: [] }>()
const { checkName, say } = useWords()
const open = inject(OPEN_CASE, undefined)
const guards = computed(() => {
  const known = BOOK.faults.find(({ id }) => id === props.suspect.fault)?.guards ?? []
  return props.suspect.guards.map((guard) => {
    const asked = known.find(({ id }) => id === guard.id)
    const { vehicle, policy } = open?.input.value ?? {}
    const profile = vehicle?.profile
    const minutes = policy?.book?.checkMinutes
    const checks =
      guard.met || !asked || !profile || !props.facts
        ? []
        : checksToMeet(asked, props.facts, profile, minutes).filter(hasPanel)
    return { ...guard, checks }
  })
})
function go(check: (typeof guards.value)[number]['checks'][number]) {
  open?.goTo(check)
  emit('gone')
}
</script>

<template>
  <ul class="guards">
    <li v-for="guard in guards" :key="guard.id" :class="{ met: guard.met }">
      {{ say(guard.met ? 'case.why-dialog.shown' : 'case.why-dialog.notYet') }}{{ guard.text }}
      <span v-if="guard.checks.length > 0" class="row to">
        <v-btn v-for="check in guard.checks" :key="check" class="slim" @click="go(check)">{{
          checkName(check)
        }}</v-btn>
      </span>
    </li>
  </ul>
</template>

<style scoped>
.guards {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
li {
  padding-left: 26px;
  position: relative;
}
li::before {
  content: '';
  position: absolute;
  left: 2px;
  top: 3px;
  width: 14px;
  height: 14px;
  border: 2px dashed var(--ink-2);
}
li.met::before {
  border: 2px solid var(--cool);
  background: var(--cool);
}
.to {
  flex-wrap: wrap;
  margin-top: 4px;
}
</style>
