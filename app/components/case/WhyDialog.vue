<script setup lang="ts">
import { BOOK, evidenceFor, priorHere, type RankedCase } from '#core'
import { askTogether } from '../../ranking/ranker'
import { formatChance } from '../../../words/format'

const { say } = useWords()

/** Why a suspect stands where it does: evidence for and against, what is not proven yet, and how a repair is shown. */
const props = defineProps<{ fault: string | undefined; ranked: RankedCase | undefined }>()
const emit = defineEmits<{ close: [] }>()
const preferences = usePreferences()
const entry = computed(() => BOOK.faults.find((f) => f.id === props.fault))
const suspect = computed(() => props.ranked?.ranking.suspects.find((s) => s.fault === props.fault))
const evidence = computed(() => {
  const ranking = props.ranked?.ranking
  if (!ranking || !props.fault) return []
  return evidenceFor(ranking, props.fault).map(({ source, decibans, says, reason }) => ({
    source,
    decibans,
    text: [...new Set(says.map(preferences.say))].join('; '),
    reason:
      reason ??
      (decibans < 0
        ? say('case.why-dialog.othersExplainItBetter')
        : say('case.why-dialog.itMakesTheOthersLessLikely')),
  }))
})
const widest = computed(() => Math.max(3, ...evidence.value.map((e) => Math.abs(e.decibans))))
const open = inject(OPEN_CASE, undefined)
const percent = (share: number) => say('record.percent', { percent: (100 * share).toFixed(1) })
/** Where it started from here, if the shop's own cases move it. */
const startedFrom = computed(() => {
  const input = open?.input.value
  const { complaint } = input?.case ?? {}
  const shop = complaint && input?.experience?.[complaint]
  const prior = complaint && priorHere(props.fault ?? '', complaint, shop, input?.policy?.book)
  if (!prior) return undefined
  return say('record.countsHere', {
    cases: shop!.cases,
    confirmed: prior.confirmed,
    moved: percent(prior.moved),
    written: percent(prior.written),
  })
})
/** Where its lead has it otherwise than the book. */
const setHere = computed(() => {
  const { case: of, policy } = open?.input.value ?? {}
  if (!of || of.complaint === 'inspection' || !entry.value) return undefined
  const here = policy?.book?.priors?.[of.complaint]?.[entry.value.id]
  const book = entry.value.prior[of.complaint]
  return (
    here &&
    say('book.priorSet', {
      here: say(`library.prior.${here}`),
      book: say(`library.prior.${book}`),
    })
  )
})
/** What of all that was found is not this suspect's. */
const { answer: accounts } = useWorkedOut(
  () => (open?.answer.value && props.fault ? { fault: props.fault } : undefined),
  ({ fault }) => askTogether(open!.input.value!, [fault]),
)
const words = (db: number) =>
  Math.abs(db) > 10 ? 'strongly' : Math.abs(db) > 4 ? 'clearly' : 'a little'
</script>

<template>
  <v-dialog
    :aria-label="say('case.why-dialog.why', { name: entry?.name ?? '' })"
    :model-value="fault !== undefined"
    max-width="680"
    scrollable
    @update:model-value="emit('close')"
  >
    <v-card v-if="entry && suspect" class="pa-5 why">
      <div class="row">
        <h2 class="grow">{{ entry.name }}</h2>
        <strong>{{ formatChance(suspect.probability) }}</strong>
      </div>
      <KeeperSays
        :suspect="suspect"
        :ranked="ranked"
        :found="evidence.filter(({ decibans }) => decibans > 0).map(({ text }) => text)"
      />
      <p class="small quiet">{{ entry.priorBecause }}</p>
      <p v-if="setHere" class="small quiet">{{ setHere }}</p>
      <p v-if="startedFrom" class="small quiet">{{ startedFrom }}</p>
      <h3>{{ say('case.why-dialog.whatSpeaksForAndAgainst') }}</h3>
      <p v-if="evidence.length === 0" class="quiet">
        {{ say('case.why-dialog.nothingRecordedSoFarMoves') }}
      </p>
      <ul>
        <li v-for="item in evidence" :key="item.source">
          <div class="row says">
            <span class="grow bold">{{ item.text }}</span><span class="quiet small">{{
              say('case.why-dialog.db', {
                decibans: item.decibans > 0 ? 'for' : 'against',
                decibans2: words(item.decibans),
                decibans3: item.decibans > 0 ? '+' : '−',
                decibans4: Math.abs(item.decibans).toFixed(1),
              })
            }}</span>
          </div>
          <div class="axis">
            <span
              :class="item.decibans > 0 ? 'for' : 'against'"
              :style="{ width: `${(Math.abs(item.decibans) / widest) * 50}%` }"
            />
          </div>
          <p class="small quiet">{{ item.reason }}</p>
        </li>
      </ul>
      <HowFirm v-if="open && ranked" :suspect="suspect" :ranked="ranked" />
      <AccountsFor v-if="accounts" :decided="accounts" :causes="1" />
      <h3>{{ say('case.why-dialog.beforeAPartIsOrdered') }}</h3>
      <GuardList :suspect="suspect" :facts="ranked?.assessment.facts" @gone="emit('close')" />
      <TestOrReplace v-if="open" :fault="entry.id" />
      <h3>{{ say('case.why-dialog.howTheRepairIsProven') }}</h3>
      <p>{{ entry.proof }}</p>
      <DeclareSuspect v-if="open" :suspect="suspect" />
      <v-btn @click="emit('close')">{{ say('case.why-dialog.backToTheCheck') }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.why {
  display: flex;
  flex-direction: column;
  gap: 10px;
  overflow-y: auto;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.bold {
  font-weight: 600;
}
@media (max-width: 600px) {
  .says {
    flex-direction: column;
    align-items: flex-start;
    gap: 0;
  }
}
.axis {
  position: relative;
  height: 10px;
  background: linear-gradient(to right, var(--rail), var(--rail));
  margin: 2px 0;
}
.axis::after {
  content: '';
  position: absolute;
  left: 50%;
  top: -2px;
  bottom: -2px;
  width: 2px;
  background: var(--ink);
}
.axis span {
  position: absolute;
  top: 0;
  bottom: 0;
}
.axis .for {
  left: 50%;
  background: var(--hot);
}
.axis .against {
  right: 50%;
  background: var(--cool);
}
</style>
