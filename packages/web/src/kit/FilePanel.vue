<script setup lang="ts">
import { kitText } from '@amber-ladle/words';
import { api, type FileAnswer } from '@amber-ladle/contract';
import { computed, ref, shallowRef } from 'vue';
import { call } from '../data/client';
import { useNotice } from '../data/notice';

/** A table read in: looked over first, then all of it or nothing. What goes out stands in the slot. */
const { endpoint, most, label } = defineProps<{
  endpoint: typeof api.stock.readFile;
  most: number;
  label: string;
}>();
const notice = useNotice();
const text = ref('');
const answer = shallowRef<FileAnswer>();
const isBusy = ref(false);

async function send(isForReal: boolean): Promise<void> {
  isBusy.value = true;
  try {
    answer.value = await call(endpoint, { body: { text: text.value, isForReal } });
    if (answer.value.isDone) notice.show(kitText.cameIn(answer.value.rows, answer.value.kind));
  } catch (error) {
    answer.value = undefined;
    notice.fail(error);
  } finally {
    isBusy.value = false;
  }
}
async function choose(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0];
  answer.value = undefined;
  if (!file) return;
  if (file.size > most) {
    notice.fail(new Error(kitText.thatFileIsLarger));
    return;
  }
  text.value = await file.text();
  await send(false);
}
const canTake = computed(
  () => answer.value && answer.value.faults.length === 0 && !answer.value.isDone && answer.value.rows > 0,
);
</script>

<template>
  <div class="files">
    <slot />
    <label class="choose"
      >{{ label }}
      <input type="file" accept=".csv,text/csv" @change="choose" />
    </label>
    <div aria-live="polite" data-test="import">
      <template v-if="answer">
        <p v-if="answer.isDone">{{ kitText.areIn(answer.rows, answer.kind) }}</p>
        <p v-else-if="answer.rows === 0 && answer.faults.length === 0">{{ kitText.nothingIs }}</p>
        <p v-else-if="answer.faults.length === 0">{{ kitText.allInOrder(answer.rows, answer.kind) }}</p>
        <template v-else>
          <p class="alert">{{ kitText.nothingWasTaken }}</p>
          <ul class="plain-list">
            <li v-for="(fault, i) in answer.faults.slice(0, 12)" :key="i">
              <b v-if="fault.line > 0" class="figures"
                >{{ kitText.line(fault.line) }}<template v-if="fault.column">, {{ fault.column }}</template
                >:</b
              >
              {{ fault.words }}
            </li>
          </ul>
          <p v-if="answer.faults.length > 12" class="quiet">{{ kitText.andMore(answer.faults.length - 12) }}</p>
        </template>
        <v-btn v-if="canTake" color="primary" :loading="isBusy" @click="send(true)">{{ kitText.takeThemIn }}</v-btn>
      </template>
    </div>
  </div>
</template>

<style scoped>
.choose {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  min-height: 44px;
}
.alert {
  color: var(--clay);
}
</style>
