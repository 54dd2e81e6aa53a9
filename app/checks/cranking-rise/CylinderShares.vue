<script setup lang="ts">
import type { CrankingAnalysis } from '#core'

const { listed, say } = useWords()

/** How much of the rise each cylinder feeds, with its range. */
const { figures } = defineProps<{ figures: CrankingAnalysis }>()
const widest = computed(() => Math.max(0.01, ...figures.shares.map((s) => s.kPaPerSecond.high)))
const feeding = computed(() =>
  figures.shares.filter((s) => s.share > 0.12 && s.kPaPerSecond.low > 0.15 * widest.value),
)
</script>

<template>
  <div
    class="shares"
    role="group"
    :aria-label="say('cranking-rise.cylinder-shares.shareOfEachCylinder')"
  >
    <h3>
      {{
        feeding.length === 1 && figures.resolved
          ? say('cranking-rise.cylinder-shares.itComesFromCylinder', {
              cylinder: feeding[0]!.cylinder,
            })
          : feeding.length > 1 && figures.resolved
            ? say('cranking-rise.cylinder-shares.itComesFromCylinders', {
                feeding: feeding.length,
                cylinder: listed(feeding.map((s) => s.cylinder)),
              })
            : say('cranking-rise.cylinder-shares.whichCylinderFeedsIt')
      }}
    </h3>
    <div v-for="s in figures.shares" :key="s.cylinder" class="share" :data-share="s.cylinder">
      <span>{{ s.cylinder }}</span>
      <span class="track"
        ><span
          class="range"
          :style="{
            left: `${(s.kPaPerSecond.low / widest) * 100}%`,
            width: `${((s.kPaPerSecond.high - s.kPaPerSecond.low) / widest) * 100}%`,
          }" /><span
          class="bar"
          :class="{ hot: s.share > 0.12 }"
          :style="{ width: `${(s.kPaPerSecond.value / widest) * 100}%` }"
      /></span>
      <span>{{ Math.round(s.share * 100) }} %</span>
      <span class="small quiet">{{
        say('cranking-rise.cylinder-shares.toKpaS', {
          low: s.kPaPerSecond.low.toFixed(2),
          high: s.kPaPerSecond.high.toFixed(2),
        })
      }}</span>
    </div>
    <p v-if="!figures.resolved" class="small quiet">
      {{ say('cranking-rise.cylinder-shares.theRunsSoFarCannot') }}
    </p>
  </div>
</template>

<style scoped>
.shares {
  display: flex;
  flex-direction: column;
  gap: 6px;
}
.share {
  display: grid;
  grid-template-columns: 24px 1fr 56px 150px;
  gap: 12px;
  align-items: center;
  font-weight: 600;
}
.track {
  position: relative;
  height: 26px;
  background: var(--rail);
}
.range {
  position: absolute;
  top: 0;
  bottom: 0;
  background: color-mix(in srgb, var(--hot) 22%, transparent);
  border-left: 2px solid var(--ink-2);
  border-right: 2px solid var(--ink-2);
}
.bar {
  position: absolute;
  left: 0;
  top: 6px;
  bottom: 6px;
  background: var(--bar-fill);
}
.bar.hot {
  background: var(--hot);
}
</style>
