<script setup lang="ts">
import { shelfText } from '@amber-ladle/words';
import { useScale } from './useScale';
import { useNotice } from '../data/notice';

/** The kitchen scale: its display, zero, and hands to play with while none is connected. */
const { reading, isThere, counts, hands, connect, disconnect } = useScale();
function onToggle(event: Event): void {
  if ((event.target as HTMLDetailsElement).open) connect();
  else disconnect();
}
const notice = useNotice();
const WEIGHTS = [5, 50, 136] as const;
async function act(body: Parameters<typeof hands>[0]): Promise<void> {
  try {
    await hands(body);
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <details v-if="isThere" class="scale" @toggle="onToggle">
    <summary>{{ shelfText.scale }}</summary>
    <p class="display serif figures" :class="{ moving: !reading?.isSteady }" data-test="scale">
      {{ reading?.isOverloaded ? shelfText.tooHeavy : `${reading?.grams ?? 0} g` }}
    </p>
    <p class="quiet">
      {{ counts ? shelfText.aSimulatedScalePut : shelfText.aScaleForPractice }}
    </p>
    <div class="line">
      <button v-for="grams in WEIGHTS" :key="grams" type="button" class="pill" @click="act({ put: grams })">
        + {{ grams }} g
      </button>
      <button type="button" class="pill" @click="act({ tare: true })">{{ shelfText.zero }}</button>
      <button type="button" class="pill" @click="act({ clear: true })">{{ shelfText.clear }}</button>
    </div>
  </details>
</template>

<style scoped>
.scale {
  margin-top: 16px;
}
.display {
  font-size: 1.6rem;
  margin: 0;
}
.moving {
  color: var(--quiet);
}
p {
  margin: 6px 0;
  font-size: 0.92rem;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
