<script setup lang="ts">
import { isForeignProof, refillCheck } from '#core'
import type { Asked } from '../../components/form/use-record-form'

/** Of the proofs that the air is out, those of the method that was used. */
const isAsked: Asked = (path, { method }) =>
  !isForeignProof(path, method as Parameters<typeof isForeignProof>[1])
</script>

<template>
  <RecordForm
    :check="refillCheck"
    kind="refill.fill"
    first="method"
    :asked="isAsked"
    :shown="[
      { path: 'fractionAfter', percent: true },
      { path: 'residualShare', percent: true },
    ]"
  />
</template>
