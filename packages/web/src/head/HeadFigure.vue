<script setup lang="ts">
import type { HeadLook } from '@amber-ladle/contract';
import type { HairProfile } from '@amber-ladle/core/hair';
import { computed } from 'vue';
import { figureOf } from './figure';
import { CENTRE_X, fallShare, fallsToY, hairLocks, hairOutline, strandPaths, tipY } from './hairShape';
import { HAIR, SKIN } from './tones';

/** A person from behind with her own hair: as long, as full and as curled as it is; what coils take of its length is dotted. */
const { profile, look, ageYears } = defineProps<{ profile: HairProfile; look: HeadLook; ageYears: number }>();

const figure = computed(() => figureOf(ageYears));
const outline = computed(() => hairOutline(profile, look.pattern));
/** All twists or braids as one path, and all strands or turns as another: a drag draws two paths, not two hundred. */
const each = computed(() => hairLocks(profile, look.pattern));
const locks = computed(() => {
  const [first] = each.value;
  return first && { width: first.width, courses: each.value.map(({ course }) => course).join(' ') };
});
const strands = computed(() =>
  [...strandPaths(profile, look.pattern), ...each.value.flatMap(({ turns }) => turns)].join(' '),
);
const hair = computed(() => HAIR[look.hair]);
const skin = computed(() => SKIN[look.skin].tone);
/** The strand held straight, where it falls shorter than it is. */
const stretched = computed(() =>
  fallShare(look.pattern, profile.style) < 0.85
    ? `M${CENTRE_X} ${fallsToY(profile, look.pattern) + 4}V${tipY(profile.stretchedLengthCentimetres)}`
    : '',
);
</script>

<template>
  <g class="figure">
    <path class="skin" :d="figure.arms.join(' ')" :fill="skin" />
    <path class="skin" :d="figure.torso" :fill="skin" />
    <path class="skin neck" :d="figure.neck" :fill="skin" />
    <path class="top" :d="figure.straps.join(' ')" />
    <path class="top" :d="figure.top" />
    <path class="skin" :d="figure.ears.join(' ')" :fill="skin" />
    <path class="skin" :d="figure.head" :fill="skin" />
    <path class="mass" :d="outline" :fill="profile.style === 'cornrows' ? skin : hair.tone" />
    <template v-if="locks">
      <path class="lock about" :d="locks.courses" :stroke-width="locks.width + 2.4" />
      <path class="lock" :d="locks.courses" :stroke="hair.tone" :stroke-width="locks.width" />
    </template>
    <path class="strand" :d="strands" :stroke="hair.strand" />
    <path v-if="stretched" class="stretched" :d="stretched" />
  </g>
</template>

<style scoped>
.skin,
.top,
.mass {
  stroke: var(--ink-line);
  stroke-width: 1.5;
  stroke-linejoin: round;
}
.neck {
  stroke: none;
}
.top {
  fill: var(--top);
}
.strand {
  fill: none;
  stroke-width: 1.2;
  stroke-linecap: round;
  stroke-opacity: 0.75;
}
.lock {
  fill: none;
  stroke-linecap: round;
}
.lock.about {
  stroke: var(--ink-line);
}
.stretched {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.6;
  stroke-dasharray: 1 5;
  stroke-linecap: round;
}
@media (forced-colors: active) {
  .skin,
  .top {
    fill: Canvas;
    stroke: CanvasText;
  }
  .mass {
    fill: GrayText;
    stroke: CanvasText;
  }
}
</style>
