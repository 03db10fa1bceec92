<script setup lang="ts">
import { api, type Head, type HeadLearning } from '@amber-ladle/contract';
import type { FactorStep } from '@amber-ladle/core/learn';
import { evidenceWords, notesText, writeShortDay } from '@amber-ladle/words';
import { computed } from 'vue';
import { call } from '../data/client';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';

/** What each bowl taught, the newest first; and all of it forgotten, if she wants. */
const { head, steps, evidence } = defineProps<{
  head: Head;
  /** What was believed before any bowl, and after each. */
  steps: readonly FactorStep[];
  /** The bowls, the earliest first. */
  evidence: HeadLearning['evidence'];
}>();
const household = useHousehold();
const notice = useNotice();
const rows = computed(() =>
  steps
    .flatMap((step, i) => {
      const one = evidence[i - 1];
      return one ? [{ step, one }] : [];
    })
    .reverse(),
);

async function forget(): Promise<void> {
  try {
    await call(api.notes.forget, { params: { id: head.id } });
    notice.show(notesText.fromNow(head.name), async () => {
      await call(api.notes.remember, { params: { id: head.id } });
    });
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <details>
    <summary>{{ notesText.bowlByBowl }}</summary>
    <table class="figures" data-test="taught">
      <thead>
        <tr>
          <th scope="col">{{ notesText.worn }}</th>
          <th scope="col">{{ notesText.bowl }}</th>
          <th scope="col">{{ notesText.itTaught }}</th>
          <th scope="col">{{ notesText.afterIt }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ step, one } in rows" :key="one.bowlId ?? one.maskId">
          <td>{{ writeShortDay(one.at, household.where) }}</td>
          <td>
            <RouterLink v-if="one.bowlId" class="quiet-link" :to="{ name: 'kept-bowl', params: { id: one.bowlId } }">{{
              one.maskName
            }}</RouterLink>
            <template v-else>
              <RouterLink class="quiet-link" :to="{ name: 'mask', params: { id: one.maskId } }">{{
                one.maskName
              }}</RouterLink>
              {{ notesText.asSheWritesIt }}
            </template>
          </td>
          <td>{{ evidenceWords(one) }}</td>
          <td>{{ step.low.toFixed(2) }} – {{ step.high.toFixed(2) }}</td>
        </tr>
      </tbody>
    </table>
    <p class="quiet">
      {{ notesText.aBowlCounts }}
      <button type="button" class="tool" @click="forget">{{ notesText.forgetAllAndBegin }}</button>
    </p>
  </details>
</template>
