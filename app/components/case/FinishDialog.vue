<script setup lang="ts">
import {
  BOOK,
  type CheckId,
  faultName,
  levelFollowUpCheck,
  proofOf,
  stripDownOf,
  teardownCheck,
} from '#core'
import { leftWords, workWords } from '../../../words/records'

const { checkName, say } = useWords()

/** The end of a case: what was mended, what proves it, and closing it on a cause or openly without one. */
const shown = defineModel<boolean>('open', { required: true })
const here = useOpenCase()
const shop = useShop()
const session = useSession()
const state = computed(() => here.state.value)
const suspects = computed(() => here.answer.value?.ranked.ranking.suspects ?? [])
const mayWork = computed(() => session.current?.may.close === true)
/** The likeliest first: what was mended is mostly among them. */
const choices = computed(() =>
  (suspects.value.length > 0
    ? suspects.value.map(({ fault }) => fault)
    : BOOK.faults.map(({ id }) => id)
  ).map((value) => ({ value, title: faultName(value) })),
)
const proof = computed(() =>
  proofOf(here.answer.value?.ranked.assessment.outcomes ?? [], state.value!),
)
const repairs = computed(() =>
  (state.value?.events ?? []).flatMap((event) => (event.kind === 'repaired' ? [event] : [])),
)
const mended = computed(() => [...new Set(repairs.value.flatMap(({ data }) => data.faults))])

const stripDown = computed(() =>
  state.value && here.input.value ? stripDownOf(state.value, here.input.value) : [],
)
const unmeasured = computed(() =>
  stripDown.value.flatMap(({ item, isTaken }) => (isTaken ? [] : [item])),
)
const because = ref('')

/** A case has so many causes at most. */
const MOST_CAUSES = 5
/** So many leading suspects are kept with it as they were believed. */
const MOST_BELIEVED = 3
const outcome = ref<'cause-confirmed' | 'not-found'>('cause-confirmed')
const causes = ref<string[]>([])
const words = ref('')
const problem = ref('')
watch(shown, (isOpen) => {
  if (!isOpen) return
  problem.value = ''
  because.value = ''
  causes.value = mended.value.slice(0, MOST_CAUSES)
})
const written = (name: string, text: string) => (text.trim() ? { [name]: text.trim() } : {})

const confirm = (faults: readonly string[]) =>
  (causes.value = [...new Set([...causes.value, ...faults])].slice(0, MOST_CAUSES))
async function close() {
  problem.value = ''
  const isConfirmed = outcome.value === 'cause-confirmed'
  if (isConfirmed && causes.value.length === 0)
    return void (problem.value = say('case.finish-dialog.sayTheCause'))
  const isShort = isConfirmed && unmeasured.value.length > 0
  if (isShort && !because.value.trim())
    return void (problem.value = say('case.strip-down.sayWhy', { n: unmeasured.value.length }))
  await shop.addEvent(here.id, 'closed', {
    outcome: outcome.value,
    causes: isConfirmed ? causes.value : [],
    ...written('words', words.value),
    believed: suspects.value
      .slice(0, MOST_BELIEVED)
      .map(({ fault, probability }) => ({ fault, probability })),
    ...(isShort && { unmeasured: { items: unmeasured.value, because: because.value.trim() } }),
  })
  shown.value = false
}
async function reopen() {
  const why = written('why', words.value)
  words.value = ''
  await shop.addEvent(here.id, 'reopened', { ...why })
}
function go(check: CheckId) {
  shown.value = false
  here.goTo(check)
}
</script>

