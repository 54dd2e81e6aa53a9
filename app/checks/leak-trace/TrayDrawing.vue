<script setup lang="ts">
import type { LeakTrace } from '#core'
import type { Label } from './tray-labels'

const { say } = useWords()

/** The tray from above, front at the top: drips set by tap, moved by finger or arrow keys; circles where they may come from. */
interface Spot {
  x: number
  y: number
}
const { drips, circles, labels, engine, W, H } = defineProps<{
  drips: LeakTrace['drips']
  circles: readonly (Spot & { place: string; r: number; found: boolean })[]
  labels: ReadonlyMap<string, Label>
  /** where the engine stands, shares of the tray */
  engine: Spot & { w: number; h: number }
  name: (place: string) => string
  W: number
  H: number
}>()
const picked = defineModel<number | undefined>('picked', { required: true })
const emit = defineEmits<{ add: [at: Spot]; move: [drip: number, to: Spot] }>()
const tray = useTemplateRef<SVGSVGElement>('tray')

const clamp = (v: number) => Math.round(Math.min(1, Math.max(0, v)) * 1000) / 1000
function at(event: PointerEvent | MouseEvent) {
  const box = tray.value!.getBoundingClientRect()
  return {
    x: clamp((event.clientX - box.left) / box.width),
    y: clamp((event.clientY - box.top) / box.height),
  }
}
let dragging: number | undefined
let moved = false
function down(event: PointerEvent, i: number) {
  picked.value = i
  dragging = i
  moved = false
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}
function drag(event: PointerEvent) {
  if (dragging === undefined) return
  moved = true
  move(dragging, at(event))
}
function move(i: number, to: { x: number; y: number }) {
  emit('move', i, to)
}
function addAt(event: MouseEvent) {
  if (dragging !== undefined || moved) {
    dragging = undefined
    moved = false
    return
  }
  emit('add', at(event))
}
function letGo() {
  dragging = undefined
  moved = false
}
/** A finger lifted off a drip that it did not move has tapped it, and taps nothing below. */
function liftedWithoutMoving() {
  if (dragging === undefined || moved) return
  dragging = undefined
  moved = true
}
function nudge(event: KeyboardEvent, i: number) {
  const step = {
    ArrowLeft: [-0.03, 0],
    ArrowRight: [0.03, 0],
    ArrowUp: [0, -0.03],
    ArrowDown: [0, 0.03],
  }[event.key]
  if (!step) return
  event.preventDefault()
  picked.value = i
  const d = drips[i]!
  move(i, { x: clamp(d.x + step[0]!), y: clamp(d.y + step[1]!) })
}
</script>

<template>
  <svg
    ref="tray"
    :viewBox="`0 0 ${W} ${H}`"
    class="tray"
    role="group"
    :aria-label="say('leak-trace.tray-drawing.trayFromAboveFrontAt')"
    @click="addAt"
    @pointermove="drag"
    @pointerup="liftedWithoutMoving"
  >
    <rect x="1" y="1" :width="W - 2" :height="H - 2" class="pan" />
    <rect :x="0.08 * W" y="8" :width="0.84 * W" height="22" class="thing" />
    <text :x="W / 2" y="24" class="thing-name">{{ say('leak-trace.tray-drawing.radiator') }}</text>
    <rect
      :x="engine.x * W"
      :y="engine.y * H"
      :width="engine.w * W"
      :height="engine.h * H"
      class="thing"
      rx="6"
    />
    <text
      :x="(engine.x + engine.w / 2) * W"
      :y="(engine.y + 0.85 * engine.h) * H"
      class="thing-name"
    >
      {{ say('leak-trace.tray-drawing.engine') }}
    </text>
    <text :x="W / 2" :y="H - 10" class="thing-name">
      {{ say('leak-trace.tray-drawing.bulkhead') }}
    </text>
    <g v-for="c in circles" :key="c.place" class="candidate">
      <circle :cx="c.x" :cy="c.y" :r="c.r" :class="{ found: c.found }" />
    </g>
    <g v-for="[id, label] in labels" :key="`name ${id}`" class="candidate">
      <text :x="label.x" :y="label.y" text-anchor="middle">{{ name(id) }}</text>
    </g>
    <g
      v-for="(d, i) in drips"
      :key="i"
      class="drip"
      :class="{ picked: picked === i }"
      :transform="`translate(${d.x * W} ${d.y * H})`"
      role="button"
      tabindex="0"
      :aria-label="
        say('leak-trace.tray-drawing.dripAMinuteArrowKeys', {
          i: i + 1,
          perMinute: d.perMinute ?? -1,
        })
      "
      :data-drip="i"
      @pointerdown.stop="down($event, i)"
      @click.stop="letGo"
      @focus="picked = i"
      @keydown="nudge($event, i)"
    >
      <circle r="24" class="grip" />
      <path d="M0 -15C7 -4 10 1 10 6A10 10 0 0 1 -10 6C-10 1 -7 -4 0 -15z" />
      <text y="11">{{ i + 1 }}</text>
    </g>
  </svg>
</template>

<style scoped>
.candidate {
  pointer-events: none;
}
.tray {
  width: 100%;
  /* So low that the likeliest place below it is in reach. */
  max-width: 500px;
  height: auto;
  cursor: crosshair;
  touch-action: none;
  display: block;
}
.pan {
  fill: var(--sheet);
  stroke: var(--ink-2);
  stroke-width: 2;
}
.thing {
  fill: var(--rail);
  stroke: var(--line);
  stroke-width: 1.5;
}
.thing-name {
  text-anchor: middle;
  font-size: 15px;
  fill: var(--ink-2);
}
.candidate circle {
  fill: color-mix(in srgb, var(--hot) 22%, transparent);
  stroke: var(--hot);
  stroke-width: 2;
  stroke-dasharray: 5 4;
}
.candidate circle.found {
  stroke-dasharray: none;
  stroke-width: 4;
}
.candidate text {
  font-size: 14px;
  font-weight: 500;
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 4px;
}
.drip {
  cursor: grab;
  outline-offset: 0;
}
.drip path {
  fill: var(--cool);
  stroke: var(--sheet);
  stroke-width: 1.5;
}
.drip text {
  text-anchor: middle;
  fill: var(--sheet);
  font-size: 13px;
  font-weight: 600;
  pointer-events: none;
}
.drip.picked path {
  stroke: var(--ink);
  stroke-width: 3.5;
}
.drip .grip {
  fill: transparent;
}
</style>
