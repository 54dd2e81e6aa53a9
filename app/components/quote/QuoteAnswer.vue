<script setup lang="ts">
import { type CaseRecord, type QuoteAnswered, type QuoteDrawn, lineMinor } from '#core'
import { formatMoney } from '../../../words/format'

const { say } = useWords()

/** What the keeper says to a kept quote, line by line, and who noted it. */
type Entry<T> = CaseRecord & { data: T }
const props = defineProps<{
  caseId: string
  quote: Entry<QuoteDrawn>
  answer: Entry<QuoteAnswered> | undefined
  outdated: number
  disabled: boolean
}>()
const shop = useShop()
const preferences = usePreferences()
const { moment } = useMoments()
const accepted = ref<boolean[]>([])
const keeper = ref('')
const how = ref<QuoteAnswered['how']>('in-person')
const problem = ref('')
watch(
  () => [props.quote.id, props.answer?.id],
  () => {
    accepted.value = props.answer
      ? [...props.answer.data.accepted]
      : props.quote.data.lines.map(({ need }) => need !== 'later')
    keeper.value = props.answer?.data.keeper ?? keeper.value
    how.value = props.answer?.data.how ?? how.value
  },
  { immediate: true },
)
const HOW = (['in-person', 'by-telephone', 'in-writing'] as const).map((value) => ({
  value,
  text: say(`quote.how.${value}`),
}))
const amount = (line: QuoteDrawn['lines'][number]) =>
  formatMoney(
    lineMinor(line, props.quote.data.currency),
    props.quote.data.currency,
    preferences.language,
  )
async function keep() {
  problem.value = keeper.value.trim() ? '' : say('quote.whoAnswered')
  if (problem.value) return
  await shop.addRecord(props.caseId, 'quote.answered', {
    quote: props.quote.id,
    keeper: keeper.value.trim(),
    how: how.value,
    accepted: [...accepted.value],
  })
}
</script>

<template>
  <section class="sheet stack" :aria-label="say('quote.theKeeperSays')">
    <h2>{{ say('quote.theKeeperSays') }}</h2>
    <p v-if="answer" role="status">
      {{
        say('quote.answeredBy', {
          keeper: answer.data.keeper,
          how: say(`quote.how.${answer.data.how}`),
          noted: shop.nameOf(answer.by),
          at: moment(answer.observedAt),
        })
      }}
    </p>
    <p v-else-if="outdated > 0" class="caution" role="status">{{ say('quote.changedSince') }}</p>
    <v-checkbox
      v-for="(line, i) in quote.data.lines"
      :key="i"
      v-model="accepted[i]"
      :disabled="disabled"
      hide-details
      density="compact"
    >
      <template #label>
        <span class="line"
          ><span class="grow">{{ line.text }}</span
          ><span class="quiet small">{{ say(`quote.need.${line.need}`) }}</span
          ><span class="amount">{{ amount(line) }}</span></span
        >
      </template>
    </v-checkbox>
    <div class="row">
      <v-text-field
        v-model="keeper"
        :label="say('quote.keeper')"
        :disabled="disabled"
        maxlength="80"
        hide-details
        class="grow"
      />
      <ChoiceRow v-model="how" :label="say('quote.toldHow')" :options="HOW" :disabled="disabled" />
    </div>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <v-btn class="solid" :disabled="disabled" @click="keep">{{ say('quote.keepAnswer') }}</v-btn>
  </section>
</template>

<style scoped>
.line {
  display: flex;
  gap: 12px;
  width: 100%;
  align-items: baseline;
}
.amount {
  min-width: 96px;
  text-align: right;
}
:deep(.v-label) {
  width: 100%;
  opacity: 1;
}
</style>
