<script setup lang="ts">
import { formatClock } from '../../words/format'
import { EVERYTHING_OPEN } from '../shop/filters'

const { checkName, say } = useWords()

const TITLE = {
  open: 'board.title.open',
  closed: 'board.title.closed',
  all: 'board.title.all',
} as const
/** Cards shown at once. */
const PAGE = 24

const shop = useShop()
const session = useSession()
const preferences = usePreferences()
const filter = ref({ ...EVERYTHING_OPEN })
const most = ref(PAGE)
watch(filter, () => (most.value = PAGE))
const { cards, count, bays, followUps } = useBoard(filter, most)
useWarmRanker()
const { running, now } = useTimers()
const NO_TIMERS: readonly { id: string; due: boolean; text: string }[] = []
/** What runs in each case: asked once for the board, and a card without any is not drawn again for it. */
const timersByCase = computed(() => {
  const told = running.value.map(({ id, caseId, check, startedAt, due }) => {
    const text = `${checkName(check)} ${formatClock((now.value - startedAt) / 1000)}`
    return { id, caseId, due, text }
  })
  return new Map(
    told.map(({ caseId }) => [caseId, told.filter((timer) => timer.caseId === caseId)]),
  )
})
const {
  elsewhere,
  more,
  searching,
  problem: searchProblem,
  isAsked,
  searchMore,
} = useShopSearch(filter)
const people = computed(() =>
  [...shop.people.values()]
    .flatMap(({ id, name }) => (name ? [{ id, name }] : []))
    .sort((a, b) => a.name.localeCompare(b.name)),
)
const wanted = computed(
  () => [...shop.held.values()].filter((held) => held.wanted !== undefined).length,
)
const problem = ref('')
const note = ref('')
</script>

<template>
  <main class="board">
    <div class="row head">
      <div class="grow">
        <h1>{{ say(TITLE[filter.state]) }}</h1>
        <p class="quiet">
          {{ session.current?.shop.name }} ·
          {{ preferences.show('elevation', session.current?.shop.elevationMetres ?? 0) }} ·
          {{ session.current?.person.name }}
        </p>
      </div>
      <ImportCase
        v-if="session.current?.may.import"
        @said="note = $event"
        @failed="problem = $event"
      />
      <v-btn to="/record" aria-keyshortcuts="r">{{ say('record.title') }}</v-btn>
      <v-btn to="/library" aria-keyshortcuts="l">{{ say('library.title') }}</v-btn>
      <v-btn to="/calculators" aria-keyshortcuts="c">{{ say('board.calculators') }}</v-btn>
      <v-btn v-if="session.current?.may.record" class="solid" to="/new" aria-keyshortcuts="n">{{
        say('board.newComplaint')
      }}</v-btn>
    </div>
    <FollowUpsDue :due="followUps" />
    <BoardFilters v-model="filter" :bays="bays" :people="people" />
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <p v-if="note" role="status">{{ note }}</p>
    <p v-if="wanted > 0" class="quiet" role="status">{{ say('board.fetching', { wanted }) }}</p>
    <div v-if="cards.length > 0" class="grid">
      <CaseCard
        v-for="summary in cards"
        :key="summary.id"
        :summary="summary"
        :timers="timersByCase.get(summary.id) ?? NO_TIMERS"
      />
    </div>
    <p v-else-if="shop.loaded && isAsked" class="quiet">{{ say('board.noneHere') }}</p>
    <div v-else-if="shop.loaded && wanted === 0" class="sheet empty">
      <h2>{{ say('board.noOpenCase') }}</h2>
      <p class="quiet">
        {{
          shop.reachable ? say('board.whenAVehicleComesIn') : say('board.theServerCannotBeReached')
        }}
      </p>
    </div>
    <p v-else-if="!shop.loaded" class="quiet">{{ say('board.openingTheShopsCopyOn') }}</p>
    <v-btn v-if="count > most" class="more" @click="most += PAGE">{{
      say('board.showMore', { shown: most, count })
    }}</v-btn>
    <FoundCases
      v-if="isAsked"
      :found="elsewhere"
      :more="more"
      :searching="searching"
      :problem="searchProblem"
      :is-open-only="filter.state === 'open'"
      @more="searchMore"
      @closed-too="filter = { ...filter, state: 'all' }"
    />
  </main>
</template>

<style scoped>
.board {
  padding: 20px;
  display: flex;
  flex-direction: column;
  gap: 16px;
  max-width: 1280px;
  width: 100%;
  margin: 0 auto;
}
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 380px), 1fr));
  gap: 14px;
}
@media (max-width: 700px) {
  .head .grow {
    flex: 1 0 100%;
  }
}
.empty {
  padding: 40px;
  text-align: center;
}
.more {
  align-self: flex-start;
}
</style>
