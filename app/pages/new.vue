<script setup lang="ts">
import {
  type Complaint,
  COMPLAINTS,
  profileWithAge,
  type ReportedLoss,
  type SystemProfile,
  yearAndDistance,
} from '#core'
import FirstQuestions from '../checks/interview/FirstQuestions.vue'
import InterviewQuestions from '../checks/interview/InterviewQuestions.vue'
import LossField from '../checks/interview/LossField.vue'
import { keepInterview } from '../checks/interview/keep-interview'

const { say, sayProblem } = useWords()

const shop = useShop()
const session = useSession()
const preferences = usePreferences()
const complaint = ref<Complaint>()
const route = useRoute()
/** The palette leads here from a vehicle. */
const chosen = ref(typeof route.query.vehicle === 'string' ? route.query.vehicle : undefined)
const name = ref('')
const model = ref('')
const plate = ref('')
const year = ref<number>()
const kilometres = ref<number>()
const bay = ref('')
const words = ref('')
const profile = ref<SystemProfile>({})
const answers = ref(new Map<string, 'yes' | 'no' | 'not-known'>())
const loss = ref<ReportedLoss>()
const problem = ref('')
const busy = ref(false)
/** A vehicle that is known comes back with what is known of it, and mostly with a greater distance. */
const known = computed(() => {
  const vehicle = chosen.value ? shop.vehicles.get(chosen.value) : undefined
  return vehicle && { ...vehicle, profile: shop.profileOf(vehicle.id)?.profile ?? {} }
})
const knownAge = computed(() => known.value && yearAndDistance(known.value))
watch(
  [chosen, () => knownAge.value?.year, () => knownAge.value?.kilometres],
  ([, knownYear, knownKilometres]) => {
    year.value = knownYear
    kilometres.value = knownKilometres
  },
  { immediate: true },
)
/** Keeps what was said anew of a known vehicle's age and distance. */
async function keepAge() {
  const said = { year: year.value, kilometres: kilometres.value }
  const isNew = said.year !== knownAge.value?.year || said.kilometres !== knownAge.value?.kilometres
  if (!known.value || !isNew) return
  const { id } = known.value
  await shop.addProfile(id, profileWithAge(known.value, said), shop.profileOf(id)?.id)
}
const templates = computed(() => shop.templatesFor(model.value.trim() || name.value))
const complaints = COMPLAINTS.map((value) => ({ value, text: say(`complaint.${value}`) }))

const answer = (question: string, said: 'yes' | 'no' | 'not-known') =>
  (answers.value = new Map(answers.value).set(question, said))

