<script setup lang="ts">
import type { Template } from '../../shop/templates'

const { say } = useWords()

/** The system of a model known in the shop, to start from: the nearest as buttons, the others by their names. */
const props = defineProps<{ templates: readonly Template[] }>()
const emit = defineEmits<{ choose: [profile: Template['profile']] }>()
const AS_BUTTONS = 4
const others = computed(() => props.templates.slice(AS_BUTTONS))
</script>

<template>
  <div class="row">
    <strong>{{ say('case.profile-loop.sameSystemAs') }}</strong><v-btn
      v-for="one in templates.slice(0, AS_BUTTONS)"
      :key="one.name"
      @click="emit('choose', { ...one.profile })"
      >{{ one.name }}</v-btn
    ><v-autocomplete
      v-if="others.length > 0"
      class="others"
      :items="others"
      item-title="name"
      return-object
      hide-details
      :label="say('case.profile-loop.otherModels', { n: others.length })"
      @update:model-value="(one: Template | null) => one && emit('choose', { ...one.profile })"
    />
  </div>
</template>

<style scoped>
.others {
  flex: 0 1 300px;
  min-width: 220px;
}
</style>
