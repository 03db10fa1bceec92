<script setup lang="ts">
import TogglePill from '../kit/TogglePill.vue';
import ChoicePills from '../kit/ChoicePills.vue';
import { addDays, daysBetween, daysLater, isDay, localDay } from '@amber-ladle/core/time';
import type { HeadInput, StockChange, StopDecision } from '@amber-ladle/contract';
import { overshootOf, type SizedLine } from '@amber-ladle/core/batch';
import { OVERNIGHT_MINUTES } from '@amber-ladle/core/mask';
import { writeFraction, kitchenRound, fromMillilitres } from '@amber-ladle/core/measure';
import { PROFILE_LIMITS } from '@amber-ladle/core/hair';
import { hasPot, ingredientById } from '@amber-ladle/core/ingredient';
import { potFaults, potsOf } from '@amber-ladle/core/recipe';
import { useSessionStorage } from '@vueuse/core';
import { computed, defineAsyncComponent, nextTick, ref, watch } from 'vue';
import { v4 as newId } from 'uuid';
import { useRoute, useRouter } from 'vue-router';
import { GUEST, HeadDrawing, HeadPicture, isGuest, ProfileFields } from '../head';
import VesselDrawing from './VesselDrawing.vue';
import ChoiceRow from '../kit/ChoiceRow.vue';
import HintLine from '../kit/HintLine.vue';
import DrawDialog from './DrawDialog.vue';
import MeasuresCard from './MeasuresCard.vue';
import MindList from './MindList.vue';
import PotDialog from './PotDialog.vue';
import SharePanel from './SharePanel.vue';
import SwapMenu from './SwapMenu.vue';
import TexturePanel from './TexturePanel.vue';
import SpareSlider from './SpareSlider.vue';
import WhyDialog from './WhyDialog.vue';
import { measureOnBench, useBench } from './useBench';
import { useDrawPlan } from './useDrawPlan';
import { useKeys } from '../kit/useKeys';
import { MaskPicture } from '../kit/ink';
import { useSounds } from '../kit/sounds';
import { useRested } from '../kit/useRested';
import { useCompared, useOthers } from './useShared';
import { useShortfall } from './useShortfall';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useShelf } from '../data/shelf';
import { COVERAGE_WORDS, SLOT_WORDS, writeMinutes } from '../words/mask';
import { enoughWords } from '../words/chance';
import { overWords } from '../words/over';
import { consequenceWords, lighterWords, WISH_WORDS } from '../words/swap';
import { stepLength, writeLength } from '@amber-ladle/words';
import { whySteps } from '../words/why';
import { useWords } from '../data/useWords';
import { weekdayWord } from '../words/when';

const { say } = useWords();

/** Comes when a bowl is kept for somebody who has no name yet. */
const NameHead = defineAsyncComponent(async () => (await import('../head')).NameHead);
/** Not needed for the first look; nothing is kept before it has spoken. */
const CautionPanel = defineAsyncComponent(async () => (await import('../caution')).CautionPanel);

const household = useHousehold();
const notice = useNotice();
const route = useRoute();
const router = useRouter();

const last = useSessionStorage('amber-ladle-bench', { headId: '', maskId: '' });
const headId = computed({
  get: () => String(route.query['head'] ?? last.value.headId),
  set: (id) => void router.replace({ query: { ...route.query, head: id } }),
});
const maskId = computed({
  get: () => String(route.query['mask'] ?? last.value.maskId),
  set: (id) => void router.replace({ query: { ...route.query, mask: id } }),
});
const head = computed(() => household.headById(headId.value) ?? household.heads[0] ?? GUEST);
/** Hints are for the first bowl. */
const isFirst = computed(() => household.bowls.total === 0);
const book = computed(() => household.maskById(maskId.value) ?? household.masks[0]);
watch([head, book], () => (last.value = { headId: head.value.id, maskId: book.value?.id ?? '' }), {
  immediate: true,
});