function title() {
  if (words.value.trim()) return words.value.trim().slice(0, 160)
  const given = loss.value && loss.value.amount !== 'not-known' ? loss.value.amount : undefined
  if (complaint.value === 'coolant-loss' && given && loss.value?.per)
    return `about ${given.typed.match(/[a-z]/i) ? given.typed : `${given.typed} ${given.unit}`} ${'time' in loss.value.per ? ({ 86400: 'a day', 604800: 'a week' }[loss.value.per.time.coreValue] ?? 'a month') : `per ${loss.value.per.distance.typed}`}`
  return say(`complaint.${complaint.value!}`).toLowerCase()
}
async function take() {
  problem.value = ''
  if (!complaint.value) return void (problem.value = say('new.chooseWhatItCameFor'))
  if (!chosen.value && !name.value.trim())
    return void (problem.value = say('new.sayWhichVehicleItIs'))
  busy.value = true
  try {
    const vehicle =
      chosen.value ??
      (await shop.addVehicle(
        {
          name: name.value.trim(),
          ...(model.value.trim() ? { model: model.value.trim() } : {}),
          ...(plate.value.trim() ? { plate: plate.value.trim() } : {}),
          ...(year.value === undefined ? {} : { year: year.value }),
          ...(kilometres.value === undefined ? {} : { kilometres: kilometres.value }),
        },
        profile.value,
      ))
    await keepAge()
    const id = await shop.addCase({
      complaint: complaint.value,
      title: title(),
      vehicle,
      ...(bay.value.trim() ? { bay: bay.value.trim() } : {}),
    })
    await keepInterview(id, {
      answers: answers.value,
      loss: loss.value,
      words: words.value.trim(),
    })
    await navigateTo(`/cases/${id}`)
  } catch (error) {
    problem.value = say('new.thisCouldNotBeKept', { message: sayProblem(error) })
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <main class="page stack">
    <h1>{{ say('new.newComplaint') }}</h1>
    <p v-if="!session.current?.may.record" class="caution">{{ say('new.yourRoleMayLookAnd') }}</p>
    <section class="sheet stack">
      <ChoiceRow
        v-model="complaint"
        :label="say('new.whatItCameFor')"
        :options="complaints"
        class="big"
      />
      <VehiclePick v-if="shop.vehicles.size > 0 || shop.reachable" v-model="chosen" />
      <div class="row">
        <v-text-field
          v-if="!chosen"
          v-model="name"
          :label="say('new.vehicleAsYouCallIt')"
          maxlength="80"
          class="grow wide"
        />
        <v-text-field
          v-if="!chosen"
          v-model="model"
          :label="say('new.model')"
          maxlength="80"
          class="grow"
        />
        <v-text-field
          v-if="!chosen"
          v-model="plate"
          :label="say('new.plate')"
          maxlength="20"
          class="grow"
        />
        <v-text-field v-model="bay" :label="say('new.bay')" maxlength="40" class="grow" />
      </div>
      <YearAndDistance :key="chosen" v-model:year="year" v-model:kilometres="kilometres" />
    </section>
    <section v-if="complaint" class="sheet stack">
      <h2>{{ say('new.whatTheKeeperSays') }}</h2>
      <LossField v-if="complaint === 'coolant-loss'" v-model="loss" />
      <FirstQuestions
        :complaint="complaint"
        :profile="chosen ? (shop.profileOf(chosen)?.profile ?? {}) : profile"
        :answers="answers"
        :loss="loss"
        @answer="answer"
      />
      <details>
        <summary>{{ say('new.allQuestions') }}</summary>
        <InterviewQuestions :complaint="complaint" :answers="answers" @answer="answer" />
      </details>
      <v-text-field v-model="words" :label="say('new.inTheKeepersWords')" maxlength="160" />
    </section>
    <details v-if="complaint && !chosen" class="sheet">
      <summary>
        {{ say('new.theCoolingSystemOfThis') }}
        <span class="quiet">{{ say('new.canWaitWhatIsNot') }}</span>
      </summary>
      <ProfileLoop v-model="profile" :templates="templates" class="profile" />
    </details>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <div class="foot">
      <v-btn class="solid" :loading="busy" :disabled="!session.current?.may.record" @click="take">{{
        say('new.openTheCase')
      }}</v-btn>
    </div>
    <p class="quiet small">
      {{
        say('new.elevationUsedForEveryBoiling', {
          elevationMetres: preferences.show(
            'elevation',
            session.current?.shop.elevationMetres ?? 0,
          ),
        })
      }}
    </p>
  </main>
</template>

<style scoped>
.page {
  max-width: 900px;
  width: 100%;
  margin: 0 auto;
  padding: 20px;
}
.foot {
  position: sticky;
  bottom: 0;
  background: var(--paper);
  padding: 8px 0;
  z-index: 1;
}
.foot > * {
  width: 100%;
}
.big :deep(button) {
  min-height: 72px;
  font-size: 22px;
  flex: 1 1 160px;
}
summary {
  cursor: pointer;
  font-weight: 600;
  font-size: 19px;
  min-height: 48px;
  display: flex;
  align-items: center;
  gap: 8px;
  flex-wrap: wrap;
}
.profile {
  margin-top: 12px;
}
.wide {
  flex-grow: 2;
}
.row > * {
  min-width: 160px;
}
</style>
