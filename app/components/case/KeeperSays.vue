<script setup lang="ts">
import type { RankedCase, Suspect } from '#core'
import { keeperSentences } from '../../../words/keeper'

/** A suspect as one would tell it to the vehicle's keeper: what it is, what was found, what is still to be shown. */
const props = defineProps<{
  suspect: Suspect
  ranked: RankedCase | undefined
  /** what was found that speaks for it, the strongest first */
  found: readonly string[]
}>()
const { goingOn, say } = useWords()
const preferences = usePreferences()
const sentences = computed(() => {
  const drive = props.ranked?.assessment.drive
  return [
    ...keeperSentences(props.suspect, props.ranked, props.found, { say, goingOn }),
    ...(drive && drive.may !== 'yes' ? [preferences.say(drive.why)] : []),
  ]
})
</script>

<template>
  <p class="keeper" data-testid="keeper">{{ sentences.join(' ') }}</p>
</template>

<style scoped>
.keeper {
  font-size: 19px;
  line-height: 1.35;
  border-left: 5px solid var(--line);
  padding-left: 12px;
}
</style>
