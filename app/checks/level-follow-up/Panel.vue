<script setup lang="ts">
import { levelFollowUpCheck } from '#core'
</script>

<template>
  <RecordForm :check="levelFollowUpCheck" kind="level-follow-up.look" />
</template>
