<script setup lang="ts">
import HoldPanel from '../pressure-hold/Panel.vue'

/** A hold on a hot engine: the same clock, limit and readings, pressed through an adapter that keeps its relief. */
</script>

<template>
  <HoldPanel engine="hot" />
</template>
