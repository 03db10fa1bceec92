<script setup lang="ts">
import { MOST_PASTED, readFormula, type FormulaDraft } from '@amber-ladle/core/exchange';
import { computed, ref } from 'vue';
import { useHousehold } from '../stores/household';
import { writeNumber } from '../words/when';

/** A mask pasted as text, read into lines that are then confirmed one by one. */
const { hasDraft = false } = defineProps<{
  /** Something is being written already: it is asked whether the text joins it. */
  hasDraft?: boolean;
}>();
const emit = defineEmits<{ read: [draft: FormulaDraft, isInstead: boolean] }>();
const household = useHousehold();
const isOpen = ref(false);
const text = ref('');

const tooLong = ref('');
/** A book would stall the field: it is refused before it is in it, and what was there stays. */
function onPaste(event: ClipboardEvent): void {
  const pasted = event.clipboardData?.getData('text') ?? '';
  const isBook = pasted.length > MOST_PASTED.characters;
  tooLong.value = isBook
    ? `That is ${writeNumber(Math.round(pasted.length / 1000) * 1000, household.where)} characters. Paste one mask at a time.`
    : '';
  if (isBook) event.preventDefault();
}

const reading = computed<{ draft?: FormulaDraft; fault?: string }>(() => {
  if (text.value.trim() === '') return {};
  try {
    return { draft: readFormula(text.value, household.catalogue, household.settings.measureSystem) };
  } catch (error) {
    return { fault: error instanceof Error ? error.message : String(error) };
  }
});
const summary = computed(() => {
  const { draft } = reading.value;
  if (!draft) return '';
  const unclear = draft.lines.filter(({ questions }) => questions.length > 0).length;
  const lines = `${draft.lines.length} ${draft.lines.length === 1 ? 'measure' : 'measures'}`;
  const asked = unclear > 0 ? `, ${unclear} to be asked about` : '';
  const uses = draft.use.readings.length;
  const used = uses > 0 ? `, ${uses} ${uses === 1 ? 'word' : 'words'} on its use` : '';
  return `Read: ${lines}${asked}, ${draft.steps.length} steps${used}${draft.name ? `, called “${draft.name}”` : ''}.`;
});
function take(isInstead: boolean): void {
  const { draft } = reading.value;
  if (!draft || draft.lines.length === 0) return;
  emit('read', draft, isInstead);
  text.value = '';
  isOpen.value = false;
}
</script>

<template>
  <v-dialog v-model="isOpen">
    <template #activator="{ props: activator }">
      <v-btn v-bind="activator" variant="tonal" color="primary">Paste a mask</v-btn>
    </template>
    <div class="paper sheet">
      <h2>Paste a mask</h2>
      <p class="quiet">
        As it was written: measures, sentences, how long, how often. Nothing counts before you have looked at the lines.
      </p>
      <v-textarea
        v-model="text"
        label="The text"
        rows="9"
        :error-messages="(tooLong || reading.fault) ?? null"
        :counter="MOST_PASTED.characters"
        class="paste"
        @paste="onPaste"
      />
      <p role="status" class="figures">{{ summary }}</p>
      <p class="actions">
        <v-btn color="primary" :disabled="!reading.draft || reading.draft.lines.length === 0" @click="take(hasDraft)">
          {{ hasDraft ? 'Look at it instead of the draft' : 'Look at the lines' }}
        </v-btn>
        <v-btn
          v-if="hasDraft"
          variant="tonal"
          color="primary"
          :disabled="!reading.draft || reading.draft.lines.length === 0"
          @click="take(false)"
        >
          Put it to the draft
        </v-btn>
        <v-btn variant="text" @click="isOpen = false">Cancel</v-btn>
      </p>
    </div>
  </v-dialog>
</template>

<style scoped>
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 12px 0 0;
}
</style>
