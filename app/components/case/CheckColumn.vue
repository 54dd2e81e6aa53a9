<script setup lang="ts">
import { askedOfEngine, checkOf, type CheckId, COLD_BELOW_C, type EngineTemperature } from '#core'
import { panelOf, photographsOf } from '../../checks'
import { itemName } from '../../../words/records'
import { coldAt } from '../../shop/clock'
import { goToHeading } from '../../shortcuts/focus'

const { checkName, inSentence, say } = useWords()

/** The check in work: its panel, its history and photographs, and the last entry to be undone. */
const props = defineProps<{ active: CheckId; engine: EngineTemperature | undefined }>()
const emit = defineEmits<{ start: [] }>()
const open = useOpenCase()
const shop = useShop()
const historyOpen = ref(false)
provide(KEEP_IN_WORDS, (text) => shop.addRecord(open.id, 'note', { text, check: props.active }))
const panel = computed(() => panelOf(props.active))
const acknowledged = computed(() =>
  open.records.value.some((record) => record.kind === 'cautions.acknowledged'),
)
const undoable = computed(() =>
  shop.undoable?.caseId === open.id ? shop.undoable.item : undefined,
)
/** The bar goes after a while, so that it lies over nothing; History takes back whatever came before. */
const SHOWN_FOR_MS = 15_000
const isFresh = ref(false)
const goAway = useTimeoutFn(() => (isFresh.value = false), SHOWN_FOR_MS, { immediate: false })
watch(undoable, (item) => {
  isFresh.value = item !== undefined
  if (item) goAway.start()
})
/** What the check in work asks of the engine before it is begun. */
const asked = computed(() => {
  const phase = checkOf(props.active)?.phase
  return phase && props.engine ? askedOfEngine(phase, props.engine.phase) : 'nothing'
})
/** What was done hot already asks for no start. */
const offersStart = computed(
  () => asked.value === 'start' && open.state.value?.doneSinceWork.has(props.active) !== true,
)
/** Cold work on an engine that is not cold waits; what the keeper says does not. */
const waits = computed(() => {
  const { engine } = props
  if (!engine || asked.value !== 'cool') return undefined
  return engine.running
    ? say('case.check-column.engineRuns')
    : say('case.check-column.engineStillHot', {
        coldAt: coldAt(engine),
        cold: { kind: 'temperature', coreValue: COLD_BELOW_C },
      })
})
const column = useTemplateRef<HTMLElement>('column')
const { more, goDown } = useMoreBelow(column)
const { outOfView, show, awaitNothing } = useVerdict(column)
const isUndoShown = computed(() => undoable.value !== undefined && isFresh.value)
/** The bar with the last entry says it, while that is there. */
const isResultBeside = computed(() => outOfView.value !== '' && !isUndoShown.value)
watch(
  () => props.active,
  () => {
    awaitNothing()
    column.value?.scrollTo({ top: 0 })
    void nextTick(() => goToHeading(document))
  },
)
</script>

