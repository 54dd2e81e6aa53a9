<script setup lang="ts">
import { useTheme } from 'vuetify'

const session = useSession()
const bench = useBench()
const preferences = usePreferences()
const theme = useTheme()

watchEffect(() => {
  const name = preferences.isDark ? 'lamp' : 'paper'
  theme.change(name)
  document.documentElement.dataset.theme = name
})
watch(() => session.current?.person.id, (id) => { if (id) void bench.open() }, { immediate: true })
watch(() => session.state, (state, old) => { if (state === 'signed-in' && old === 'signed-out') void bench.synchronise() })
void session.check()
</script>

<template>
  <v-app>
    <NuxtLayout>
      <NuxtPage />
    </NuxtLayout>
  </v-app>
</template>
