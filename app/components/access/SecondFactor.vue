<script setup lang="ts">
import { ask } from '../../local-store/api'

/** Puts one's second factor in force, or takes it off: six digits of another device at every sign-in. */
const { say, sayProblem } = useWords()
const session = useSession()
/** shown while the other device is set up, and never again */
const begun = shallowRef<{ secret: string; picture: string }>()
const code = ref('')
const password = ref('')
const problem = ref('')
const busy = ref(false)

async function during(work: () => Promise<void>) {
  problem.value = ''
  busy.value = true
  try {
    await work()
  } catch (error) {
    problem.value = sayProblem(error)
  } finally {
    busy.value = false
  }
}
const begin = () =>
  during(async () => {
    begun.value = await ask('POST', '/api/session/second-factor', { password: password.value })
    password.value = ''
  })
const confirm = () =>
  during(async () => {
    await ask('PUT', '/api/session/second-factor', { code: code.value.trim() })
    begun.value = undefined
    code.value = ''
    await session.check()
  })
const takeOff = () =>
  during(async () => {
    await ask('POST', '/api/session/second-factor-off', { password: password.value })
    password.value = ''
    await session.check()
  })
</script>

<template>
  <div class="stack">
    <h3>{{ say('settings.secondFactor') }}</h3>
    <p class="quiet">
      {{ say(session.current?.hasSecondFactor ? 'settings.factorOn' : 'settings.factorOff') }}
    </p>
    <form v-if="begun" class="stack" @submit.prevent="confirm">
      <p>{{ say('settings.factorScan') }}</p>
      <img :src="begun.picture" :alt="say('settings.factorPicture')" width="200" height="200" />
      <p>
        {{ say('settings.factorSecret') }} <code>{{ begun.secret }}</code>
      </p>
      <v-text-field
        v-model="code"
        inputmode="numeric"
        autocomplete="one-time-code"
        maxlength="6"
        :label="say('settings.factorCode')"
        hide-details
      />
      <v-btn type="submit" class="solid end" :loading="busy" :disabled="code.trim().length !== 6">{{
        say('settings.factorConfirm')
      }}</v-btn>
    </form>
    <form
      v-else
      class="stack"
      @submit.prevent="session.current?.hasSecondFactor ? takeOff() : begin()"
    >
      <v-text-field
        v-model="password"
        type="password"
        autocomplete="current-password"
        :label="say('settings.presentPassword')"
        hide-details
      />
      <v-btn type="submit" class="end" :loading="busy" :disabled="!password">{{
        say(session.current?.hasSecondFactor ? 'settings.factorTakeOff' : 'settings.factorBegin')
      }}</v-btn>
    </form>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
.end {
  align-self: flex-start;
}
code {
  font-size: 17px;
  overflow-wrap: anywhere;
}
</style>
