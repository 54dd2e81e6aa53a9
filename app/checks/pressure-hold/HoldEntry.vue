<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { compareMoments, fromCore, parseQuantity, toCore } from '#core'
import { formatClock } from '../../../words/format'
import { inUnit, textIn } from '../../components/common/quantity-entry'
import { elapsedTyped } from './elapsed-typed'
import HoldRemarks from './HoldRemarks.vue'
import NumericPad from './NumericPad.vue'
import { useReplacing } from './use-replacing'
import type { Hold, HoldReadingRecord } from './use-hold'

const { say } = useWords()

/** Where readings are typed, nudged or tapped in; a reading that was typed wrong is corrected in the same place. */
const { hold } = defineProps<{ hold: Hold }>()
const emit = defineEmits<{ end: [] }>()
const open = useOpenCase()
const shop = useShop()
const preferences = usePreferences()
const LIMITS = { min: -100, max: 400 }
const text = ref('')
const at = ref('')
const atShown = ref(false)
const padShown = ref(false)
const field = useTemplateRef<HTMLInputElement>('field')
const { typing, offerToReplace } = useReplacing(field)
function focused() {
  if (touch.value) padShown.value = true
  void offerToReplace()
}
const touch = useMediaQuery('(pointer: coarse)')
const problem = ref('')
const correcting = ref<HoldReadingRecord>()

const plain = (coreKPa: number) =>
  textIn('pressure', coreKPa, hold.unit.value).replace(/\.?0+$/, '')
watch(
  () => hold.start.value?.id,
  () => {
    const pressure = hold.readings.value.at(-1)?.data.pressure ?? hold.start.value?.data.target
    text.value = plain(pressure?.coreValue ?? 0)
  },
  { immediate: true },
)
// At once: what is written into the field next is in the new unit already.
watch(
  hold.unit,
  (now, before) => (text.value = inUnit({ text: text.value, unit: before }, 'pressure', now).text),
  { flush: 'sync' },
)

function parse() {
  const parsed = parseQuantity(text.value, 'pressure', hold.unit.value, LIMITS)
  if (parsed.ok) return parsed.quantity
  problem.value = preferences.say(parsed.problem)
  return undefined
}
function secondsTyped(): number | undefined {
  if (!atShown.value || at.value.trim() === '')
    return correcting.value ? correcting.value.data.elapsedSeconds : hold.elapsed.value
  const typed = elapsedTyped(at.value, hold.elapsed.value)
  if ('seconds' in typed) return typed.seconds
  problem.value = preferences.say({ id: typed.problem, parameters: { typed: at.value } })
  return undefined
}
async function add() {
  problem.value = ''
  const pressure = parse()
  const elapsedSeconds = pressure && secondsTyped()
  if (!pressure || elapsedSeconds === undefined || !hold.start.value) return
  const gauge = hold.start.value.data.target.instrument
  const [typed, typedAt, replaced] = [text.value, at.value, correcting.value]
  const data = {
    run: hold.start.value.id,
    elapsedSeconds: Math.round(elapsedSeconds * 10) / 10,
    pressure: {
      ...pressure,
      ...(gauge ? { instrument: gauge } : {}),
      instrumentOffsetInCoreUnit: hold.offset.value,
    },
  }
  void offerToReplace()
  await shop.addRecord(
    open.id,
    'pressure-hold.reading',
    data,
    replaced ? { supersedes: replaced.id, corrects: true } : {},
  )
  // The next reading may have been typed while this one was being kept: only what stands as it was is put away.
  if (correcting.value === replaced && at.value === typedAt) {
    at.value = ''
    if (replaced) leaveCorrection()
  }
  if (text.value === typed) {
    text.value = plain(pressure.coreValue)
    await offerToReplace()
  }
}
function leaveCorrection() {
  correcting.value = undefined
  atShown.value = false
  at.value = ''
}
function nudge(steps: number) {
  typing.value = false
  const parsed = parseQuantity(text.value, 'pressure', hold.unit.value)
  if (parsed.ok)
    text.value = plain(
      toCore(
        'pressure',
        fromCore('pressure', parsed.quantity.coreValue, hold.unit.value) + steps * hold.step.value,
        hold.unit.value,
      ),
    )
}
async function undo() {
  const last = [...hold.readings.value]
    .sort((a, b) => compareMoments(a.observedAt, b.observedAt))
    .at(-1)
  if (last) await shop.withdraw(open.id, last.id, 'undone')
}
function correct(record: HoldReadingRecord) {
  correcting.value = record
  hold.readIn(record.data.pressure.unit)
  text.value = plain(record.data.pressure.coreValue)
  typing.value = false
  at.value = formatClock(record.data.elapsedSeconds)
  atShown.value = true
  problem.value = ''
  void nextTick(() => {
    field.value?.scrollIntoView({ block: 'center' })
    field.value?.focus()
  })
}
const heard = computed(() => hold.remarks.value.some((r) => r.data.remark === 'hiss-heard'))
defineExpose({ correct })
</script>

