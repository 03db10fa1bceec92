<script setup lang="ts">
import { wearText } from '@amber-ladle/words';
import type { WearTime } from '@amber-ladle/core/mask';
import type { WearState } from '@amber-ladle/core/washday';
import { computed } from 'vue';
import { useBook } from '../kit/ink';
import { CANDLE, candleTop } from './candle';

/** The clock of wearing: a candle that burns down to its limit, with notches at the least and at the aim. */
const { wear, state } = defineProps<{ wear: WearTime; state: WearState }>();
const book = useBook();
const byHand = (d: string): string => book.value?.byHand(d, 1) ?? d;

const { left: LEFT, right: RIGHT, full: FULL, holder: HOLDER } = CANDLE;
const MIDDLE = (LEFT + RIGHT) / 2;
const top = computed(() => candleTop(state.elapsedMinutes, wear.limitMinutes));
const isOut = computed(() => state.elapsedMinutes >= wear.limitMinutes);
const wax = computed(() => `M${LEFT} ${top.value}Q${MIDDLE} ${top.value - 7} ${RIGHT} ${top.value}V${HOLDER}H${LEFT}Z`);
const burnt = `M${LEFT} ${FULL}H${RIGHT}V${HOLDER}H${LEFT}Z`;
const notches = computed(() => [
  { key: 'least', says: wearText.least, y: candleTop(wear.minimumMinutes, wear.limitMinutes) },
  { key: 'aim', says: wearText.best, y: candleTop(wear.aimMinutes, wear.limitMinutes) },
  { key: 'limit', says: wearText.outBy, y: HOLDER },
]);
const HOLDER_SHAPE = `M${LEFT - 34} ${HOLDER}H${RIGHT + 34}L${RIGHT + 22} ${HOLDER + 20}H${LEFT - 22}Z`;
const flame = computed(
  () =>
    `M${MIDDLE} ${top.value - 44}C${MIDDLE + 15} ${top.value - 26} ${MIDDLE + 12} ${top.value - 12} ${MIDDLE} ${top.value - 10}C${MIDDLE - 12} ${top.value - 12} ${MIDDLE - 13} ${top.value - 24} ${MIDDLE} ${top.value - 44}Z`,
);
const clock = computed(() => {
  const minutes = Math.max(0, Math.floor(state.elapsedMinutes));
  const seconds = Math.max(0, Math.floor(state.elapsedMinutes * 60) % 60);
  const hours = Math.floor(minutes / 60);
  const two = (value: number): string => String(value).padStart(2, '0');
  return hours > 0 ? `${hours}:${two(minutes % 60)}:${two(seconds)}` : `${minutes}:${two(seconds)}`;
});
</script>

<template>
  <svg
    viewBox="0 0 340 300"
    role="img"
    :aria-label="wearText.ofAtMostMinutes(Math.floor(state.elapsedMinutes), wear.limitMinutes)"
  >
    <path class="burnt" :d="burnt" />
    <path class="wax" :class="state.phase" :d="wax" />
    <path class="line" :d="wax" />
    <template v-if="!isOut">
      <path class="line" :d="`M${MIDDLE} ${top - 4}V${top - 13}`" />
      <path class="flame" :d="flame" />
    </template>
    <path v-else class="line smoke" :d="byHand(`M${MIDDLE} ${top - 8}q8 -12 0 -22q-8 -10 2 -22`)" />
    <path class="holder" :d="HOLDER_SHAPE" />
    <path class="line" :d="byHand(HOLDER_SHAPE)" />
    <path class="line" :d="byHand(`M${RIGHT + 34} ${HOLDER + 4}q26 -2 22 14q-6 12 -26 4`)" />
    <g v-for="notch in notches" :key="notch.key" class="notch" :class="notch.key">
      <line :x1="LEFT - 10" :x2="LEFT + 8" :y1="notch.y" :y2="notch.y" />
      <text :x="notch.key === 'limit' ? LEFT - 40 : LEFT - 15" :y="notch.y + 5" text-anchor="end">
        {{ notch.says }}
      </text>
    </g>
    <text x="176" y="176" class="serif clock figures">{{ clock }}</text>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-width: 380px;
  display: block;
  margin: 0 auto;
}
.burnt {
  fill: none;
  stroke: var(--quiet);
  stroke-width: 1.2;
  stroke-dasharray: 2 5;
}
.wax {
  fill: #f0d9a6;
}
.wax.aim {
  fill: #b9cfa6;
}
.wax.late,
.wax.over {
  fill: #e0a08f;
}
.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.8;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.flame {
  fill: var(--amber-fill);
  stroke: var(--ink);
  stroke-width: 1.4;
}
.holder {
  fill: #b9683f;
}
.notch line {
  stroke: var(--ink);
  stroke-width: 2;
}
.notch.aim line {
  stroke-width: 4;
}
.notch text {
  font-size: 18px;
  fill: var(--ink);
}
.clock {
  font-size: 50px;
  fill: var(--ink);
}
@media (forced-colors: active) {
  .wax,
  .flame,
  .holder {
    fill: Canvas;
  }
}
</style>
