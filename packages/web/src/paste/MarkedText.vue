<script setup lang="ts">
import { MOST_PASTED, type Stretch } from '@amber-ladle/core/exchange';
import { useDropZone } from '@vueuse/core';
import { computed, ref } from 'vue';
import { pasteText, MARK_WORDS, MARKED } from '@amber-ladle/words';

/** A text that can be written in, with what was read marked in its place behind the letters. */
const { stretches, fault = '' } = defineProps<{
  stretches: readonly Stretch[];
  /** Why it cannot be read. */
  fault?: string;
}>();
const text = defineModel<string>({ required: true });
const emit = defineEmits<{ file: [file: File]; tooLong: [characters: number] }>();

const runs = computed(() => {
  const all: { words: string; kind?: Stretch['kind'] }[] = [];
  let at = 0;
  for (const { from, to, kind } of stretches) {
    if (!MARKED.includes(kind)) continue;
    all.push({ words: text.value.slice(at, from) }, { words: text.value.slice(from, to), kind });
    at = to;
  }
  // A last empty line has its height too.
  all.push({ words: `${text.value.slice(at)}\n` });
  return all;
});
const kinds = computed(() => MARKED.filter((kind) => stretches.some((one) => one.kind === kind)));

/** A book would stall the field: it is refused before it is in it, and what was there stays. */
function onPaste(event: ClipboardEvent): void {
  const pasted = event.clipboardData?.getData('text') ?? '';
  if (pasted.length <= MOST_PASTED.characters) return;
  event.preventDefault();
  emit('tooLong', pasted.length);
}
const sheet = ref<HTMLElement>();
const { isOverDropZone } = useDropZone(sheet, {
  onDrop: (files) => {
    const file = files?.[0];
    if (file) emit('file', file);
  },
});
</script>

<template>
  <div>
    <div ref="sheet" class="sheet-of" :class="{ over: isOverDropZone }">
      <div class="layer behind" aria-hidden="true">
        <template v-for="(run, i) in runs" :key="i"
          ><mark v-if="run.kind" :class="run.kind">{{ run.words }}</mark
          ><template v-else>{{ run.words }}</template></template
        >
      </div>
      <textarea
        v-model="text"
        class="layer"
        :aria-label="pasteText.theText"
        spellcheck="false"
        autocomplete="off"
        :placeholder="pasteText.exampleText"
        :aria-invalid="fault !== ''"
        aria-describedby="paste-fault"
        data-test="pasted"
        @paste="onPaste"
      />
    </div>
    <p id="paste-fault" role="alert" class="fault">{{ fault }}</p>
    <p v-if="kinds.length > 0" class="legend quiet">
      <span v-for="kind in kinds" :key="kind"
        ><mark :class="kind">{{ MARK_WORDS[kind] }}</mark></span
      >
    </p>
  </div>
</template>

<style scoped>
.sheet-of {
  display: grid;
  min-height: 320px;
  border: 1px solid var(--quiet);
  border-radius: 10px;
  background: rgb(var(--v-theme-surface));
}
.sheet-of:focus-within {
  outline: 3px solid var(--amber-fill);
  outline-offset: 1px;
}
.sheet-of.over {
  border-style: dashed;
  border-color: var(--amber-fill);
}
.layer {
  grid-area: 1 / 1;
  padding: 16px 18px;
  border: 0;
  margin: 0;
  font: 400 1.08rem/1.75 var(--sans);
  letter-spacing: normal;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
  overflow: hidden;
  width: 100%;
}
textarea.layer {
  background: transparent;
  color: var(--ink);
  resize: none;
  outline: none;
}
textarea::placeholder {
  color: var(--quiet);
  opacity: 1;
}
.behind {
  color: transparent;
}
mark {
  color: transparent;
  background: transparent;
  border-radius: 3px;
  border-bottom: 2px solid transparent;
}
.legend mark {
  color: var(--ink);
}
mark.measure {
  background: color-mix(in srgb, var(--amber-fill) 34%, transparent);
}
mark.remark {
  border-bottom: 2px dotted var(--amber-fill);
}
mark.use {
  background: color-mix(in srgb, var(--leaf) 24%, transparent);
}
mark.warning {
  border-bottom: 2px solid var(--plum);
}
mark.not-understood {
  border-bottom: 2px dashed var(--clay);
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  margin: 8px 0 0;
}
.legend mark {
  padding: 0 4px;
}
.fault {
  color: var(--clay);
  font-weight: 600;
  margin: 6px 0 0;
}
.fault:empty {
  display: none;
}
</style>
