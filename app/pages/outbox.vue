<script setup lang="ts">
import { saveFile } from '../look/save-file'
import { itemName } from '../../words/records'
import type { OutboxItem } from '../local-store/entries'

const { say } = useWords()

const shop = useShop()
const preferences = usePreferences()
const editing = ref<OutboxItem>()
const text = ref('')
const problem = ref('')

function describe(item: OutboxItem) {
  if (item.kind === 'records') return itemName(item.body.record.kind)
  return item.kind === 'events' ? itemName(item.body.event.kind) : say(`outbox.entity.${item.kind}`)
}
function edit(item: OutboxItem) {
  editing.value = item
  text.value = JSON.stringify(item.body, null, 2)
  problem.value = ''
}
async function resend() {
  try {
    await shop.resend([editing.value!], JSON.parse(text.value) as object)
    editing.value = undefined
  } catch {
    problem.value = say('outbox.whatStandsHereIsNo')
  }
}
function exportAll() {
  const all = JSON.stringify([...shop.unkept, ...shop.outbox], null, 2)
  saveFile('kept-entries.json', 'application/json', all)
}
</script>

<template>
  <main class="page stack">
    <div class="row">
      <h1 class="grow">{{ say('outbox.keptOnThisDevice') }}</h1>
      <v-btn v-if="shop.outbox.length + shop.unkept.length > 0" @click="exportAll">{{
        say('outbox.exportAsAFile')
      }}</v-btn>
      <v-btn class="solid" @click="shop.synchronise()">{{ say('outbox.sendNow') }}</v-btn>
    </div>
    <p v-if="shop.outbox.length + shop.unkept.length === 0" class="sheet">
      {{ say('outbox.everythingYouRecordedHereHas') }}
    </p>
    <template v-if="shop.unkept.length > 0">
      <h2>{{ say('outbox.notKept') }}</h2>
      <p class="quiet">{{ say('outbox.theseStandInThisPage') }}</p>
      <div v-for="item in shop.unkept" :key="item.id" class="sheet row" data-testid="unkept">
        <span class="grow"
          ><strong>{{ describe(item) }}</strong> · {{ new Date(item.at).toLocaleString() }}</span
        >
        <v-btn @click="shop.letGo(item)">{{ say('outbox.discard') }}</v-btn>
      </div>
    </template>
    <template v-if="shop.refused.length > 0">
      <div class="row">
        <h2 class="grow">{{ say('outbox.setAside') }}</h2>
        <v-btn v-if="shop.refused.length > 1" @click="shop.resend(shop.refused)">{{
          say('outbox.sendAllAgain')
        }}</v-btn>
      </div>
      <p class="quiet">
        {{ say('outbox.theServerDidNotTake') }}
      </p>
      <div v-for="item in shop.refused" :key="item.id" class="sheet stack" data-testid="refused">
        <div>
          <strong>{{ describe(item) }}</strong> · {{ new Date(item.at).toLocaleString() }}
        </div>
        <p class="problem">{{ item.problem ? preferences.say(item.problem) : item.reason }}</p>
        <div class="row">
          <v-btn @click="edit(item)">{{ say('outbox.lookAndChange') }}</v-btn><v-btn
            @click="shop.discard(item)"
            >{{ say('outbox.discard') }}</v-btn
          >
        </div>
      </div>
    </template>
    <template v-if="shop.kept.length > 0">
      <h2>{{ say('outbox.waitingToBeSent') }}</h2>
      <ul class="sheet list">
        <li v-for="item in shop.kept" :key="item.id">
          {{ describe(item) }} · {{ new Date(item.at).toLocaleTimeString() }}
        </li>
      </ul>
    </template>
    <v-dialog
      :model-value="editing !== undefined"
      max-width="760"
      @update:model-value="editing = undefined"
    >
      <v-card class="pa-4 stack">
        <h2>{{ say('outbox.changeThisEntry') }}</h2>
        <v-textarea v-model="text" rows="14" :label="say('outbox.theEntryAsItIs')" />
        <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
        <div class="row">
          <v-btn class="solid" @click="resend">{{ say('outbox.keepAndSendAgain') }}</v-btn><v-btn
            @click="editing = undefined"
            >{{ say('outbox.leaveAsItIs') }}</v-btn
          >
        </div>
      </v-card>
    </v-dialog>
  </main>
</template>

<style scoped>
.page {
  max-width: 860px;
  width: 100%;
  margin: 0 auto;
  padding: 20px;
}
.list {
  margin: 0;
  padding-left: 34px;
}
</style>
