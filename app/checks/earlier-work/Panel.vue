<script setup lang="ts">
import { earlierWorkCheck } from '#core'

const { say } = useWords()
</script>

<template>
  <div class="stack">
    <h3>{{ say('earlier-work.renewed') }}</h3>
    <RecordForm :check="earlierWorkCheck" kind="earlier-work.renewed" each="part" />
    <h3>{{ say('earlier-work.hold') }}</h3>
    <RecordForm :check="earlierWorkCheck" kind="earlier-work.hold" />
  </div>
</template>
