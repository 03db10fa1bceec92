<script setup lang="ts">
import { api, type LatelyDone, type LatelyKind } from '@amber-ladle/contract';
import { ref } from 'vue';
import { GUEST, HeadPicture } from '../head';
import IngredientById from '../kit/IngredientById.vue';
import { useRead } from '../data/answer';
import { call } from '../data/client';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useShelf } from '../data/shelf';
import { settingsText, stockDone, writeDay, writeTime } from '@amber-ladle/words';

/** What was done last and can be taken back still, long after its notice has gone. */
const household = useHousehold();
const shelf = useShelf();
const notice = useNotice();
const { value: done, again } = useRead(api.household.lately, () => ({}));

const when = (at: string): string =>
  `${writeDay(at, household.now(), household.where)}, ${writeTime(at, household.where)}`;
const WORDS: Readonly<Record<LatelyKind, (what: string, did: LatelyDone['did']) => string>> = {
  stock: stockDone,
  bowl: (what) => settingsText.bowlPutAway(what),
  head: (what) => settingsText.headRemoved(what),
  mask: (what) => settingsText.outOfTheBook(what),
  ingredient: (what) => settingsText.ingredientTakenOut(what),
  photo: (what) => settingsText.pictureTakenOut(what ? `: ${what}` : ''),
};
const BACK: Readonly<Record<LatelyKind, (id: string) => Promise<unknown>>> = {
  stock: (id) => shelf.undo(id),
  bowl: (id) => household.restoreBowl(id),
  head: (id) => household.restoreHead(id),
  mask: (id) => household.restoreMask(id),
  ingredient: (id) => household.restoreIngredient(id),
  photo: (id) => call(api.photos.restore, { params: { id } }),
};
const busyWith = ref('');
async function takeBack({ kind, id }: LatelyDone): Promise<void> {
  busyWith.value = id;
  try {
    await BACK[kind](id);
    await again();
  } catch (error) {
    notice.fail(error);
  } finally {
    busyWith.value = '';
  }
}
</script>

<template>
  <p v-if="done?.length === 0" class="quiet">{{ settingsText.nothingThatCould }}</p>
  <ul v-else-if="done" class="plain-list" data-test="lately">
    <li v-for="one in done" :key="one.kind + one.id">
      <span class="things">
        <HeadPicture v-if="one.kind === 'head' || one.kind === 'photo'" :head="GUEST" :size="36" />
        <IngredientById v-for="id in one.things" v-else :id="id" :key="id" :size="30" />
      </span>
      <span class="what"
        >{{ WORDS[one.kind](one.what, one.did) }} <span class="quiet figures">{{ when(one.at) }}</span></span
      >
      <button
        type="button"
        class="pill"
        :disabled="busyWith === one.id"
        :aria-label="settingsText.takeBack(WORDS[one.kind](one.what, one.did))"
        @click="takeBack(one)"
      >
        {{ settingsText.takeBackButton }}
      </button>
    </li>
  </ul>
</template>

<style scoped>
.things {
  display: flex;
  flex: none;
  justify-content: center;
  width: 96px;
}
.what {
  flex: 1 1 9em;
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}
.pill {
  flex: none;
}
</style>
