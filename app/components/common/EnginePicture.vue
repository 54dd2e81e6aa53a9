<script setup lang="ts">
const { say } = useWords()
/** The engine from above: a cylinder to a circle, number 1 at the belt end. Tap one to choose it. */
const props = defineProps<{
  cylinders: number
  marks: ReadonlyMap<number, { text: string; tone?: 'plain' | 'cool' | 'hot' | 'open' }>
  chosen?: readonly number[]
  verb: string
  disabled?: boolean
}>()
const emit = defineEmits<{ tap: [cylinder: number] }>()
const width = computed(() => 46 + props.cylinders * 78)
const mark = (c: number) => props.marks.get(c) ?? { text: '', tone: 'plain' as const }
const tap = (c: number) => {
  if (!props.disabled) emit('tap', c)
}
</script>

<template>
  <svg
    class="engine"
    :viewBox="`0 0 ${width} 118`"
    role="group"
    :aria-label="say('common.engine-picture.cylindersNumber1AtThe')"
    :class="{ many: cylinders > 4 }"
    :style="{ maxWidth: `${width * 1.15}px` }"
  >
    <rect x="24" y="14" :width="width - 32" height="96" class="block" rx="4" />
    <rect x="4" y="30" width="14" height="64" class="belt" />
    <g
      v-for="c in cylinders"
      :key="c"
      class="cylinder"
      :class="[mark(c).tone ?? 'plain', { chosen: chosen?.includes(c) }]"
      role="button"
      :tabindex="disabled ? -1 : 0"
      :aria-pressed="chosen ? chosen.includes(c) : undefined"
      :aria-label="
        say('common.engine-picture.cylinder', {
          c,
          text: mark(c).text ? `: ${mark(c).text}` : '',
          verb,
        })
      "
      :data-cylinder="c"
      @click="tap(c)"
      @keydown.enter="tap(c)"
      @keydown.space.prevent="tap(c)"
    >
      <circle :cx="28 + (c - 0.5) * 78" cy="56" r="33" />
      <text :x="28 + (c - 0.5) * 78" y="64" class="number">{{ c }}</text>
      <text :x="28 + (c - 0.5) * 78" y="105" class="says">{{ mark(c).text }}</text>
    </g>
  </svg>
</template>

<style scoped>
.engine {
  width: 100%;
  height: auto;
  display: block;
}
.block {
  fill: var(--rail);
  stroke: var(--ink-2);
  stroke-width: 2;
}
.belt {
  fill: var(--ink-2);
}
.cylinder {
  cursor: pointer;
  outline-offset: 2px;
}
circle {
  fill: var(--sheet);
  stroke: var(--ink-2);
  stroke-width: 2;
}
.open circle {
  stroke-dasharray: 7 5;
}
.cool circle {
  fill: var(--cool-soft);
  stroke: var(--cool);
  stroke-width: 3.5;
}
.hot circle {
  fill: var(--hot-soft);
  stroke: var(--hot);
  stroke-width: 4.5;
}
.chosen circle {
  stroke: var(--ink);
  stroke-width: 5;
}
.number {
  text-anchor: middle;
  font-size: 26px;
  font-weight: 600;
  fill: var(--ink);
}
.says {
  text-anchor: middle;
  font-size: 14px;
  fill: var(--ink);
  font-weight: 500;
}
/* On a phone the words of many cylinders would be too small to read: what is open shows by its dashes. */
@media (max-width: 600px) {
  .many .says {
    font-size: 18px;
    transform: translateY(1px);
  }
  .many circle {
    r: 30px;
  }
  .many .open .says {
    display: none;
  }
}
</style>
