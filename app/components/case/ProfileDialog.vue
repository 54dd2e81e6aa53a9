<script setup lang="ts">
import { modelOf, profileWithAge, type SystemProfile, yearAndDistance } from '#core'

const { say } = useWords()

/** The cooling system of the vehicle of the open case, changed as a whole: kept, or left as it was. */
const shown = defineModel<boolean>('open', { required: true })
const { input } = useOpenCase()
const shop = useShop()
const draft = ref<SystemProfile>({})
const year = ref<number>()
const kilometres = ref<number>()
const vehicle = computed(() => input.value?.vehicle)
const templates = computed(() =>
  vehicle.value ? shop.templatesFor(modelOf(vehicle.value), vehicle.value.id) : [],
)
watch(shown, (isShown) => {
  if (!isShown) return
  draft.value = { ...vehicle.value!.profile }
  ;({ year: year.value, kilometres: kilometres.value } = yearAndDistance(vehicle.value!))
})
async function keep() {
  const { id, ...taken } = vehicle.value!
  const said = { year: year.value, kilometres: kilometres.value }
  const profile = profileWithAge({ ...taken, profile: draft.value }, said)
  await shop.addProfile(id, profile, shop.profileOf(id)?.id)
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
      <YearAndDistance v-model:year="year" v-model:kilometres="kilometres" />
      <ProfileLoop v-model="draft" :templates="templates" />
      <KnownOfModel />
      <div class="row keeps">
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
