<script setup lang="ts">
import { BOOK, type CheckId, lookRoundCheck, type NextStep, type Part, partsSeen } from '#core'
import { hasPanel } from '../../checks'

const { checkName, say } = useWords()

/** The loop of this vehicle as the map of the case, and beside it what comes next, as the box of the next step has it. */
const props = defineProps<{ active: CheckId; steps: readonly NextStep[] }>()
const emit = defineEmits<{ profile: [] }>()
const open = useOpenCase()
const large = ref(false)
const ranked = computed(() => open.answer.value?.ranked)
const states = computed(() =>
  open.state.value
    ? partsSeen(open.state.value, ranked.value?.assessment.outcomes ?? [])
    : new Map<Part, 'good' | 'dry' | 'wet'>(),
)
const suspicion = computed(() => {
  const out = new Map<Part, number>()
  for (const suspect of ranked.value?.ranking.suspects ?? []) {
    const at = BOOK.faults.find((f) => f.id === suspect.fault)
    if (at?.part && at.group !== 'nothing-wrong')
      out.set(at.part, Math.max(out.get(at.part) ?? 0, suspect.probability))
  }
  return out
})
const plan = computed(() =>
  props.steps.filter(({ check }) => check !== props.active).slice(0, large.value ? 6 : 3),
)
function tapPart(tapped: Part) {
  open.part.value = tapped
  open.goTo(lookRoundCheck.id)
}
</script>

<template>
  <section
    class="sheet loop-sheet"
    :class="{ large }"
    :aria-label="say('case.loop-sheet.loopAndPlan')"
  >
    <LoopDrawing
      :profile="open.input.value?.vehicle.profile ?? {}"
      :states="states"
      :suspicion="suspicion"
      :marked="active === lookRoundCheck.id ? open.part.value : undefined"
      :compact="!large"
      class="loop"
      @tap="tapPart"
    />
    <div class="beside">
      <div class="plan" role="group" :aria-label="say('case.loop-sheet.plan')">
        <h2 class="plan-title">{{ say('case.loop-sheet.whatComesNext') }}</h2>
        <p v-if="open.answer.value && plan.length === 0" class="small">
          {{ say('case.plan-dialog.nothingToDo') }}
        </p>
        <ol v-else>
          <li v-for="n in plan" :key="n.check">
            <button v-if="hasPanel(n.check)" type="button" @click="open.goTo(n.check)">
              {{ checkName(n.check) }}</button><span v-else class="later">{{
              checkName(n.check)
            }}</span
            ><span class="quiet small">{{
              say('case.loop-sheet.min', { minutes: n.minutes, phase: say(`phase.${n.phase}`) })
            }}</span>
          </li>
        </ol>
      </div>
      <p class="small quiet legend">
        {{ say('case.loop-sheet.tickLookedAtDryDashed') }}
      </p>
      <div class="row foot">
        <button
          type="button"
          class="plain-button"
          :disabled="!open.mayRecord.value"
          @click="emit('profile')"
        >
          {{ say('case.loop-sheet.systemProfile') }}
        </button>
        <button
          type="button"
          class="plain-button size"
          :aria-pressed="large"
          @click="large = !large"
        >
          {{ large ? say('case.loop-sheet.smaller') : say('case.loop-sheet.larger') }}
        </button>
      </div>
    </div>
  </section>
</template>

<style scoped>
.loop-sheet {
  padding: 10px 14px;
  display: flex;
  gap: 16px;
  flex: none;
}
.loop-sheet .loop {
  width: 430px;
  flex: none;
  align-self: center;
}
.beside {
  flex: 1;
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 4px;
}
.legend {
  display: none;
}
.loop-sheet.large {
  flex-wrap: wrap;
}
.loop-sheet.large .loop {
  width: 100%;
}
.large .legend {
  display: block;
}
.plan-title {
  font-size: 19px;
}
.plan ol {
  list-style: none;
  margin: 2px 0 0;
  padding: 0;
}
.plan li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
  border-bottom: 1px solid var(--line);
}
.plan button {
  background: none;
  border: 0;
  font: inherit;
  font-weight: 600;
  color: var(--cool);
  text-decoration: underline;
  min-height: 44px;
  text-align: left;
  padding: 0;
  cursor: pointer;
  line-height: 1.1;
}
.later {
  min-height: 44px;
  display: flex;
  align-items: center;
  font-weight: 500;
  line-height: 1.1;
}
.foot {
  margin-top: auto;
  flex-wrap: nowrap;
}
@media (min-width: 1000px) {
  .loop-sheet.large {
    max-height: 62%;
    overflow-y: auto;
  }
}
@media (max-width: 999px) {
  .loop-sheet,
  .loop-sheet.large {
    flex-direction: column;
    overflow-x: auto;
  }
  .loop-sheet .loop,
  .loop-sheet.large .loop {
    min-width: 600px;
    width: 100%;
  }
  .legend {
    display: block;
  }
  .size {
    display: none;
  }
}
</style>
