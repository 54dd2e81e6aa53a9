<script setup lang="ts">
import type { SystemProfile } from '../../../core/casefile/profile'
import type { QuantityRecord } from '../../../core/quantity/record'

/** System profile, first version: each field may be left alone (not asked) or set to "not known". */
const model = defineModel<SystemProfile>({ required: true })

type Key = 'vessel' | 'thermostatSide' | 'fan' | 'pumpDrive' | 'coolant'
const CHOICES: { key: Key; label: string; options: { value: string; text: string }[] }[] = [
  { key: 'vessel', label: 'Vessel', options: [{ value: 'pressurised-tank', text: 'Pressurised tank' }, { value: 'overflow-bottle', text: 'Cap on radiator, bottle' }] },
  { key: 'thermostatSide', label: 'Thermostat', options: [{ value: 'outlet', text: 'At engine outlet' }, { value: 'inlet', text: 'At engine inlet' }] },
  { key: 'fan', label: 'Fan', options: [{ value: 'viscous-clutch', text: 'Viscous clutch' }, { value: 'electric-relay', text: 'Electric, relay' }, { value: 'electric-module', text: 'Electric, module' }, { value: 'thermo-switch', text: 'Thermo-switch' }] },
  { key: 'pumpDrive', label: 'Pump drive', options: [{ value: 'accessory-belt', text: 'Accessory belt' }, { value: 'timing-belt', text: 'Timing belt' }, { value: 'gear', text: 'Gear' }, { value: 'electric', text: 'Electric' }] },
  { key: 'coolant', label: 'Coolant', options: [{ value: 'ethylene-glycol', text: 'Ethylene glycol' }, { value: 'propylene-glycol', text: 'Propylene glycol' }, { value: 'water', text: 'Water' }] },
]
type Flag = { [K in keyof SystemProfile]-?: boolean extends SystemProfile[K] ? K : never }[keyof SystemProfile]
const FLAGS: { key: Flag; label: string }[] = [
  { key: 'oilCooler', label: 'Oil cooler' }, { key: 'egrCooler', label: 'EGR cooler' }, { key: 'turboCooled', label: 'Cooled turbo' }, { key: 'rearHeater', label: 'Rear heater' }, { key: 'heavyDiesel', label: 'Heavy diesel' },
]
/** Fittings that some vehicles have; a "no" takes their faults out of the ranking. */
const LESS_USUAL: { key: Flag; label: string }[] = [
  { key: 'transmissionCooler', label: 'Gearbox cooler in the radiator' }, { key: 'heatModule', label: 'Heat-management module' }, { key: 'heaterValve', label: 'Heater valve' }, { key: 'auxHeaterPump', label: 'Auxiliary heater pump' },
  { key: 'mapThermostat', label: 'Map thermostat' }, { key: 'switchablePump', label: 'Switchable pump' }, { key: 'electroViscous', label: 'Controlled fan clutch' }, { key: 'grilleShutter', label: 'Grille shutter' },
]
const flagOf = (key: Flag) => {
  const value = model.value[key]
  return value === undefined ? undefined : value === 'unknown' ? 'unknown' : value ? 'yes' : 'no'
}
const setFlag = (key: Flag, answer: string | undefined) => set({ [key]: answer === 'unknown' ? 'unknown' : answer === 'yes' })
const unknown = { value: 'unknown', text: 'Not known' }
const yesNo = [{ value: 'yes', text: 'Yes' }, { value: 'no', text: 'No' }, unknown]

const quantity = (kind: 'kPa' | 'L', si: number): QuantityRecord => ({ typed: String(si), value: si, unit: kind, si })
const cap = model.value.caps?.[0]
const rating = ref<QuantityRecord | undefined>(typeof cap?.ratingKPa === 'number' ? quantity('kPa', cap.ratingKPa) : undefined)
const litres = ref<QuantityRecord | undefined>(typeof model.value.capacityLitres === 'number' ? quantity('L', model.value.capacityLitres) : undefined)

function set(change: Partial<SystemProfile>) {
  model.value = { ...model.value, ...change }
}
watch(rating, (value) => {
  const place = model.value.vessel === 'overflow-bottle' ? 'radiator-neck' : 'tank'
  set({ caps: value ? [{ place, ratingKPa: value.si }] : undefined })
})
watch(litres, (value) => set({ capacityLitres: value?.si }))
</script>

<template>
  <div class="stack">
    <div class="row top">
      <QuantityField v-model="rating" label="Cap rating asked for here" kind="pressure" :limits="{ min: 10, max: 250 }" optional hint="From the maker’s figures" />
      <QuantityField v-model="litres" label="Coolant in the system" kind="volume" :limits="{ min: 1, max: 200 }" optional />
    </div>
    <ChoiceRow v-for="choice in CHOICES" :key="choice.key" :label="choice.label" :options="[...choice.options, unknown]" :model-value="model[choice.key]" @update:model-value="set({ [choice.key]: $event })" />
    <div class="flags">
      <ChoiceRow v-for="flag in FLAGS" :key="flag.key" :label="flag.label" :options="yesNo" :model-value="flagOf(flag.key)" @update:model-value="setFlag(flag.key, $event)" />
    </div>
    <details>
      <summary>Less usual fittings</summary>
      <div class="flags">
        <ChoiceRow v-for="flag in LESS_USUAL" :key="flag.key" :label="flag.label" :options="yesNo" :model-value="flagOf(flag.key)" @update:model-value="setFlag(flag.key, $event)" />
      </div>
    </details>
  </div>
</template>

<style scoped>
.top { align-items: flex-start; }
summary { min-height: 48px; display: flex; align-items: center; cursor: pointer; font-weight: 600; }
summary::before { content: '+'; width: 24px; }
details[open] summary::before { content: '−'; }
.flags { display: flex; flex-wrap: wrap; gap: 16px 32px; }
</style>
