<script setup lang="ts">
import type { Section } from '@amber-ladle/core/washday';
import { computed } from 'vue';

/** A head from above, nose up, in its sections; what is done is filled and ticked. */
const { sections, doneIds } = defineProps<{ sections: readonly Section[]; doneIds: readonly string[] }>();
const emit = defineEmits<{ toggle: [id: string] }>();

const CENTRE = 150;
const RADIUS_X = 104;
const RADIUS_Y = 126;

/** Each pair of sections is a band from front to back, as deep as its share; left and right of the parting. */
const shapes = computed(() => {
  const bands = sections.filter(({ id }) => id.endsWith('-left'));
  let from = 0;
  return bands.flatMap((band) => {
    const to = from + 2 * band.share;
    const [top, bottom] = [yAt(from), yAt(to)];
    from = to;
    const right = sections.find(({ id }) => id === band.id.replace('-left', '-right'));
    return [{ section: band, side: -1, top, bottom }, ...(right ? [{ section: right, side: 1, top, bottom }] : [])];
  });
});
const yAt = (share: number): number => CENTRE - RADIUS_Y + share * 2 * RADIUS_Y;
const halfWidth = (y: number): number => RADIUS_X * Math.sqrt(Math.max(0, 1 - ((y - CENTRE) / RADIUS_Y) ** 2));

/** The outline of a band on one side, along the skull. */
function pathOf({ side, top, bottom }: { side: number; top: number; bottom: number }): string {
  const steps = 48;
  const edge = Array.from({ length: steps + 1 }, (_, i) => {
    const y = top + ((bottom - top) * i) / steps;
    return `${(CENTRE + side * halfWidth(y)).toFixed(1)} ${y.toFixed(1)}`;
  });
  return `M ${CENTRE} ${top} L ${edge.join(' L ')} L ${CENTRE} ${bottom} Z`;
}
const middle = ({ side, top, bottom }: { side: number; top: number; bottom: number }) => ({
  x: CENTRE + side * halfWidth((top + bottom) / 2) * 0.5,
  y: (top + bottom) / 2,
});
</script>

<template>
  <svg viewBox="0 0 300 300" aria-hidden="true">
    <path class="nose" :d="`M ${CENTRE - 12} 27 L ${CENTRE} 8 L ${CENTRE + 12} 27`" />
    <path class="nose" d="M 46 140 q -14 10 0 26 M 254 140 q 14 10 0 26" />
    <!-- eslint-disable-next-line vuejs-accessibility/click-events-have-key-events, vuejs-accessibility/no-static-element-interactions -- a second way for a finger; the list beside it is there for keys and readers -->
    <g v-for="shape in shapes" :key="shape.section.id" @click="emit('toggle', shape.section.id)">
      <path :d="pathOf(shape)" class="section" :class="{ done: doneIds.includes(shape.section.id) }" />
      <path
        v-if="doneIds.includes(shape.section.id)"
        class="tick"
        :d="`M ${middle(shape).x - 9} ${middle(shape).y} l 7 7 l 12 -14`"
      />
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-width: 340px;
  display: block;
}
.section {
  fill: rgb(var(--v-theme-surface));
  stroke: var(--ink);
  stroke-width: 1.6;
  cursor: pointer;
}
.section.done {
  fill: var(--amber-wash);
}
.nose,
.tick {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.2;
  stroke-linecap: round;
  pointer-events: none;
}
.tick {
  stroke: var(--leaf);
  stroke-width: 4;
}
</style>
