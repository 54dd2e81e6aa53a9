<script setup lang="ts">
import type { Role } from '#core'
import { ask } from '../local-store/api'

interface Person {
  id: string
  name: string | null
  signIn: string
  role: Role
  mustChangePassword: boolean
  hasSecondFactor: boolean
}

const { say, sayProblem } = useWords()
const session = useSession()
const people = shallowRef<Person[]>([])
const problem = ref('')
/** whom a new password is being given, and the password once it is */
const asked = ref<string>()
const given = shallowRef<{ id: string; password: string }>()
const busy = ref(false)

async function load() {
  try {
    people.value = (await ask<{ people: Person[] }>('GET', '/api/people')).people
  } catch (error) {
    problem.value = sayProblem(error)
  }
}
async function reset(id: string) {
  problem.value = ''
  busy.value = true
  try {
    const { password } = await ask<{ password: string }>('POST', `/api/people/${id}/password`)
    given.value = { id, password }
    asked.value = undefined
    await load()
  } catch (error) {
    problem.value = sayProblem(error)
  } finally {
    busy.value = false
  }
}
onMounted(load)
</script>

<template>
  <main class="narrow-page stack">
    <h1>{{ say('people.title') }}</h1>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <section v-for="person in people" :key="person.id" class="sheet stack">
      <div class="row">
        <p class="grow">
          <strong>{{ person.name }}</strong> · {{ person.signIn }}<br />
          <span class="quiet">
            {{ person.role }}
            <template v-if="person.hasSecondFactor">
              · {{ say('people.hasSecondFactor') }}</template
            >
            <template v-if="person.mustChangePassword"> · {{ say('people.mustChange') }}</template>
          </span>
        </p>
        <v-btn v-if="person.id !== session.current?.person.id" @click="asked = person.id">{{
          say('people.newPassword')
        }}</v-btn>
      </div>
      <div v-if="asked === person.id" class="caution row" role="alert">
        <span class="grow">{{ say('people.confirm', { name: person.name ?? '' }) }}</span>
        <v-btn @click="asked = undefined">{{ say('people.leave') }}</v-btn>
        <v-btn class="solid" :loading="busy" @click="reset(person.id)">{{
          say('people.give')
        }}</v-btn>
      </div>
      <p v-if="given?.id === person.id" role="status">
        {{ say('people.given') }} <code>{{ given.password }}</code>
      </p>
    </section>
  </main>
</template>

<style scoped>
code {
  font-size: 22px;
  font-weight: 600;
}
</style>
