<script setup lang="ts">
import ChoicePills from '../kit/ChoicePills.vue';
import { isOvernight, type WearTime } from '@amber-ladle/core/mask';
import { message } from '@amber-ladle/core/message';
import type { WearLength } from './useLengths';
import { useWords } from '../data/useWords';
import { dayText, writeMinutes } from '@amber-ladle/words';

const { say } = useWords();

/** How long a mask is to be worn, each length with what it costs; and where a longer one is stopped. */
defineProps<{
  lengths: readonly WearLength[];
  stopped: readonly { readonly wear: WearTime; readonly names: readonly string[] }[];
  /** What a length costs: when it would be rinsed, by its aim. */
  costs: ReadonlyMap<number, string>;
}>();
defineEmits<{ choose: [aimMinutes: number] }>();
const stoppedWords = (wear: WearTime, names: readonly string[]) =>
  isOvernight(wear)
    ? message('wear.not-overnight', { names })
    : message('wear.not-so-long', { minutes: wear.aimMinutes, names });
const nameOf = (wear: WearTime): string => (isOvernight(wear) ? dayText.overnight : writeMinutes(wear.aimMinutes));
</script>

<template>
  <div v-if="lengths.length > 0" class="lengths" data-test="lengths">
    <div class="row" role="group" :aria-label="dayText.howLong">
      <span class="quiet">{{ dayText.worn }}</span>
      <ChoicePills
        v-slot="{ one: { wear } }"
        :of="lengths"
        look="big"
        :is-chosen="({ isChosen }) => isChosen"
        @choose="({ wear }) => $emit('choose', wear.aimMinutes)"
      >
        {{ nameOf(wear)
        }}<span v-if="costs.get(wear.aimMinutes)" class="figures cost">{{ costs.get(wear.aimMinutes) }}</span>
      </ChoicePills>
    </div>
    <p v-for="{ wear, names } in stopped" :key="wear.aimMinutes" class="quiet stopped">
      {{ say(stoppedWords(wear, names)) }}
    </p>
  </div>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}
.row :deep(.pill) {
  min-height: 52px;
  padding: 4px 18px;
  border-radius: 26px;
  display: inline-flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  line-height: 1.2;
}
.cost {
  font-size: 0.88rem;
  font-weight: 400;
}
.stopped {
  margin: 6px 0 0;
}
</style>
