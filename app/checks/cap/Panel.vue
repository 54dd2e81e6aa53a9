<script setup lang="ts">
import {
  capCheck,
  type CapTest,
  type Instrument,
  knownValue,
  type QuantityRecord,
  USUAL_RATING_KPA,
} from '#core'
import BleedDown, { type Line } from './BleedDown.vue'
import CapResult from './CapResult.vue'

const { say } = useWords()

const { open, last } = useCheck(capCheck, 'cap.test')
const shop = useShop()
const preferences = usePreferences()
const editing = ref(false)
const limits = { min: 0, max: 300 }
const profile = computed(() => open.input.value?.vehicle.profile ?? {})
const place = ref<CapTest['place']>(
  knownValue(profile.value.vessel) === 'overflow-bottle' ? 'radiator-neck' : 'tank',
)
const markingKind = ref<'marked' | Extract<CapTest['marking'], string>>('marked')
const hasValve = computed(() => markingKind.value !== 'sealed')
const marking = ref<QuantityRecord>()
const opening = ref<QuantityRecord>()
const held = ref<QuantityRecord>()
const vacuumValve = ref<CapTest['vacuumValve']>('not-known')
const seals = ref<CapTest['seals']>('not-known')
const fitsPlace = ref<CapTest['fitsPlace']>('not-known')
const asFound = ref<NonNullable<CapTest['asFound']>>('not-known')
const lines = ref<Line[]>([])
const bleedDown = useTemplateRef('bleed')
const problem = ref('')
const rating = computed(
  () => knownValue(profile.value.systemRatingKPa) ?? knownValue(profile.value.caps?.[0]?.ratingKPa),
)
/** A cap marked this far from what is asked for is not the one for the place, kPa. */
const OFF_KPA = 8
const wrongMarking = computed(
  () =>
    marking.value !== undefined &&
    rating.value !== undefined &&
    Math.abs(marking.value.coreValue - rating.value) > OFF_KPA,
)
watch(wrongMarking, (wrong) => {
  if (wrong && fitsPlace.value === 'not-known') fitsPlace.value = 'wrong'
})

function change() {
  const data = last.value!.data
  place.value = data.place
  markingKind.value = typeof data.marking === 'string' ? data.marking : 'marked'
  marking.value = typeof data.marking === 'string' ? undefined : data.marking
  opening.value = data.opening
  held.value = data.after60Seconds
  vacuumValve.value = data.vacuumValve
  seals.value = data.seals
  fitsPlace.value = data.fitsPlace
  asFound.value = data.asFound ?? 'not-known'
  lines.value = (data.bleedDown ?? []).map((reading, id) => ({ id, ...reading }))
  editing.value = true
}
const gauge = ref<Instrument>()
async function keep() {
  problem.value = ''
  if (markingKind.value === 'marked' && !marking.value)
    return void (problem.value = say('cap.typeTheCapsMarkingOr'))
  if (
    !opening.value &&
    !held.value &&
    lines.value.length === 0 &&
    asFound.value === 'not-known' &&
    markingKind.value === 'marked' &&
    seals.value === 'not-known' &&
    vacuumValve.value === 'not-known' &&
    fitsPlace.value === 'not-known'
  )
    return void (problem.value = say('cap.nothingWasMeasuredOrSeen'))
  const readings = bleedDown.value?.readings()
  if (readings && 'problem' in readings) return void (problem.value = readings.problem)
  const data: CapTest = {
    place: place.value,
    marking: markingKind.value === 'marked' ? marking.value! : markingKind.value,
    vacuumValve: 'not-known',
    ...(hasValve.value && {
      opening: opening.value,
      after60Seconds: held.value,
      vacuumValve: vacuumValve.value,
    }),
    seals: seals.value,
    fitsPlace: fitsPlace.value,
    ...(hasValve.value && readings && { bleedDown: readings }),
    ...(asFound.value !== 'not-known' && { asFound: asFound.value }),
  }
  await shop.addRecord(
    open.id,
    'cap.test',
    data,
    editing.value && last.value ? { supersedes: last.value.id, corrects: true } : {},
  )
  editing.value = false
}
</script>

