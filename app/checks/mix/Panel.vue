<script setup lang="ts">
import {
  knownValue,
  type MixAnalysis,
  mixCheck,
  mixPlan,
  type MixTest,
  type QuantityRecord,
} from '#core'

const { listed, say } = useWords()
/** Less than this is not worth pouring in. */
const LEAST_ADDED_LITRES = 0.05

const { open, last, outcome, mayRecord, keep, takeBack } = useCheck(mixCheck, 'mix.test')
const figures = computed(() => outcome.value?.figures as MixAnalysis | undefined)
const preferences = usePreferences()
const instrument = ref<MixTest['instrument']>('refractometer')
const by = ref<'fraction' | 'freeze'>('fraction')
const percent = ref<number>()
const freezePoint = ref<QuantityRecord>()
const wantedPercent = ref<number | undefined>(50)
const concentratePercent = ref<number | undefined>()
const { last: condition } = useCheck(mixCheck, 'mix.condition')
const hasCondition = computed(() => condition.value !== undefined)
const problem = ref('')
const capacity = computed(() => knownValue(open.input.value?.vehicle.profile.capacityLitres))
const drained = ref<number>()
const plan = computed(() => {
  const f = figures.value
  if (!f || capacity.value === undefined) return undefined
  const litres = Math.min(capacity.value, drained.value ?? f.plan!.drainedLitres)
  return {
    ...mixPlan(
      capacity.value,
      f.volumeFraction,
      f.wantedFraction,
      litres,
      last.value?.data.concentrateFraction,
    ),
    drainedLitres: litres,
  }
})
const place = (fraction: number) => `${(Math.min(0.6, Math.max(0, fraction)) / 0.6) * 100}%`
async function save() {
  problem.value = ''
  const reading = by.value === 'fraction' ? percent.value : freezePoint.value
  if (reading === undefined)
    return void (problem.value =
      by.value === 'fraction'
        ? say('mix.typeWhatTheInstrumentShows')
        : say('mix.typeTheFreezePointThat'))
  await keep(
    {
      instrument: instrument.value,
      ...(by.value === 'fraction'
        ? { volumeFraction: percent.value! / 100 }
        : { freezePoint: freezePoint.value! }),
      wantedFraction: (wantedPercent.value ?? 50) / 100,
      ...(concentratePercent.value !== undefined && {
        concentrateFraction: concentratePercent.value / 100,
      }),
    },
    last.value?.id,
  )
}
</script>

