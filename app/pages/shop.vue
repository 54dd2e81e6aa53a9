<script setup lang="ts">
import {
  BOLT_RULES,
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

const { goingOn, say } = useWords()

/** A shop's name, where it stands and how it works; its lead sets it, and says why where the book has it otherwise. */
const session = useSession()
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
const bolts = ref(policy.value.stretchBolts ?? DEFAULT_POLICY.stretchBolts)
const because = ref(here.value?.ways?.because ?? '')
const COLD = ['free', 'some-drag', 'either'] as const

const typedPolicy = computed(() => ({
  clutchTurnsAfterSwitchOff: turns.value ?? Number.NaN,
  clutchColdNormal: cold.value,
  stopLimitC: stopLimit.value?.coreValue ?? Number.NaN,
  holdPlan: holdPlan.value,
  stretchBolts: bolts.value,
}))
const isOtherwise = computed(() => !isDefaultPolicy(typedPolicy.value))

const { changes, notRead, read } = useChanges<SettingsChange>('/api/shop/settings')

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
  bolts.value = DEFAULT_POLICY.stretchBolts
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
    cold: goingOn(say(`shop.cold.${ways.policy.clutchColdNormal}`)),
    limit: preferences.show('temperature', ways.policy.stopLimitC),
    hold: goingOn(holdWords(ways.policy.holdPlan ?? DEFAULT_POLICY.holdPlan)),
    bolts: goingOn(say(`shop.bolts.${ways.policy.stretchBolts ?? DEFAULT_POLICY.stretchBolts}`)),
  })
const inWords = computed(() =>
  changes.value.map((change) => ({
    at: change.at,
    by: change.by,
    because: change.ways.because,
    says: told(change),
  })),
)
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
        <ChoiceRow
          v-model="bolts"
          :label="say('shop.bolts')"
          :options="BOLT_RULES.map((value) => ({ value, text: say(`shop.bolts.${value}`) }))"
        />
        <p class="quiet small">
          {{ say('shop.book', { is: say(`shop.bolts.${DEFAULT_POLICY.stretchBolts}`) }) }}
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
    <FigureChanges :changes="inWords" :not-read="notRead" />
  </main>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  min-width: 0;
}
</style>