<template>
  <div class="stack">
    <p class="caution">
      {{ say('cap.onlyColdWithoutPressureOpen') }}
    </p>
    <template v-if="last && !editing">
      <CapResult />
      <div class="row">
        <v-btn :disabled="!open.mayRecord.value" @click="change">{{
          say('cap.correctIt')
        }}</v-btn><v-btn
          :disabled="!open.mayRecord.value"
          @click="shop.withdraw(open.id, last.id)"
          >{{ say('cap.takeItBack') }}</v-btn
        >
      </div>
    </template>
    <template v-else>
      <div class="row pair">
        <ChoiceRow
          v-model="asFound"
          :label="say('cap.asFound')"
          :options="[
            { value: 'closed', text: say('cap.closed') },
            { value: 'loose', text: say('cap.loose') },
            { value: 'not-known', text: say('cap.notLookedAt') },
          ]"
        />
        <ChoiceRow
          v-model="place"
          :label="say('cap.whereTheCapSits')"
          :options="[
            { value: 'tank', text: say('cap.onTheTank') },
            { value: 'radiator-neck', text: say('cap.onTheRadiator') },
          ]"
        />
      </div>
      <div class="row pair">
        <ChoiceRow
          v-model="markingKind"
          :label="say('cap.marking')"
          :options="[
            { value: 'marked', text: say('cap.marked') },
            { value: 'unmarked', text: say('cap.noMarking') },
            { value: 'looks-wrong', text: say('cap.looksWrongHere') },
            { value: 'sealed', text: say('cap.sealed') },
          ]"
        />
        <ChoiceRow
          v-model="fitsPlace"
          :label="say('cap.rightTypeAndRatingFor')"
          :options="[
            { value: 'right', text: say('cap.right') },
            { value: 'wrong', text: say('cap.wrong') },
            { value: 'not-known', text: say('cap.notKnown') },
          ]"
        />
      </div>
      <div v-if="hasValve" class="row top">
        <QuantityField
          v-if="markingKind === 'marked'"
          v-model="marking"
          :label="say('cap.marked')"
          kind="pressure"
          :limits="{ min: 10, max: 250 }"
          :usual="USUAL_RATING_KPA"
          :hint="
            rating
              ? say('cap.askedForHere', { rating: preferences.show('pressure', rating) })
              : undefined
          "
        />
        <QuantityField
          v-model="opening"
          :label="say('cap.opensAt')"
          kind="pressure"
          :instrument="gauge"
          :limits="limits"
          optional
        />
        <QuantityField
          v-model="held"
          :label="say('cap.aMinuteAfter')"
          kind="pressure"
          :instrument="gauge"
          :limits="limits"
          optional
          :hint="say('cap.afterItOpenedAndClosed')"
        />
      </div>
      <div v-if="hasValve" class="row pair">
        <InstrumentPick
          v-model="gauge"
          :kinds="['cap-adapter', 'pressure-tester']"
          :start="last?.data.opening?.instrument"
        />
        <CheckTimer check="cap" :minutes="1" :label="say('cap.itHasOpenedAndClosed')" />
      </div>
      <p v-if="wrongMarking" class="problem" role="alert">
        {{
          say('cap.wrongCapForThisPlace', {
            marked: preferences.show('pressure', marking!.coreValue),
            rating: preferences.show('pressure', rating!),
          })
        }}
      </p>
      <div class="row pair">
        <ChoiceRow
          v-if="hasValve"
          v-model="vacuumValve"
          :label="say('cap.vacuumValve')"
          :options="[
            { value: 'free', text: say('cap.free') },
            { value: 'stuck', text: say('cap.stuck') },
            { value: 'not-known', text: say('cap.notTried') },
          ]"
        />
        <ChoiceRow
          v-model="seals"
          :label="say('cap.seals')"
          :options="[
            { value: 'good', text: say('cap.good') },
            { value: 'damaged', text: say('cap.damaged') },
            { value: 'not-known', text: say('cap.notLookedAt') },
          ]"
        />
      </div>
      <BleedDown v-if="hasValve" ref="bleed" v-model="lines" :instrument="gauge" />
      <KeepRow :problem="problem">
        <v-btn
          class="solid"
          aria-keyshortcuts="k"
          :disabled="!open.mayRecord.value"
          @click="keep"
          >{{ say('cap.keepTheCapTest') }}</v-btn><v-btn v-if="editing" @click="editing = false">{{
          say('cap.leaveAsItWas')
        }}</v-btn>
      </KeepRow>
    </template>
  </div>
</template>

<style scoped>
.top {
  align-items: flex-start;
}
/* From the first field to the button without a scroll. */
.stack {
  gap: 8px;
}
.pair {
  align-items: flex-end;
  gap: 10px 28px;
}
</style>
