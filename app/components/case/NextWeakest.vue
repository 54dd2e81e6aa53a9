<script setup lang="ts">
import { auditOf, nextWeakest } from '#core'
import { formatChance } from '../../../words/format'

/** The parts that give next, once a leak is mended and the system holds its pressure again. */
const props = defineProps<{ mended: readonly string[] }>()
const { say } = useWords()
const open = useOpenCase()
const session = useSession()
const weakest = computed(() => {
  const input = open.input.value
  if (!input) return []
  const rows = auditOf({ ...input, at: new Date().toISOString() }, session.current?.shop.lives)
  return nextWeakest(props.mended, rows).map(({ part, risk }) =>
    say('case.next-weakest.part', {
      part: say(`audit.part.${part}`),
      chance: formatChance(risk),
    }),
  )
})
</script>

<template>
  <p v-if="weakest.length > 0" class="caution" data-testid="next-weakest">
    {{ say('case.next-weakest.says', { parts: weakest.join('; ') }) }}
    <NuxtLink :to="`/cases/${open.id}/audit`">{{ say('audit.title') }}</NuxtLink>
  </p>
</template>
