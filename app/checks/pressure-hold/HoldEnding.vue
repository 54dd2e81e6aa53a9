<script setup lang="ts">
import type { HoldEnd, Instrument, QuantityRecord } from '#core'

const { say } = useWords()

const props = defineProps<{
  run: string
  elapsedSeconds: number
  old?: { id: string; data: HoldEnd } | undefined
}>()
const emit = defineEmits<{ done: [] }>()
const open = useOpenCase()
const shop = useShop()
const coolantAtEnd = ref<QuantityRecord | undefined>(props.old?.data.coolantAtEnd)
const tray = ref<HoldEnd['tray'] | undefined>(props.old?.data.tray)
const cylinders = ref<NonNullable<HoldEnd['cylinders']>>(props.old?.data.cylinders ?? 'not-known')
const levelAfter = ref<NonNullable<HoldEnd['levelAfter']>>(
  props.old?.data.levelAfter ?? 'not-known',
)
const thermometer = ref<Instrument>()
const problem = ref('')
async function keep() {
  if (!tray.value)
    return void (problem.value = say('pressure-hold.hold-ending.sayWhatTheTrayShows'))
  await shop.addRecord(
    open.id,
    'pressure-hold.end',
    {
      run: props.run,
      elapsedSeconds: props.old?.data.elapsedSeconds ?? Math.round(props.elapsedSeconds),
      coolantAtEnd: coolantAtEnd.value,
      tray: tray.value,
      cylinders: cylinders.value,
      levelAfter: levelAfter.value,
    },
    props.old ? { supersedes: props.old.id, corrects: true } : {},
  )
  emit('done')
}
</script>

<template>
  <v-dialog :model-value="true" max-width="620" @update:model-value="emit('done')">
    <v-card class="pa-5 stack">
      <h2>
        {{
          old
            ? say('pressure-hold.hold-ending.correctTheEnd')
            : say('pressure-hold.hold-ending.endTheHold')
        }}
      </h2>
      <p v-if="!old" class="caution">
        {{ say('pressure-hold.hold-ending.releaseThePressureBeforeYou') }}
      </p>
      <ChoiceRow
        v-model="tray"
        :label="say('pressure-hold.hold-ending.theTrayUnderIt')"
        :options="[
          { value: 'dry', text: say('pressure-hold.hold-ending.dry') },
          { value: 'wet', text: say('pressure-hold.hold-ending.wet') },
          { value: 'not-known', text: say('pressure-hold.hold-ending.notLooked') },
        ]"
      />
      <ChoiceRow
        v-model="cylinders"
        :label="say('pressure-hold.hold-ending.cylindersThroughThePlugHoles')"
        :options="[
          { value: 'dry', text: say('pressure-hold.hold-ending.dry') },
          { value: 'wet', text: say('pressure-hold.hold-ending.oneIsWet') },
          { value: 'not-known', text: say('pressure-hold.hold-ending.notLooked') },
        ]"
      />
      <ChoiceRow
        v-model="levelAfter"
        :label="say('pressure-hold.hold-ending.levelPressureLetOff')"
        :options="[
          { value: 'as-before', text: say('pressure-hold.hold-ending.asBefore') },
          { value: 'lower', text: say('pressure-hold.hold-ending.lower') },
          { value: 'not-known', text: say('pressure-hold.hold-ending.notLooked') },
        ]"
      />
      <QuantityField
        v-model="coolantAtEnd"
        :label="say('pressure-hold.hold-ending.coolantTemperatureNow')"
        kind="temperature"
        :instrument="thermometer"
        :limits="{ min: -40, max: 150 }"
        optional
      />
      <InstrumentPick
        v-model="thermometer"
        :start="old?.data.coolantAtEnd?.instrument"
        :kinds="['thermometer', 'infrared', 'scan-tool']"
      />
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <div class="row">
        <v-btn class="solid" aria-keyshortcuts="k" @click="keep">{{
          old
            ? say('pressure-hold.hold-ending.keepTheCorrection')
            : say('pressure-hold.hold-ending.keepTheEnd')
        }}</v-btn><v-btn @click="emit('done')">{{
          old
            ? say('pressure-hold.hold-ending.leaveAsItWas')
            : say('pressure-hold.hold-ending.goOnHolding')
        }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>
