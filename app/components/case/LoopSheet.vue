<script setup lang="ts">
import { type CheckId, lookRoundCheck, type NextStep, type Part } from '#core'
import { hasPanel } from '../../checks'

const { checkName, say } = useWords()

/** The loop of this vehicle, large, as the map of the case; and what comes next, as the box of the next step has it. */
const props = defineProps<{ active: CheckId; steps: readonly NextStep[] }>()
const emit = defineEmits<{ profile: []; hide: [] }>()
const open = useOpenCase()
const { states, suspicion } = usePartStates()
const plan = computed(() => props.steps.filter(({ check }) => check !== props.active).slice(0, 6))
function tapPart(tapped: Part) {
  open.part.value = tapped
  open.goTo(lookRoundCheck.id)
  emit('hide')
}
</script>

<template>
  <section class="sheet loop-sheet" :aria-label="say('case.loop-sheet.loopAndPlan')">
    <LoopDrawing
      :profile="open.input.value?.vehicle.profile ?? {}"
      :states="states"
      :suspicion="suspicion"
      :marked="active === lookRoundCheck.id ? open.part.value : undefined"
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
            <button
              v-if="hasPanel(n.check)"
              type="button"
              class="link-button"
              @click="open.goTo(n.check)"
            >
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
          class="plain-button profile"
          :disabled="!open.mayRecord.value"
          @click="emit('profile')"
        >
          {{ say('case.loop-sheet.systemProfile') }}
        </button>
        <button type="button" class="plain-button hide" @click="emit('hide')">
          {{ say('case.loop-mini.hide') }}
        </button>
      </div>
    </div>
  </section>
</template>

<style scoped>
.loop-sheet {
  padding: 10px 14px;
  display: flex;
  flex-direction: column;
  gap: 10px;
  flex: none;
}
.beside {
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 4px;
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
  line-height: 1.1;
}
.later {
  min-height: 44px;
  display: flex;
  align-items: center;
  font-weight: 500;
  line-height: 1.1;
}
@media (min-width: 1000px) {
  .loop-sheet {
    max-height: 70%;
    overflow-y: auto;
  }
  .profile {
    display: none;
  }
}
@media (max-width: 999px) {
  .loop-sheet {
    overflow-x: auto;
  }
  .loop {
    min-width: 600px;
    width: 100%;
  }
  .hide {
    display: none;
  }
}
</style>
