<script setup lang="ts">
import { BOOK, faultEntry, faultName, type RankedCase, signName, type Suspect } from '#core'
import { askFirmness } from '../../ranking/ranker'

const { say } = useWords()

/**
 * How firmly a suspect stands: whether it is the root or follows from something else, what nobody explains, and of the
 * lead which answer would turn it and what one step in the book's judgement would change.
 */
const props = defineProps<{ suspect: Suspect; ranked: RankedCase }>()
const open = useOpenCase()
const leads = computed(() => props.ranked.ranking.suspects[0]?.fault === props.suspect.fault)
const { answer: firmness, failure } = useWorkedOut(
  () => (leads.value ? open.answer.value : undefined),
  () => askFirmness(open.input.value!),
)
const pivotWords = usePivotWords()
const entryName = (of: string) =>
  BOOK.conditions.find(({ id }) => id === of)?.name ??
  (of === 'leak' ? say('case.how-firm.anythingElse') : faultName(of))
/** Less than this is no suspect. */
const SUSPECTED = 0.05
/** What brings it about, of what is suspected itself. */
const roots = computed(() => {
  const suspected = props.ranked.ranking.suspects.filter(
    ({ probability }) => probability > SUSPECTED,
  )
  return (faultEntry(props.suspect.fault)?.comesFrom ?? [])
    .filter(({ id }) => suspected.some(({ fault }) => fault === id))
    .map(({ name }) => name)
})
const unexplained = computed(() =>
  props.ranked.ranking.unexplained.map(({ sign }) => signName(sign)).join('; '),
)
const MOST_UPSETS = 2
const upsets = computed(() =>
  (firmness.value?.stability.upsets ?? [])
    .slice(0, MOST_UPSETS)
    .map(({ of, sign, direction, lead }) =>
      say('case.how-firm.upset', {
        of: entryName(of),
        sign: signName(sign),
        direction,
        lead: faultName(lead),
      }),
    ),
)
const steps = computed(() => {
  const { keeps, shifts } = firmness.value?.stability ?? { keeps: 0, shifts: 0 }
  return shifts > 0 && say('case.how-firm.steps', { kept: Math.round(keeps * shifts), shifts })
})
</script>

<template>
  <section class="stack firm" data-testid="how-firm">
    <h3>{{ say('case.how-firm.title') }}</h3>
    <p v-if="suspect.role === 'consequence'">
      {{ say('case.how-firm.consequence', { roots: roots.join('; ') || 'none' }) }}
    </p>
    <p v-else-if="suspect.role === 'root'">{{ say('case.how-firm.root') }}</p>
    <p v-if="unexplained" class="caution">
      {{ say('case.how-firm.unexplained', { signs: unexplained }) }}
    </p>
    <p v-else>{{ say('case.how-firm.allExplained') }}</p>
    <template v-if="leads">
      <p v-if="failure" class="problem" role="alert">
        {{ say('case.suspect-list.theRankingStoppedOnThis') }}
      </p>
      <p v-else-if="!firmness" class="quiet" role="status">
        {{ say('case.plan-dialog.workingItOut') }}
      </p>
      <p v-if="firmness?.pivot">
        {{ say('case.how-firm.pivot') }} {{ pivotWords(firmness.pivot) }}
      </p>
      <p v-else-if="firmness">{{ say('case.how-firm.noPivot') }}</p>
      <p v-if="steps" class="small">
        {{ [steps, ...upsets].join(' ') }}
      </p>
    </template>
  </section>
</template>

<style scoped>
.firm {
  gap: 6px;
}
</style>
