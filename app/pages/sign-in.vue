<script setup lang="ts">
import { Refusal, Unreachable } from '../local-store/api'

const { say, sayProblem } = useWords()

const session = useSession()
const route = useRoute()
const name = ref('')
const password = ref('')
/** six digits of the second factor; asked for when the password was right and one is in force */
const code = ref('')
const wantsCode = ref(false)
const problem = ref('')
const busy = ref(false)

async function enter() {
  if (!name.value.trim() || !password.value) {
    problem.value = say('sign-in.typeYourSignInName')
    return
  }
  busy.value = true
  problem.value = ''
  try {
    await session.signIn(name.value.trim(), password.value, code.value.trim())
    const to = String(route.query.to ?? '/')
    await navigateTo(to.startsWith('/') && !to.startsWith('//') ? to : '/')
  } catch (error) {
    if (error instanceof Refusal && error.code === 'second-factor') wantsCode.value = true
    code.value = ''
    problem.value =
      error instanceof Unreachable ? say('sign-in.theServerCannotBeReached') : sayProblem(error)
  } finally {
    busy.value = false
  }
}
definePageMeta({ layout: false })
</script>

<template>
  <main class="door">
    <div class="art" aria-hidden="true">
      <svg viewBox="0 0 320 420">
        <path d="M70 90h130a50 50 0 0 1 50 50v60" fill="none" stroke="#d8653a" stroke-width="26" />
        <path d="M250 200v60a50 50 0 0 1-50 50H70" fill="none" stroke="#5fa0b8" stroke-width="26" />
        <rect x="40" y="60" width="44" height="280" fill="#f5f1e8" />
        <rect
          x="214"
          y="160"
          width="72"
          height="80"
          fill="#1d2a2e"
          stroke="#f5f1e8"
          stroke-width="6"
          stroke-dasharray="14 10"
        />
      </svg>
    </div>
    <form class="stack" @submit.prevent="enter">
      <h1>{{ say('sign-in.thermognosis') }}</h1>
      <p class="quiet">
        {{ say('sign-in.overheatingNoHeatCoolantLoss') }}
      </p>
      <v-text-field
        v-model="name"
        :label="say('sign-in.signInName')"
        autocomplete="username"
        autocapitalize="none"
      />
      <v-text-field
        v-model="password"
        :label="say('sign-in.password')"
        type="password"
        autocomplete="current-password"
      />
      <v-text-field
        v-if="wantsCode"
        v-model="code"
        inputmode="numeric"
        autocomplete="one-time-code"
        maxlength="6"
        autofocus
        :label="say('sign-in.code')"
      />
      <v-checkbox
        v-model="session.keepsNothing"
        :label="say('sign-in.keepNothing')"
        :hint="say(session.keepsNothing ? 'sign-in.nothingIsKept' : 'sign-in.aCopyIsKept')"
        persistent-hint
      />
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <v-btn type="submit" class="solid" :loading="busy">{{ say('sign-in.signIn') }}</v-btn>
      <p v-for="(entry, id) in session.waiting" :key="id" class="caution">
        {{
          say('sign-in.byKeptOnThisDevice', {
            count: entry.count,
            count2: entry.count === 1 ? 'entry' : 'entries',
            name: entry.name,
            name2: entry.name,
          })
        }}
      </p>
      <p class="small quiet">
        {{ say('sign-in.supportsAQualifiedTechnicianThe') }}
      </p>
    </form>
  </main>
</template>

<style scoped>
.door {
  min-height: 100dvh;
  display: grid;
  grid-template-columns: minmax(240px, 320px) minmax(320px, 460px);
  place-content: center;
  align-items: center;
  gap: 48px;
  padding: 24px;
}
.art {
  background: var(--bar);
  border-radius: 8px;
  width: min(100%, 320px);
}
form {
  max-width: 460px;
}
@media (max-width: 800px) {
  .door {
    grid-template-columns: 1fr;
    gap: 16px;
    align-content: center;
  }
  .art {
    display: none;
  }
}
</style>
