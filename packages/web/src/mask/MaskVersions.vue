<script setup lang="ts">
import { api, type MaskVersion } from '@amber-ladle/contract';
import type { Mask } from '@amber-ladle/core/mask';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { useRead } from '../data/answer';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { maskText, writeDay, writeTime } from '@amber-ladle/words';
import { partsInWords } from './maskFacts';

/** What a mask of one's own was before, with a way back; and the way out of the book. */
const props = defineProps<{ mask: Mask }>();
const household = useHousehold();
const notice = useNotice();
const router = useRouter();

/** On its way out of the book: nobody asks what it was before. */
const isLeaving = ref(false);
const { value } = useRead(api.masks.versions, () => (isLeaving.value ? undefined : { params: { id: props.mask.id } }), {
  isQuiet: true,
});
const versions = computed(() => value.value ?? []);
const when = (instant: string): string =>
  `${writeDay(instant, household.now(), household.where)}, ${writeTime(instant, household.where)}`;

/** An earlier version becomes the newest; nothing between them is lost. */
async function bringBack({ mask: before }: MaskVersion): Promise<void> {
  const { id: _id, version: _version, ...input } = before;
  try {
    const kept = await household.saveMask(input, props.mask);
    notice.show(maskText.versionIsBack(before.version, kept.version));
  } catch (error) {
    notice.fail(error);
  }
}
async function remove(): Promise<void> {
  const { id, name } = props.mask;
  isLeaving.value = true;
  try {
    await household.removeMask(id);
    notice.show(maskText.isOut(name), () => household.restoreMask(id));
    await router.push({ name: 'masks' });
  } catch (error) {
    isLeaving.value = false;
    notice.fail(error);
  }
}
</script>

<template>
  <section aria-labelledby="versions">
    <h2 id="versions">{{ maskText.versions }}</h2>
    <ul class="plain-list versions">
      <li v-for="one in versions" :key="one.mask.version">
        <span
          ><b>{{ maskText.version(one.mask.version) }}</b> <span class="quiet">{{ when(one.createdAt) }}</span></span
        >
        <span class="figures quiet">{{ partsInWords(one.mask.parts, household.catalogue) }}</span>
        <button
          v-if="one.mask.version !== mask.version"
          type="button"
          class="tool"
          :aria-label="maskText.bringVersionBack(one.mask.version)"
          @click="bringBack(one)"
        >
          {{ maskText.bringBack }}
        </button>
      </li>
    </ul>
    <v-btn variant="text" color="error" @click="remove">{{ maskText.takeItOut }}</v-btn>
  </section>
</template>

<style scoped>
h2 {
  margin: 16px 0 14px;
}
.versions {
  padding-left: 1.3em;
}
.versions li {
  display: grid;
  grid-template-columns: 200px 1fr auto;
  gap: 4px 16px;
  align-items: center;
  margin: 5px 0;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}
@media (max-width: 43.75em) {
  .versions li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
