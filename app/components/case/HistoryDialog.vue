<script setup lang="ts">
import { DateTime } from 'luxon'
import { QUESTIONS } from '../../../core/checks/interview/questions'
import { PART_NAMES } from '../../../core/knowledge/parts'
import type { CaseRecord, RecordKind } from '../../../core/casefile/records'
import { CHECK_NAMES, type CheckId } from '../../words-app'

/** Everything recorded in a case in order, with who and when; what was corrected or taken back stays, and can come back. */
const props = defineProps<{ shown: boolean; check?: CheckId }>()
const emit = defineEmits<{ close: [] }>()
const open = useOpenCase()
const bench = useBench()
const preferences = usePreferences()
const only = ref(true)
const checkOf = (kind: string) => kind.split('.')[0]!
const rows = computed(() => {
  const all = open.input.value?.records ?? []
  const replacedBy = new Map(all.filter((r) => r.supersedes).map((r) => [r.supersedes!, r]))
  const byId = new Map(all.map((r) => [r.id, r]))
  return all
    .filter((r) => !only.value || !props.check || checkOf(r.kind === 'withdrawn' ? (byId.get(r.supersedes ?? '')?.kind ?? '') : r.kind) === props.check)
    .toSorted((a, b) => (a.observedAt < b.observedAt ? 1 : -1))
    .map((r) => {
      const by = replacedBy.get(r.id)
      const old = r.supersedes ? byId.get(r.supersedes) : undefined
      return {
        record: r, who: bench.people.get(r.by) ?? 'not named', when: DateTime.fromISO(r.observedAt).toFormat('d LLL, HH:mm:ss'),
        what: r.kind === 'withdrawn' ? `Took back: ${old ? nameOf(old) : 'an entry'}` : `${old ? 'Corrected' : 'Recorded'}: ${nameOf(r)}`,
        says: r.kind === 'withdrawn' ? '' : words(r), stands: !by && r.kind !== 'withdrawn', state: by?.kind === 'withdrawn' ? 'taken back' : by ? 'corrected since' : '',
        back: by?.kind === 'withdrawn' && !('run' in r.data) && !r.kind.endsWith('.start'),
      }
    })
})
const nameOf = (r: CaseRecord) => CHECK_NAMES[checkOf(r.kind) as CheckId] ?? { 'suspect.declared': 'Suspect declared', 'photo.taken': 'Photograph', 'cautions.acknowledged': 'Cautions read', note: 'Note' }[r.kind as string] ?? checkOf(r.kind).replaceAll('-', ' ')
function words(r: CaseRecord): string {
  const data = r.data as Record<string, unknown>
  if (r.kind === 'interview.answer') return `${QUESTIONS.find((q) => q.id === data.question)?.asks ?? ''} ${String(data.answer).replace('-', ' ')}`
  if (r.kind === 'cautions.acknowledged' || r.kind === 'photo.taken') return ''
  return Object.entries(data).flatMap(([key, value]) => {
    if (key === 'run' || value === null || value === undefined) return []
    const label = key.replace(/([A-Z])/g, ' $1').toLowerCase()
    if (key === 'part') return [PART_NAMES[value as keyof typeof PART_NAMES]]
    if (typeof value === 'object' && 'typed' in value) return [`${label} ${String((value as { typed: string }).typed)}${/[a-z°]/i.test(String((value as { typed: string }).typed)) ? '' : ` ${String((value as unknown as { unit: string }).unit)}`}`]
    if (Array.isArray(value)) return value.length > 0 && value.every((v) => typeof v !== 'object') ? [`${label} ${value.join(', ')}`] : value.length > 0 ? [`${value.length} ${label}`] : []
    return typeof value === 'object' ? [] : [`${label} ${String(value).replaceAll('-', ' ')}`]
  }).slice(0, 8).join(', ')
}
async function bringBack(record: CaseRecord) {
  await bench.addRecord(open.id, record.kind as RecordKind, record.data as never)
}
void preferences
</script>

<template>
  <v-dialog aria-label="History" :model-value="shown" max-width="760" scrollable @update:model-value="emit('close')">
    <v-card class="pa-5 history">
      <h2>History</h2>
      <ChoiceRow v-if="check" label="Show" hide-label :options="[{ value: 'check', text: CHECK_NAMES[check] }, { value: 'all', text: 'The whole case' }]" :model-value="only ? 'check' : 'all'" @update:model-value="only = $event === 'check'" />
      <p v-if="rows.length === 0" class="quiet">Nothing is recorded here yet.</p>
      <ol tabindex="0" aria-label="Entries, newest first">
        <li v-for="row in rows" :key="row.record.id" :class="{ gone: !row.stands }">
          <span class="small quiet">{{ row.when }} · {{ row.who }}{{ bench.isWaiting(row.record.id) ? ' · kept here, not sent' : '' }}</span>
          <strong>{{ row.what }}<template v-if="row.state"> ({{ row.state }})</template></strong>
          <span v-if="row.says">{{ row.says }}</span>
          <button v-if="row.back" type="button" class="plain-button" :disabled="!open.mayRecord.value" @click="bringBack(row.record)">Bring it back</button>
        </li>
      </ol>
      <v-btn class="solid" @click="emit('close')">Back to the check</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.history { display: flex; flex-direction: column; gap: 10px; overflow-y: auto; }
ol { list-style: none; margin: 0; padding: 0; max-height: 56vh; overflow-y: auto; }
li { display: flex; flex-direction: column; padding: 8px 0; border-bottom: 1px solid var(--line); }
.gone strong, .gone strong + span { text-decoration: line-through; color: var(--ink-2); }
.plain-button { align-self: flex-start; margin-top: 4px; }
</style>
