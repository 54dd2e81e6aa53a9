<script setup lang="ts">
import { DateTime } from 'luxon'
import {
  type CaseEvent,
  type CaseRecord,
  type CheckId,
  compareMoments,
  type EventKind,
  may,
  mayTakeBack,
  permissionForEvent,
} from '#core'
import { itemName, itemWords } from '../../../words/records'

const { checkName, say } = useWords()

/** Everything recorded in a case in order, with who and when; what was corrected or taken back stays, and can come back. */
const props = defineProps<{ shown: boolean; check?: CheckId }>()
const emit = defineEmits<{ close: [] }>()
const open = useOpenCase()
const shop = useShop()
const session = useSession()
const only = ref(true)
type Item = CaseRecord | CaseEvent
const ofCheck = (item: Item, byId: ReadonlyMap<string, Item>): boolean => {
  const about = item.kind === 'withdrawn' ? byId.get(item.supersedes ?? '') : item
  return (
    about !== undefined &&
    (about.kind === 'withdrawn' ? ofCheck(about, byId) : about.kind.split('.')[0] === props.check)
  )
}
/** Taking work back asks for the same role as recording it; taking back a record of somebody else, for a technician's. */
function mayTake(item: Item, isEvent: boolean, { by }: Item = item): boolean {
  const { id, role } = session.current!.person
  if (!open.mayRecord.value) return false
  return isEvent ? may(role, permissionForEvent(item.kind as EventKind)) : mayTakeBack(role, id, by)
}
const rows = computed(() => {
  const records: Item[] = [...(open.input.value?.records ?? [])]
  const events: Item[] = [...(open.input.value?.events ?? [])]
  const isEvent = new Set(events.map((e) => e.id))
  const standing = new Set([...open.records.value, ...open.events.value].map((i) => i.id))
  const all = [...records, ...events]
  const byId = new Map(all.map((i) => [i.id, i]))
  const withdrawalOf = new Map(
    all.filter((i) => i.kind === 'withdrawn').map((i) => [i.supersedes!, i]),
  )
  return all
    .filter((item) => !only.value || !props.check || ofCheck(item, byId))
    .toSorted((a, b) => compareMoments(b.observedAt, a.observedAt) || (a.id < b.id ? 1 : -1))
    .map((item) => {
      const old = item.supersedes ? byId.get(item.supersedes) : undefined
      const stands = standing.has(item.id)
      const withdrawal = withdrawalOf.get(item.id)
      return {
        item,
        stands,
        who: shop.nameOf(item.by),
        when: DateTime.fromISO(item.observedAt).toFormat('d LLL, HH:mm:ss'),
        what:
          item.kind !== 'withdrawn'
            ? say('case.history-dialog.what', {
                how: old ? 'corrected' : isEvent.has(item.id) ? 'done' : 'recorded',
                name: itemName(item.kind),
              })
            : old?.kind === 'withdrawn'
              ? say('case.history-dialog.broughtBack')
              : say('case.history-dialog.tookBack', {
                  name: old ? itemName(old.kind) : say('case.history-dialog.anEntry'),
                }),
        says: item.kind === 'withdrawn' ? '' : itemWords(item),
        state:
          stands || item.kind === 'withdrawn'
            ? ''
            : say('case.history-dialog.state', { now: withdrawal ? 'withdrawn' : 'corrected' }),
        takeBack:
          stands && item.kind !== 'cautions.acknowledged' && mayTake(item, isEvent.has(item.id))
            ? () => change(item, isEvent.has(item.id))
            : undefined,
        bringBack:
          !stands && withdrawal && mayTake(item, isEvent.has(item.id), withdrawal)
            ? () => change(withdrawal, isEvent.has(item.id))
            : undefined,
      }
    })
})
const change = (item: Item, isEvent: boolean) =>
  isEvent ? shop.withdrawEvent(open.id, item.id) : shop.withdraw(open.id, item.id)
</script>

<template>
  <v-dialog
    :aria-label="say('case.history-dialog.history')"
    :model-value="shown"
    max-width="760"
    scrollable
    @update:model-value="emit('close')"
  >
    <v-card class="pa-5 history">
      <h2>{{ say('case.history-dialog.history') }}</h2>
      <ChoiceRow
        v-if="check"
        :label="say('case.history-dialog.show')"
        hide-label
        :options="[
          { value: 'check', text: checkName(check) },
          { value: 'all', text: say('case.history-dialog.theWholeCase') },
        ]"
        :model-value="only ? 'check' : 'all'"
        @update:model-value="only = $event === 'check'"
      />
      <p v-if="rows.length === 0" class="quiet">
        {{ say('case.history-dialog.nothingIsRecordedHereYet') }}
      </p>
      <ol tabindex="0" :aria-label="say('case.history-dialog.entriesNewestFirst')">
        <li
          v-for="row in rows"
          :key="row.item.id"
          :class="{ gone: !row.stands && row.item.kind !== 'withdrawn' }"
        >
          <div class="entry">
            <span class="small quiet"
              >{{ row.when }} · {{ row.who
              }}{{
                shop.isWaiting(row.item.id) ? say('case.history-dialog.keptHereNotSent') : ''
              }}</span
            >
            <strong
              >{{ row.what }}<template v-if="row.state"> ({{ row.state }})</template></strong
            >
            <span v-if="row.says">{{ row.says }}</span>
          </div>
          <button v-if="row.takeBack" type="button" class="plain-button" @click="row.takeBack">
            {{ say('case.history-dialog.takeBack') }}
          </button>
          <button
            v-else-if="row.bringBack"
            type="button"
            class="plain-button"
            @click="row.bringBack"
          >
            {{ say('case.history-dialog.bringItBack') }}
          </button>
        </li>
      </ol>
      <v-btn class="solid" @click="emit('close')">{{
        say('case.history-dialog.backToTheCheck')
      }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.history {
  display: flex;
  flex-direction: column;
  gap: 10px;
  overflow-y: auto;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  max-height: 56vh;
  overflow-y: auto;
}
li {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 8px 0;
  border-bottom: 1px solid var(--line);
}
.entry {
  display: flex;
  flex-direction: column;
  flex: 1;
  min-width: 0;
}
.gone strong,
.gone strong + span {
  text-decoration: line-through;
  color: var(--ink-2);
}
.plain-button {
  flex: none;
}
</style>
