<script setup lang="ts">
import { capCheck, type CapTest, type Instrument, knownValue, type QuantityRecord } from '#core'
import { stateWords } from '../../../words/states'

const { open, last, figures: analysis } = useCheck(capCheck, 'cap.test')
const shop = useShop()
const preferences = usePreferences()
const editing = ref(false)
const limits = { min: 0, max: 300 }
const profile = computed(() => open.input.value?.vehicle.profile ?? {})
const place = ref<CapTest['place']>(
  knownValue(profile.value.vessel) === 'overflow-bottle' ? 'radiator-neck' : 'tank',
)
const markingKind = ref<'marked' | 'unmarked' | 'looks-wrong'>('marked')
const marking = ref<QuantityRecord>()
const opening = ref<QuantityRecord>()
const held = ref<QuantityRecord>()
const vacuumValve = ref<CapTest['vacuumValve']>('not-tested')
const seals = ref<CapTest['seals']>('not-looked')
const fitsPlace = ref<CapTest['fitsPlace']>('not-known')
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
    Math.abs(marking.value.si - rating.value) > OFF_KPA,
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
  editing.value = true
}
const gauge = ref<Instrument>()
async function keep() {
  problem.value = ''
  if (markingKind.value === 'marked' && !marking.value)
    return void (problem.value = 'Type the cap’s marking, or say that it has none.')
  if (
    !opening.value &&
    !held.value &&
    markingKind.value === 'marked' &&
    seals.value === 'not-looked' &&
    vacuumValve.value === 'not-tested' &&
    fitsPlace.value === 'not-known'
  )
    return void (problem.value = 'Nothing was measured or seen yet.')
  const data: CapTest = {
    place: place.value,
    marking: markingKind.value === 'marked' ? marking.value! : markingKind.value,
    opening: opening.value,
    after60Seconds: held.value,
    vacuumValve: vacuumValve.value,
    seals: seals.value,
    fitsPlace: fitsPlace.value,
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
      Only cold, without pressure: open slowly, cloth over the cap. Wet the seal before it goes on
      the adapter.
    </p>
    <template v-if="last && !editing">
      <div class="result">
        <p class="figure small-figure">
          {{
            analysis
              ? analysis.states.length > 0
                ? stateWords(capCheck.id, analysis.states)
                : 'Recorded.'
              : '…'
          }}
        </p>
        <dl>
          <div>
            <dt>Marked</dt>
            <dd>
              {{
                typeof last.data.marking === 'string'
                  ? last.data.marking === 'unmarked'
                    ? 'not marked'
                    : 'looks wrong'
                  : preferences.show('pressure', last.data.marking.si)
              }}
            </dd>
          </div>
          <div v-if="analysis?.openingKPaGauge !== undefined">
            <dt>Opens at</dt>
            <dd>{{ preferences.show('pressure', analysis.openingKPaGauge) }}</dd>
          </div>
          <div v-if="analysis?.heldKPaGauge !== undefined">
            <dt>Holds after a minute</dt>
            <dd>{{ preferences.show('pressure', analysis.heldKPaGauge) }}</dd>
          </div>
          <div v-if="analysis?.boilingPointC !== undefined">
            <dt>Coolant boils at</dt>
            <dd>
              {{ preferences.show('temperature', analysis.boilingPointC)
              }}<span v-if="(analysis.marginLostK ?? 0) > 0.5" class="problem">
                · {{ preferences.show('temperatureDifference', analysis.marginLostK!) }} lost</span
              >
            </dd>
          </div>
        </dl>
        <p>
          <strong>This does not clear:</strong>
          {{ analysis?.doesNotProve.map(preferences.say).join('; ') }}.
        </p>
      </div>
      <div class="row">
        <v-btn :disabled="!open.mayRecord.value" @click="change">Correct it</v-btn
        ><v-btn :disabled="!open.mayRecord.value" @click="shop.withdraw(open.id, last.id)"
          >Take it back</v-btn
        >
      </div>
    </template>
    <template v-else>
      <ChoiceRow
        v-model="place"
        label="Where the cap sits"
        :options="[
          { value: 'tank', text: 'On the tank' },
          { value: 'radiator-neck', text: 'On the radiator' },
        ]"
      />
      <ChoiceRow
        v-model="markingKind"
        label="Marking"
        :options="[
          { value: 'marked', text: 'Marked' },
          { value: 'unmarked', text: 'No marking' },
          { value: 'looks-wrong', text: 'Looks wrong here' },
        ]"
      />
      <div class="row top">
        <QuantityField
          v-if="markingKind === 'marked'"
          v-model="marking"
          label="Marked"
          kind="pressure"
          :limits="{ min: 10, max: 250 }"
          :hint="rating ? `Asked for here: ${preferences.show('pressure', rating)}` : undefined"
        />
        <QuantityField
          v-model="opening"
          label="Opens at"
          kind="pressure"
          :instrument="gauge"
          :limits="limits"
          optional
        />
        <QuantityField
          v-model="held"
          label="A minute after"
          kind="pressure"
          :instrument="gauge"
          :limits="limits"
          optional
          hint="After it opened and closed again"
        />
        <InstrumentPick
          v-model="gauge"
          :kinds="['cap-adapter', 'pressure-tester']"
          :start="last?.data.opening?.instrument"
        />
      </div>
      <CheckTimer check="cap" :minutes="1" label="It has opened and closed" />
      <p v-if="wrongMarking" class="problem" role="alert">
        Wrong cap for this place: it is marked {{ preferences.show('pressure', marking!.si) }},
        asked for here is {{ preferences.show('pressure', rating!) }}.
      </p>
      <ChoiceRow
        v-model="vacuumValve"
        label="Vacuum valve"
        :options="[
          { value: 'free', text: 'Free' },
          { value: 'stuck', text: 'Stuck' },
          { value: 'not-tested', text: 'Not tried' },
        ]"
      />
      <ChoiceRow
        v-model="seals"
        label="Seals"
        :options="[
          { value: 'good', text: 'Good' },
          { value: 'damaged', text: 'Damaged' },
          { value: 'not-looked', text: 'Not looked at' },
        ]"
      />
      <ChoiceRow
        v-model="fitsPlace"
        label="Right type and rating for this place"
        :options="[
          { value: 'right', text: 'Right' },
          { value: 'wrong', text: 'Wrong' },
          { value: 'not-known', text: 'Not known' },
        ]"
      />
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <div class="row">
        <v-btn class="solid" :disabled="!open.mayRecord.value" @click="keep"
          >Keep the cap test</v-btn
        ><v-btn v-if="editing" @click="editing = false">Leave as it was</v-btn>
      </div>
    </template>
  </div>
</template>

<style scoped>
.top {
  align-items: flex-start;
}
.small-figure {
  font-size: 38px;
  margin-bottom: 10px;
}
dl {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 28px;
  margin: 0 0 12px;
}
dt {
  color: var(--ink-2);
  font-size: 15px;
}
dd {
  margin: 0;
  font-size: 22px;
  font-weight: 600;
}
</style>