<template>
  <div class="stack">
    <Cautions :ids="['glycol']" />
    <CheckResult
      :outcome="outcome"
      :shown="[
        { path: 'volumeFraction', label: say('mix.antifreeze'), percent: true },
        { path: 'freezePointC', label: say('mix.freezesAt'), kind: 'temperature' },
        { path: 'boilingPointC', label: say('mix.boilsAtWithThisCap'), kind: 'temperature' },
      ]"
    />
    <div
      v-if="figures"
      class="scale"
      role="img"
      :aria-label="
        say('mix.ofAntifreezeAskedFor', {
          volumeFraction: Math.round(figures.volumeFraction * 100),
          wantedFraction: Math.round(figures.wantedFraction * 100),
        })
      "
    >
      <span
        class="band"
        :style="{ left: place(figures.wantedFraction - 0.1), width: `${(0.2 / 0.6) * 100}%` }"
      />
      <span class="mark" :style="{ left: place(figures.volumeFraction) }">{{
        Math.round(figures.volumeFraction * 100)
      }}</span>
      <span v-for="p in [0, 20, 40, 60]" :key="p" class="tick" :style="{ left: place(p / 100) }"
        >{{ p }} %</span
      >
    </div>
    <div v-if="plan && figures && outcome?.states[0] !== 'right'" class="stack plan">
      <p>
        <strong>{{
          say('mix.toReach', { wantedFraction: Math.round(figures.wantedFraction * 100) })
        }}</strong>
        {{
          say('mix.drainThenAdd', {
            drainedLitres: preferences.show('volume', plan.drainedLitres),
            a: listed(
              [
                { litres: plan.concentrateLitres, of: 'concentrate' },
                { litres: plan.waterLitres, of: 'water' },
              ]
                .filter(({ litres }) => litres >= LEAST_ADDED_LITRES)
                .map(({ litres, of }) =>
                  say('mix.litresOf', { litres: preferences.show('volume', litres), of }),
                ),
            ),
          })
        }}
        <template v-if="!plan.reachable">{{
          say('mix.thatIsNotEnoughAt', {
            leastDrainLitres: preferences.show('volume', plan.leastDrainLitres),
          })
        }}</template>
      </p>
      <NumberField
        v-model="drained"
        :label="say('mix.ifThisMuchWasDrained')"
        unit="L"
        :min="0"
        :max="capacity ?? 100"
      />
    </div>
    <h3 v-if="last">{{ say('mix.measuredAgain') }}</h3>
    <div class="row top">
      <ChoiceRow
        v-model="instrument"
        :label="say('mix.instrument')"
        :options="[
          { value: 'refractometer', text: say('mix.refractometer') },
          { value: 'hydrometer', text: say('mix.hydrometer') },
          { value: 'strip', text: say('mix.testStrip') },
        ]"
      />
      <ChoiceRow
        v-model="by"
        :label="say('mix.itShows')"
        :options="[
          { value: 'fraction', text: say('mix.shareOfAntifreeze') },
          { value: 'freeze', text: say('mix.freezePoint') },
        ]"
      />
    </div>
    <div class="row top">
      <NumberField
        v-if="by === 'fraction'"
        v-model="percent"
        :label="say('mix.antifreeze')"
        unit="% by volume"
        :min="0"
        :max="60"
      />
      <QuantityField
        v-else
        v-model="freezePoint"
        :label="say('mix.freezePoint')"
        kind="temperature"
        :limits="{ min: -50, max: 0 }"
      />
      <NumberField
        v-model="wantedPercent"
        :label="say('mix.askedForHere')"
        unit="%"
        :min="0"
        :max="60"
        :hint="say('mix.fromTheMakersFiguresHalf')"
      />
      <NumberField
        v-model="concentratePercent"
        :label="say('mix.concentrateHolds')"
        unit="%"
        :min="20"
        :max="100"
        :hint="say('mix.concentrateHint')"
      />
    </div>
    <KeepRow :problem="problem">
      <v-btn class="solid" aria-keyshortcuts="k" :disabled="!mayRecord" @click="save">{{
        last ? say('mix.keepTheNewReading') : say('mix.keepTheReading')
      }}</v-btn>
    </KeepRow>
    <div v-if="last" class="row">
      <v-btn aria-keyshortcuts="t" :disabled="!mayRecord" @click="takeBack(last.id)">{{
        say('mix.takeItBack')
      }}</v-btn>
    </div>
    <details class="unfold" :open="hasCondition">
      <summary>{{ say('mix.whatCoolantItIs') }}</summary>
      <p class="small">{{ say('mix.howToMeasureVoltage') }}</p>
      <RecordForm :check="mixCheck" kind="mix.condition" />
    </details>
  </div>
</template>

<style scoped>
.top {
  align-items: flex-start;
  gap: 20px;
}
.scale {
  position: relative;
  height: 62px;
  margin: 26px 12px 4px;
  border-bottom: 4px solid var(--ink-2);
}
.band {
  position: absolute;
  bottom: 0;
  height: 22px;
  background: var(--cool-soft);
  border: 2px solid var(--cool);
  border-bottom: 0;
}
.mark {
  position: absolute;
  bottom: 0;
  transform: translateX(-50%);
  height: 56px;
  border-left: 4px solid var(--hot);
  padding-left: 6px;
  font-size: 24px;
  font-weight: 600;
  line-height: 1;
  margin-left: 2px;
}
.tick {
  position: absolute;
  bottom: -28px;
  transform: translateX(-50%);
  font-size: 14px;
  color: var(--ink-2);
  white-space: nowrap;
}
.plan {
  margin-top: 16px;
}
</style>
