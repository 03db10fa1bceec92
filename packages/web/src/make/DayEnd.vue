<script setup lang="ts">
import { makeText } from '@amber-ladle/words';
import { api, type Bowl, type BowlLife, type WashDay } from '@amber-ladle/contract';
import { useRouter } from 'vue-router';
import { computed } from 'vue';
import { DayRecord } from '../day';
import { LeftOverPanel } from '../day';
import { useAnswer } from '../data/answer';
import { call } from '../data/client';
import { useNotice } from '../data/notice';
import { useWashDay } from '../data/washday';

/** Everybody is rinsed: what is left of each bowl, what happened, and the day is closed. */
const { day } = defineProps<{ day: WashDay }>();
const store = useWashDay();
const notice = useNotice();
const router = useRouter();
const { value, know } = useAnswer(() => ({
  key: [`bowls ${day.bowlIds.join()}`],
  changesWith: api.bowls.one.changesWith,
  ask: () => Promise.all(day.bowlIds.map((id) => call(api.bowls.one, { params: { id } }))),
}));
const bowls = computed<readonly Bowl[]>(() => value.value ?? []);
const open = computed(() =>
  bowls.value.filter(({ life }) => life && !life.endedAt && (life.leftOver?.fate ?? 'undecided') === 'undecided'),
);
const onLife = (bowl: Bowl, life: BowlLife): void => {
  know(bowls.value.map((one) => (one.id === bowl.id ? { ...one, life } : one)));
};
async function close(): Promise<void> {
  try {
    const [first] = bowls.value;
    await store.end();
    notice.show(makeText.theWashDay);
    // What comes next on the path: the three moments.
    await router.push({ name: 'notes', ...(first ? { query: { bowl: first.id } } : {}) });
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <div class="stage">
    <p class="serif step" data-test="title">{{ makeText.rinsedThat }}</p>
    <template v-for="bowl in open" :key="bowl.id">
      <p v-if="bowls.length > 1" class="quiet">{{ makeText.maskForHead(bowl.maskName, bowl.headName) }}</p>
      <LeftOverPanel v-if="bowl.life" :bowl="bowl" :life="bowl.life" @life="onLife(bowl, $event)" />
    </template>
    <p class="line">
      <v-btn color="primary" min-height="64" data-test="close-day" @click="close">{{ makeText.closeTheDay }}</v-btn>
      <RouterLink
        v-for="bowl in bowls"
        :key="bowl.id"
        class="quiet-link"
        :to="{ name: 'kept-bowl', params: { id: bowl.id } }"
        >{{ makeText.maskForHead(bowl.maskName, bowl.headName) }}</RouterLink
      >
    </p>
    <h2>{{ makeText.whatHappened }}</h2>
    <DayRecord :day="store.begun ?? day" />
  </div>
</template>

<style scoped>
.step {
  font-size: 2.2rem;
  margin: 12px 0;
}
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 14px;
  margin: 14px 0;
}
</style>
