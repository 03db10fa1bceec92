<script setup lang="ts">
import { useScale } from '../composables/useScale';
import { useNotice } from '../stores/notice';

/** The kitchen scale: its display, zero, and hands to play with while none is connected. */
const { reading, hands } = useScale();
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
  <section aria-labelledby="scale" class="scale">
    <h2 id="scale">
      Scale
      <span class="figures" :class="{ moving: !reading?.isSteady }" data-test="scale">{{
        reading?.isOverloaded ? 'too heavy' : `${reading?.grams ?? 0} g`
      }}</span>
    </h2>
    <p class="quiet">A simulated scale; put something on it:</p>
    <div class="line">
      <button v-for="grams in WEIGHTS" :key="grams" type="button" class="pill" @click="act({ put: grams })">
        + {{ grams }} g
      </button>
      <button type="button" class="pill" @click="act({ tare: true })">zero</button>
      <button type="button" class="pill" @click="act({ clear: true })">clear</button>
    </div>
  </section>
</template>

<style scoped>
.scale {
  margin-top: 26px;
}
h2 {
  display: flex;
  justify-content: space-between;
  margin: 0 0 6px;
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
