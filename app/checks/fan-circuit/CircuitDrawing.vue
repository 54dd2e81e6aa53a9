<script setup lang="ts">
import type { CircuitLink, FanCircuit } from '#core'

const { say } = useWords()

/** The circuit of the fan, link by link: a tick where the break cannot be any more; a tap measures there. */
type Field = keyof FanCircuit
defineProps<{
  names: Readonly<Record<CircuitLink, string>>
  /** links in which the break could still be */
  left: ReadonlySet<CircuitLink>
  /** what is measured now */
  here: Field
}>()
const emit = defineEmits<{ choose: [field: Field] }>()
const NODES: { link: CircuitLink; x: number; y: number; field: Field }[] = [
  { link: 'fuse', x: 92, y: 40, field: 'fuse' },
  { link: 'wire', x: 196, y: 40, field: 'supplyVolts' },
  { link: 'relay', x: 300, y: 40, field: 'relay' },
  { link: 'motor', x: 430, y: 40, field: 'directFeed' },
  { link: 'ground', x: 542, y: 40, field: 'groundDropVolts' },
  { link: 'control', x: 300, y: 122, field: 'command' },
]
</script>

<template>
  <div class="wide-drawing">
    <svg
      viewBox="0 -4 630 156"
      class="circuit"
      role="group"
      :aria-label="say('fan-circuit.circuit-drawing.circuitOfTheFanTap')"
    >
      <path d="M20 40H610M300 58V104" class="wire" />
      <text x="8" y="14" class="end">{{ say('fan-circuit.circuit-drawing.battery') }}</text>
      <text x="622" y="14" class="end right">
        {{ say('fan-circuit.circuit-drawing.battery2') }}
      </text>
      <g
        v-for="n in NODES"
        :key="n.link"
        class="node"
        :class="{ out: !left.has(n.link), here: here === n.field }"
        role="button"
        tabindex="0"
        :aria-label="
          say(
            left.has(n.link)
              ? 'fan-circuit.circuit-drawing.theBreakCouldStillBe'
              : 'fan-circuit.circuit-drawing.cleared',
            { link: names[n.link] },
          )
        "
        :data-link="n.link"
        @click="emit('choose', n.field)"
        @keydown.enter="emit('choose', n.field)"
        @keydown.space.prevent="emit('choose', n.field)"
      >
        <rect :x="n.x - 44" :y="n.y - 22" width="88" height="44" rx="3" />
        <text :x="n.x" :y="n.y + 6">{{ names[n.link] }}</text>
        <path v-if="!left.has(n.link)" class="tick" :d="`M${n.x + 26} ${n.y - 14}l4 5l8 -9`" />
      </g>
    </svg>
  </div>
</template>

<style scoped>
.circuit {
  width: 100%;
  height: auto;
  max-height: 190px;
}
.wire {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 3;
}
.end {
  font-size: 14px;
  fill: var(--ink-2);
}
.end.right {
  text-anchor: end;
}
.node {
  cursor: pointer;
  outline-offset: 2px;
}
.node rect {
  fill: var(--sheet);
  stroke: var(--hot);
  stroke-width: 3;
  stroke-dasharray: 7 4;
}
.node.out rect {
  stroke: var(--cool);
  stroke-dasharray: none;
}
.node.here rect {
  fill: var(--warn-soft);
}
.node text {
  text-anchor: middle;
  font-size: 16px;
  font-weight: 600;
  fill: var(--ink);
}
.tick {
  fill: none;
  stroke: var(--cool);
  stroke-width: 3;
}
</style>
