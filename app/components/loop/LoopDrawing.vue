<script setup lang="ts">
import { type Part, type SystemProfile } from '#core'
import { formatChance } from '../../../words/format'
import { layoutLoop } from './loop-layout'

const { partName, say } = useWords()

/** State of a part is told by outline and text: tick = looked at and dry, or tested good; dashed = not looked at, thick with a fill at the foot = suspected. */
export type PartState = 'not-looked' | 'good' | 'dry' | 'wet' | 'suspected'
const props = defineProps<{
  profile: SystemProfile
  states: ReadonlyMap<Part, PartState>
  suspicion: ReadonlyMap<Part, number>
  marked?: Part
  labels?: ReadonlyMap<Part, string>
  /** a map without words, for a small place */
  mini?: boolean
}>()
const emit = defineEmits<{ tap: [part: Part] }>()
const layout = computed(() => layoutLoop(props.profile))
const path = (points: readonly [number, number][]) =>
  points.map(([x, y], i) => `${i ? 'L' : 'M'}${x} ${y}`).join('')
const chance = (part: Part) => props.suspicion.get(part) ?? 0
const stateOf = (part: Part): PartState =>
  chance(part) >= 0.1 ? 'suspected' : (props.states.get(part) ?? 'not-looked')
const under = (part: Part) => {
  const own = props.labels?.get(part)
  if (own !== undefined) return own
  const state = props.states.get(part) ?? 'not-looked'
  if (chance(part) >= 0.1) return formatChance(chance(part))
  return state === 'not-looked' || state === 'suspected' ? '' : state
}
const shortName = (part: Part) =>
  part === 'thermostat' ? say('loop.loop-drawing.thermostat') : partName(part)
const spoken = (part: Part) =>
  props.labels
    ? `${partName(part)}${props.labels.get(part) ? `: ${props.labels.get(part)}` : ''}`
    : `${partName(part)}: ${say('loop.loop-drawing.state', { state: stateOf(part), chance: formatChance(chance(part)) })}`
</script>

<template>
  <svg
    class="loop"
    :class="{ mini }"
    :viewBox="`-4 -2 ${layout.width + 8} ${layout.height + 6}`"
    role="group"
    :aria-label="say('loop.loop-drawing.theCoolingLoopOfThis')"
  >
    <path
      v-for="pipe in layout.pipes"
      :key="pipe.id"
      :d="path(pipe.points)"
      class="pipe"
      :class="pipe.side"
    />
    <path
      v-for="(arrow, i) in layout.arrows"
      :key="i"
      class="arrow"
      d="M-5 -7L7 0L-5 7z"
      :transform="`translate(${arrow.x} ${arrow.y}) rotate(${arrow.degrees})`"
    />
    <g v-for="f in layout.fittings" :key="f.id" class="fitting">
      <rect :x="f.x" :y="f.y" :width="f.w" :height="f.h" rx="2" />
      <text :x="f.x + f.w / 2" :y="f.y + 18" class="under">{{ say(`loop.fitting.${f.id}`) }}</text>
    </g>
    <g
      v-for="box in layout.boxes"
      :key="box.part"
      class="part"
      :class="[stateOf(box.part), { marked: marked === box.part }]"
      role="button"
      tabindex="0"
      :aria-label="spoken(box.part)"
      :data-part="mini ? undefined : box.part"
      @click="emit('tap', box.part)"
      @keydown.enter="emit('tap', box.part)"
      @keydown.space.prevent="emit('tap', box.part)"
    >
      <rect class="outline" :x="box.x" :y="box.y" :width="box.w" :height="box.h" rx="2" />
      <rect
        v-if="chance(box.part) >= 0.1"
        class="foot"
        :x="box.x"
        :y="box.y + box.h - 6"
        :width="box.w * chance(box.part)"
        height="6"
      />
      <template v-if="box.w < 40">
        <text
          :x="box.x + box.w / 2"
          :y="box.y + box.h / 2"
          class="name"
          :transform="`rotate(-90 ${box.x + box.w / 2} ${box.y + box.h / 2})`"
          dominant-baseline="middle"
        >
          {{ partName(box.part) }}
        </text>
      </template>
      <template v-else>
        <text
          :x="box.x + box.w / 2"
          :y="box.y + box.h / 2 + (under(box.part) ? -3 : 5)"
          class="name"
        >
          {{ shortName(box.part) }}
        </text>
        <text
          v-if="under(box.part)"
          :x="box.x + box.w / 2"
          :y="box.y + box.h / 2 + 12"
          class="under"
        >
          {{ under(box.part) }}
        </text>
        <path
          v-if="['good', 'dry'].includes(stateOf(box.part))"
          class="tick"
          :d="`M${box.x + box.w - 15} ${box.y + 8}l4 5l8 -9`"
        />
      </template>
    </g>
  </svg>
</template>

<style scoped>
.loop {
  width: 100%;
  height: auto;
  display: block;
  max-height: 330px;
}
.pipe {
  fill: none;
  stroke-width: 9;
}
.pipe.hot {
  stroke: color-mix(in srgb, var(--hot) 45%, var(--sheet));
}
.pipe.cold {
  stroke: color-mix(in srgb, var(--cool) 45%, var(--sheet));
}
.pipe.small {
  stroke: var(--line);
  stroke-width: 5;
}
.arrow {
  fill: var(--ink-2);
}
.part {
  cursor: pointer;
  outline-offset: 2px;
}
.outline {
  fill: var(--sheet);
  stroke: var(--ink-2);
  stroke-width: 1.6;
}
.not-looked .outline {
  stroke-dasharray: 6 4;
}
.good .outline {
  stroke: var(--cool);
  stroke-width: 2.4;
}
.wet .outline {
  stroke: var(--cool);
  stroke-width: 2.4;
  fill: var(--cool-soft);
}
.suspected .outline {
  stroke: var(--hot);
  stroke-width: 3.4;
}
.marked .outline {
  fill: var(--warn-soft);
}
.fitting rect {
  fill: var(--sheet);
  stroke: var(--line);
  stroke-width: 1.5;
}
.foot {
  fill: var(--hot);
}
.tick {
  fill: none;
  stroke: var(--cool);
  stroke-width: 3;
}
.mini text,
.mini .arrow,
.mini .tick {
  display: none;
}
.mini .outline {
  stroke-dasharray: none;
}
.mini .pipe {
  stroke-width: 14;
}
.mini .suspected .outline {
  fill: var(--hot);
}
.name {
  text-anchor: middle;
  font-size: 15px;
  font-weight: 600;
  fill: var(--ink);
}
.under {
  text-anchor: middle;
  font-size: 13px;
  fill: var(--ink-2);
}
</style>
