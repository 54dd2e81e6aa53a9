<script setup lang="ts">
import { DateTime } from 'luxon'
import {
  BOOK,
  bookWith,
  headBoltsFor,
  may,
  quoteCsv,
  quoteUbl,
  repairMinutesNoted,
  type WayId,
} from '#core'
import { saveFile } from '../../../look/save-file'

const { goingOn, say } = useWords()

/** What the repair comes to: drawn up from the causes, changed by hand, kept, sent, and answered line by line. */
const route = useRoute()
const shop = useShop()
const session = useSession()
const id = String(route.params.id)
const input = computed(() => shop.caseInput(id))
const { fetching, outcome, fetchIt } = useCaseHere(id)
const { state, records } = useCaseState(() => input.value)
const { answer } = useRanking(() => input.value)
const prices = computed(() => session.current?.shop.prices)
const { notes } = useModelNotes(() => input.value)
/** what repairs took on vehicles of this model, as somebody noted it */
const noted = computed(() => repairMinutesNoted(notes.value))
/** Faults with what their repair takes: as it was noted of the model, else as the lead has it, else by the book. */
const faultsHere = computed(() => {
  const { book } = session.policy ?? {}
  return bookWith({ ...book, repairMinutes: { ...book?.repairMinutes, ...noted.value } }).faults
})
const { kept, suspects, offered, lines, open, problem, drawUp, addLine, advise, keep } = useQuote({
  id,
  records: () => records.value,
  ranked: () => answer.value?.ranked,
  profile: () => input.value?.vehicle.profile ?? {},
  prices: () => prices.value,
  faults: () => faultsHere.value,
  bolts: (faults) => state.value && input.value && headBoltsFor(faults, state.value, input.value),
})
const mayQuote = computed(
  () =>
    session.current !== undefined &&
    may(session.current.person.role, 'declare') &&
    prices.value !== undefined,
)
const causes = ref<string[]>()
const chosen = computed({
  get: () => causes.value ?? offered.value,
  set: (value) => (causes.value = value),
})
/** how each cause is put right; with a new part where nothing was chosen */
const ways = ref<Partial<Record<string, WayId>>>({})
/** the ways by which the lines were drawn up */
const drawnBy = ref('')
const waysChosen = computed(() =>
  JSON.stringify(chosen.value.map((fault) => [fault, ways.value[fault] ?? 'new'])),
)
const isOfOtherWays = computed(
  () => lines.value.length > 0 && drawnBy.value !== '' && drawnBy.value !== waysChosen.value,
)
function draw() {
  drawUp(chosen.value, ways.value)
  drawnBy.value = waysChosen.value
}
const faults = computed(() => faultsHere.value.filter(({ id }) => chosen.value.includes(id)))
const words = ref('')
const preferences = usePreferences()
const nameOf = (fault: string) => BOOK.faults.find((f) => f.id === fault)?.name ?? fault
const choices = computed(() =>
  suspects.value.map(({ fault }) => ({ value: fault, title: nameOf(fault) })),
)
/** Repairs whose labour is what somebody noted of the model. */
const takenFromNotes = computed(() =>
  faults.value.flatMap(({ id, name, cost }) =>
    id in noted.value ? [say('quote.asNoted', { fault: name, minutes: cost.minutes })] : [],
  ),
)
/** What is still asked for before these causes are proven. */
const notShown = computed(() =>
  suspects.value
    .filter(({ fault }) => chosen.value.includes(fault))
    .flatMap(({ guards }) => guards.filter(({ met }) => !met).map(({ text }) => goingOn(text))),
)
const priced = computed(() =>
  lines.value.map((line) => ({
    ...line,
    quantity: line.quantity ?? 0,
    unitPrice: line.unitPrice ?? 0,
  })),
)
const fileName = computed(() => `quote-${input.value?.vehicle.plate?.replace(/\W+/g, '-') || id}`)
function saveCsv() {
  saveFile(`${fileName.value}.csv`, 'text/csv', quoteCsv(kept.value!.quote.data))
}
function saveUbl() {
  const { quote } = kept.value!
  const issued = DateTime.fromISO(quote.observedAt)
  const xml = quoteUbl(quote.data, {
    id: quote.id,
    issued: issued.toISODate()!,
    validUntil: issued.plus({ days: quote.data.validDays }).toISODate()!,
    shop: session.current?.shop.name ?? '',
    vehicle: [input.value?.vehicle.name, input.value?.vehicle.plate].filter(Boolean).join(' '),
  })
  saveFile(`${fileName.value}.xml`, 'application/xml', xml)
}
</script>

