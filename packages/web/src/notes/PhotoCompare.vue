<script setup lang="ts">
import { notesText } from '@amber-ladle/words';
import RangeSlider from '../kit/RangeSlider.vue';
import { linkTo } from '../data/client';
import { api, type Crop, type Photo } from '@amber-ladle/contract';
import { computed, ref } from 'vue';

/** Two pictures in one frame with an edge that slides between them; each can be brought nearer and moved. */
const { left, right } = defineProps<{
  left: Photo;
  right: Photo;
  leftWords: string;
  rightWords: string;
}>();
const emit = defineEmits<{ crop: [side: 'left' | 'right', crop: Crop] }>();

const edge = ref(50);
const crops = ref<Record<'left' | 'right', Crop>>({ left: { ...left.crop }, right: { ...right.crop } });
const frame = ref<HTMLElement>();
/** Where a picture lies in the frame so that its crop's middle is the frame's. */
function placed(side: 'left' | 'right') {
  const { x, y, zoom } = crops.value[side];
  return { transform: `scale(${zoom}) translate(${(0.5 - x) * 100}%, ${(0.5 - y) * 100}%)` };
}
const styles = computed(() => ({ left: placed('left'), right: placed('right') }));

/** The edge follows a finger; elsewhere the picture under it does. */
function slide(event: PointerEvent): void {
  const box = frame.value?.getBoundingClientRect();
  if (!box || event.buttons === 0) return;
  edge.value = Math.min(100, Math.max(0, ((event.clientX - box.left) / box.width) * 100));
}
function grab(event: PointerEvent): void {
  (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
  slide(event);
}
const clamp = (value: number, low: number, high: number): number => Math.min(high, Math.max(low, value));
function change(side: 'left' | 'right', part: Partial<Crop>): void {
  const now = { ...crops.value[side], ...part };
  const crop = { x: clamp(now.x, 0, 1), y: clamp(now.y, 0, 1), zoom: clamp(now.zoom, 1, 8) };
  crops.value = { ...crops.value, [side]: crop };
  emit('crop', side, crop);
}
const SIDES = ['left', 'right'] as const;
const STEP = 0.05;
const same = (): void => {
  change('right', { ...crops.value.left });
};
</script>

<template>
  <figure data-test="compare">
    <div
      ref="frame"
      class="frame"
      :style="{ aspectRatio: `${left.width} / ${left.height}` }"
      @pointerdown="grab"
      @pointermove="slide"
    >
      <img
        :src="linkTo(api.photos.picture, { id: right.id, size: 'large' })"
        :alt="rightWords"
        :style="styles.right"
        draggable="false"
      />
      <div class="over" :style="{ clipPath: `inset(0 ${100 - edge}% 0 0)` }">
        <img
          :src="linkTo(api.photos.picture, { id: left.id, size: 'large' })"
          :alt="leftWords"
          :style="styles.left"
          draggable="false"
        />
      </div>
      <div class="edge" :style="{ left: `${edge}%` }" aria-hidden="true" />
    </div>
    <div class="beside">
      <RangeSlider
        v-model="edge"
        :min="0"
        :max="100"
        :step="1"
        :label="notesText.edgeBetweenTheTwo"
        :spoken="notesText.leftEdge(Math.round(edge))"
      />
      <div class="sides">
        <div v-for="side in SIDES" :key="side" role="group" :aria-label="notesText.thePicture(side)">
          <span class="figures">{{ side === 'left' ? leftWords : rightWords }}</span>
          <span class="tools">
            <button
              type="button"
              class="pill"
              :aria-label="notesText.nearer(side)"
              @click="change(side, { zoom: crops[side].zoom * 1.15 })"
            >
              +
            </button>
            <button
              type="button"
              class="pill"
              :aria-label="notesText.farther(side)"
              @click="change(side, { zoom: crops[side].zoom / 1.15 })"
            >
              −
            </button>
            <button
              type="button"
              class="pill"
              :aria-label="notesText.toTheLeft(side)"
              @click="change(side, { x: crops[side].x + STEP })"
            >
              ←
            </button>
            <button
              type="button"
              class="pill"
              :aria-label="notesText.toTheRight(side)"
              @click="change(side, { x: crops[side].x - STEP })"
            >
              →
            </button>
            <button
              type="button"
              class="pill"
              :aria-label="notesText.up(side)"
              @click="change(side, { y: crops[side].y + STEP })"
            >
              ↑
            </button>
            <button
              type="button"
              class="pill"
              :aria-label="notesText.down(side)"
              @click="change(side, { y: crops[side].y - STEP })"
            >
              ↓
            </button>
          </span>
        </div>
      </div>
      <p>
        <button type="button" class="tool" @click="same">{{ notesText.theSameCrop }}</button>
      </p>
    </div>
  </figure>
</template>

<style scoped>
figure {
  display: grid;
  grid-template-columns: minmax(0, 420px) minmax(240px, 1fr);
  gap: 12px 32px;
  margin: 10px 0;
}
.frame {
  position: relative;
  max-height: 620px;
  overflow: hidden;
  /* A frame with its mount, as those in the list have. */
  margin: 7px;
  outline: 6px solid #fffdf7;
  box-shadow: 0 0 0 7.2px var(--ink-line);
  background: rgb(var(--v-theme-surface));
  touch-action: none;
  cursor: ew-resize;
}
img {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  object-fit: cover;
  user-select: none;
}
.over {
  position: absolute;
  inset: 0;
}
.edge {
  position: absolute;
  top: 0;
  bottom: 0;
  width: 3px;
  margin-left: -1.5px;
  background: var(--amber-fill);
  box-shadow: 0 0 0 1px rgb(var(--v-theme-surface));
}
.sides {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 4px;
}
.tools .pill {
  min-width: 44px;
  min-height: 44px;
}
@media (max-width: 43.75em) {
  figure {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
