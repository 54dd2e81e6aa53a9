<script setup lang="ts">
import { ask } from '../offline/api'

const preferences = usePreferences()
const session = useSession()
const shop = useShop()
const problem = ref('')
const same = <T extends string>(values: readonly T[]) =>
  values.map((value) => ({ value, text: value as string }))

async function leave(everywhere: boolean) {
  try {
    if (everywhere) await ask('DELETE', '/api/session/everywhere')
    await shop.leave()
    await navigateTo('/sign-in')
  } catch (error) {
    problem.value = (error as Error).message
  }
}
</script>

<template>
  <main class="page stack">
    <h1>Units and look of this device</h1>
    <section class="sheet stack">
      <ChoiceRow
        v-model="preferences.units.pressure"
        label="Pressure"
        :options="same(['kPa', 'psi', 'bar'])"
      />
      <ChoiceRow
        v-model="preferences.units.temperature"
        label="Temperature"
        :options="same(['°C', '°F'])"
      />
      <ChoiceRow
        v-model="preferences.units.volume"
        label="Volume and distance"
        :options="[
          { value: 'L', text: 'L, km' },
          { value: 'qt', text: 'qt, mi' },
        ]"
      />
      <ChoiceRow
        v-model="preferences.theme"
        label="Theme"
        :options="[
          { value: 'auto', text: 'As the device' },
          { value: 'light', text: 'Light' },
          { value: 'dark', text: 'Dark' },
        ]"
      />
      <p class="quiet">
        Each reading keeps the unit it was typed in; this only changes what is shown.
      </p>
    </section>
    <section class="sheet row">
      <span class="grow"
        ><strong>Instruments</strong><br /><span class="quiet small"
          >What each is off by, its smallest step, when it was last compared.</span
        ></span
      ><v-btn to="/instruments">Instruments of the shop</v-btn>
    </section>
    <h2>{{ session.current?.person.name }}, {{ session.current?.person.role }}</h2>
    <section class="sheet stack">
      <p v-if="shop.outbox.length > 0" class="caution">
        {{ shop.outbox.length }} entries are not sent yet. They stay on this device until
        {{ session.current?.person.name }} signs in here again.
      </p>
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <div class="row">
        <v-btn @click="leave(false)">Sign out</v-btn>
        <v-btn @click="leave(true)">Sign out on every device</v-btn>
      </div>
    </section>
  </main>
</template>

<style scoped>
.page {
  max-width: 720px;
  width: 100%;
  margin: 0 auto;
  padding: 20px;
}
</style>
