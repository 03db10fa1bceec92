<script setup lang="ts">
import { reasonOf } from '../data/reason';
import { appText } from '@amber-ladle/words';
import { usePreferredDark } from '@vueuse/core';
import { computed, defineAsyncComponent, onMounted, ref, useTemplateRef, watch, watchEffect } from 'vue';
import { useRouter } from 'vue-router';
import { useTheme } from 'vuetify';
import { firstCard } from '../kit/firstCard';
import { useKeys, type KeyAction } from '../kit/useKeys';
import HowThingsAre from './HowThingsAre.vue';
import PathNav from './PathNav.vue';
import { PATH } from './router';
import { useKeptHere } from '../kit/useKeptHere';
import { useHousehold } from '../data/household';

/** Not needed for the first look at a screen; what may have to say that the server has gone is fetched before it does. */
const HelpDialog = defineAsyncComponent(() => import('./HelpDialog.vue'));
const NoticeBar = defineAsyncComponent(() => import('./NoticeBar.vue'));
const RunningRibbon = defineAsyncComponent(() => import('./RunningRibbon.vue'));

const household = useHousehold();
const router = useRouter();
/** Which screen has come, for those who hear it; the first one is read by itself. */
const announced = ref('');
router.afterEach((to, from) => {
  if (from.name !== undefined) firstCard.dismiss();
  const { title } = to.meta;
  if (from.name !== undefined && to.name !== from.name && typeof title === 'string') announced.value = title;
});
// Before anything is asked: what is answered is kept from the first on.
useKeptHere();
const theme = useTheme();
const prefersDark = usePreferredDark();
const failure = ref('');
/** What came with the page keeps its place until the page has its own. */
const { isShown: isFirstShown } = firstCard;
const place = useTemplateRef<HTMLElement>('place');
onMounted(() => {
  if (firstCard.element) place.value?.append(firstCard.element);
});
const isHelpOpen = ref(false);
/** Fetched when it is first asked for. */
const wasHelpOpen = ref(false);
watch(isHelpOpen, () => (wasHelpOpen.value = true));

const light = computed(() => {
  const { theme: chosen } = household.settings;
  return chosen === 'as-device' ? (prefersDark.value ? 'evening' : 'linen') : chosen;
});
watchEffect(() => {
  void theme.change(light.value);
});
// Whoever reads it aloud, hyphenates or translates it goes by this.
watchEffect(() => {
  document.documentElement.lang = household.where.locale;
});

const actions: KeyAction[] = [
  { keys: ['0'], does: appText.today, run: () => void router.push({ name: 'today' }) },
  ...PATH.map(({ key, title, name }) => ({ keys: [key], does: title, run: () => void router.push({ name }) })),
  { keys: ['?'], does: appText.helpWithThisScreen, run: () => (isHelpOpen.value = true) },
];
useKeys(actions);
const shownActions: KeyAction[] = [
  ...actions,
  {
    keys: ['+', '-'],
    does: appText.onBowlMore,
    run: () => undefined,
  },
  { keys: ['k'], does: appText.onBowlKeepIt, run: () => undefined },
  { keys: [' ', 'Backspace'], does: appText.onMakeAndWear, run: () => undefined },
  { keys: ['ArrowDown', 'ArrowUp'], does: appText.onShelfFromLane, run: () => undefined },
];

async function load(): Promise<void> {
  failure.value = '';
  try {
    await household.load();
    // Where nobody is known yet, the bench says more than an empty page.
    await router.isReady();
    if (household.heads.length === 0 && household.bowls.total === 0 && router.currentRoute.value.name === 'today')
      await router.replace({ name: 'bowl' });
  } catch (error) {
    firstCard.dismiss();
    failure.value = reasonOf(error);
  }
}
// Asked before anything is drawn: the answers are on their way meanwhile.
void load();
</script>

<template>
  <v-app>
    <a class="skip" href="#main">{{ appText.skipToThePage }}</a>
    <PathNav @help="isHelpOpen = true" />
    <HowThingsAre v-if="household.isReady" />
    <RunningRibbon v-if="household.isReady" />
    <v-main id="main" tag="main" tabindex="-1" :class="{ unfolding: isFirstShown }">
      <div v-if="isFirstShown" ref="place" class="came" />
      <div v-if="failure" class="page" role="alert">
        <h1>{{ appText.amberLadlesServerDoes }}</h1>
        <p>{{ failure }}</p>
        <v-btn color="primary" @click="load">{{ appText.tryAgain }}</v-btn>
      </div>
      <RouterView v-else-if="household.isReady" />
    </v-main>
    <p class="sr-only" role="status" data-test="announced">{{ announced }}</p>
    <NoticeBar v-if="household.isReady" />
    <HelpDialog v-if="wasHelpOpen" v-model="isHelpOpen" :actions="shownActions" />
  </v-app>
</template>

<style scoped>
.skip {
  position: absolute;
  left: -999px;
}
.skip:focus {
  left: 8px;
  top: 8px;
  z-index: 3000;
  background: rgb(var(--v-theme-surface));
  padding: 8px 12px;
}
.unfolding > :deep(:not(.came)) {
  display: none;
}
main:focus {
  outline: none;
}
</style>
