<script setup lang="ts">
import { LANDMARKS, nearestLandmark, PROFILE_LIMITS, type HairProfile } from '@amber-ladle/core/hair';
import { USUAL_LOOK, type HeadLook } from '@amber-ladle/contract';
import { computed, ref } from 'vue';
import { useHousehold } from '../data/household';
import { headText, lengthAloud, stepLength, writeLength, LANDMARK_WORDS } from '@amber-ladle/words';
import HeadFigure from './HeadFigure.vue';
import { CENTRE_X, centimetresAt, DRAWN_CENTIMETRES, tipY } from './hairShape';

/** The head from behind, with a length that can be dragged, stepped by keys, or set at a landmark. */
const {
  profile,
  look = USUAL_LOOK,
  ageYears = 30,
} = defineProps<{ profile: HairProfile; look?: HeadLook | undefined; ageYears?: number | undefined }>();
const emit = defineEmits<{ length: [centimetres: number] }>();

const household = useHousehold();
const svg = ref<SVGSVGElement>();
const handleY = computed(() => tipY(profile.stretchedLengthCentimetres));
const isDragging = ref(false);

function lengthAt(event: PointerEvent): number {
  const matrix = svg.value?.getScreenCTM();
  if (!matrix) return profile.stretchedLengthCentimetres;
  const pulled = centimetresAt(new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse()).y);
  return stepLength(pulled, household.where.lengthIn);
}
function start(event: PointerEvent): void {
  isDragging.value = true;
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
}
/**
 * A finger on the ring pulls the hair; anywhere else it scrolls the page. Within a drawing `touch-action` is not heeded, so the browser is
 * told here that it is not its gesture.
 */
function keepTouch(event: TouchEvent): void {
  if (event.cancelable) event.preventDefault();
}
/** At most one answer a frame, however fast the pointer reports. */
let waiting: PointerEvent | undefined;
function move(event: PointerEvent): void {
  if (!isDragging.value) return;
  if (!waiting)
    requestAnimationFrame(() => {
      if (waiting) emit('length', lengthAt(waiting));
      waiting = undefined;
    });
  waiting = event;
}
const { min: SHORTEST } = PROFILE_LIMITS.stretchedLengthCentimetres;
/** All the keys of a slider, and the length that each leads to; down is longer, as it is drawn. */
function onKey(event: KeyboardEvent): void {
  const by = (steps: number): number => stepLength(profile.stretchedLengthCentimetres, household.where.lengthIn, steps);
  const to = {
    ArrowDown: by(1),
    ArrowRight: by(1),
    ArrowUp: by(-1),
    ArrowLeft: by(-1),
    PageDown: by(10),
    PageUp: by(-10),
    Home: SHORTEST,
    End: DRAWN_CENTIMETRES,
  }[event.key];
  if (to === undefined) return;
  event.preventDefault();
  emit('length', Math.min(DRAWN_CENTIMETRES, Math.max(SHORTEST, to)));
}
/** As it is said aloud: the figure, and how far down that is. */
const spoken = computed(() => {
  const length = profile.stretchedLengthCentimetres;
  return headText.aboutLandmark(lengthAloud(length, household.where), LANDMARK_WORDS[nearestLandmark(length).id]);
});
</script>

<template>
  <svg ref="svg" class="head" viewBox="0 0 320 466" role="group" :aria-label="headText.hairLength">
    <HeadFigure :profile :look :age-years="ageYears" />
    <g class="marks">
      <g
        v-for="mark in LANDMARKS"
        :key="mark.id"
        class="mark"
        role="button"
        tabindex="0"
        :aria-label="headText.setLengthTo(LANDMARK_WORDS[mark.id], writeLength(mark.centimetres, household.where))"
        @click="emit('length', mark.centimetres)"
        @keydown.enter="emit('length', mark.centimetres)"
      >
        <rect x="196" :y="tipY(mark.centimetres) - 18" width="124" height="36" fill="transparent" />
        <line x1="214" x2="222" :y1="tipY(mark.centimetres)" :y2="tipY(mark.centimetres)" />
        <text x="227" :y="tipY(mark.centimetres) + 6.5">{{ LANDMARK_WORDS[mark.id] }}</text>
      </g>
    </g>
    <g
      class="handle"
      :class="{ dragging: isDragging }"
      role="slider"
      tabindex="0"
      :aria-label="headText.hairLengthAloud"
      aria-orientation="vertical"
      :aria-valuemin="SHORTEST"
      :aria-valuemax="DRAWN_CENTIMETRES"
      :aria-valuenow="profile.stretchedLengthCentimetres"
      :aria-valuetext="spoken"
      @touchstart="keepTouch"
      @pointerdown="start"
      @pointermove="move"
      @pointerup="isDragging = false"
      @pointercancel="isDragging = false"
      @keydown="onKey"
    >
      <rect :x="20" :y="handleY - 34" width="170" height="68" fill="transparent" />
      <line :x1="24" :x2="CENTRE_X + 74" :y1="handleY" :y2="handleY" />
      <circle cx="24" :cy="handleY" r="11" />
      <path :d="`M 20 ${handleY - 2.5} l 4 -4 l 4 4 M 20 ${handleY + 2.5} l 4 4 l 4 -4`" />
    </g>
  </svg>
</template>

<style scoped>
.head {
  width: 100%;
  max-height: 318px;
  display: block;
  touch-action: pan-y;
  user-select: none;
}
.mark {
  cursor: pointer;
}
.mark line {
  stroke: var(--quiet);
}
.mark text {
  font-size: 19px;
  fill: var(--quiet);
}
.mark:hover text {
  fill: var(--ink);
  text-decoration: underline;
}
.handle {
  cursor: ns-resize;
}
.handle line {
  stroke: var(--amber-fill);
  stroke-width: 2;
  stroke-dasharray: 5 4;
}
.handle circle {
  fill: var(--amber-fill);
  stroke: var(--ink);
  stroke-width: 1.2;
}
.handle path {
  fill: none;
  stroke: #2b211a;
  stroke-width: 1.6;
  stroke-linecap: round;
}
</style>