const others = useOthers(head);
/** Those of a planned bowl are brought along. */
watch(
  () => route.query['with'],
  (ids) => {
    if (typeof ids === 'string') others.chosenIds.value = ids.split(',').filter((id) => household.headById(id));
  },
  { immediate: true },
);
const { isApart } = others;
/** Each bowl of "a bowl each" is still compared with the one bowl it could be. */
const bench = useBench(head, book, others.sharing);
/** The lengths that it may be worn, where there are several. */
const wears = computed(() =>
  bench.wears.value.map(({ aimMinutes, isChosen }) => ({
    value: aimMinutes,
    isChosen,
    title: aimMinutes > OVERNIGHT_MINUTES ? 'overnight' : `for ${writeMinutes(aimMinutes)}`,
  })),
);
const { profile, choices, mask, bowl, need, isFitting, failure, isChanged, asWritten } = bench;
const { consequences, made: swapsMade, wishes, isMissing, lighter } = bench.swaps;
const compared = useCompared(
  computed(() => {
    const wish = bench.wish.value;
    return wish && { ...wish, heads: [wish.heads[0], ...others.chosen.value] as const };
  }),
);
/** The further bowls of "a bowl each", in the order of the heads. */
const apart = computed(() =>
  isApart.value && compared.value
    ? others.chosen.value.flatMap((person, i) => {
        const own = compared.value?.apart[i + 1];
        return own ? [{ person, bowl: own }] : [];
      })
    : [],
);
const names = computed(() => [head.value, ...others.sharing.value].map((person) => person.name).join(' and '));
const { shortfall, isPending } = useShortfall(
  computed(() =>
    bowl.value && mask.value
      ? { bowl: bowl.value, mask: mask.value, weighed: Object.keys(choices.value.pieceGrams) }
      : undefined,
  ),
);
const nameOf = (id: string): string => ingredientById(household.catalogue, id).name.toLowerCase();
/** The book's own ingredient that one on the bench stands in for. */
function stoodFor(ingredientId: string): string | undefined {
  const original = bench.swaps.originalOf(ingredientId);
  return original === ingredientId ? undefined : nameOf(original);
}

function setLength(stretchedLengthCentimetres: number): void {
  if (profile.value) profile.value = { ...profile.value, stretchedLengthCentimetres };
}
function goBy(steps: number): void {
  const { min, max } = PROFILE_LIMITS.stretchedLengthCentimetres;
  const now = profile.value?.stretchedLengthCentimetres ?? min;
  setLength(Math.min(max, Math.max(min, stepLength(now, household.where.lengthIn, steps))));
}
useKeys([
  {
    keys: ['+', '='],
    repeats: true,
    does: 'a little longer',
    run: () => {
      goBy(1);
    },
  },
  {
    keys: ['-', '−'],
    repeats: true,
    does: 'a little shorter',
    run: () => {
      goBy(-1);
    },
  },
  {
    keys: ['k'],
    does: 'keep this bowl',
    run: () => {
      keepOrAsk();
    },
  },
]);

const cups = computed(() => {
  const made = bowl.value?.madeMillilitres ?? 0;
  const unit = { us: 'us-cup', metric: 'metric-cup', uk: 'uk-cup' } as const;
  const cup = fromMillilitres(made, unit[household.settings.measureSystem]);
  return cup < 0.2 ? '' : `about ${writeFraction(cup)} cup${cup > 1.06 ? 's' : ''}`;
});
const maskItems = computed(() =>
  household.masks.map((m) => ({ value: m.id, title: m.name, subtitle: `${m.texture}, ${SLOT_WORDS[m.slot]}` })),
);
const remarks = computed(() => {
  const words: string[] = [];
  if (!bowl.value || !mask.value) return words;
  for (const cap of bowl.value.brokenCaps) words.push(`Over a limit: ${say(cap.what)}.`);
  const over = choices.value.aroundId
    ? undefined
    : overshootOf(bowl.value, bowl.value.needMillilitres, household.catalogue);
  if (over) words.push(overWords(over, household.catalogue));
  for (const pot of potsOf(bowl.value.lines, household.catalogue, choices.value.makings))
    words.push(...potFaults(pot).map(say));
  if (bowl.value.outOfTolerance.length > 0)
    words.push(
      'No amounts of these pieces and spoons keep the formula for so small or so large a bowl; this is the nearest.',
    );
  if (bowl.value.gap > 0) words.push('Found in the time a kitchen has; a slightly closer bowl may exist.');
  if (mask.value.texture !== 'oil' && bowl.value.texture.texture !== mask.value.texture)
    words.push(`Comes out ${bowl.value.texture.texture} rather than ${mask.value.texture}.`);
  return words;
});

