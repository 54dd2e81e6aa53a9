<script setup lang="ts">
import { type Language, LANGUAGES } from '../../words/languages'
import { ask } from '../local-store/api'

const { say, sayProblem } = useWords()

const preferences = usePreferences()
const session = useSession()
const shop = useShop()
const problem = ref('')
/** somebody else has given the password: it comes before anything else */
const mustChange = computed(() => session.current?.mustChangePassword === true)
const languages = Object.entries(LANGUAGES).map(([value, { name }]) => ({
  value: value as Language,
  text: name,
}))
const same = <T extends string>(values: readonly T[]) =>
  values.map((value) => ({ value, text: value as string }))

async function leave(everywhere: boolean) {
  try {
    if (everywhere) await ask('DELETE', '/api/session/everywhere')
    await shop.leave()
    await navigateTo('/sign-in')
  } catch (error) {
    problem.value = sayProblem(error)
  }
}
</script>

<template>
  <main class="narrow-page stack">
    <template v-if="mustChange">
      <p class="caution" role="alert">{{ say('settings.changeFirst') }}</p>
      <section class="sheet"><PasswordChange /></section>
    </template>
    <h1>{{ say('settings.unitsAndLookOfThis') }}</h1>
    <section class="sheet stack">
      <ChoiceRow
        v-model="preferences.units.pressure"
        :label="say('settings.pressure')"
        :options="same(['kPa', 'psi', 'bar'])"
      />
      <ChoiceRow
        v-model="preferences.units.temperature"
        :label="say('settings.temperature')"
        :options="same(['°C', '°F'])"
      />
      <ChoiceRow
        v-model="preferences.units.volume"
        :label="say('settings.volumeAndDistance')"
        :options="[
          { value: 'L', text: say('settings.lKm') },
          { value: 'qt', text: say('settings.qtMi') },
        ]"
      />
      <ChoiceRow
        v-model="preferences.language"
        :label="say('settings.language')"
        :options="languages"
      />
      <ChoiceRow
        v-model="preferences.theme"
        :label="say('settings.theme')"
        :options="[
          { value: 'auto', text: say('settings.asTheDevice') },
          { value: 'light', text: say('settings.light') },
          { value: 'dark', text: say('settings.dark') },
        ]"
      />
      <ChoiceRow
        v-model="preferences.keys"
        :label="say('settings.keys')"
        :options="[
          { value: 'on', text: say('settings.keysOn') },
          { value: 'off', text: say('settings.keysOff') },
        ]"
      />
      <p class="quiet">
        {{ say('settings.eachReadingKeepsTheUnit') }}
      </p>
    </section>
    <section class="sheet row">
      <span class="grow"
        ><strong>{{ say('settings.instruments') }}</strong
        ><br /><span class="quiet small">{{ say('settings.whatEachIsOffBy') }}</span></span
      ><v-btn to="/instruments">{{ say('settings.instrumentsOfTheShop') }}</v-btn>
    </section>
    <section class="sheet row">
      <span class="grow"
        ><strong>{{ say('shop.title') }}</strong
        ><br /><span class="quiet small">{{ say('shop.what') }}</span></span
      ><v-btn to="/shop">{{ session.current?.shop.name }}</v-btn>
    </section>
    <section class="sheet row">
      <span class="grow"
        ><strong>{{ say('book.title') }}</strong
        ><br /><span class="quiet small">{{ say('settings.bookWhat') }}</span></span
      ><v-btn to="/book">{{ say('settings.toBook') }}</v-btn>
    </section>
    <section v-if="session.current?.may.setPrices" class="sheet row">
      <span class="grow"
        ><strong>{{ say('prices.title') }}</strong
        ><br /><span class="quiet small">{{ say('prices.what') }}</span></span
      ><v-btn to="/prices">{{ say('prices.title') }}</v-btn>
    </section>
    <section v-if="session.current?.may.managePeople" class="sheet row">
      <span class="grow"
        ><strong>{{ say('people.title') }}</strong
        ><br /><span class="quiet small">{{ say('settings.peopleWhat') }}</span></span
      ><v-btn to="/people">{{ say('people.title') }}</v-btn>
    </section>
    <h2>{{ session.current?.person.name }}, {{ session.current?.person.role }}</h2>
    <section class="sheet stack">
      <p v-if="shop.outbox.length > 0" class="caution">
        {{
          say('settings.entriesAreNotSentYet', {
            outbox: shop.outbox.length,
            name: session.current?.person.name,
          })
        }}
      </p>
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <div class="row">
        <v-btn @click="leave(false)">{{ say('settings.signOut') }}</v-btn>
        <v-btn @click="leave(true)">{{ say('settings.signOutOnEveryDevice') }}</v-btn>
      </div>
    </section>
    <template v-if="!mustChange">
      <section class="sheet"><PasswordChange /></section>
      <section class="sheet"><SecondFactor /></section>
    </template>
  </main>
</template>
