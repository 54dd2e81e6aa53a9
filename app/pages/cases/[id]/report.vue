<script setup lang="ts">
import { itemWords } from '../../../../words/records'
import { DateTime } from 'luxon'
import { knownValue, partsOf } from '../../../../core/casefile/profile'
import { eventsOfKind, ofKind } from '../../../../core/casefile/records'
import { writeCaseFile } from '../../../../core/casefile/read'
import { QUESTIONS } from '../../../../core/checks/interview/questions'
import { PART_NAMES } from '../../../../core/knowledge/parts'
import { formatChance, formatClock, formatNumber } from '../../../../words/format'
import { stateWords } from '../../../../words/states'
import { BOOK } from '../../../../core/knowledge/book'
import {
  CHECK_NAMES,
  checkName,
  COMPLAINT_NAMES,
  HOLD_STATE_NAMES,
  type CheckId,
} from '../../../words-app'

const route = useRoute()
const bench = useBench()
const session = useSession()
const preferences = usePreferences()
const id = String(route.params.id)
const input = computed(() => bench.caseInput(id))
const current = computed(() => standingOf(input.value))
const { answer } = useRanking(() => input.value)
const ranked = computed(() => answer.value?.ranked)
const made = DateTime.now()
const who = (person: string) => bench.people.get(person) ?? 'not named'
const when = (moment: string) => DateTime.fromISO(moment).toFormat('d LLL yyyy, HH:mm')
const answers = computed(() =>
  ofKind(current.value.records, 'interview.answer').map((a) => ({
    ...a.data,
    id: a.id,
    asks: QUESTIONS.find((q) => q.id === a.data.question)?.asks ?? a.data.question,
  })),
)
const looks = computed(
  () => new Map(ofKind(current.value.records, 'look-round.part').map((l) => [l.data.part, l.data])),
)
const notLooked = computed(() =>
  partsOf(input.value?.vehicle.profile ?? {})
    .filter((p) => p !== 'fan' && !looks.value.has(p))
    .map((p) => PART_NAMES[p]),
)
const repairs = computed(() => eventsOfKind(current.value.events, 'repaired'))
const people = computed(() =>
  [...new Set([...current.value.records, ...current.value.events].map((r) => who(r.by)))].join(
    ', ',
  ),
)
const SEEN = {
  dry: 'dry',
  stained: 'stained',
  wet: 'wet',
  'dried-and-wet-again': 'dried, wet again',
  issuing: 'coolant seen issuing',
}
const SAYS = { yes: 'yes', no: 'no', 'not-known': 'not known' }
const outcomes = computed(() =>
  (ranked.value?.assessment.outcomes ?? []).filter((o) => o.check !== 'clean-and-dry'),
)
const declared = computed(() => ofKind(current.value.records, 'suspect.declared'))
const photos = computed(() => ofKind(current.value.records, 'photo.taken'))
const problem = ref('')

const print = () => window.print()
function exportCase() {
  problem.value = ''
  const file = bench.caseFileOf(id)
  if (!file) return void (problem.value = 'This case is not complete on this device.')
  const link = Object.assign(document.createElement('a'), {
    href: URL.createObjectURL(new Blob([writeCaseFile(file)], { type: 'application/json' })),
    download: `case-${input.value?.vehicle.plate?.replace(/\W+/g, '-') || id}.json`,
  })
  link.click()
  setTimeout(() => URL.revokeObjectURL(link.href), 1000)
}
</script>

