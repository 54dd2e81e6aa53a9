<script setup lang="ts">
import type { HoldEnd, Instrument, QuantityRecord } from '#core'

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
const cylinders = ref<NonNullable<HoldEnd['cylinders']>>(props.old?.data.cylinders ?? 'not-looked')
const thermometer = ref<Instrument>()
const problem = ref('')
async function keep() {
  if (!tray.value)
    return void (problem.value = 'Say what the tray shows, or that it was not looked at.')
  await shop.addRecord(
    open.id,
    'pressure-hold.end',
    {
      run: props.run,
      elapsedSeconds: props.old?.data.elapsedSeconds ?? Math.round(props.elapsedSeconds),
      coolantAtEnd: coolantAtEnd.value,
      tray: tray.value,
      cylinders: cylinders.value,
    },
    props.old ? { supersedes: props.old.id, corrects: true } : {},
  )
  emit('done')
}
</script>

<template>
  <v-dialog :model-value="true" max-width="620" @update:model-value="emit('done')">
    <v-card class="pa-5 stack">
      <h2>{{ old ? 'Correct the end' : 'End the hold' }}</h2>
      <p v-if="!old" class="caution">Release the pressure before you take the tester off.</p>
      <ChoiceRow
        v-model="tray"
        label="The tray under it"
        :options="[
          { value: 'dry', text: 'Dry' },
          { value: 'wet', text: 'Wet' },
          { value: 'not-looked', text: 'Not looked' },
        ]"
      />
      <ChoiceRow
        v-model="cylinders"
        label="Cylinders, through the plug holes"
        :options="[
          { value: 'dry', text: 'Dry' },
          { value: 'wet', text: 'One is wet' },
          { value: 'not-looked', text: 'Not looked' },
        ]"
      />
      <QuantityField
        v-model="coolantAtEnd"
        label="Coolant temperature now"
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
        <v-btn class="solid" @click="keep">{{
          old ? 'Keep the correction' : 'Keep the end'
        }}</v-btn><v-btn @click="emit('done')">{{
          old ? 'Leave as it was' : 'Go on holding'
        }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>
