<script setup lang="ts">
import { type WearLog, limitsOf, wearLogSchema } from '@amber-ladle/contract';
import { CONFOUNDERS, SHEDDING, type Confounder } from '@amber-ladle/core/learn';
import { CHANGE_WORDS, notesText, SHED_WORDS } from '@amber-ladle/words';
import { ref } from 'vue';
import AskedRow from './AskedRow.vue';
import ChoicePills from '../kit/ChoicePills.vue';

/** What else changed around a bowl, and what is to be otherwise; folded, as most bowls need none of it. */
const limits = limitsOf(wearLogSchema);
const { log } = defineProps<{ log: WearLog }>();
const emit = defineEmits<{ change: [part: Partial<WearLog>] }>();

function toggle(what: Confounder): void {
  const { changes } = log;
  emit('change', { changes: changes.includes(what) ? changes.filter((one) => one !== what) : [...changes, what] });
}
const countFault = ref('');
function countShed(written: string): void {
  const count = Number(written);
  const isNone = written.trim() === '';
  countFault.value = isNone || (Number.isInteger(count) && count >= 0 && count <= 2000) ? '' : notesText.wholeUpTo2000;
  if (!countFault.value) emit('change', { shedCount: isNone ? undefined : count });
}
</script>

<template>
  <details>
    <summary>{{ notesText.whatElseChanges }}</summary>
    <AskedRow :asks="notesText.changedToo" :says="notesText.whatElseChanged" has-many>
      <ChoicePills
        :of="CONFOUNDERS"
        :says="(what) => CHANGE_WORDS[what]"
        :is-chosen="(what) => log.changes.includes(what)"
        @choose="(what) => toggle(what)"
      />
    </AskedRow>
    <AskedRow :asks="notesText.shedHair" has-many>
      <ChoicePills
        :of="SHEDDING"
        :says="(shed) => SHED_WORDS[shed]"
        :is-chosen="(shed) => log.shed === shed"
        @choose="(shed) => emit('change', { shed: log.shed === shed ? undefined : shed })"
      />
      <v-text-field
        :model-value="log.shedCount ?? ''"
        :label="notesText.orCounted"
        inputmode="numeric"
        class="count"
        :error-messages="countFault"
        hide-details="auto"
        @change="countShed(($event.target as HTMLInputElement).value)"
      />
    </AskedRow>
    <v-text-field
      :model-value="log.toChange"
      :label="notesText.nextTimeOtherwise"
      v-bind="limits.text('toChange')"
      autocomplete="off"
      hide-details
      @change="emit('change', { toChange: ($event.target as HTMLInputElement).value.trim() })"
    />
    <v-switch
      :model-value="log.isSetAside"
      :label="notesText.setThisBowlAside"
      hide-details
      @update:model-value="emit('change', { isSetAside: Boolean($event) })"
    />
  </details>
</template>

<style scoped>
details {
  margin-top: 6px;
}
.count {
  max-width: 130px;
}
</style>
