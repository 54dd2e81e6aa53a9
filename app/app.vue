<script setup lang="ts">
import { useTheme } from 'vuetify'

const session = useSession()
const shop = useShop()
const preferences = usePreferences()
const theme = useTheme()

watchEffect(() => {
  const name = preferences.isDark ? 'lamp' : 'paper'
  theme.change(name)
  document.documentElement.dataset.theme = name
})
watch(
  () => session.current?.person.id,
  (id) => {
    if (id) void shop.open()
  },
  { immediate: true },
)
void session.check()
</script>

<template>
  <v-app>
    <NuxtLayout>
      <NuxtPage />
    </NuxtLayout>
  </v-app>
</template>