<template>
  <div ref="column" class="check">
    <StartCard v-if="!acknowledged" />
    <section v-else class="sheet panel" :data-panel="active" :aria-label="checkName(active)">
      <div class="row head">
        <h2 class="title grow">{{ checkName(active) }}</h2>
        <button
          type="button"
          class="plain-button"
          aria-keyshortcuts="h"
          @click="historyOpen = true"
        >
          {{ say('case.check-column.history') }}
        </button>
      </div>
      <p v-if="waits" class="caution">{{ waits }}</p>
      <div v-else-if="offersStart" class="caution row">
        <span class="grow">{{ say('case.check-column.doneHot') }}</span>
        <v-btn :disabled="!open.mayRecord.value" @click="emit('start')">{{
          say('case.next-box.startTheEngine')
        }}</v-btn>
      </div>
      <KnownBefore :key="`known-${active}`" :check="active" />
      <!-- After work on the vehicle a check begins anew: what was typed before it is no reading of now. -->
      <component :is="panel" :key="`${active} ${open.state.value?.works.length}`" />
      <div class="beside">
        <PhotoStrip v-if="photographsOf(active)" :key="`photographs-${active}`" :check="active" />
        <NoteStrip :key="`notes-${active}`" :check="active" />
      </div>
    </section>
    <button
      v-if="more || isResultBeside"
      type="button"
      class="more"
      :class="{ told: isResultBeside }"
      aria-keyshortcuts="m"
      @click="isResultBeside ? show() : goDown()"
    >
      <span v-if="isResultBeside" class="verdict-beside">{{ outOfView }}</span><span
        v-if="more"
        class="below"
        >{{ say('case.check-column.moreBelow') }}</span
      >
    </button>
    <p v-if="isUndoShown && undoable" class="undo" role="status">
      <span class="grow"
        ><span>{{
          say(shop.isVolatile ? 'case.check-column.notKeptHere' : 'case.check-column.kept', {
            kind: inSentence(itemName(undoable.kind)),
          })
        }}</span
        >{{ ' ' }}<strong v-if="outOfView" class="verdict-beside">{{ outOfView }}</strong></span
      ><button type="button" class="plain-button" aria-keyshortcuts="u" @click="shop.undo(open.id)">
        {{ say('case.check-column.undoTheLastEntry') }}
      </button>
    </p>
    <HistoryDialog :shown="historyOpen" :check="active" @close="historyOpen = false" />
  </div>
</template>

<style scoped>
.panel {
  padding: 14px 16px;
}
.title {
  font-size: 25px;
}
.head {
  margin-bottom: 8px;
  flex-wrap: nowrap;
}
.beside {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  margin-top: 14px;
}
.more {
  display: none;
}
.undo {
  display: flex;
  align-items: center;
  gap: 12px;
  background: var(--bar);
  color: var(--on-bar);
  border-radius: 4px;
  padding: 6px 8px 6px 14px;
  margin-top: 8px;
  position: sticky;
  bottom: 8px;
  z-index: 5;
}
.undo .plain-button {
  background: var(--bar);
  color: var(--on-bar);
  border-color: var(--on-bar-2);
}
@media (min-width: 1000px) {
  /* Lies over the column and takes no room in it: nothing moves under a finger when it comes and goes. */
  .more {
    display: block;
    position: sticky;
    bottom: 0;
    width: calc(100% - 2px);
    margin: -40px 0 0 1px;
    height: 40px;
    border: 0;
    background: linear-gradient(to bottom, transparent, var(--sheet) 35%);
    color: var(--cool);
    font: inherit;
    font-weight: 600;
    cursor: pointer;
    padding: 12px 8px 4px;
    z-index: 4;
  }
  .more .verdict-beside {
    color: var(--ink);
    margin-right: 12px;
  }
}
@media (max-width: 999px) {
  .undo {
    bottom: calc(var(--foot-height) + 8px);
  }
  /* Beside a row at hand it stands below: keys are not to be missed for it, and the row has an "Undo" of its own. */
  .check:has(.at-hand) > .undo {
    position: static;
  }
  /* On a phone the page itself scrolls; what a check came to is told above what is next. */
  .more.told {
    display: block;
    position: sticky;
    bottom: var(--foot-height);
    width: 100%;
    height: 40px;
    border: 0;
    border-top: 3px solid var(--cool);
    background: var(--rail);
    color: var(--ink);
    font: inherit;
    font-weight: 600;
    z-index: 4;
  }
  .below {
    display: none;
  }
  .check:has(> .told) :deep(.keep-row) {
    bottom: calc(var(--foot-height) + 40px);
  }
  /* The row at hand says itself what it comes to. */
  .check:has(.at-hand) > .told {
    display: none;
  }
}
/* The bar with the last entry lies over nothing that keeps the next. */
.check:has(> .undo) :deep(.keep-row) {
  bottom: calc(var(--foot-height) + 78px);
}
</style>
