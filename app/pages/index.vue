<script setup lang="ts">
import { MAX_FILE_BYTES } from '#core'
import { ask } from '../local-store/api'

const { say, sayProblem } = useWords()

const shop = useShop()
const session = useSession()
const preferences = usePreferences()
const summaries = useBoard()
const showClosed = ref(false)
const shown = computed(() => summaries.value.filter((s) => showClosed.value || !s.closed))
const closedCount = computed(() => summaries.value.filter((s) => s.closed).length)
const problem = ref('')
const note = ref('')
const picker = useTemplateRef<HTMLInputElement>('picker')

async function importFile() {
  const file = picker.value?.files?.[0]
  if (!file) return
  problem.value = note.value = ''
  if (file.size > MAX_FILE_BYTES)
    problem.value = say('board.isTooLargeACase', {
      name: file.name,
      max_file_bytes: MAX_FILE_BYTES / 1048576,
    })
  else
    try {
      const done = await ask<{ case: string; added: number; already: number }>(
        'POST',
        '/api/cases/import',
        await file.text(),
        60_000,
      )
      note.value =
        done.added > 0
          ? say('board.entriesTakenIn', { name: file.name, added: done.added })
          : say('board.wasHereAlreadyNothingChanged', { name: file.name })
      await shop.synchronise()
    } catch (error) {
      problem.value = `${file.name}: ${sayProblem(error)}`
    }
  if (picker.value) picker.value.value = ''
}
</script>

<template>
  <main class="board">
    <div class="row head">
      <div class="grow">
        <h1>{{ say('board.openCases') }}</h1>
        <p class="quiet">
          {{ session.current?.shop.name }} ·
          {{ preferences.show('elevation', session.current?.shop.elevationMetres ?? 0) }} ·
          {{ session.current?.person.name }}
        </p>
      </div>
      <input
        ref="picker"
        type="file"
        accept="application/json,.json"
        class="hidden-input"
        :aria-label="say('board.caseFileToImport')"
        @change="importFile"
      />
      <v-btn v-if="session.current?.may.import" @click="picker?.click()">{{
        say('board.importACase')
      }}</v-btn>
      <v-btn v-if="session.current?.may.record" class="solid" to="/new">{{
        say('board.newComplaint')
      }}</v-btn>
    </div>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <p v-if="note" role="status">{{ note }}</p>
    <div v-if="shown.length > 0" class="grid">
      <CaseCard v-for="summary in shown" :key="summary.id" :summary="summary" />
    </div>
    <div v-else-if="shop.loaded" class="sheet empty">
      <h2>{{ say('board.noOpenCase') }}</h2>
      <p class="quiet">
        {{
          shop.reachable ? say('board.whenAVehicleComesIn') : say('board.theServerCannotBeReached')
        }}
      </p>
    </div>
    <p v-else class="quiet">{{ say('board.openingTheShopsCopyOn') }}</p>
    <button
      v-if="closedCount > 0"
      type="button"
      class="plain-button"
      :aria-pressed="showClosed"
      @click="showClosed = !showClosed"
    >
      {{
        say('board.closed', {
          showClosed: showClosed ? say('board.hide') : say('board.show'),
          closedCount,
        })
      }}
    </button>
  </main>
</template>

<style scoped>
.board {
  padding: 20px;
  display: flex;
  flex-direction: column;
  gap: 16px;
  max-width: 1280px;
  width: 100%;
  margin: 0 auto;
}
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 380px), 1fr));
  gap: 14px;
}
@media (max-width: 700px) {
  .head .grow {
    flex: 1 0 100%;
  }
}
.hidden-input {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
  pointer-events: none;
}
.empty {
  padding: 40px;
  text-align: center;
}
.plain-button {
  align-self: flex-start;
}
</style>
