<script setup lang="ts">
import type { Head, StopDecision } from '@amber-ladle/contract';
import type { CautionPlace } from '@amber-ladle/core/judge';
import type { Mask } from '@amber-ladle/core/mask';
import { computed, ref, toRef, watch } from 'vue';
import CautionList from './CautionList.vue';
import { useCautions } from './useCautions';

/** What to be careful about for these heads and this mask; where it may be decided, what is said against each stop. */
const props = defineProps<{ mask: Mask; heads: readonly Head[]; place: CautionPlace; decides?: boolean }>();
const emit = defineEmits<{
  /** What was decided so far, and how many stops are still without a word. */
  decided: [decisions: StopDecision[], open: number];
}>();
const cautions = useCautions(toRef(props, 'mask'), toRef(props, 'heads'), props.place);
const words = ref<Record<string, string>>({});
const LEAST = 3;
// A word said for one mask and one head is not said for another.
watch(
  () => [props.mask.id, ...props.heads.map(({ id }) => id)].join(' '),
  () => (words.value = {}),
);
const stops = computed(() => cautions.value.filter(({ severity }) => severity === 'stop').map(({ id }) => id));
watch(
  [stops, words],
  () => {
    const said = stops.value.flatMap((ruleId) => {
      const text = words.value[ruleId]?.trim() ?? '';
      return text.length >= LEAST ? [{ ruleId, words: text }] : [];
    });
    emit('decided', said, new Set(stops.value).size - said.length);
  },
  { immediate: true },
);
</script>

<template>
  <CautionList
    :cautions="cautions"
    :shared="heads.length > 1"
    :decisions="decides ? words : undefined"
    @decide="(ruleId, text) => (words = { ...words, [ruleId]: text })"
  />
</template>
