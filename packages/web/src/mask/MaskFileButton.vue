<script setup lang="ts">
import { maskText } from '@amber-ladle/words';
import { MOST_PASTED, readMaskFile } from '@amber-ladle/core/exchange';
import { ref } from 'vue';
import { useRouter } from 'vue-router';
import { layText } from './usePastedText';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';

/** A mask from a file: ours comes in whole, anybody else's as lines to be looked at. */
const household = useHousehold();
const notice = useNotice();
const router = useRouter();
const input = ref<HTMLInputElement>();

async function choose(event: Event): Promise<void> {
  const field = event.target as HTMLInputElement;
  const file = field.files?.[0];
  field.value = '';
  if (!file) return;
  try {
    if (file.size > MOST_PASTED.file) throw new Error(maskText.fileTooLarge);
    const read = readMaskFile(await file.text());
    if (read.kind === 'words') {
      const back = layText(read.text);
      if (back) notice.show(maskText.theText, back);
      await router.push({ name: 'mask-paste' });
      return;
    }
    const mask = await household.saveMask(read.mask);
    notice.show(maskText.fileIsInTheBook(mask.name), async () => {
      await household.removeMask(mask.id);
      await router.push({ name: 'masks' });
    });
    await router.push({ name: 'mask', params: { id: mask.id } });
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <span>
    <v-btn variant="text" color="primary" @click="input?.click()">{{ maskText.fromAFile }}</v-btn>
    <input
      ref="input"
      type="file"
      class="sr-only"
      accept=".json,.jsonld,.txt,.csv,.html,application/json,text/plain,text/csv,text/html"
      :aria-label="maskText.aMask"
      tabindex="-1"
      @change="choose"
    />
  </span>
</template>
