<script setup lang="ts">
import { DateTime } from 'luxon'
import {
  BOOK,
  cleanAndDryCheck,
  eventsOfKind,
  isCheckId,
  knownValue,
  ofKind,
  type Part,
  writeCaseFile,
  yearAndDistance,
} from '#core'
import { RECORDABLE, reportOf } from '../../../checks'
import { saveFile } from '../../../look/save-file'
import { comesNext } from '../../../../words/comes-next'
import { endLines } from '../../../../words/case-end'
import { leftWords, repairLines, repairWords } from '../../../../words/records'

const { checkName, checkWhy, say, partName } = useWords()

const route = useRoute()
const shop = useShop()
const session = useSession()
const preferences = usePreferences()
const id = String(route.params.id)
const input = computed(() => shop.caseInput(id))
const { fetching, outcome, fetchIt } = useCaseHere(id)
const { state, records, events } = useCaseState(() => input.value)
const { answer } = useRanking(() => input.value)
const ranked = computed(() => answer.value?.ranked)
provide(OPEN_CASE, {
  id,
  input,
  state,
  records,
  events,
  answer,
  mayRecord: computed(() => false),
  part: ref<Part>(),
  goTo: (check) => void navigateTo({ path: `/cases/${id}`, query: { check } }),
  engineRuns: () => Promise.resolve(false),
})
const next = computed(() =>
  ranked.value && state.value
    ? comesNext(ranked.value, state.value, { say, checkName, checkWhy })
    : [],
)
const gone = computed(() => input.value && yearAndDistance(input.value.vehicle).kilometres)
const made = DateTime.now()
const { moment } = useMoments()
const who = shop.nameOf

/** Checks with a part of the report of their own, in the order of the work. */
const parts = RECORDABLE.flatMap((check) => {
  const component = reportOf(check.id)
  return component ? [{ id: check.id, component }] : []
})
/** Wiping says nothing by itself. */
const isToldElsewhere = (check: string) =>
  check === cleanAndDryCheck.id || (isCheckId(check) && reportOf(check) !== undefined)
const others = computed(() =>
  (ranked.value?.assessment.outcomes ?? []).filter((o) => !isToldElsewhere(o.check)),
)
const repairs = computed(() => eventsOfKind(events.value, 'repaired'))
const ends = computed(() => endLines(events.value, { say, when: moment }))
const people = computed(() =>
  [...new Set([...records.value, ...events.value].map((r) => who(r.by)))].join(', '),
)
const declared = computed(() => ofKind(records.value, 'suspect.declared'))
const photos = computed(() => ofKind(records.value, 'photo.taken'))
/** what tells of every vehicle of the model is the shop's, and not this keeper's */
const notes = computed(() =>
  ofKind(records.value, 'note').filter(({ data }) => data.ofModel === undefined),
)
const problem = ref('')
usePrintedPages(() => {
  const { name = '', plate = '' } = input.value?.vehicle ?? {}
  return [say('report.coolingSystemReport'), name, plate].filter(Boolean).join(' · ')
})

const print = () => window.print()
function exportCase() {
  problem.value = ''
  const file = shop.caseFileOf(id)
  if (!file) return void (problem.value = say('report.thisCaseIsNotComplete'))
  const name = input.value?.vehicle.plate?.replace(/\W+/g, '-') || id
  saveFile(`case-${name}.json`, 'application/json', writeCaseFile(file))
}
</script>

