<script setup lang="ts">
import type { HoldEnd } from '../../../../core/checks/pressure-hold/record'
import type { Instrument } from '../../../../core/casefile/schema'
import type { QuantityRecord } from '../../../../core/quantity/record'

const props = defineProps<{ run: string; elapsedSeconds: number }>()
const emit = defineEmits<{ done: [] }>()
const open = useOpenCase()
const bench = useBench()
const coolantAtEnd = ref<QuantityRecord>()
const tray = ref<HoldEnd['tray']>()
const cylinders = ref<NonNullable<HoldEnd['cylinders']>>('not-looked')
const thermometer = ref<Instrument>()
const problem = ref('')
async function keep() {
  if (!tray.value) return void (problem.value = 'Say what the tray shows, or that it was not looked at.')
  await bench.addRecord(open.id, 'pressure-hold.end', { run: props.run, elapsedSeconds: Math.round(props.elapsedSeconds), coolantAtEnd: coolantAtEnd.value, tray: tray.value, cylinders: cylinders.value })
  emit('done')
}
</script>

<template>
  <v-dialog :model-value="true" max-width="620" @update:model-value="emit('done')">
    <v-card class="pa-5 stack">
      <h2>End the hold</h2>
      <p class="caution">Release the pressure before you take the tester off.</p>
      <ChoiceRow v-model="tray" label="The tray under it" :options="[{ value: 'dry', text: 'Dry' }, { value: 'wet', text: 'Wet' }, { value: 'not-looked', text: 'Not looked' }]" />
      <ChoiceRow v-model="cylinders" label="Cylinders, through the plug holes" :options="[{ value: 'dry', text: 'Dry' }, { value: 'wet', text: 'One is wet' }, { value: 'not-looked', text: 'Not looked' }]" />
      <QuantityField v-model="coolantAtEnd" label="Coolant temperature now" kind="temperature" :instrument="thermometer" :limits="{ min: -40, max: 150 }" optional />
      <InstrumentPick v-model="thermometer" :kinds="['thermometer', 'infrared', 'scan-tool']" />
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <div class="row"><v-btn class="solid" @click="keep">Keep the end</v-btn><v-btn @click="emit('done')">Go on holding</v-btn></div>
    </v-card>
  </v-dialog>
</template>
