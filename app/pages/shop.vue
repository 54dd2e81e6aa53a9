<script setup lang="ts">
import {
  DEFAULT_POLICY,
  ELEVATION_METRES,
  HOLD_PLANS,
  holdAllows,
  type HoldPlan,
  isDefaultPolicy,
  MOST_OF_A_SHOP_NAME,
  POLICIES,
  POLICY_RANGES,
  type QuantityRecord,
  type SettingsChange,
  shopSettings,
} from '#core'
import { typedQuantity } from '../components/calculators/typed-quantity'
import { ask } from '../local-store/api'

const { say, sayProblem } = useWords()
const { moment } = useMoments()

/** A shop's name, where it stands and how it works; its lead sets it, and says why where the book has it otherwise. */
const session = useSession()
const shop = useShop()
const preferences = usePreferences()
const maySet = computed(() => session.current?.may.setShop === true)
const here = computed(() => session.current?.shop)
const policy = computed(() => here.value?.ways?.policy ?? DEFAULT_POLICY)

/** Figures are shown as they were set, not in round numbers. */
const DIGITS = 6
const name = ref(here.value?.name ?? '')
const elevation = ref<QuantityRecord | undefined>(
  typedQuantity('elevation', here.value?.elevationMetres ?? 0, preferences.units, DIGITS),
)
const school = ref(here.value?.ways?.school ?? POLICIES[0])
const turns = ref<number | undefined>(policy.value.clutchTurnsAfterSwitchOff)
const cold = ref(policy.value.clutchColdNormal)
const stopLimit = ref<QuantityRecord | undefined>(
  typedQuantity('temperature', policy.value.stopLimitC, preferences.units, DIGITS),
)
const holdPlan = ref(policy.value.holdPlan ?? DEFAULT_POLICY.holdPlan)
const because = ref(here.value?.ways?.because ?? '')
const COLD = ['free', 'some-drag', 'either'] as const

const typedPolicy = computed(() => ({
  clutchTurnsAfterSwitchOff: turns.value ?? Number.NaN,
  clutchColdNormal: cold.value,
  stopLimitC: stopLimit.value?.coreValue ?? Number.NaN,
  holdPlan: holdPlan.value,
}))
const isOtherwise = computed(() => !isDefaultPolicy(typedPolicy.value))

const changes = shallowRef<readonly SettingsChange[]>([])
const notRead = ref('')
async function read() {
  try {
    const asked = await ask<{ changes: SettingsChange[] }>('GET', '/api/shop/settings')
    changes.value = asked.changes
    notRead.value = ''
  } catch (error) {
    notRead.value = sayProblem(error)
  }
}
onMounted(read)

const { problem, isSet, set, refuse } = useShopSetting('/api/shop/settings')
async function keep() {
  if (!name.value.trim()) return refuse(say('shop.nameIt'))
  const figures = [elevation.value, stopLimit.value, turns.value]
  if (figures.includes(undefined)) return refuse(say('shop.everyField'))
  if (isOtherwise.value && !because.value.trim()) return refuse(say('shop.sayWhy'))
  const parsed = shopSettings.safeParse({
    name: name.value.trim(),
    elevationMetres: elevation.value?.coreValue,
    ways: {
      school: school.value,
      policy: typedPolicy.value,
      ...(because.value.trim() ? { because: because.value.trim() } : {}),
    },
  })
  if (!parsed.success) return refuse(say('shop.everyField'))
  if (await set(parsed.data)) await read()
}
function asTheBook() {
  turns.value = DEFAULT_POLICY.clutchTurnsAfterSwitchOff
  cold.value = DEFAULT_POLICY.clutchColdNormal
  holdPlan.value = DEFAULT_POLICY.holdPlan
  stopLimit.value = typedQuantity(
    'temperature',
    DEFAULT_POLICY.stopLimitC,
    preferences.units,
    DIGITS,
  )
  because.value = ''
}
/** A limit of a hold in words. */
const holdWords = (plan: HoldPlan) => {
  const { fallKPa, plannedMinutes } = holdAllows(plan)
  return say(`shop.hold.${plan}`, {
    fall: { kind: 'pressure', coreValue: fallKPa, decimals: 0 },
    minutes: plannedMinutes,
  })
}
const told = ({ name, elevationMetres, ways }: SettingsChange) =>
  say('shop.setTo', {
    name,
    elevation: preferences.show('elevation', elevationMetres),
    school: say(`policy.${ways.school}`),
    turns: ways.policy.clutchTurnsAfterSwitchOff,
    cold: say(`shop.cold.${ways.policy.clutchColdNormal}`).toLowerCase(),
    limit: preferences.show('temperature', ways.policy.stopLimitC),
    hold: holdWords(ways.policy.holdPlan ?? DEFAULT_POLICY.holdPlan).toLowerCase(),
  })