/** "Use this one up", as it was asked elsewhere: all of it goes in, and the rest follows. */
watch(
  () => [route.query['useUp'], route.query['grams'], book.value?.id] as const,
  ([ingredientId, grams, id]) => {
    const all = Number(grams);
    if (!ingredientId || !id || !(all > 0 && all <= 5000)) return;
    void nextTick(() => {
      bench.lock(String(ingredientId), all, true);
    });
    const { useUp: _useUp, grams: _grams, ...query } = route.query;
    void router.replace({ query });
  },
  { immediate: true },
);

/** The day the bowl is for: today, or one of the coming six. */
const dayOffset = ref(0);
const days = computed(() =>
  Array.from({ length: Math.max(7, dayOffset.value + 1) }, (_, i) => ({
    value: i,
    title:
      i === 0
        ? 'for today'
        : `for ${weekdayWord(addDays(localDay(household.moment, household.settings.timeZone), i), 'long', household.where)}`,
  })),
);
/** A day of the plan is brought along. */
watch(
  () => route.query['day'],
  (day) => {
    const today = localDay(household.moment, household.settings.timeZone);
    if (typeof day === 'string' && isDay(day)) dayOffset.value = Math.min(27, Math.max(0, daysBetween(today, day)));
  },
  { immediate: true },
);
const dayAt = computed(() => daysLater(household.moment, dayOffset.value, household.settings.timeZone));
const { rested: restedBowl } = useRested(bowl, 120);
const drawPlan = useDrawPlan(
  restedBowl,
  dayAt,
  computed(() => choices.value.makings),
);
const isDrawing = ref(false);
const shelf = useShelf();
/** Whole pieces of it on the shelf weigh something else than the size that is reckoned with. */
function lyingGrams(line: SizedLine): number | undefined {
  if (line.measuredBy !== 'piece' || line.pieceGrams === undefined) return undefined;
  const lot = shelf.shelved.find(
    (one) => one.lot.ingredientId === line.ingredientId && one.lot.pieceGrams && !one.window.isPast,
  )?.lot;
  const grams = lot?.pieceGrams;
  return grams && Math.abs(grams - line.pieceGrams) > 1 ? Math.round(grams) : undefined;
}

/** What was decided against stops, and how many stops still want a word. */
const decisions = ref<StopDecision[]>([]);
const openStops = ref<number>();
let wantsToKeep = false;
function onDecided(said: StopDecision[], open: number): void {
  decisions.value = said;
  openStops.value = open;
  if (wantsToKeep) keepOrAsk();
}
const wearers = computed(() => [head.value, ...others.sharing.value, ...apart.value.map(({ person }) => person)]);

/** A bowl for now takes from the shelf, after a look; one for another day is planned. */
function keepOrAsk(): void {
  if (isGuest(head.value)) {
    isNaming.value = true;
    return;
  }
  wantsToKeep = openStops.value === undefined;
  if (openStops.value === undefined) return;
  if (openStops.value > 0) {
    notice.show('A stop below wants a word first.');
    document.querySelector<HTMLElement>('.decision input')?.focus();
    return;
  }
  if (dayOffset.value === 0 && drawPlan.hasAny.value && apart.value.length === 0) isDrawing.value = true;
  else void keep();
}

const isNaming = ref(false);
const isSavingName = ref(false);
/** Gives the head at the bench its name, and keeps its bowl unless something stops it now that more is known of it. */
async function name(said: HeadInput): Promise<void> {
  const before = openStops.value;
  isSavingName.value = true;
  openStops.value = undefined;
  wantsToKeep = true;
  try {
    await household.saveHead(said);
    isNaming.value = false;
  } catch (error) {
    wantsToKeep = false;
    openStops.value = before;
    notice.fail(error);
  } finally {
    isSavingName.value = false;
  }
}

