<script setup lang="ts">
import { BOOK, type RankedCase, type Suspect } from '#core'

/** A suspect as one would tell it to the vehicle's keeper: what it is, what was found, what is still to be shown. */
const props = defineProps<{
  suspect: Suspect
  ranked: RankedCase | undefined
  /** what was found that speaks for it, the strongest first */
  found: readonly string[]
}>()
const { goingOn, say } = useWords()
const preferences = usePreferences()
const LIKELY = 0.5
const MOST_FOUND = 2
const what = computed(() => BOOK.faults.find(({ id }) => id === props.suspect.fault)?.what ?? '')
const missing = computed(() => props.suspect.guards.find(({ met }) => !met)?.text)
const sentences = computed(() => {
  const isShown = props.ranked?.shown.includes(props.suspect.fault) === true
  const stands = isShown ? 'shown' : props.suspect.probability >= LIKELY ? 'likely' : 'possible'
  const found = props.found.slice(0, MOST_FOUND).map(goingOn).join('; ')
  const advice = props.ranked?.assessment.advice
  return [
    say('case.keeper.stands', { stands, what: goingOn(what.value) }),
    ...(found ? [say('case.keeper.found', { found })] : []),
    missing.value
      ? say('case.keeper.stillToShow', { missing: goingOn(missing.value) })
      : say('case.keeper.allShown'),
    ...(advice ? [preferences.say(advice)] : []),
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