<template>
  <main v-if="input" class="report">
    <div class="row no-print tools">
      <v-btn :to="`/cases/${id}`">Back to the case</v-btn><span class="grow" />
      <v-btn @click="exportCase">Export the case</v-btn>
      <v-btn class="solid" @click="print">Print or save as PDF</v-btn>
      <p v-if="problem" class="problem">{{ problem }}</p>
    </div>
    <article class="sheet paper">
      <header>
        <div>
          <h1>Cooling-system report</h1>
          <p>{{ session.current?.shop.name }} · {{ made.toFormat('d LLLL yyyy') }}</p>
        </div>
        <div class="vehicle">
          <strong>{{ input.vehicle.name }}</strong><span v-if="input.vehicle.model">{{
            input.vehicle.model
          }}</span
          ><span v-if="input.vehicle.plate">{{ input.vehicle.plate }}</span
          ><span v-if="input.vehicle.kilometres">{{
            preferences.show('distance', input.vehicle.kilometres)
          }}</span>
        </div>
      </header>
      <p class="lead">
        <strong>{{ COMPLAINT_NAMES[input.case.complaint] }}:</strong> {{ input.case.title }}. Opened
        {{ when(input.case.openedAt) }} by {{ who(input.case.openedBy) }}.
      </p>
      <p v-if="ranked?.assessment.advice" class="caution">
        {{ preferences.say(ranked.assessment.advice) }}
      </p>
      <section v-if="ranked">
        <h2>What is likely, and what is not proven</h2>
        <table>
          <thead>
            <tr>
              <th>Suspect</th>
              <th>How likely</th>
              <th>Not proven yet</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="s in ranked.ranking.suspects.slice(0, 5)" :key="s.fault">
              <td>{{ s.name }}<span v-if="s.role === 'consequence'"> (consequence)</span></td>
              <td>{{ formatChance(s.probability) }}</td>
              <td>
                {{
                  s.guards
                    .filter((g) => !g.met)
                    .map((g) => g.text)
                    .join('; ') || 'shown'
                }}
              </td>
            </tr>
          </tbody>
        </table>
        <p>
          Nothing wrong: {{ formatChance(ranked.ranking.nothingWrong) }}. Something the book does
          not list: {{ formatChance(ranked.ranking.notInTheBook) }}.
        </p>
      </section>
      <section v-for="(hold, i) in ranked?.assessment.holds ?? []" :key="hold.id">
        <h2>
          Pressure hold{{ (ranked?.assessment.holds.length ?? 0) > 1 ? ` ${i + 1}` : '' }}:
          {{ HOLD_STATE_NAMES[hold.analysis.state].toLowerCase() }}
        </h2>
        <p>
          {{ when(hold.startedAt) }}, {{ hold.analysis.points.length }} readings over
          {{ formatClock(hold.analysis.points.at(-1)?.elapsedSeconds ?? 0) }}, at most
          {{ preferences.show('pressure', hold.analysis.allowedKPaGauge) }} allowed.
          <template v-if="hold.analysis.fallKPaPerMinute"
            >Falls
            {{
              preferences.show('pressureRate', Math.max(0, hold.analysis.fallKPaPerMinute.value))
            }}
            ({{
              formatNumber(
                'pressureRate',
                Math.max(0, hold.analysis.fallKPaPerMinute.low),
                preferences.units,
              )
            }}
            to
            {{
              formatNumber(
                'pressureRate',
                Math.max(0, hold.analysis.fallKPaPerMinute.high),
                preferences.units,
              )
            }}); limit
            {{ preferences.show('pressureRate', hold.analysis.limit.kPaPerMinute) }}.</template
          >
          <template v-if="hold.analysis.lossBudget">
            About
            {{ preferences.show('volume', hold.analysis.lossBudget.litresPerWeek.value, 1) }} a week
            ({{
              formatNumber(
                'volume',
                hold.analysis.lossBudget.litresPerWeek.low,
                preferences.units,
                1,
              )
            }}
            to
            {{
              formatNumber(
                'volume',
                hold.analysis.lossBudget.litresPerWeek.high,
                preferences.units,
                1,
              )
            }})<template v-if="hold.analysis.lossBudget.reportedLitresPerWeek !== undefined"
              >; the keeper reports
              {{
                preferences.show('volume', hold.analysis.lossBudget.reportedLitresPerWeek, 1)
              }}</template
            >.</template
          >
        </p>
        <HoldChart :analysis="hold.analysis" :elapsed-seconds="0" :running="false" class="chart" />
        <p class="small">
          <strong
            >{{
              hold.analysis.state === 'tight'
                ? 'This pass does not clear'
                : 'A pass would not have cleared'
            }}:</strong
          >
          {{ hold.analysis.doesNotProve.map(preferences.say).join('; ') }}.
        </p>
        <p v-for="note in hold.analysis.notes" :key="note.id" class="small">
          {{ preferences.say(note) }}
        </p>
      </section>
      <section v-if="ranked?.assessment.caps.length || ranked?.assessment.selfChecks.length">
        <h2>Cap and tester</h2>
        <p v-for="cap in ranked?.assessment.caps" :key="cap.id">
          Cap: {{ cap.analysis.states.join(', ').replaceAll('-', ' ') || 'recorded'
          }}<template v-if="cap.analysis.openingKPaGauge !== undefined"
            >; opens at {{ preferences.show('pressure', cap.analysis.openingKPaGauge) }}</template
          ><template v-if="cap.analysis.heldKPaGauge !== undefined"
            >, holds {{ preferences.show('pressure', cap.analysis.heldKPaGauge) }} after a
            minute</template
          ><template v-if="cap.analysis.boilingPointC !== undefined"
            >. Coolant boils at
            {{ preferences.show('temperature', cap.analysis.boilingPointC) }} with it<template
              v-if="(cap.analysis.marginLostK ?? 0) > 0.5"
              >, {{ preferences.show('temperatureDifference', cap.analysis.marginLostK!) }} less
              than with a sound one</template
            ></template
          >. Not cleared by this: {{ cap.analysis.doesNotProve.map(preferences.say).join('; ') }}.
        </p>
        <p v-for="check in ranked?.assessment.selfChecks" :key="check.id">
          Tester on itself: {{ check.analysis.state.replaceAll('-', ' ') }},
          {{ preferences.show('flow', check.analysis.flowMLPerMinute.value) }}.
        </p>
      </section>
      <section>
        <h2>Seen and said</h2>
        <p v-if="looks.size > 0">
          <template v-for="(look, p, i) in Object.fromEntries(looks)" :key="p"
            >{{ i ? '; ' : '' }}{{ PART_NAMES[look.part] }}: {{ SEEN[look.seen] }}</template
          >.
        </p>
        <p v-if="notLooked.length > 0">
          <strong>Not looked at:</strong> {{ notLooked.join(', ') }}.
        </p>
        <ul>
          <li v-for="a in answers" :key="a.id">
            {{ a.asks }} <strong>{{ SAYS[a.answer] }}</strong>
          </li>
        </ul>
        <p v-if="ranked?.assessment.lossPerWeek">
          Tops up about
          {{ preferences.show('volume', ranked.assessment.lossPerWeek.litresPerWeek, 2) }} a week.
        </p>
      </section>
      <section v-for="o in outcomes" :key="o.source">
        <h2>
          {{ checkName(o.check) }}:
          {{ stateWords(o.check, o.states).replace(/\.$/, '').toLowerCase() }}
        </h2>
        <p v-if="o.doesNotProve.length > 0" class="small">
          <strong>Not cleared by this:</strong>
          {{ o.doesNotProve.map(preferences.say).join('; ') }}.
        </p>
        <p v-for="note in o.notes" :key="note.id" class="small">{{ preferences.say(note) }}</p>
      </section>
      <section v-if="declared.length > 0">
        <h2>Declared</h2>
        <p v-for="d in declared" :key="d.id">
          <strong
            >{{ BOOK.faults.find((f) => f.id === d.data.fault)?.name ?? d.data.fault }}:</strong
          >
          {{ d.data.as }}, {{ when(d.observedAt) }}. {{ d.data.because }}
        </p>
      </section>
      <section v-if="photos.length > 0">
        <h2>Photographs</h2>
        <div class="photos">
          <figure v-for="p in photos" :key="p.id">
            <img
              :src="bench.pictureUrl(p.data.sha256)"
              :alt="p.data.words ?? (p.data.part ? PART_NAMES[p.data.part] : 'Photograph')"
            />
            <figcaption class="small">
              {{
                p.data.words ??
                (p.data.part
                  ? PART_NAMES[p.data.part]
                  : (CHECK_NAMES[p.data.check as CheckId] ?? ''))
              }}, {{ when(p.observedAt) }}
            </figcaption>
          </figure>
        </div>
      </section>
      <section v-if="repairs.length > 0">
        <h2>Work done</h2>
        <p v-for="repair in repairs" :key="repair.id">
          {{ when(repair.observedAt) }}: {{ repair.data.work ?? itemWords(repair) }}
        </p>
      </section>
      <section v-if="ranked && ranked.assessment.assumptions.length > 0">
        <h2>Assumed</h2>
        <p v-for="a in ranked.assessment.assumptions" :key="a.id">{{ preferences.say(a) }}</p>
      </section>
      <footer class="small">
        <p>
          Recorded by {{ people || 'nobody yet' }}. Elevation
          {{ preferences.show('elevation', input.site.elevationMetres) }}. Cap asked for:
          {{
            knownValue(input.vehicle.profile.caps?.[0]?.ratingKPa)
              ? preferences.show(
                  'pressure',
                  knownValue(input.vehicle.profile.caps?.[0]?.ratingKPa)!,
                )
              : 'not known'
          }}. Book {{ ranked?.book.version }} ({{ ranked?.book.hash }}), engine
          {{ ranked?.engine }}.
        </p>
        <p>
          Supports a qualified technician. The maker’s procedure and figures, local codes and
          licensed practice go first. A diagnosis can be withdrawn when more is known.
        </p>
      </footer>
    </article>
  </main>
  <main v-else class="report">
    <p class="sheet">
      {{ bench.loaded ? 'This case is not known on this device.' : 'Opening the case …' }}
    </p>
  </main>
