<script setup lang="ts">
import { kitText } from '@amber-ladle/words';
import { api } from '@amber-ladle/contract';
import { ref } from 'vue';
import { call } from '../data/client';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';

/** Lets the demo's clock go on, so that an afternoon is walked in minutes. With a household's own data time is its own. */
const {
  of = [
    { minutes: 5, says: '5 min' },
    { minutes: 30, says: '30 min' },
  ],
} = defineProps<{ of?: readonly { readonly minutes: number; readonly says: string }[] }>();
const household = useHousehold();
const notice = useNotice();
const isBusy = ref(false);
async function pass(minutes: number): Promise<void> {
  isBusy.value = true;
  try {
    await call(api.devices.moveClock, { body: { minutes } });
  } catch (error) {
    notice.fail(error);
  } finally {
    isBusy.value = false;
  }
}
</script>

<template>
  <div v-if="household.isDemo" class="demo-time" role="group" :aria-label="kitText.timeOfTheDemo">
    <span class="quiet">{{ kitText.demoTime }}</span>
    <button
      v-for="one in of"
      :key="one.minutes"
      type="button"
      class="pill"
      :disabled="isBusy"
      @click="pass(one.minutes)"
    >
      + {{ one.says }}
    </button>
  </div>
</template>

<style scoped>
.demo-time {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}
</style>