<template>
  <v-dialog
    v-model="shown"
    :aria-label="say('case.finish-dialog.repairAndClose')"
    max-width="700"
    scrollable
  >
    <v-card v-if="state" class="pa-5 stack">
      <h2>{{ say('case.finish-dialog.repairAndClose') }}</h2>
      <div class="body">
        <section v-if="state.closed" class="stack">
          <p>{{ say('case.finish-dialog.isClosed') }}</p>
          <v-textarea v-model="words" :label="say('case.finish-dialog.whyAgain')" rows="2" />
          <v-btn class="solid" :disabled="!mayWork" @click="reopen">{{
            say('case.finish-dialog.reopen')
          }}</v-btn>
        </section>
        <template v-else>
          <section class="row">
            <p class="grow">{{ say('case.finish-dialog.whatItComesTo') }}</p>
            <v-btn :to="`/cases/${here.id}/quote`">{{ say('quote.title') }}</v-btn>
          </section>
          <section class="stack">
            <h3>{{ say('case.finish-dialog.mended') }}</h3>
            <p v-for="event in repairs" :key="event.id" class="small">
              ✓
              {{
                [event.data.faults.map(faultName).join(' + '), workWords(event)]
                  .filter(Boolean)
                  .join(': ')
              }}
              <strong v-if="leftWords(event)">{{
                say('case.repair-steps.left', { left: leftWords(event) })
              }}</strong>
            </p>
            <NextWeakest :mended="mended" />
            <RepairForm :choices="choices" :disabled="!mayWork" @recorded="confirm" />
          </section>
          <section v-if="repairs.length > 0" class="stack" data-testid="proof">
            <h3>{{ say('case.finish-dialog.proof') }}</h3>
            <p
              v-if="proof.left.length + proof.failed.length + proof.passed.length === 0"
              class="quiet"
            >
              {{ say('case.finish-dialog.nothingHadFailed') }}
            </p>
            <ul>
              <li v-for="check in proof.failed" :key="check" class="failed">
                {{ say('case.finish-dialog.failedAgain', { check: checkName(check) }) }}
                <button type="button" class="plain-button" @click="go(check)">
                  {{ say('case.next-box.goThere') }}
                </button>
              </li>
              <li v-for="check in proof.left" :key="check">
                {{ say('case.finish-dialog.stillToRepeat', { check: checkName(check) }) }}
                <button type="button" class="plain-button" @click="go(check)">
                  {{ say('case.next-box.goThere') }}
                </button>
              </li>
              <li v-for="check in proof.passed" :key="check">
                ✓ {{ say('case.finish-dialog.passedSince', { check: checkName(check) }) }}
              </li>
            </ul>
          </section>
          <StripDown :lines="stripDown" @go="go(teardownCheck.id)" />
          <FollowUps @go="go(levelFollowUpCheck.id)" />
          <section class="stack">
            <h3>{{ say('case.finish-dialog.close') }}</h3>
            <ChoiceRow
              v-model="outcome"
              :label="say('case.finish-dialog.howItEnds')"
              :options="[
                { value: 'cause-confirmed', text: say('case.finish-dialog.confirmed') },
                { value: 'not-found', text: say('case.finish-dialog.notFound') },
              ]"
              :disabled="!mayWork"
            />
            <v-autocomplete
              v-if="outcome === 'cause-confirmed'"
              v-model="causes"
              :items="choices"
              :label="say('case.finish-dialog.cause')"
              :disabled="!mayWork"
              multiple
              chips
              hide-details
            />
            <v-textarea
              v-model="words"
              :label="say('case.finish-dialog.inWords')"
              :disabled="!mayWork"
              rows="2"
              maxlength="1000"
              hide-details
            />
            <v-text-field
              v-if="outcome === 'cause-confirmed' && unmeasured.length > 0"
              v-model="because"
              :label="say('case.strip-down.because')"
              :disabled="!mayWork"
              maxlength="500"
              hide-details
            />
            <p v-if="outcome === 'cause-confirmed' && proof.left.length > 0" class="caution">
              {{ say('case.finish-dialog.notProvenYet', { left: proof.left.length }) }}
            </p>
          </section>
        </template>
      </div>
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <div class="row">
        <v-btn v-if="!state.closed" class="solid grow" :disabled="!mayWork" @click="close">{{
          say('case.finish-dialog.closeTheCase')
        }}</v-btn>
        <v-btn @click="shown = false">{{ say('case.why-dialog.backToTheCheck') }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.body {
  display: flex;
  flex-direction: column;
  gap: 20px;
  overflow-y: auto;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  align-items: center;
  gap: 14px;
  min-height: 48px;
  flex-wrap: wrap;
}
.failed {
  color: var(--hot);
  font-weight: 600;
}
</style>
