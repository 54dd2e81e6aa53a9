<script setup lang="ts">
import type { SystemProfile } from '#core'
import { modelOf } from '../../shop/templates'

const { say } = useWords()

/** The cooling system of the vehicle of the open case, changed as a whole: kept, or left as it was. */
const shown = defineModel<boolean>('open', { required: true })
const { input } = useOpenCase()
const shop = useShop()
const draft = ref<SystemProfile>({})
const vehicle = computed(() => input.value?.vehicle)
const templates = computed(() =>
  vehicle.value ? shop.templatesFor(modelOf(vehicle.value), vehicle.value.id) : [],
)
watch(shown, (isShown) => {
  if (isShown) draft.value = { ...vehicle.value!.profile }
})
async function keep() {
  const { id } = vehicle.value!
  await shop.addProfile(id, draft.value, shop.profileOf(id)?.id)
  shown.value = false
}
</script>

<template>
  <v-dialog
    v-model="shown"
    :aria-label="say('case.profile-dialog.systemOfThisVehicle')"
    max-width="980"
    scrollable
  >
    <v-card class="pa-5 stack profile"
      ><h2>{{ say('case.profile-dialog.systemOfThisVehicle') }}</h2>
      <ProfileLoop v-model="draft" :templates="templates" />
      <div class="row">
        <v-btn class="solid" @click="keep">{{
          say('case.profile-dialog.keepTheProfile')
        }}</v-btn><v-btn @click="shown = false">{{
          say('case.profile-dialog.leaveAsItWas')
        }}</v-btn>
      </div></v-card
    >
  </v-dialog>
</template>

<style scoped>
.profile {
  overflow-y: auto;
}
</style>
