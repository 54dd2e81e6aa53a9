<script setup lang="ts">
import { searchFaults } from '#core'
import { RECORDABLE } from '../../checks'
import { findIn, type Found } from '../../shortcuts/palette'

/** Finds a check of the open case, a case, a vehicle, a fault or a page by its words, and goes there. */
const open = defineModel<boolean>('open', { required: true })

const { checkName, checkWhy, say } = useWords()
const shop = useShop()
const route = useRoute()
const typed = ref('')
const at = ref(0)
watch(open, (isOpen) => {
  if (isOpen) typed.value = ''
})
watch(typed, () => (at.value = 0))

const PLACES = [
  ['/', 'frame.backToTheBoard'],
  ['/new', 'board.newComplaint'],
  ['/record', 'record.title'],
  ['/library', 'library.title'],
  ['/calculators', 'board.calculators'],
  ['/instruments', 'instruments.instruments'],
  ['/shop', 'shop.title'],
  ['/outbox', 'outbox.keptOnThisDevice'],
  ['/settings', 'settings.unitsAndLookOfThis'],
] as const

const checks = computed<Found[]>(() =>
  typeof route.params.id === 'string'
    ? RECORDABLE.map(({ id }) => ({
        group: 'check',
        id,
        text: checkName(id),
        detail: checkWhy(id),
        to: `/cases/${String(route.params.id)}?check=${id}`,
      }))
    : [],
)
const cases = computed<Found[]>(() =>
  [...shop.cases.values()].map(({ id, title, vehicle, bay }) => {
    const of = shop.vehicles.get(vehicle)
    return {
      group: 'case',
      id,
      text: [of?.name, of?.plate].filter(Boolean).join(' '),
      detail: [title, bay].filter(Boolean).join(' · '),
      to: `/cases/${id}`,
    }
  }),
)
const vehicles = computed<Found[]>(() =>
  [...shop.vehicles.values()].map(({ id, name, plate, model }) => ({
    group: 'vehicle',
    id,
    text: [name, plate].filter(Boolean).join(' '),
    detail: model ?? '',
    to: `/new?vehicle=${id}`,
  })),
)
const FAULTS: readonly Found[] = searchFaults('').map(({ id, name, what }) => ({
  group: 'fault',
  id,
  text: name,
  detail: what,
  to: `/library?fault=${id}`,
}))
const places: readonly Found[] = PLACES.map(([to, id]) => ({
  group: 'place',
  id: to,
  text: say(id),
  detail: '',
  to,
}))
const found = computed(() =>
  open.value
    ? findIn(
        [...checks.value, ...cases.value, ...vehicles.value, ...FAULTS, ...places],
        typed.value,
      )
    : [],
)
const list = useTemplateRef<HTMLElement>('list')
async function move(by: number) {
  at.value = (at.value + by + found.value.length) % Math.max(1, found.value.length)
  await nextTick()
  list.value?.querySelector('[aria-selected="true"]')?.scrollIntoView({ block: 'nearest' })
}
async function go(one: Found | undefined) {
  if (!one) return
  open.value = false
  await navigateTo(one.to)
}
</script>

<template>
  <v-dialog v-model="open" max-width="640" :aria-label="say('frame.find')">
    <v-card class="pa-4 stack">
      <v-text-field
        v-model="typed"
        class="field"
        autofocus
        role="combobox"
        aria-expanded="true"
        aria-controls="palette-found"
        :aria-activedescendant="found[at] && `palette-${at}`"
        :label="say('frame.find')"
        hide-details
        @keydown.down.prevent="move(1)"
        @keydown.up.prevent="move(-1)"
        @keydown.enter.prevent="go(found[at])"
      />
      <ul
        v-if="found.length > 0"
        id="palette-found"
        ref="list"
        role="listbox"
        :aria-label="say('frame.found')"
      >
        <li
          v-for="(one, i) in found"
          :id="`palette-${i}`"
          :key="`${one.group} ${one.id}`"
          role="option"
          :aria-selected="i === at"
          @click="go(one)"
        >
          <span class="group">{{ say(`frame.group.${one.group}`) }}</span>
          <span class="grow"
            ><strong>{{ one.text }}</strong> <span class="quiet">{{ one.detail }}</span></span
          >
        </li>
      </ul>
      <p v-else class="quiet" role="status">{{ say('frame.nothingFound') }}</p>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.field {
  margin-top: 6px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  max-height: min(60vh, 480px);
  overflow-y: auto;
}
li {
  display: flex;
  gap: 12px;
  align-items: baseline;
  min-height: 48px;
  padding: 12px;
  border-top: 1px solid var(--line);
  cursor: pointer;
}
li[aria-selected='true'] {
  background: var(--ink);
  color: var(--paper);
}
li[aria-selected='true'] .quiet,
li[aria-selected='true'] .group {
  color: inherit;
}
.group {
  flex: 0 0 76px;
  color: var(--ink-2);
}
</style>
