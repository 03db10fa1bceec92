<script setup lang="ts">
import { api, PHOTO_MOMENTS, type Head, type Photo } from '@amber-ladle/contract';
import { computed, ref } from 'vue';
import { v4 as newId } from 'uuid';
import PhotoCompare from './PhotoCompare.vue';
import { call, linkTo } from '../data/client';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { usePaged } from '../data/paged';
import { notesText, writeShortDay } from '@amber-ladle/words';

/** Pictures of a head, two of them side by side. They stay in this house. */
const { head } = defineProps<{ head: Head }>();
const household = useHousehold();
const notice = useNotice();
const PER_PAGE = 40;
const { page, readMore, again } = usePaged(
  () => ({
    of: `pictures of ${head.id}`,
    changesWith: api.photos.ofHead.changesWith,
    ask: (offset, limit) => call(api.photos.ofHead, { params: { id: head.id }, query: { offset, limit } }),
  }),
  PER_PAGE,
);
const photos = computed<readonly Photo[]>(() => page.value?.items ?? []);
const first = computed(() => page.value?.first);
const total = computed(() => page.value?.total ?? 0);
const isReady = computed(() => page.value !== undefined);

const MOMENT_WORDS = { before: notesText.before, after: notesText.after, length: notesText.lengthKind } as const;
const moments = PHOTO_MOMENTS.map((value) => ({ value, title: MOMENT_WORDS[value] }));
const moment = ref<Photo['moment']>('after');
const words = (photo: Photo): string =>
  `${writeShortDay(photo.at, household.where)}, ${MOMENT_WORDS[photo.moment]}${photo.words ? `: ${photo.words}` : ''}`;

/** The earliest beside the newest, until others are chosen. */
const leftId = ref<string>();
const rightId = ref<string>();
/** What can be chosen: those on the page, and the very first. */
const known = computed(() => {
  const start = first.value;
  return start && !photos.value.some(({ id }) => id === start.id) ? [...photos.value, start] : photos.value;
});
const byId = (id: string | undefined): Photo | undefined => known.value.find((photo) => photo.id === id);
const left = computed(() => byId(leftId.value) ?? known.value.at(-1));
const right = computed(() => byId(rightId.value) ?? photos.value[0]);
const items = computed(() => known.value.map((photo) => ({ value: photo.id, title: words(photo) })));

const isSending = ref(false);
async function bring(event: Event): Promise<void> {
  const field = event.target as HTMLInputElement;
  const files = [...(field.files ?? [])];
  isSending.value = true;
  try {
    for (const file of files) {
      const photo = await call(api.photos.add, {
        params: { id: head.id },
        query: { id: newId(), at: household.now().toISOString(), moment: moment.value, words: '' },
        body: file.type.startsWith('image/') ? file : new Blob([file]),
      });
      leftId.value ??= left.value?.id;
      rightId.value = photo.id;
    }
    if (files.length > 0) notice.show(notesText.picturesAreIn(files.length));
  } catch (error) {
    notice.fail(error);
  } finally {
    isSending.value = false;
    field.value = '';
    await again();
  }
}
async function remove(photo: Photo): Promise<void> {
  try {
    await call(api.photos.remove, { params: { id: photo.id } });
    await again();
    notice.show(notesText.thePictureIsTaken, async () => {
      await call(api.photos.restore, { params: { id: photo.id } });
      await again();
    });
  } catch (error) {
    notice.fail(error);
  }
}
async function keepCrop(photo: Photo | undefined, crop: Photo['crop']): Promise<void> {
  if (!photo) return;
  try {
    await call(api.photos.change, { params: { id: photo.id }, body: { crop } });
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <section aria-labelledby="photos">
    <h2 id="photos">{{ notesText.pictures }}</h2>
    <div class="line">
      <v-select v-model="moment" :items="moments" :label="notesText.aPicture" class="moment" hide-details />
      <label class="choose">
        <span class="sr-only">{{ notesText.picturesOf(head.name) }}</span>
        <input
          type="file"
          accept="image/jpeg,image/png,image/webp,image/avif,image/tiff"
          multiple
          :disabled="isSending"
          @change="bring"
        />
      </label>
    </div>
    <p class="quiet">
      {{ notesText.theyStay }}
    </p>
    <p v-if="isReady && photos.length === 0">{{ notesText.noPictureYetTake }}</p>
    <template v-if="left && right && left.id !== right.id">
      <div class="line">
        <v-select
          :model-value="left.id"
          :items="items"
          :label="notesText.left"
          class="which"
          hide-details
          @update:model-value="leftId = $event"
        />
        <v-select
          :model-value="right.id"
          :items="items"
          :label="notesText.right"
          class="which"
          hide-details
          @update:model-value="rightId = $event"
        />
      </div>
      <PhotoCompare
        :key="`${left.id} ${right.id}`"
        :left="left"
        :right="right"
        :left-words="words(left)"
        :right-words="words(right)"
        @crop="(side, crop) => keepCrop(side === 'left' ? left : right, crop)"
      />
    </template>
    <ul class="plain-list all" data-test="photos">
      <li v-for="photo in photos" :key="photo.id">
        <button
          type="button"
          class="thumb"
          :aria-label="notesText.rightPicture(words(photo))"
          @click="rightId = photo.id"
        >
          <img
            :src="linkTo(api.photos.picture, { id: photo.id, size: 'small' })"
            :alt="words(photo)"
            loading="lazy"
            :width="photo.width"
            :height="photo.height"
          />
        </button>
        <span class="figures">{{ words(photo) }}</span>
        <button type="button" class="tool" :aria-label="notesText.takeOutPicture(words(photo))" @click="remove(photo)">
          {{ notesText.takeOutButton }}
        </button>
      </li>
    </ul>
    <v-btn v-if="photos.length < total" variant="tonal" color="primary" @click="readMore">{{
      notesText.more(total - photos.length)
    }}</v-btn>
  </section>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  margin: 8px 0;
}
.moment {
  max-width: 150px;
  min-width: 130px;
}
.which {
  max-width: 320px;
  min-width: 220px;
}
.all {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 14px;
  margin-top: 18px;
}
.thumb {
  display: block;
  width: 100%;
  padding: 0;
  border: 1px solid var(--rule);
  border-radius: 6px;
  overflow: hidden;
  background: none;
  cursor: pointer;
}
.thumb img {
  padding: 6px;
  border: 1.2px solid var(--ink-line);
  border-radius: 3px 5px 4px 6px;
  background: #fffdf7;
  display: block;
  width: 100%;
  height: 150px;
  object-fit: cover;
}
.all span {
  font-size: 0.92rem;
}
</style>
