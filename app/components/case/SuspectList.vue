<script setup lang="ts">
import type { Answer, Chances } from '../../workers/answer'
import { ofKind, reasonFor } from '#core'
import { suspectsNow } from '../../ranking/suspects-now'
import { formatChance } from '../../../words/format'

const { goingOn, say } = useWords()
const DECLARED = {
  proven: 'case.suspect-list.declaredProven',
  withdrawn: 'case.suspect-list.withdrawn',
  ordered: 'case.suspect-list.ordered',
  'ordered-unproven': 'case.suspect-list.ordered',
} as const

const props = defineProps<{
  answer: Answer | undefined
  /** how likely each fault is now, where that is known before the reasons */
  chances?: Chances | undefined
  failed: boolean
  pending?: boolean
}>()
const emit = defineEmits<{ why: [fault: string]; like: [] }>()
const preferences = usePreferences()
const all = ref(false)
const open = inject(OPEN_CASE, undefined)
const caseId = computed(() => open?.input.value?.case.id)

const suspects = computed(() => suspectsNow(props.answer, props.chances))
const rows = computed(() => {
  const moved = props.answer?.ranked.ranking.moved ?? []
  const says = props.answer?.ranked.ranking.says ?? []
  // What it was before is told with the answer to the newest record, not to the one before it.
  const before = props.pending ? undefined : props.answer?.before
  const declared = new Map(
    (open ? ofKind(open.records.value, 'suspect.declared') : []).map((d) => [
      d.data.fault,
      d.data.as,
    ]),
  )
  return suspects.value.slice(0, all.value ? undefined : 5).map((s, i) => {
    const was = before?.probability[s.fault]
    const change =
      was === undefined ||
      Math.max(was, s.probability) < 0.05 ||
      formatChance(was) === formatChance(s.probability)
        ? undefined
        : { up: s.probability > was, text: formatChance(was) }
    const strongest = moved
      .filter((m) => m.fault === s.fault && m.decibans > 0.7)
      .sort((a, b) => b.decibans - a.decibans)
    const because = [
      ...new Set(
        strongest
          .flatMap((m) =>
            says
              .filter((x) => x.source === m.source && reasonFor(s.fault, x.sign) !== undefined)
              .slice(0, 1),
          )
          .map((x) => preferences.say(x.message)),
      ),
    ].slice(0, 2)
    return {
      ...s,
      index: i,
      declared: declared.get(s.fault),
      change,
      because: because.join('; '),
      open: s.guards.filter((g) => !g.met),
      role: s.role,
    }
  })
})
</script>

<template>
  <section class="suspects" :aria-label="say('case.suspect-list.suspects')" :aria-busy="pending">
    <div class="row heading">
      <h2 class="grow">{{ say('case.suspect-list.suspects') }}</h2>
      <button
        v-if="suspects.length > 0"
        type="button"
        class="link-button"
        aria-keyshortcuts="a"
        @click="all = !all"
      >
        {{
          all
            ? say('case.suspect-list.theFirstFive')
            : say('case.suspect-list.all', { suspects: suspects.length })
        }}
      </button>
    </div>
    <!-- Above the list: what stands below it moves while it fills, and a tap misses it. -->
    <div v-if="open" class="row links">
      <button type="button" class="link-button" aria-keyshortcuts="s" @click="emit('like')">
        {{ say('record.like') }}
      </button>
      <NuxtLink v-if="caseId" :to="`/cases/${caseId}/audit`">{{ say('audit.title') }}</NuxtLink>
    </div>
    <p v-if="failed" class="problem">
      {{ say('case.suspect-list.theRankingStoppedOnThis') }}
    </p>
    <p v-else-if="suspects.length === 0" class="quiet">
      {{ say('case.suspect-list.workingItOut') }}
    </p>
    <TransitionGroup v-else name="move" tag="ol">
      <li v-for="row in rows" :key="row.fault">
        <button
          type="button"
          :aria-label="
            say('case.suspect-list.why', {
              name: row.name,
              probability: formatChance(row.probability),
            })
          "
          :data-fault="row.fault"
          @click="emit('why', row.fault)"
        >
          <span class="line"
            ><span class="who">{{ row.name }}</span
            ><span class="chance"
              ><span
                v-if="row.change && row.index > 0"
                class="change"
                :class="{ up: row.change.up }"
                aria-hidden="true"
                >{{ row.change.up ? '▲' : '▼' }} </span
              >{{ formatChance(row.probability) }}</span
            ></span
          >
          <ChanceBar :probability="row.probability" :leads="row.index === 0" />
          <span v-if="row.index === 0 && row.because" class="because">{{ row.because }}</span>
          <span
            v-if="row.change && row.index === 0"
            class="change"
            :class="{ up: row.change.up }"
            >{{
              say('case.suspect-list.was', { up: row.change.up ? '▲' : '▼', text: row.change.text })
            }}</span
          >
          <span v-if="row.declared" class="declared" :class="row.declared">{{
            say(DECLARED[row.declared])
          }}</span>
          <span v-if="row.role === 'consequence'" class="because">{{
            say('case.suspect-list.moreLikelyAConsequenceThan')
          }}</span>
          <span v-if="row.index === 0 && row.open[0]" class="open"
            >{{ say('case.suspect-list.notYet', { text: goingOn(row.open[0].text) })
            }}<template v-if="row.open.length > 1">{{
              say('case.suspect-list.andMore', { open: row.open.length - 1 })
            }}</template></span
          >
        </button>
      </li>
    </TransitionGroup>
    <p v-if="answer && answer.ranked.ranking.nothingWrong > 0.02" class="small quiet">
      {{
        say('case.suspect-list.nothingWrongAtAll', {
          nothingWrong: formatChance(answer.ranked.ranking.nothingWrong),
        })
      }}
    </p>
  </section>
</template>

<style scoped>
.links {
  flex-wrap: wrap;
  gap: 4px 18px;
}
.suspects {
  display: flex;
  flex-direction: column;
  gap: 6px;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  border-bottom: 1px solid var(--line);
}
li button {
  display: flex;
  flex-direction: column;
  gap: 3px;
  width: 100%;
  text-align: left;
  background: none;
  border: 0;
  color: inherit;
  font: inherit;
  padding: 7px 0;
  cursor: pointer;
  min-height: 48px;
}
.line {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  font-weight: 600;
  font-size: 18px;
  line-height: 1.15;
}
.chance {
  white-space: nowrap;
  font-weight: 500;
}
.because {
  color: var(--ink-2);
  font-size: 15px;
  line-height: 1.2;
}
.change {
  font-weight: 600;
  font-size: 15px;
  color: var(--cool);
}
.change.up {
  color: var(--hot);
}
.declared {
  font-weight: 600;
  font-size: 15px;
}
.declared.withdrawn {
  color: var(--ink-2);
}
.open {
  font-size: 15px;
  line-height: 1.2;
  padding-left: 20px;
  position: relative;
}
.open::before {
  content: '';
  position: absolute;
  left: 0;
  top: 2px;
  width: 13px;
  height: 13px;
  border: 1.5px dashed var(--ink);
}
.move-move {
  transition: transform 0.5s ease;
}
.heading {
  flex-wrap: nowrap;
}
@media (prefers-reduced-motion: reduce) {
  .move-move {
    transition: none;
  }
}
</style>
