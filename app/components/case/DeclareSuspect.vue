<script setup lang="ts">
import { may, ofKind, type RecordData, type Suspect } from '#core'
import { DateTime } from 'luxon'
import { formatChance } from '../../../words/format'

/**
 * What people say of a suspect: proven, withdrawn, or its part ordered. A part is ordered on its proofs; without them only
 * by the lead, with a reason that is kept and printed.
 */
const props = defineProps<{ suspect: Suspect }>()
const open = useOpenCase()
const shop = useShop()
const { say } = useWords()
type Said = RecordData<'suspect.declared'>['as']

const because = ref('')
const problem = ref('')
/** the answer to "order this part" where proofs are missing */
const isAsked = ref(false)
watch(
  () => props.suspect.fault,
  () => {
    because.value = problem.value = ''
    isAsked.value = false
  },
)
const declared = computed(() =>
  ofKind(open.records.value, 'suspect.declared').filter(
    ({ data }) => data.fault === props.suspect.fault,
  ),
)
const standsAs = computed(() => declared.value.at(-1)?.data.as)
const role = computed(() => useSession().current!.person.role)
const mayDeclare = computed(() => open.mayRecord.value && may(role.value, 'declare'))
const mayOverride = computed(() => open.mayRecord.value && may(role.value, 'order-unproven'))
const notShown = computed(() => props.suspect.guards.flatMap(({ met, text }) => (met ? [] : text)))
const isOrdered = computed(() => standsAs.value?.startsWith('ordered') ?? false)

async function declare(as: Said) {
  problem.value = ''
  if (!because.value.trim()) return void (problem.value = say('case.why-dialog.sayInAFewWords'))
  const said = {
    fault: props.suspect.fault,
    as,
    because: because.value.trim(),
    ...(as === 'ordered-unproven' ? { notShown: notShown.value } : {}),
    probability: props.suspect.probability,
  }
  // Before it is kept: what is typed meanwhile is the reason for the next.
  because.value = ''
  isAsked.value = false
  await shop.addRecord(open.id, 'suspect.declared', said)
}
function order() {
  if (notShown.value.length > 0) return void (isAsked.value = true)
  because.value ||= say('case.declare-suspect.allIsShown')
  return declare('ordered')
}
</script>

<template>
  <section class="declare" :aria-label="say('case.why-dialog.declared')">
    <h3>{{ say('case.why-dialog.declared') }}</h3>
    <p v-for="d in declared" :key="d.id">
      <strong>{{ say('case.declare-suspect.as', { as: d.data.as }) }}:</strong>
      {{ d.data.because }}
      <template v-if="d.data.notShown">{{
        say('case.declare-suspect.without', { proofs: d.data.notShown.join('; ') })
      }}</template>
      <span class="small quiet">{{
        say('case.why-dialog.itStoodAt', {
          by: shop.nameOf(d.by),
          toFormat: DateTime.fromISO(d.observedAt).toFormat('d LLL, HH:mm'),
          probability: formatChance(d.data.probability),
        })
      }}</span>
    </p>
    <p v-if="!mayDeclare" class="small quiet">{{ say('case.why-dialog.askToDeclare') }}</p>
    <p v-if="isAsked" class="problem" role="alert">
      {{ say('case.declare-suspect.notShown', { proofs: notShown.length }) }}
      {{ say(mayOverride ? 'case.declare-suspect.leadMay' : 'case.declare-suspect.askTheLead') }}
    </p>
    <v-text-field
      v-model="because"
      :disabled="!mayDeclare"
      :label="
        say(
          isAsked && mayOverride
            ? 'case.declare-suspect.why'
            : 'case.why-dialog.whatWasSeenThatSettles',
        )
      "
      maxlength="500"
    />
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <div class="row">
      <v-btn v-if="isAsked && mayOverride" class="solid" @click="declare('ordered-unproven')">{{
        say('case.declare-suspect.orderAllTheSame')
      }}</v-btn>
      <v-btn v-else class="solid" :disabled="!mayDeclare || isOrdered" @click="order">{{
        say('case.declare-suspect.order')
      }}</v-btn>
      <v-btn :disabled="!mayDeclare || standsAs === 'proven'" @click="declare('proven')">{{
        say('case.why-dialog.declareProven')
      }}</v-btn>
      <v-btn :disabled="!mayDeclare || standsAs === 'withdrawn'" @click="declare('withdrawn')">{{
        say('case.why-dialog.withdrawIt')
      }}</v-btn>
    </div>
  </section>
</template>

<style scoped>
.declare {
  display: flex;
  flex-direction: column;
  gap: 8px;
  border-top: 2px solid var(--line);
  padding-top: 10px;
}
.row {
  flex-wrap: wrap;
}
</style>
