<script setup lang="ts">
import type { FileAnswer } from '@amber-ladle/contract';
import { computed, ref, shallowRef } from 'vue';
import { ask } from '../api/client';
import { useNotice } from '../stores/notice';

/** Stock out as tables and a calendar; tables in, looked over first, then all or nothing. */
const notice = useNotice();
const text = ref('');
const answer = shallowRef<FileAnswer>();
const isBusy = ref(false);
const MOST = 200_000;

async function send(isForReal: boolean): Promise<void> {
  isBusy.value = true;
  try {
    answer.value = await ask<FileAnswer>('POST', '/files/stock', { text: text.value, isForReal });
    if (answer.value.isDone) notice.show(`${answer.value.rows} ${answer.value.kind} came in.`);
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
  if (file.size > MOST) {
    notice.fail(new Error('That file is larger than a shelf can be.'));
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
    <p>
      <a class="quiet-link" href="/api/files/lots.csv" download>Lots as a table</a> ·
      <a class="quiet-link" href="/api/files/movements.csv" download>Movements as a table</a> ·
      <a class="quiet-link" href="/api/calendar.ics" download>Windows as a calendar</a>
    </p>
    <label class="choose"
      >Read a table in
      <input type="file" accept=".csv,text/csv" @change="choose" />
    </label>
    <div aria-live="polite" data-test="import">
      <template v-if="answer">
        <p v-if="answer.isDone">{{ answer.rows }} {{ answer.kind }} are in.</p>
        <p v-else-if="answer.rows === 0 && answer.faults.length === 0">Nothing is in that file.</p>
        <p v-else-if="answer.faults.length === 0">{{ answer.rows }} {{ answer.kind }}, all in order.</p>
        <template v-else>
          <p class="alert">Nothing was taken in. Mend these first:</p>
          <ul class="plain-list">
            <li v-for="(fault, i) in answer.faults.slice(0, 12)" :key="i">
              <b v-if="fault.line > 0" class="figures"
                >line {{ fault.line }}<template v-if="fault.column">, {{ fault.column }}</template
                >:</b
              >
              {{ fault.words }}
            </li>
          </ul>
          <p v-if="answer.faults.length > 12" class="quiet">and {{ answer.faults.length - 12 }} more</p>
        </template>
        <v-btn v-if="canTake" color="primary" :loading="isBusy" @click="send(true)">Take them in</v-btn>
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
input {
  font: inherit;
  color: var(--quiet);
  max-width: 100%;
}
input::file-selector-button {
  min-height: 44px;
  padding: 0 18px;
  margin-right: 12px;
  border: 1px solid var(--quiet);
  border-radius: 22px;
  background: transparent;
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}
.alert {
  color: var(--clay);
}
</style>
