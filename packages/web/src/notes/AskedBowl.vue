<script setup lang="ts">
import { notesText, askWords, writeDay } from '@amber-ladle/words';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { useHousehold } from '../data/household';
import ChoicePills from '../kit/ChoicePills.vue';
import { MaskPicture } from '../kit/ink';
import LogEditor from './LogEditor.vue';
import { keyOf, useAsked } from './useAsked';

/** The bowl just worn: what is asked of it, and the page to write in. */
const household = useHousehold();
const route = useRoute();
const said = (name: string): string | undefined =>
  route.query[name] === undefined ? undefined : String(route.query[name]);
const { open, chosen, shown, notNow } = useAsked(computed(() => ({ bowlId: said('bowl'), headId: said('head') })));
const shownMask = computed(() => household.maskById(shown.value?.facts.maskId));
const day = (at: string): string => writeDay(at, household.now(), household.where);
const asks = computed(() => (shown.value ? askWords(shown.value.wants, shown.value.facts) : ''));
</script>

<template>
  <section v-if="shown" class="paper ask" aria-labelledby="asks" data-test="open-log">
    <div class="top">
      <MaskPicture v-if="shownMask" :parts="shownMask.parts" :catalogue="household.catalogue" :size="76" />
      <div class="what">
        <h2 id="asks">{{ asks }}</h2>
        <p class="quiet">
          <RouterLink class="quiet-link" :to="{ name: 'kept-bowl', params: { id: shown.bowlId } }">{{
            shown.facts.maskName
          }}</RouterLink>
          {{ notesText.wornLine(day(shown.at)) }}
        </p>
      </div>
      <v-btn variant="text" color="primary" @click="notNow">{{ notesText.doNotAskAgain }}</v-btn>
    </div>
    <div v-if="open.length > 1" class="others" role="group" :aria-label="notesText.whichBowl">
      <ChoicePills
        v-slot="{ one }"
        :of="open"
        :is-chosen="(one) => chosen === keyOf(one)"
        @choose="(one) => (chosen = keyOf(one))"
      >
        {{ one.facts.headName }}, {{ day(one.at) }}
      </ChoicePills>
    </div>
    <LogEditor :key="`${keyOf(shown)} ${shown.wants}`" :page="shown" :begin="shown.wants" />
  </section>
</template>

<style scoped>
.ask {
  padding: 14px 20px;
  margin: 10px 0 22px;
  border-left: 5px solid var(--amber-fill);
}
.top {
  display: flex;
  justify-content: space-between;
  flex-wrap: wrap;
  align-items: flex-start;
  gap: 4px 16px;
}
.what {
  flex: 1 1 12rem;
}
.top p {
  margin: 2px 0 8px;
}
.others {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 6px 0 10px;
}
</style>
