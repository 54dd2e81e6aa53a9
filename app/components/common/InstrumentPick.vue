<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import type { Instrument } from '#core'

const { say } = useWords()

/** Which of the shop's instruments the figures beside it are read with; what it is known to be off by is taken off. Remembered on this device. */
const props = defineProps<{
  kinds: readonly Instrument['kind'][]
  label?: string
  start?: string | undefined
}>()
const model = defineModel<Instrument | undefined>({ required: true })
const shop = useShop()
const preferences = usePreferences()
const list = computed(() => shop.instrumentsOf(props.kinds))
const remembered = useLocalStorage(`thermognosis.instrument.${props.kinds.join('.')}`, '')
const id = useId()
const chosen = ref(props.start ?? remembered.value)
watch(
  [chosen, list],
  () => {
    model.value = list.value.find((i) => i.id === chosen.value)
  },
  { immediate: true },
)
const isPressure = (i: Instrument) => i.kind === 'pressure-tester' || i.kind === 'cap-adapter'
const off = (i: Instrument) =>
  typeof i.offsetInCoreUnit !== 'number'
    ? say('common.instrument-pick.neverCompared')
    : i.offsetInCoreUnit === 0
      ? ''
      : say('common.instrument-pick.reads', {
          by: preferences.show(
            isPressure(i) ? 'pressure' : 'temperatureDifference',
            Math.abs(i.offsetInCoreUnit),
          ),
          direction: i.offsetInCoreUnit < 0 ? 'low' : 'high',
        })
</script>

<template>
  <div v-if="list.length > 0" class="pick">
    <label :for="id">{{ label ?? say('common.instrument-pick.readWith') }}</label>
    <select :id="id" v-model="chosen" @change="remembered = chosen">
      <option value="">{{ say('common.instrument-pick.notSaid') }}</option>
      <option v-for="i in list" :key="i.id" :value="i.id">{{ i.name }}{{ off(i) }}</option>
    </select>
  </div>
</template>

<style scoped>
.pick {
  display: flex;
  flex-direction: column;
  gap: 4px;
  font-weight: 600;
}
select {
  min-height: 52px;
  border: 2px solid var(--line);
  border-radius: 4px;
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  font-weight: 400;
  padding: 0 10px;
  min-width: 190px;
  max-width: 280px;
}
</style>
