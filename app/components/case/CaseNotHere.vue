<script setup lang="ts">
import type { Fetched } from '../../local-store/held'

/** In place of a case that does not stand on this device: whether it is on its way, and why not. */
defineProps<{ fetching: boolean; outcome: Fetched | undefined }>()
defineEmits<{ again: [] }>()

const { say } = useWords()
const shop = useShop()
</script>

<template>
  <main class="narrow-page stack">
    <p v-if="!shop.loaded" class="sheet" role="status">{{ say('case.openingTheCase') }}</p>
    <p
      v-else-if="fetching || outcome === undefined || outcome === 'here'"
      class="sheet"
      role="status"
    >
      {{ say('case.fetching') }}
    </p>
    <p v-else-if="outcome === 'unknown'" class="sheet" role="alert">
      {{ say('case.thisCaseIsNotKnown') }}
    </p>
    <div v-else class="sheet stack" role="alert">
      <p>{{ say('case.notOnThisDevice') }}</p>
      <v-btn class="again" @click="$emit('again')">{{ say('case.tryAgain') }}</v-btn>
    </div>
    <v-btn to="/" class="again">{{ say('frame.backToTheBoard') }}</v-btn>
  </main>
</template>

<style scoped>
.again {
  align-self: flex-start;
}
</style>