<template>
  <main v-if="input" class="report">
    <div class="row no-print tools">
      <v-btn :to="`/cases/${id}`">{{ say('report.backToTheCase') }}</v-btn><span class="grow" />
      <v-btn @click="exportCase">{{ say('report.exportTheCase') }}</v-btn>
      <v-btn v-if="photos.length > 0" :href="`/api/cases/${id}/archive`" download>{{
        say('report.withPhotographs')
      }}</v-btn>
      <v-btn @click="print">{{ say('report.print') }}</v-btn>
      <v-btn
        class="solid"
        :href="`/api/cases/${id}/report?paper=${preferences.paper}`"
        target="_blank"
        >{{ say('report.pdf') }}</v-btn
      >
      <p v-if="problem" class="problem">{{ problem }}</p>
    </div>
    <article class="sheet paper">
      <header>
        <div>
          <h1>{{ say('report.coolingSystemReport') }}</h1>
          <p>{{ session.current?.shop.name }} · {{ made.toFormat('d LLLL yyyy') }}</p>
        </div>
        <div class="vehicle">
          <strong>{{ input.vehicle.name }}</strong><span v-if="input.vehicle.model">{{
            input.vehicle.model
          }}</span
          ><span v-if="input.vehicle.plate">{{ input.vehicle.plate }}</span
          ><span v-if="gone">{{ preferences.show('distance', gone) }}</span>
        </div>
      </header>
      <p class="lead">
        <strong>{{ say(`complaint.${input.case.complaint}`) }}:</strong>
        {{
          say('report.openedBy', {
            title: input.case.title,
            openedAt: moment(input.case.openedAt),
            openedBy: who(input.case.openedBy),
          })
        }}
      </p>
      <p v-if="ranked && ranked.assessment.drive.may !== 'yes'" class="caution">
        {{ preferences.say(ranked.assessment.drive.why) }}
      </p>
      <template v-if="ranked">
        <SuspectTable :ranked="ranked" />
        <section v-if="next.length > 0">
          <h2>{{ say('report.paper.whatComesNext') }}</h2>
          <p v-for="line in next" :key="line">{{ line }}</p>
        </section>
        <component
          :is="part.component"
          v-for="part in parts"
          :key="part.id"
          :outcomes="ranked.assessment.outcomes"
        />
        <OutcomeSection v-for="o in others" :key="o.source" :outcome="o" />
      </template>
      <section v-if="declared.length > 0">
        <h2>{{ say('report.declared') }}</h2>
        <p v-for="d in declared" :key="d.id">
          <strong
            >{{ BOOK.faults.find((f) => f.id === d.data.fault)?.name ?? d.data.fault }}:</strong
          >
          {{ say('report.declaredAs', { as: d.data.as, when: moment(d.observedAt) }) }}
          {{ d.data.because }}
          <template v-if="d.data.notShown">{{
            say('case.declare-suspect.without', { proofs: d.data.notShown.join('; ') })
          }}</template>
        </p>
      </section>
      <section v-if="photos.length > 0">
        <h2>{{ say('report.photographs') }}</h2>
        <div class="photos">
          <figure v-for="p in photos" :key="p.id">
            <img
              :src="shop.pictureUrl(p.data.sha256)"
              :alt="
                p.data.words ?? (p.data.part ? partName(p.data.part) : say('report.photograph'))
              "
            />
            <figcaption class="small">
              {{
                p.data.words ??
                (p.data.part ? partName(p.data.part) : checkName(p.data.check ?? ''))
              }}, {{ moment(p.observedAt) }}
            </figcaption>
          </figure>
        </div>
      </section>
      <NotesSection :notes="notes" :who="who" />
      <section v-if="repairs.length > 0">
        <h2>{{ say('report.workDone') }}</h2>
        <template v-for="repair in repairs" :key="repair.id">
          <p>{{ moment(repair.observedAt) }}: {{ repairWords(repair) }}</p>
          <ul v-if="repairLines(repair).length > 0" class="small">
            <li v-for="line in repairLines(repair)" :key="line">{{ line }}</li>
          </ul>
          <p v-if="leftWords(repair)">
            <strong>{{ say('case.repair-steps.left', { left: leftWords(repair) }) }}</strong>
          </p>
        </template>
      </section>
      <section v-if="ends.length > 0">
        <h2>{{ say('report.end.title') }}</h2>
        <p v-for="line in ends" :key="line">{{ line }}</p>
      </section>
      <section v-if="ranked && ranked.assessment.assumptions.length > 0">
        <h2>{{ say('report.assumed') }}</h2>
        <p v-for="a in ranked.assessment.assumptions" :key="a.id">{{ preferences.say(a) }}</p>
      </section>
      <footer class="small">
        <p>
          {{
            say('report.recordedByElevationCapAsked', {
              people: people || say('report.nobodyYet'),
              elevationMetres: preferences.show('elevation', input.site.elevationMetres),
              ratingKPa: knownValue(input.vehicle.profile.caps?.[0]?.ratingKPa)
                ? preferences.show(
                    'pressure',
                    knownValue(input.vehicle.profile.caps?.[0]?.ratingKPa)!,
                  )
                : say('report.notKnown'),
              version: ranked?.book.version,
              hash: ranked?.book.hash,
              engine: ranked?.engine,
            })
          }}
        </p>
        <p>
          {{ say('report.supportsAQualifiedTechnicianThe') }}
        </p>
      </footer>
    </article>
  </main>
  <CaseNotHere v-else :fetching="fetching" :outcome="outcome" @again="fetchIt" />
</template>

<style src="../../../assets/report.css"></style>
