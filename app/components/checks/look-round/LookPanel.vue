<script setup lang="ts">
import { partsOf, type Part } from '../../../../core/casefile/profile'
import { ofKind } from '../../../../core/casefile/records'
import type { PartLook } from '../../../../core/checks/look-round/record'
import { PART_NAMES } from '../../../../core/knowledge/parts'

const props = defineProps<{ part: Part | undefined }>()
const emit = defineEmits<{ choose: [part: Part] }>()
const open = useOpenCase()
const bench = useBench()
const parts = computed(() => partsOf(open.input.value?.vehicle.profile ?? {}).filter((p) => p !== 'fan'))
const looks = computed(() => new Map(ofKind(open.records.value, 'look-round.part').map((l) => [l.data.part, l])))
const pressed = ref<'yes' | 'no'>('no')
watch(() => open.records.value.some((r) => r.kind === 'pressure-hold.start'), (held) => { if (held) pressed.value = 'yes' }, { immediate: true })
const OPTIONS = [{ value: 'dry', text: 'Dry' }, { value: 'stained', text: 'Stained' }, { value: 'wet', text: 'Wet' }, { value: 'dried-and-wet-again', text: 'Dried, wet again' }, { value: 'issuing', text: 'Seen issuing' }] as const
const set = (part: Part, seen: PartLook['seen']) => {
  const old = looks.value.get(part)
  const before = old && (old.data.pressed ? 'yes' : 'no') === pressed.value ? { supersedes: old.id } : {}
  return bench.addRecord(open.id, 'look-round.part', { part, seen, pressed: pressed.value === 'yes' }, before)
}
const chosen = computed(() => props.part ?? parts.value[0]!)
</script>

<template>
  <div class="stack">
    <p class="caution">Engine off, key out: electric fans can start by themselves. On stands, not a jack.</p>
    <ChoiceRow v-model="pressed" label="Is the system under the tester’s pressure while you look?" :options="[{ value: 'yes', text: 'Yes, pressed' }, { value: 'no', text: 'No' }]" />
    <div class="now">
      <h3>{{ PART_NAMES[chosen] }}</h3>
      <ChoiceRow :key="chosen" hide-label :disabled="!open.mayRecord.value" :label="PART_NAMES[chosen]" :options="OPTIONS" :model-value="looks.get(chosen)?.data.seen" @update:model-value="set(chosen, $event)" />
    </div>
    <div class="parts" role="group" aria-label="Parts">
      <button v-for="part in parts" :key="part" type="button" class="plain-button" :class="{ chosen: part === chosen, open: !looks.has(part) }" @click="emit('choose', part)">
        {{ PART_NAMES[part] }}<span class="small">{{ looks.has(part) ? OPTIONS.find((o) => o.value === looks.get(part)!.data.seen)?.text : 'not looked at' }}</span>
      </button>
    </div>
    <p><strong>This does not clear:</strong> leaks that open only hot or only cold; a wet part may be wetted from above.</p>
  </div>
</template>

<style scoped>
.now { border-left: 6px solid var(--cool); padding-left: 12px; display: flex; flex-direction: column; gap: 8px; }
.parts { display: grid; grid-template-columns: repeat(auto-fill, minmax(140px, 1fr)); gap: 8px; }
.parts button { display: flex; flex-direction: column; align-items: flex-start; padding: 4px 10px; line-height: 1.2; }
.parts button span { color: var(--ink-2); font-weight: 400; }
.parts .open { border-style: dashed; }
.parts .chosen { border-color: var(--ink); background: var(--warn-soft); color: var(--ink); }
</style>
