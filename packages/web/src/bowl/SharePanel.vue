<script setup lang="ts">
import { bowlText } from '@amber-ladle/words';
import TogglePill from '../kit/TogglePill.vue';
import ChoicePills from '../kit/ChoicePills.vue';
import type { Head } from '@amber-ladle/contract';
import type { TogetherOrApart } from '@amber-ladle/core/batch';
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed } from 'vue';

/** Who else is served: from one bowl, or from a bowl each, with what the difference comes to. */
const { candidates, chosenIds, compared } = defineProps<{
  /** The household's other heads. */
  candidates: readonly Head[];
  chosenIds: readonly string[];
  compared: TogetherOrApart | undefined;
}>();
const emit = defineEmits<{ toggle: [headId: string] }>();
const isApart = defineModel<boolean>({ required: true });

const words = computed(() => {
  if (!compared) return '';
  const { togetherMillilitres, apartMillilitres, togetherCut, apartCut } = compared;
  const [together, apart] = [kitchenRound(togetherMillilitres), kitchenRound(apartMillilitres)];
  const saved = Math.max(0, apart - together);
  const cut = apartCut - togetherCut;
  const pieces = cut > 0 ? bowlText.andLeavesCutFewer(cut) : '';
  return (
    bowlText.oneBowlMl(together, apart) +
    (saved > 0 ? bowlText.oneSavesMl(saved, pieces) : bowlText.thereIsNothingBetween)
  );
});
</script>

<template>
  <div v-if="candidates.length > 0" class="share">
    <div class="line" role="group" :aria-label="bowlText.alsoFor">
      <span class="quiet">{{ bowlText.alsoForBeside }}</span>
      <ChoicePills
        :of="candidates"
        :says="(person) => person.name"
        :is-chosen="(person) => chosenIds.includes(person.id)"
        @choose="(person) => emit('toggle', person.id)"
      />
    </div>
    <template v-if="chosenIds.length > 0">
      <div class="line" role="group" :aria-label="bowlText.oneBowl">
        <TogglePill :is-on="!isApart" @toggle="isApart = false">{{ bowlText.aBowlForAll }}</TogglePill>
        <TogglePill :is-on="isApart" @toggle="isApart = true">{{ bowlText.aBowlEach }}</TogglePill>
      </div>
      <p class="figures words" aria-live="polite" data-test="share">{{ words || bowlText.comparing }}</p>
    </template>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
  margin-bottom: 8px;
}
.words {
  margin: 0 0 8px;
  font-size: 0.95rem;
}
</style>
