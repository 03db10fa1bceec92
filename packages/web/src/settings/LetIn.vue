<script setup lang="ts">
import { api, type DoorState } from '@amber-ladle/contract';
import { useIntervalFn } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import { call } from '../data/client';
import { useNotice } from '../data/notice';
import CodeDrawing from '../kit/CodeDrawing.vue';
import { settingsText, countdown } from '@amber-ladle/words';

/** A code for one device, to be scanned or typed; it runs out by itself. */
const { door } = defineProps<{ door: DoorState }>();
const notice = useNotice();
const isBusy = ref(false);
/** The machine may be found by several addresses, of which one leads here from where the phone is. */
const chosen = ref('');
const address = computed({
  get: () => door.addresses.find((one) => one === chosen.value) ?? door.addresses[0] ?? '',
  set: (one) => void (chosen.value = one),
});
const link = computed(() => `${address.value}/join?code=${door.code?.text ?? ''}`);

const endsAt = ref(0);
const secondsLeft = ref(0);
const count = (): void => void (secondsLeft.value = Math.max(0, Math.round((endsAt.value - performance.now()) / 1000)));
watch(
  () => door.code,
  (code) => {
    endsAt.value = performance.now() + (code?.secondsLeft ?? 0) * 1000;
    count();
  },
  { immediate: true },
);
useIntervalFn(count, 1000);
const isShown = computed(() => door.code !== undefined && secondsLeft.value > 0);

async function ask(): Promise<void> {
  isBusy.value = true;
  try {
    await call(api.door.newCode);
  } catch (error) {
    notice.fail(error);
  } finally {
    isBusy.value = false;
  }
}
</script>

<template>
  <div class="let-in">
    <div v-if="isShown && door.code" class="paper card" data-test="join-code">
      <CodeDrawing :text="link" class="code" />
      <div>
        <p class="quiet">{{ settingsText.scanIt }}</p>
        <p class="address">{{ address }}</p>
        <p class="quiet">{{ settingsText.andType }}</p>
        <p class="text figures">{{ door.code.text }}</p>
        <p class="quiet figures">{{ settingsText.forOneDeviceMore(countdown(secondsLeft)) }}</p>
      </div>
    </div>
    <p v-else-if="door.addresses.length === 0" role="alert">{{ settingsText.thisMachine }}</p>
    <p v-if="isShown && door.addresses.length > 1" class="others">
      <label for="door-address">{{ settingsText.leadsNowhereTry }}</label>
      <select id="door-address" v-model="address">
        <option v-for="one in door.addresses" :key="one" :value="one">{{ one }}</option>
      </select>
    </p>
    <v-btn
      v-if="door.addresses.length > 0"
      color="primary"
      :variant="isShown ? 'tonal' : 'flat'"
      :loading="isBusy"
      @click="ask"
    >
      {{ isShown ? settingsText.anotherCode : settingsText.letADeviceIn }}
    </v-btn>
  </div>
</template>

<style scoped>
.let-in {
  display: grid;
  gap: 12px;
  justify-items: start;
}
.card {
  display: grid;
  grid-template-columns: 190px 1fr;
  gap: 18px;
  align-items: center;
  padding: 14px;
  width: 100%;
}
@media (max-width: 32.5em) {
  .card {
    grid-template-columns: 1fr;
  }
}
.code {
  max-width: 220px;
  border-radius: 6px;
}
p {
  margin: 0;
}
.address {
  font-weight: 600;
  overflow-wrap: anywhere;
}
.text {
  font-family: var(--serif);
  font-size: 2rem;
  letter-spacing: 0.05em;
  line-height: 1.2;
}
.others {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
}
select {
  max-width: 100%;
  min-width: 16rem;
  min-height: 44px;
}
</style>