</script>

<template>
  <main class="narrow-page stack">
    <h1>{{ say('shop.title') }}</h1>
    <p v-if="!maySet" class="caution">{{ say('audit.onlyTheLead') }}</p>
    <fieldset class="stack" :disabled="!maySet">
      <section class="sheet stack">
        <v-text-field
          v-model="name"
          :label="say('shop.name')"
          :maxlength="MOST_OF_A_SHOP_NAME"
          hide-details
        />
        <QuantityField
          v-model="elevation"
          :label="say('shop.elevation')"
          kind="elevation"
          :limits="ELEVATION_METRES"
          :hint="say('shop.elevationSays')"
        />
        <ChoiceRow
          v-model="school"
          :label="say('shop.school')"
          :options="POLICIES.map((value) => ({ value, text: say(`policy.${value}`) }))"
        />
        <p class="quiet small">{{ say(`policy.${school}.about`) }} {{ say('shop.schoolSays') }}</p>
      </section>
      <h2>{{ say('shop.whereWorkersDiffer') }}</h2>
      <section class="sheet stack">
        <QuantityField
          v-model="stopLimit"
          :label="say('shop.stopLimit')"
          kind="temperature"
          :limits="POLICY_RANGES.stopLimitC"
          :hint="
            say('shop.book', { is: preferences.show('temperature', DEFAULT_POLICY.stopLimitC) })
          "
        />
        <NumberField
          v-model="turns"
          :label="say('shop.turns')"
          :min="POLICY_RANGES.clutchTurnsAfterSwitchOff.min"
          :max="POLICY_RANGES.clutchTurnsAfterSwitchOff.max"
          :hint="say('shop.book', { is: DEFAULT_POLICY.clutchTurnsAfterSwitchOff })"
          :disabled="!maySet"
        />
        <ChoiceRow
          v-model="cold"
          :label="say('shop.cold')"
          :options="COLD.map((value) => ({ value, text: say(`shop.cold.${value}`) }))"
        />
        <p class="quiet small">
          {{ say('shop.book', { is: say(`shop.cold.${DEFAULT_POLICY.clutchColdNormal}`) }) }}
        </p>
        <ChoiceRow
          v-model="holdPlan"
          :label="say('shop.hold')"
          :options="HOLD_PLANS.map((value) => ({ value, text: holdWords(value) }))"
        />
        <p class="quiet small">
          {{ say('shop.book', { is: holdWords(DEFAULT_POLICY.holdPlan) }) }}
        </p>
        <v-text-field
          v-if="isOtherwise"
          v-model="because"
          :label="say('shop.because')"
          maxlength="300"
          hide-details
        />
        <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
        <p v-if="isSet" role="status">✓ {{ say('audit.livesSet') }}</p>
        <div class="row">
          <v-btn class="solid" :disabled="!maySet" @click="keep">{{ say('shop.keep') }}</v-btn>
          <v-btn :disabled="!maySet || !isOtherwise" @click="asTheBook">{{
            say('shop.asTheBook')
          }}</v-btn>
        </div>
      </section>
    </fieldset>
    <p v-if="notRead" class="problem" role="alert">{{ notRead }}</p>
    <section v-if="changes.length > 0" class="sheet" data-testid="settings-changes">
      <h2>{{ say('shop.changes') }}</h2>
      <ul>
        <li v-for="change in changes" :key="change.at">
          <strong>{{ moment(change.at) }}, {{ shop.nameOf(change.by) }}</strong
          ><br />
          {{ told(change) }}
          <template v-if="change.ways.because"> “{{ change.ways.because }}”</template>
        </li>
      </ul>
    </section>
  </main>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  min-width: 0;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 12px;
}
</style>