</template>

<style scoped>
.report {
  max-width: 900px;
  width: 100%;
  margin: 0 auto;
  padding: 16px;
}
.tools {
  margin-bottom: 12px;
}
.paper {
  padding: 32px;
  display: flex;
  flex-direction: column;
  gap: 18px;
}
header {
  display: flex;
  justify-content: space-between;
  gap: 16px;
  border-bottom: 3px solid var(--ink);
  padding-bottom: 10px;
}
.vehicle {
  text-align: right;
  display: flex;
  flex-direction: column;
  font-size: 19px;
}
.lead {
  font-size: 19px;
}
section {
  display: flex;
  flex-direction: column;
  gap: 6px;
  break-inside: avoid;
}
h2 {
  font-size: 20px;
  border-bottom: 1px solid var(--line);
  padding-bottom: 2px;
}
table {
  border-collapse: collapse;
  width: 100%;
}
th {
  text-align: left;
  font-weight: 500;
  color: var(--ink-2);
}
td,
th {
  padding: 5px 10px 5px 0;
  border-bottom: 1px solid var(--line);
  vertical-align: top;
}
td:nth-child(2) {
  white-space: nowrap;
  font-weight: 600;
}
ul {
  margin: 0;
  padding-left: 20px;
}
.chart {
  height: 220px;
}
footer {
  border-top: 1px solid var(--line);
  padding-top: 8px;
  color: var(--ink-2);
  display: flex;
  flex-direction: column;
  gap: 4px;
}
@media print {
  .paper {
    border: 0;
    padding: 0;
  }
  .report {
    padding: 0;
    max-width: none;
  }
}
@media (max-width: 600px) {
  .paper {
    padding: 16px;
  }
  header {
    flex-direction: column;
  }
  .vehicle {
    text-align: left;
  }
}
.photos {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
  gap: 12px;
}
.photos figure {
  margin: 0;
}
.photos img {
  width: 100%;
  max-height: 260px;
  object-fit: contain;
  background: var(--rail);
}
</style>
