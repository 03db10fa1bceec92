<script setup lang="ts">
import { keptText } from '@amber-ladle/words';
import { api, type Bowl, type BowlLife, type StockChange } from '@amber-ladle/contract';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { DrawDialog, useDrawPlan } from '../bowl';
import { call } from '../data/client';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useShelf } from '../data/shelf';

/** What can be done with a kept bowl: made, taken from the shelf, sized again, put on paper, put away. */
const { bowl } = defineProps<{ bowl: Bowl }>();
const life = defineModel<BowlLife | undefined>('life', { required: true });
const household = useHousehold();
const notice = useNotice();
const router = useRouter();
const shelf = useShelf();
const isDrawing = ref(false);
const drawPlan = useDrawPlan(
  computed(() => bowl.snapshot.sized),
  computed(() => household.moment),
  computed(() => bowl.snapshot.choices.makings),
);
async function draw(change: StockChange | undefined): Promise<void> {
  if (!change) return;
  try {
    life.value = await call(api.bowls.draw, { params: { id: bowl.id }, body: change });
    notice.show(keptText.takenFromTheShelf, async () => {
      await shelf.undo(change.id);
      if (life.value) life.value = { ...life.value, isDrawn: false };
    });
  } catch (error) {
    notice.fail(error);
  }
}
const print = (): void => {
  window.print();
};
async function remove(): Promise<void> {
  const removed = bowl.id;
  try {
    await household.removeBowl(removed);
    notice.show(keptText.theBowlIsPut, () => household.restoreBowl(removed));
    await router.push({ name: 'notes', query: { look: 'log' } });
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <p class="actions no-print">
    <v-btn v-if="!life?.endedAt" color="primary" :to="{ name: 'make', query: { bowl: bowl.id } }">{{
      keptText.makeIt
    }}</v-btn>
    <v-btn
      v-if="life && !life.isDrawn && !life.endedAt && drawPlan.hasAny.value"
      variant="tonal"
      color="primary"
      @click="isDrawing = true"
    >
      {{ keptText.takeFromTheShelf }}
    </v-btn>
    <v-btn variant="text" color="primary" :to="{ name: 'label', params: { id: bowl.id } }">{{
      keptText.jarLabel
    }}</v-btn>
    <v-btn
      v-if="!life?.endedAt"
      variant="tonal"
      color="primary"
      :to="{ name: 'bowl', query: { head: bowl.headId, mask: bowl.maskId } }"
    >
      {{ keptText.sizeItAgain }}
    </v-btn>
    <v-btn variant="text" @click="print">{{ keptText.printTheCard }}</v-btn>
    <v-btn variant="text" color="error" @click="remove">{{ keptText.putAway }}</v-btn>
  </p>
  <DrawDialog
    v-model="isDrawing"
    :draw-plan="drawPlan"
    :note="keptText.maskForHead(bowl.maskName, bowl.headName)"
    :confirm="keptText.takeThese"
    @take="draw"
  />
</template>

<style scoped>
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 20px;
}
</style>
