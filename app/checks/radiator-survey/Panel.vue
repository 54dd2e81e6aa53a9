<script setup lang="ts">
import HeatMap from './HeatMap.vue'
import { radiatorSurveyCheck } from '#core'

const { last } = useCheck(radiatorSurveyCheck, 'radiator-survey.grid')
</script>

<template>
  <RecordForm
    :check="radiatorSurveyCheck"
    kind="radiator-survey.grid"
    :shown="[
      { path: 'dropK', kind: 'temperatureDifference' },
      { path: 'coldShare', percent: true },
    ]"
  >
    <HeatMap v-if="last?.data.gridC" :grid-c="last.data.gridC" />
  </RecordForm>
</template>