const isKeeping = ref(false);
/** Ids of the bowls being kept: the same for a second try, so that a lost answer cannot keep one twice. */
let keepingIds: string[] = [];
watch(
  () =>
    JSON.stringify([head.value.id, mask.value, profile.value, choices.value, others.chosenIds.value, isApart.value]),
  () => (keepingIds = []),
);
const sound = useSounds();
async function keep(draw?: StockChange): Promise<void> {
  if (!book.value || !profile.value || isKeeping.value) return;
  isKeeping.value = true;
  const { lockedGrams: _locked, ...free } = choices.value;
  const wishes = [
    {
      headId: head.value.id,
      profile: profile.value,
      choices: choices.value,
      otherHeadIds: others.sharing.value.map(({ id }) => id),
      ...(draw ? { draw } : {}),
    },
    // What was fixed on the bench is said of its bowl, not of the others.
    ...apart.value.map(({ person }) => ({
      headId: person.id,
      profile: person.profile,
      choices: { ...free, lockedGrams: {} },
      otherHeadIds: [],
    })),
  ];
  const planned = dayOffset.value > 0 ? { plannedFor: new Date(dayAt.value).toISOString() } : {};
  try {
    const maskId = book.value.id;
    const kept = await household.keepBowls(
      wishes.map((wish, i) => {
        const id = (keepingIds[i] ??= newId());
        return { id, maskId, ...wish, ...planned, decisions: decisions.value };
      }),
    );
    keepingIds = [];
    sound('pour');
    const [first] = kept;
    if (!first) return;
    const measured = isChanged.value ? { headId: head.value.id, profile: profile.value } : null;
    measureOnBench(null);
    notice.show(
      `${dayOffset.value > 0 ? 'Planned' : 'Kept'}: ${first.maskName} for ${kept.map(({ headName }) => headName).join(' and ')}.`,
      async () => {
        for (const { id } of kept) await household.removeBowl(id);
        if (draw) await shelf.undo(draw.id);
        measureOnBench(measured);
        await router.push({ name: 'bowl' });
      },
    );
    await router.push({ name: 'kept-bowl', params: { id: first.id } });
  } catch (error) {
    notice.fail(error);
  } finally {
    isKeeping.value = false;
  }
}
async function saveToHead(): Promise<void> {
  if (!profile.value) return;
  const { name, note, ageYears, sensitiveSkin } = head.value;
  try {
    await household.saveHead({ name, note, ageYears, sensitiveSkin, profile: profile.value }, head.value);
    measureOnBench(null);
    notice.show(`${name}’s measurements are saved.`);
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <div v-if="profile && book && mask && need" class="bench" :class="{ guest: isGuest(head) }">
    <h1 class="sr-only">Bowl: {{ mask.name }} for {{ names }}</h1>
    <section class="pick" aria-label="Head and mask">
      <HintLine v-if="isFirst" id="mask">
        Any mask of the book, or
        <RouterLink class="quiet-link" :to="{ name: 'mask-paste' }">paste the one you always make</RouterLink>.
      </HintLine>
      <div v-if="household.heads.length > 0" class="who" role="group" aria-label="Head">
        <ChoicePills
          v-slot="{ one }"
          :of="household.heads"
          look="name"
          :is-chosen="(person) => person.id === head?.id"
          @choose="(person) => (headId = person.id)"
        >
          <span class="called"><HeadPicture :head="one" :size="40" class="face" />{{ one.name }}</span>
        </ChoicePills>
      </div>
      <SharePanel
        v-model="isApart"
        :candidates="others.candidates.value"
        :chosen-ids="others.chosenIds.value"
        :compared="compared"
        @toggle="others.toggle"
      />
      <v-autocomplete
        :model-value="book.id"
        :items="maskItems"
        label="Mask"
        class="mask-pick"
        :hint="`${mask.texture}, ${COVERAGE_WORDS[mask.coverage]}, ${SLOT_WORDS[mask.slot]}`"
        persistent-hint
        no-data-text="No mask of that name."
        @update:model-value="(id: string | null) => id && (maskId = id)"
      >
        <template #item="{ props: item, item: entry }">
          <v-list-item v-bind="item" :subtitle="entry.subtitle">
            <template #prepend>
              <MaskPicture
                class="item"
                :parts="household.maskById(entry.value)?.parts ?? []"
                :catalogue="household.catalogue"
                :size="44"
              />
            </template>
          </v-list-item>
        </template>
      </v-autocomplete>
      <ChoiceRow
        v-if="wears.length > 0"
        label="Worn"
        data-test="wears"
        :options="wears"
        :model-value="wears.find(({ isChosen }) => isChosen)?.value"
        @update:model-value="bench.change({ wearAimMinutes: $event })"
      />
      <div v-if="wishes.length > 0 || isMissing || lighter || asWritten" class="wishes" role="group" aria-label="Swaps">
        <button v-if="isMissing" type="button" class="pill" @click="bench.swaps.fromHand">with what is here</button>
        <TogglePill v-if="asWritten" data-test="as-written" :is-on="asWritten.isKept" @toggle="bench.toggleWritten()"
          >as I write it: {{ kitchenRound(asWritten.millilitres) }} mL</TogglePill
        >
        <TogglePill v-if="lighter" data-test="lighter" :is-on="lighter.isMade" @toggle="bench.swaps.toggleLighter()">{{
          lighterWords(lighter)
        }}</TogglePill>
        <ChoicePills
          :of="wishes"
          :says="({ wish }) => WISH_WORDS[wish]"
          :is-chosen="({ isMet }) => isMet"
          @choose="({ wish, isMet }) => bench.swaps.toggleWish(wish, isMet)"
        />
      </div>
      <div v-if="consequences" class="swapped" aria-live="polite" data-test="swapped">
        <ul class="plain-list">
          <li v-for="one in swapsMade" :key="one.ingredientId">
            <b>{{ one.standIn }}</b> for {{ one.name }}
            <button type="button" class="tool" @click="bench.swaps.swap(one.ingredientId, undefined)">take back</button>
          </li>
        </ul>
        <p class="quiet">{{ consequenceWords(consequences).join(' ') }}</p>
      </div>
    </section>
    <section class="hair" aria-label="Hair">
      <HintLine v-if="isFirst" id="length">Pull the ring down to where a stretched strand ends.</HintLine>
      <p v-if="bowl" class="comes-to" aria-hidden="true">
        <span class="serif figures">{{ kitchenRound(bowl.madeMillilitres) }} mL</span>
        <span class="quiet">{{ cups }}, {{ writeLength(profile.stretchedLengthCentimetres, household.where) }}</span>
      </p>
      <HeadDrawing :profile="profile" :look="head?.look" :age-years="head?.ageYears" @length="setLength" />
      <ProfileFields v-model="profile" />
      <p v-if="isChanged && !isGuest(head)" class="changed">
        <v-btn variant="tonal" color="primary" @click="saveToHead">Save to {{ head.name }}</v-btn>
        <v-btn variant="text" @click="profile = undefined">Put back</v-btn>
      </p>
    </section>

    <section class="middle" aria-label="Vessel">
      <p class="made">
        <span class="serif big figures" aria-live="polite" data-test="made"
          >{{ bowl ? kitchenRound(bowl.madeMillilitres) : '…' }} mL</span
        >
        <span class="quiet">{{ cups }}</span>
      </p>
      <VesselDrawing
        :bowl="bowl"
        :catalogue="household.catalogue"
        :need-millilitres="need.millilitres"
        :low-millilitres="need.lowMillilitres"
        :high-millilitres="need.highMillilitres"
      />
      <p class="needline">
        {{ names[0]?.toUpperCase() }}{{ names.slice(1) }} usually
        {{ others.sharing.value.length > 0 ? 'take' : 'takes' }}
        <b class="figures" data-test="usual">{{ kitchenRound(need.usualMillilitres) }} mL</b>; to be enough
        {{ enoughWords(1 - choices.enoughChance) }} it needs
        <b class="figures" data-test="need">{{ kitchenRound(need.millilitres) }} mL</b>.
        <WhyDialog v-if="bowl" :steps="whySteps(bowl, household.where)" :millilitres="need.millilitres" />
      </p>
      <SpareSlider
        :model-value="choices.enoughChance"
        :bowl="bowl"
        :shortfall="shortfall"
        :is-pending="isPending"
        @update:model-value="bench.change({ enoughChance: $event })"
      />
    </section>

    <section class="right" aria-label="Measures for this bowl">
      <div class="heading">
        <MaskPicture :parts="mask.parts" :catalogue="household.catalogue" :size="84" class="dish" />
        <div>
          <h2>{{ mask.name }}</h2>
          <p class="figures quiet sum">
            {{ bowl ? `${kitchenRound(bowl.madeMillilitres)} mL for ${names}` : '' }}
          </p>
        </div>
        <RouterLink class="quiet-link" :to="{ name: 'mask', params: { id: mask.id } }">how it is made</RouterLink>
      </div>
      <div class="when">
        <v-select v-model="dayOffset" :items="days" label="Day" density="compact" class="day" />
        <v-btn
          v-if="bowl"
          color="primary"
          min-height="48"
          class="keep"
          :loading="isKeeping"
          :disabled="openStops === undefined"
          @click="keepOrAsk"
        >
          {{ dayOffset > 0 ? 'Plan it' : apart.length > 0 ? 'Keep these bowls' : 'Keep this bowl' }}
        </v-btn>
      </div>
      <HintLine v-if="isFirst" id="keep">
        Kept, the bowl is put in the record with its steps and its clocks; then it is asked whose head it is.
      </HintLine>
      <p v-if="failure" role="alert" class="alert">{{ failure }}</p>
      <MeasuresCard
        v-if="bowl"
        :bowl="bowl"
        :catalogue="household.catalogue"
        :spoons="household.spoons"
        :makings="choices.makings"
        :piece-sizes="choices.pieceSizes"
        :piece-grams="choices.pieceGrams"
        :drawn="drawPlan.drawn.value"
        :around-id="choices.aroundId"
        editable
        class="page"
        :class="{ fitting: isFitting }"
        @piece="bench.choosePiece"
        @weigh="bench.weigh"
        @lock="bench.lock"
      >
        <template #source="{ line }">
          <p
            v-if="shelf.lots.length > 0 && drawPlan.sourceWords(line.ingredientId).words"
            class="from figures"
            :class="{ short: drawPlan.sourceWords(line.ingredientId).isShort }"
          >
            {{ drawPlan.sourceWords(line.ingredientId).words }}
            <button
              v-if="lyingGrams(line)"
              type="button"
              class="tool"
              @click="bench.weigh(line.ingredientId, lyingGrams(line) ?? 0)"
            >
              as they lie there, {{ lyingGrams(line) }} g each
            </button>
          </p>
        </template>
        <template #tools="{ line, called }">
          <SwapMenu
            :name="called"
            :offered="() => bench.swaps.offered(line.ingredientId)"
            :original="stoodFor(line.ingredientId)"
            :is-there="(id: string) => shelf.onHand.has(id)"
            @swap="bench.swaps.swap(line.ingredientId, $event)"
          />
          <PotDialog
            v-if="hasPot(ingredientById(household.catalogue, line.ingredientId))"
            :ingredient-id="line.ingredientId"
            :amounts="bowl.lines"
            :makings="choices.makings"
            :spoons="household.spoons"
            :catalogue="household.catalogue"
            @cook="bench.cook(line.ingredientId, $event)"
            @lock="bench.lock(line.ingredientId, $event)"
          />
        </template>
      </MeasuresCard>
      <section v-for="own in apart" :key="own.person.id" class="own" :aria-label="`Bowl for ${own.person.name}`">
        <h3>
          For {{ own.person.name }}
          <span class="figures quiet sum">{{ kitchenRound(own.bowl.madeMillilitres) }} mL</span>
        </h3>
        <MeasuresCard
          :bowl="own.bowl"
          :catalogue="household.catalogue"
          :spoons="household.spoons"
          :makings="choices.makings"
        />
      </section>
      <TexturePanel
        v-if="bowl && mask.texture !== 'oil'"
        :bowl="bowl"
        :catalogue="household.catalogue"
        :offset="household.textureOffset(mask.id)"
      />
      <MindList v-if="bowl" :bowl="bowl" :mask="mask" :catalogue="household.catalogue" />
      <CautionPanel ref="cautions" :mask="mask" :heads="wearers" place="choosing" decides @decided="onDecided" />
      <ul v-if="remarks.length > 0" class="plain-list remarks">
        <li v-for="remark in remarks" :key="remark">{{ remark }}</li>
      </ul>
      <!-- One that was put off keeps what was typed; the next head has a form of its own. -->
      <NameHead
        v-if="profile"
        :key="household.heads.length"
        v-model="isNaming"
        :profile="profile"
        :is-saving="isSavingName"
        @named="name"
      />
      <DrawDialog
        v-model="isDrawing"
        :draw-plan="drawPlan"
        :note="`${mask.name} for ${names}`"
        confirm="Take these and keep"
        @take="keep"
      />
    </section>
  </div>
</template>

<style scoped>
.bench {
  display: grid;
  grid-template: 'pick vessel measures' auto 'hair vessel measures' 1fr / 364px minmax(320px, 1fr) 410px;
  gap: 0;
  max-width: var(--measure);
  margin: 0 auto;
}
.bench > section {
  padding: 14px 20px 24px;
}
.pick {
  grid-area: pick;
  padding-bottom: 0 !important;
}
.hair {
  grid-area: hair;
  padding-top: 4px !important;
}
.middle {
  grid-area: vessel;
  border-left: 1px solid var(--rule);
}
.right {
  grid-area: measures;
  border-left: 1px solid var(--rule);
  background: rgb(var(--v-theme-surface));
}
/* A page has a head of its own: what is above the double rule is the name, what is below is what to take. */
.page {
  border-top: 3px double var(--amber-fill);
  padding-top: 4px;
}
.who :deep(.pill.name) {
  padding: 2px 16px 0 8px;
  overflow: hidden;
}
.who {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-bottom: 12px;
}
.item {
  margin-right: 14px;
}
.called {
  display: inline-flex;
  align-items: center;
  gap: 6px;
}
.face {
  align-self: end;
}
.mask-pick {
  margin-bottom: 8px;
}
.changed {
  display: flex;
  gap: 8px;
  margin: 12px 0 0;
}
.made {
  display: flex;
  align-items: baseline;
  justify-content: center;
  gap: 12px;
  margin: 0;
}
.big {
  font-size: 2.7rem;
  font-weight: 560;
  line-height: 1;
}
.needline {
  margin: 4px 0 12px;
}
.from .tool {
  margin-left: -8px;
}
.heading {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  gap: 0 14px;
  align-items: center;
}
.heading .dish {
  grid-row: 1 / span 2;
  justify-self: center;
}
.heading h2 {
  margin: 0;
  font-size: 1.6rem;
  line-height: 1.15;
}
.heading .quiet-link {
  justify-self: start;
}
.sum {
  margin: 2px 0;
  font-family: var(--sans);
  font-size: 1.05rem;
}
.fitting {
  opacity: 0.92;
}
.remarks {
  border-left: 3px solid var(--clay);
  padding-left: 12px;
  margin: 10px 0;
}
.wishes {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 0 0 8px;
}
.swapped {
  border-left: 3px solid var(--amber-fill);
  padding-left: 12px;
  margin-bottom: 10px;
}
.swapped p {
  margin: 2px 0 0;
  font-size: 0.95rem;
}
.own {
  border-top: 2px solid var(--ink);
  margin-top: 14px;
  padding-top: 10px;
}
.when {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
  margin: 12px 0 14px;
}
.day {
  flex: 1 1 150px;
  max-width: 200px;
}
.from {
  margin: 2px 0;
  font-size: 0.93rem;
  color: var(--leaf);
}
.from.short {
  color: var(--clay);
}
.alert {
  color: var(--clay);
}
.comes-to {
  display: none;
}
@media (max-width: 66.25em) {
  .bench {
    grid-template: 'pick vessel' auto 'hair vessel' 1fr 'measures measures' auto / 1fr 1fr;
  }
  .right {
    border-left: 0;
    border-top: 1px solid var(--rule);
  }
}
@media (max-width: 43.75em) {
  .bench {
    grid-template: 'pick' auto 'measures' auto 'hair' auto 'vessel' auto / 1fr;
  }
  /* Nobody is known yet: the hair to be pulled comes before what it comes to, which goes along with it. */
  .bench.guest {
    grid-template: 'pick' auto 'hair' auto 'measures' auto 'vessel' auto / 1fr;
  }
  .guest .comes-to {
    position: sticky;
    z-index: 2;
    top: 0;
    display: flex;
    align-items: baseline;
    gap: 10px;
    margin: 0 -14px;
    padding: 6px 14px;
    background: rgb(var(--v-theme-background));
    border-bottom: 1px solid var(--rule);
    font-size: 1.5rem;
  }
  .comes-to .quiet {
    font-size: 1rem;
  }
  .bench > section {
    border-left: 0;
    padding: 12px 14px 20px;
  }
  .hair,
  .middle {
    border-top: 1px solid var(--rule);
  }
}
</style>