<template>
  <div v-if="(hold.running.value || correcting) && open.mayRecord.value" class="entry-block">
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <div class="at-hand">
      <slot v-if="padShown" name="above-pad" />
      <form class="entry" @submit.prevent="add">
        <button
          type="button"
          class="plain-button nudge"
          :aria-label="say('pressure-hold.hold-entry.oneStepLower')"
          @click="nudge(-1)"
        >
          −
        </button>
        <label class="reading"
          ><input
            ref="field"
            v-model="text"
            :inputmode="padShown ? 'none' : 'text'"
            autocomplete="off"
            :aria-label="say('pressure-hold.hold-entry.readingAsTheGaugeShows')"
            @input="typing = true"
            @focus="focused" /><UnitButton
            class="unit"
            :unit="hold.unit.value"
            @click="hold.nextUnit()"
        /></label>
        <button
          type="button"
          class="plain-button nudge"
          :aria-label="say('pressure-hold.hold-entry.oneStepHigher')"
          @click="nudge(1)"
        >
          +
        </button>
        <v-btn type="submit" class="solid add" aria-keyshortcuts="k" data-testid="add-reading">{{
          correcting
            ? say('pressure-hold.hold-entry.keepCorrection')
            : atShown && at
              ? say('pressure-hold.hold-entry.addAt', { at })
              : say('pressure-hold.hold-entry.addAt2', { elapsed: formatClock(hold.elapsed.value) })
        }}</v-btn>
        <v-btn v-if="correcting" @click="leaveCorrection">{{
          say('pressure-hold.hold-entry.leaveIt')
        }}</v-btn>
        <template v-else-if="hold.running.value">
          <v-btn :disabled="heard" @click="hold.remark('hiss-heard')">{{
            heard
              ? say('pressure-hold.hold-entry.hissNoted')
              : say('pressure-hold.hold-entry.hissHeard')
          }}</v-btn>
          <v-btn :disabled="hold.readings.value.length === 0" @click="undo">{{
            say('pressure-hold.hold-entry.undo')
          }}</v-btn>
        </template>
      </form>
      <NumericPad
        v-if="padShown"
        v-model="text"
        v-model:typing="typing"
        @close="padShown = false"
      />
    </div>
    <HoldRemarks
      v-model:at-shown="atShown"
      v-model:at="at"
      class="remarks"
      :hold="hold"
      :pad-shown="padShown"
      @pad="padShown = true"
      @end="emit('end')"
    />
  </div>
</template>

<style scoped>
.entry-block,
.at-hand {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.entry {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
  align-items: stretch;
}
.reading {
  display: flex;
  align-items: center;
  gap: 6px;
  border: 2px solid var(--ink);
  border-radius: 4px;
  padding: 0 12px;
  flex: 1 1 140px;
  background: var(--sheet);
}
.reading input {
  width: 100%;
  min-width: 70px;
  font-size: 28px;
  font-weight: 600;
  border: 0;
  background: none;
  color: inherit;
  outline: none !important;
}
.reading:focus-within {
  border-color: var(--cool);
  box-shadow: 0 0 0 2px var(--cool);
}
.nudge {
  font-size: 26px;
  width: 56px;
}
.entry .v-btn {
  height: auto;
  min-height: 56px;
}
.unit {
  margin-right: -12px;
}
@media (max-width: 700px) {
  .entry-block {
    display: contents;
  }
  .problem {
    order: 2;
  }
  /* What is tapped stays where it is while results grow above it. */
  .at-hand {
    order: 3;
    position: sticky;
    bottom: var(--foot-height);
    z-index: 1;
    padding: 8px 0;
    background: var(--sheet);
  }
  .remarks {
    order: 5;
  }
}
</style>
