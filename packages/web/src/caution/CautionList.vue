<script setup lang="ts">
import { inARow } from '../data/inARow';
import { cautionText } from '@amber-ladle/words';
import { SOURCES } from '@amber-ladle/core/source';
import { defineAsyncComponent } from 'vue';
import type { NamedCaution } from './useCautions';
import { useWords } from '../data/useWords';

const DecisionField = defineAsyncComponent(() => import('./DecisionField.vue'));
const { say } = useWords();

/** Cautions, calm and specific: stops first and always there, the rest unfolds. */
const {
  cautions,
  shared = false,
  decisions = undefined,
} = defineProps<{
  cautions: readonly NamedCaution[];
  /** More than one head: then each caution says whose it is. */
  shared?: boolean;
  /** What was decided against stops so far, by rule; left out where nothing is decided here. */
  decisions?: Readonly<Record<string, string>> | undefined;
}>();
const emit = defineEmits<{ decide: [ruleId: string, words: string] }>();
const sourceOf = ({ source }: NamedCaution): string =>
  `${SOURCES[source].title}${SOURCES[source].fromMemory ? cautionText.fromMemory : ''}`;
const GRAVE = new Set(['stop', 'caution']);
</script>

<template>
  <div v-if="cautions.length > 0" class="cautions" data-test="cautions">
    <ul class="plain-list">
      <li
        v-for="one in cautions.filter(({ severity }) => GRAVE.has(severity))"
        :key="one.id + say(one.what)"
        :class="one.severity"
      >
        <b v-if="one.severity === 'stop'">{{ cautionText.stop }} </b><template v-if="shared"
          >{{ inARow(one.names) }}: </template
        ><span :title="sourceOf(one)">{{ say(one.what) }}</span>
        <DecisionField
          v-if="one.severity === 'stop' && decisions"
          :model-value="decisions[one.id] ?? ''"
          @update:model-value="emit('decide', one.id, $event)"
        />
      </li>
    </ul>
    <details v-if="cautions.some(({ severity }) => severity === 'note')">
      <summary>{{ cautionText.goodToKnow }}</summary>
      <ul class="plain-list">
        <li v-for="one in cautions.filter(({ severity }) => severity === 'note')" :key="one.id + say(one.what)">
          <span :title="sourceOf(one)">{{ say(one.what) }}</span>
        </li>
      </ul>
    </details>
  </div>
</template>

<style scoped>
li {
  padding: 4px 0 4px 12px;
  margin: 4px 0;
}
li.stop {
  border-left: 5px solid var(--clay);
}
li.stop b {
  color: var(--clay);
}
li.caution {
  border-left: 3px solid var(--amber-fill);
}
</style>
