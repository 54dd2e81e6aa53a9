<script setup lang="ts">
import { ask } from '../../local-store/api'

/** Changes one's own password. */
const { say, sayProblem } = useWords()
const session = useSession()
const present = ref('')
const next = ref('')
const again = ref('')
const problem = ref('')
const done = ref(false)
const busy = ref(false)

async function change() {
  done.value = false
  problem.value = next.value === again.value ? '' : say('settings.passwordsDiffer')
  if (problem.value) return
  busy.value = true
  try {
    await ask('PUT', '/api/session/password', { present: present.value, next: next.value })
    present.value = next.value = again.value = ''
    done.value = true
    await session.check()
  } catch (error) {
    problem.value = sayProblem(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <form class="stack" @submit.prevent="change">
    <h3>{{ say('settings.changePassword') }}</h3>
    <input
      type="text"
      autocomplete="username"
      :value="session.current?.person.name"
      class="for-managers"
      readonly
      tabindex="-1"
      aria-hidden="true"
    />
    <v-text-field
      v-model="present"
      type="password"
      autocomplete="current-password"
      :label="say('settings.presentPassword')"
      hide-details
    />
    <v-text-field
      v-model="next"
      type="password"
      autocomplete="new-password"
      :label="say('settings.newPassword')"
      :hint="say('settings.passwordHint')"
      persistent-hint
    />
    <v-text-field
      v-model="again"
      type="password"
      autocomplete="new-password"
      :label="say('settings.newPasswordAgain')"
      hide-details
    />
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <p v-if="done" role="status">{{ say('settings.passwordChanged') }}</p>
    <v-btn type="submit" class="end" :loading="busy" :disabled="!present || !next">{{
      say('settings.changePassword')
    }}</v-btn>
  </form>
</template>

<style scoped>
.end {
  align-self: flex-start;
}
.for-managers {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
  pointer-events: none;
}
</style>