<template>
  <main v-if="input" class="quote stack">
    <div class="row tools">
      <h1 class="grow">
        {{ say('quote.title') }} <span class="quiet">{{ input.vehicle.name }}</span>
        {{ input.vehicle.plate }}
      </h1>
      <v-btn :to="`/cases/${id}`">{{ say('report.backToTheCase') }}</v-btn>
      <template v-if="kept">
        <v-btn @click="saveCsv">{{ say('quote.csv') }}</v-btn>
        <v-btn @click="saveUbl">{{ say('quote.ubl') }}</v-btn>
        <v-btn :href="`/api/cases/${id}/quote?paper=${preferences.paper}`" target="_blank">{{
          say('quote.pdf')
        }}</v-btn>
      </template>
    </div>
    <p v-if="!prices" class="caution">
      {{ say('quote.pricesNotSet') }}
      <NuxtLink v-if="session.current?.may.setPrices" to="/prices">{{
        say('prices.title')
      }}</NuxtLink>
    </p>
    <template v-else>
      <section class="sheet stack" :aria-label="say('quote.lines')">
        <div class="row">
          <v-autocomplete
            v-model="chosen"
            :items="choices"
            :label="say('quote.causes')"
            :disabled="!mayQuote"
            multiple
            chips
            hide-details
            class="grow"
          />
          <v-btn
            :class="{ solid: lines.length === 0 }"
            :disabled="!mayQuote || chosen.length === 0"
            @click="draw"
            >{{ say('quote.drawUp') }}</v-btn
          >
        </div>
        <p v-if="chosen.length === 0 && lines.length === 0" class="quiet">
          {{ say('quote.chooseCauses') }}
        </p>
        <p v-if="notShown.length > 0" class="caution">
          {{ say('quote.notShownYet', { proofs: notShown.slice(0, 3).join('; ') }) }}
        </p>
        <p v-for="one in takenFromNotes" :key="one" class="small">{{ one }}</p>
        <DecidedTogether :case-id="id" :causes="faults" :prices="prices" />
        <RepairWays
          v-for="fault in faults"
          :key="fault.id"
          :model-value="ways[fault.id] ?? 'new'"
          :fault="fault"
          :prices="prices"
          :profile="input.vehicle.profile"
          :disabled="!mayQuote"
          @update:model-value="ways[fault.id] = $event"
        />
        <p v-if="kept && kept.quote.data.currency !== prices.currency" class="caution">
          {{
            say('quote.currencyChanged', {
              was: kept.quote.data.currency,
              now: prices.currency,
            })
          }}
        </p>
        <p v-if="isOfOtherWays" class="caution">{{ say('quote.ways.drawAgain') }}</p>
        <p v-for="one in open" :key="one" class="caution">{{ one }}</p>
        <template v-if="lines.length > 0">
          <QuoteLines v-model="lines" :currency="prices.currency" :disabled="!mayQuote" />
          <div class="row below">
            <div class="stack">
              <v-btn :disabled="!mayQuote" @click="addLine">{{ say('quote.addLine') }}</v-btn>
              <v-text-field
                v-model="words"
                :label="say('quote.words')"
                :disabled="!mayQuote"
                maxlength="500"
                hide-details
              />
            </div>
            <QuoteSums :lines="priced" :money="prices" class="grow" />
          </div>
          <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
          <v-btn class="solid" :disabled="!mayQuote" @click="keep(words)">{{
            say(kept ? 'quote.keepNewVersion' : 'quote.keep')
          }}</v-btn>
        </template>
      </section>
      <AlongWith
        v-if="lines.length > 0"
        :input="input"
        :causes="chosen"
        :prices="prices"
        :taken="lines.map(({ text }) => text)"
        :disabled="!mayQuote"
        @advise="advise"
      />
      <template v-if="kept">
        <QuoteAnswer
          :case-id="id"
          :quote="kept.quote"
          :answer="kept.answer"
          :outdated="kept.outdated.length"
          :disabled="!mayQuote"
        />
        <ThenAndNow :quote="kept.quote.data" :suspects="suspects" />
      </template>
    </template>
  </main>
  <CaseNotHere v-else :fetching="fetching" :outcome="outcome" @again="fetchIt" />
</template>

<style scoped>
.quote {
  max-width: 1120px;
  width: 100%;
  margin: 0 auto;
  padding: 16px;
}
.tools {
  align-items: center;
}
.tools h1 {
  flex: 1 1 300px;
}
.below {
  align-items: flex-start;
  gap: 24px;
}
.below > .stack {
  flex: 1 1 240px;
}
.below > .grow {
  flex: 1 1 420px;
}
</style>
