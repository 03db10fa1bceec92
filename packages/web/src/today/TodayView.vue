<script setup lang="ts">
import { TWENTY_FOUR_HOURS } from '@amber-ladle/core/time';
import { headNeedIn } from '@amber-ladle/core/house';
import { ingredientById } from '@amber-ladle/core/ingredient';
import { kitchenRound } from '@amber-ladle/core/measure';
import { beatsOf } from '@amber-ladle/core/judge';
import { api, type OpenLog } from '@amber-ladle/contract';
import { computed, onMounted, shallowRef } from 'vue';
import { BowlList } from '../bowl';
import { CautionPanel } from '../caution';
import { HeadPicture } from '../head';
import { IngredientPicture, MaskPicture, ScenePicture } from '../kit/ink';
import ComingBowls from './ComingBowls.vue';
import RunningBowls from './RunningBowls.vue';
import { call } from '../data/client';
import { inTurn } from '../data/inTurn';
import { useChanges } from '../data/useChanges';
import { useSuggestion } from './useSuggestion';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import {
  aboutWords,
  amountWords,
  askWords,
  leftWords,
  listed,
  lotInSentence,
  lotName,
  reasonSentence,
  RHYTHM_WORDS,
  writeDay,
} from '@amber-ladle/words';
import { useShelf } from '../data/shelf';

/** What turns today, what is ready soon, which bowls run, and one bowl worth making. */
const household = useHousehold();
const shelf = useShelf();
const notice = useNotice();
const { suggestion, isWorking } = useSuggestion();
onMounted(() =>
  shelf.load().catch((error: unknown) => {
    notice.fail(error);
  }),
);

const HALF_DAY = TWENTY_FOUR_HOURS / 2;
const rowOf = (id: string) => ingredientById(household.catalogue, id);
const zone = computed(() => household.settings.timeZone);

const turning = computed(() =>
  shelf.shelved
    .filter(({ window }) => !window.isPast && window.endsAt - household.moment < 1.25 * TWENTY_FOUR_HOURS)
    .sort((a, b) => a.window.endsAt - b.window.endsAt)
    .map(({ lot, window, place }) => ({
      id: lot.id,
      ingredientId: lot.ingredientId,
      family: rowOf(lot.ingredientId).family,
      look: window.ripeness?.stage ?? ('ready' as const),
      isOpen: lot.state === 'cut',
      name: lotName(lot, rowOf(lot.ingredientId)),
      amount: amountWords(lot, rowOf(lot.ingredientId)),
      place: place?.name ?? '',
      until: aboutWords(window.endsAt, household.moment, household.where),
      left: leftWords(window.endsAt - household.moment),
      isUrgent: window.endsAt - household.moment < HALF_DAY,
    })),
);
const soon = computed(() =>
  shelf.shelved
    .filter(
      ({ window }) => window.ripeness?.ready && window.ripeness.ready.at - household.moment < 4 * TWENTY_FOUR_HOURS,
    )
    .map(({ lot, window }) => ({
      id: lot.id,
      words: `${amountWords(lot, rowOf(lot.ingredientId))}: ${aboutWords(window.ripeness?.ready?.at ?? 0, household.moment, household.where)}`,
    })),
);
const past = computed(() => shelf.shelved.filter(({ window }) => window.isPast));

/** Said in other words beside it. */
const SAID: ReadonlySet<string> = new Set(['saves', 'in-house', 'quick']);
const worth = computed(() => {
  const found = suggestion.value;
  if (!found) return undefined;
  const head = household.headById(found.headId);
  const saved = found.saves.flatMap(({ lotId }) => {
    const lot = shelf.lots.find(({ id }) => id === lotId);
    return lot ? [lotInSentence(lot, rowOf(lot.ingredientId))] : [];
  });
  const unripe = new Map(
    found.ranked.terms.flatMap((term) =>
      (term.unripe ?? []).map(({ ingredientId, readyAt }) => [ingredientId, readyAt] as const),
    ),
  );
  const amount = ({ ingredientId, grams }: (typeof found.missing)[number]): string =>
    `${kitchenRound(grams)} g ${rowOf(ingredientId).name.toLowerCase()}`;
  const buy = found.missing.filter(({ ingredientId }) => !unripe.has(ingredientId)).map(amount);
  const hard = found.missing.flatMap((one) => {
    const readyAt = unripe.get(one.ingredientId);
    if (readyAt === undefined) return [];
    const from = Number.isFinite(readyAt) ? ` (about ${aboutWords(readyAt, household.moment, household.where)})` : '';
    return [`${amount(one)}${from}`];
  });
  const isPlural = saved.length > 1 || /[^s]s$/.test(saved[0] ?? '');
  const turns = isPlural ? 'turn' : 'turns';
  const list = saved.length > 1 ? `${saved.slice(0, -1).join(', ')} and ${saved.at(-1)}` : (saved[0] ?? '');
  const size = `${kitchenRound(found.bowl.madeMillilitres)} mL, enough for ${head?.name ?? 'one head'}`;
  const second = household.maskById(found.runnerUp?.maskId);
  const heads = found.headIds.flatMap((id) => household.headById(id) ?? []);
  // What it comes to is worked out for one head; a bowl for several says so on the bench.
  const isShared = heads.length > 1;
  return {
    found,
    heads,
    isShared,
    names: listed(
      heads.map(({ name }) => name),
      household.where.locale,
    ),
    to: {
      name: 'bowl',
      query: {
        head: found.headId,
        mask: found.mask.id,
        ...(isShared ? { with: found.headIds.slice(1).join(',') } : {}),
      },
    },
    reason:
      saved.length > 0
        ? `${list[0]?.toUpperCase()}${list.slice(1)} ${turns} by tomorrow: ${size}.`
        : `${size[0]?.toUpperCase()}${size.slice(1)}.`,
    why: reasonSentence(
      found.ranked.terms.filter(({ id }) => !SAID.has(id)),
      household.catalogue,
      household.where,
      household.moment,
    ),
    second:
      second && found.runnerUp
        ? `Next best: ${second.name}. ${reasonSentence(found.runnerUp.terms, household.catalogue, household.where, household.moment)}`
        : '',
    beside:
      [
        ...(buy.length > 0 ? [`Still missing: ${buy.join(', ')}.`] : []),
        ...(hard.length > 0 ? [`Not ripe yet: ${hard.join(', ')}.`] : []),
      ].join(' ') || 'Everything else is in the house.',
  };
});

/** Bowls that ask for a word: how they went, and from the next day on how the hair is dry. */
const open = shallowRef<readonly OpenLog[]>([]);
const readOpen = inTurn(
  () => call(api.notes.open).catch(() => open.value),
  (all) => (open.value = all),
);
void readOpen();
useChanges(['notes', 'bowls', 'clock'], readOpen);
const asks = computed(() =>
  open.value.slice(0, 3).map(({ bowlId, headId, facts, wants }) => ({
    key: `${bowlId} ${headId}`,
    query: { bowl: bowlId, head: headId },
    words: askWords(wants, facts),
  })),
);

/** Who may have what again, where it is time. */
const due = computed(() =>
  household.heads.flatMap((head) =>
    beatsOf(household.histories[head.id] ?? [], household.settings.schools, head.story, zone.value)
      .filter(({ dueAt }) => dueAt <= household.moment)
      .map(({ rhythm, lastAt }) => ({
        id: head.id,
        key: `${head.id} ${rhythm}`,
        name: head.name,
        words: `${RHYTHM_WORDS[rhythm]}, last ${writeDay(lastAt, household.now(), household.where)}`,
      })),
  ),
);

/** What each head takes of its last mask again. */
const people = computed(() =>
  household.heads.map((head) => {
    const last = household.bowls.items.find(({ headId }) => headId === head.id);
    const mask = household.maskById(last?.maskId) ?? household.masks[0];
    const takes = mask ? headNeedIn(household.house, head, mask).usualMillilitres : 0;
    return { head, mask, isAgain: Boolean(last), takes: kitchenRound(takes) };
  }),
);
</script>

<template>
  <div class="page today">
    <h1>Today</h1>
    <ScenePicture v-if="people.length === 0" scene="empty" :size="180" />
    <p v-if="people.length === 0" class="empty">
      Nobody is measured yet.
      <RouterLink class="quiet-link" :to="{ name: 'bowl' }">Size a first bowl</RouterLink>; it asks for a name when it
      is kept.
    </p>
    <section v-if="worth" class="worth" aria-labelledby="worth" data-test="suggestion">
      <MaskPicture class="picture" :parts="worth.found.mask.parts" :catalogue="household.catalogue" :size="212" />
      <div class="words">
        <h2 id="worth">{{ worth.found.mask.name }} for {{ worth.names }}</h2>
        <p v-if="worth.found.isPlanned" class="quiet">
          From the plan of <RouterLink class="quiet-link" :to="{ name: 'weeks' }">your weeks</RouterLink>.
        </p>
        <p v-if="!worth.isShared">{{ worth.reason }}</p>
        <p v-if="worth.why">{{ worth.why }}</p>
        <CautionPanel v-if="worth.heads.length > 0" :mask="worth.found.mask" :heads="worth.heads" place="choosing" />
        <p v-if="!worth.isShared" class="quiet">{{ worth.beside }}</p>
        <p v-if="worth.second" class="quiet">{{ worth.second }}</p>
        <v-btn color="primary" size="large" min-height="52" :to="worth.to">Size this bowl</v-btn>
      </div>
      <div class="whose" aria-hidden="true">
        <HeadPicture v-for="one in worth.heads" :key="one.id" :head="one" :size="worth.isShared ? 150 : 212" />
      </div>
    </section>
    <p v-else-if="shelf.isReady && !isWorking && people.length > 0" class="calm">
      Nothing on the shelf has to be used soon.
      <RouterLink class="quiet-link" :to="{ name: 'masks' }">Choose a mask</RouterLink> you feel like.
    </p>

    <div class="two">
      <section aria-labelledby="turning">
        <h2 id="turning">Turns today</h2>
        <ul class="plain-list" data-test="turning">
          <li v-for="one in turning" :key="one.id" class="figures">
            <IngredientPicture
              :id="one.ingredientId"
              :family="one.family"
              :size="38"
              :look="one.look"
              :is-open="one.isOpen"
            />
            <span class="what"
              ><b>{{ one.name }}</b> <span class="quiet">{{ one.amount }} · {{ one.place }}</span></span
            >
            <span :class="{ urgent: one.isUrgent }"
              >{{ one.until }} <span class="quiet">{{ one.left }}</span></span
            >
          </li>
        </ul>
        <p v-if="turning.length === 0" class="quiet">
          {{ shelf.lots.length > 0 ? 'Nothing before tomorrow evening.' : 'The shelf is empty.' }}
          <RouterLink class="quiet-link" :to="{ name: 'shelf' }">To the shelf</RouterLink>
        </p>
        <p v-if="soon.length > 0" class="figures">
          <span class="quiet">Ready soon:</span> {{ soon.map(({ words }) => words).join(' · ') }}
        </p>
        <p v-if="past.length > 0">
          <RouterLink class="quiet-link" :to="{ name: 'shelf' }"
            >{{ past.length }} {{ past.length > 1 ? 'things are' : 'thing is' }} past and can go</RouterLink
          >
        </p>
        <RunningBowls />
        <ComingBowls />
        <template v-if="asks.length > 0">
          <h2>One word about</h2>
          <ul class="plain-list" data-test="asks">
            <li v-for="one in asks" :key="one.key" class="figures">
              <RouterLink class="quiet-link" :to="{ name: 'notes', query: one.query }">{{ one.words }}</RouterLink>
            </li>
          </ul>
        </template>
      </section>
      <section aria-labelledby="people">
        <template v-if="due.length > 0">
          <h2>Who is due</h2>
          <ul class="plain-list" data-test="due">
            <li v-for="one in due" :key="one.key" class="figures">
              <RouterLink class="quiet-link" :to="{ name: 'head', params: { id: one.id } }">{{ one.name }}</RouterLink>
              <span class="quiet">{{ one.words }}</span>
            </li>
          </ul>
        </template>
        <h2 id="people">Size a bowl</h2>
        <ul class="plain-list people">
          <li v-for="{ head, mask, takes, isAgain } in people" :key="head.id">
            <RouterLink
              :to="{ name: 'bowl', query: { head: head.id, ...(mask ? { mask: mask.id } : {}) } }"
              class="person"
            >
              <HeadPicture class="portrait" :head :size="64" />
              <span class="serif name">{{ head.name }}</span>
              <span class="quiet of">{{ isAgain ? 'last bowl again:' : 'to begin with:' }} {{ mask?.name }}</span>
              <!-- Of this mask: another takes more or less of the same head. -->
              <span class="takes figures"><span class="quiet">usually takes</span> {{ takes }} mL</span>
            </RouterLink>
          </li>
        </ul>
        <h2 class="kept">Bowls you kept</h2>
        <BowlList :bowls="household.bowls.items.slice(0, 4)" />
        <RouterLink v-if="household.bowls.total > 4" class="quiet-link" :to="{ name: 'notes', query: { look: 'log' } }"
          >All {{ household.bowls.total }}</RouterLink
        >
      </section>
    </div>
  </div>
</template>

<style scoped>
.worth {
  margin: 10px 0 20px;
  display: grid;
  grid-template-columns: 212px minmax(0, 1fr) auto;
  gap: 8px 30px;
  padding: 18px 26px 0;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: rgb(var(--v-theme-surface));
  overflow: hidden;
}
.worth .words {
  align-self: center;
  padding-bottom: 18px;
}
.worth .picture {
  align-self: center;
  margin-bottom: 18px;
}
.whose {
  display: flex;
  align-self: end;
}
.worth h2 {
  font-size: 1.7rem;
}
.worth p {
  margin: 4px 0;
  font-size: 1.15rem;
}
.worth .quiet {
  font-size: 1rem;
}
.worth .v-btn {
  margin-top: 10px;
}
.calm {
  font-size: 1.15rem;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 44px;
}
h2 {
  margin: 8px 0;
}
.kept {
  margin-top: 26px;
}
li.figures {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
  padding: 9px 0;
  border-bottom: 1px solid var(--rule);
}
.what {
  flex: 1;
}
.urgent {
  color: var(--clay);
  font-weight: 600;
}
.urgent .quiet {
  font-weight: 400;
}
.people {
  border-top: 2px solid var(--ink);
}
.person {
  display: grid;
  grid-template-columns: 52px 1fr auto;
  gap: 0 16px;
  align-items: center;
  padding: 6px;
  color: var(--ink);
  text-decoration: none;
  border-bottom: 1px solid var(--rule);
}
.person:hover {
  background: var(--amber-wash);
}
.name {
  font-size: 1.4rem;
}
.takes .quiet {
  display: block;
  font-size: 0.95rem;
}
.takes {
  grid-row: 1 / span 2;
  grid-column: 3;
  line-height: 1.25;
  font-size: 1.4rem;
  color: rgb(var(--v-theme-primary));
  text-align: right;
}
.portrait {
  grid-row: span 2;
}
.of {
  grid-row: 2;
  grid-column: 2;
}
.empty {
  font-size: 1.1rem;
}
@media (max-width: 50em) {
  .worth {
    grid-template-columns: minmax(0, 1fr) auto;
    padding: 14px 16px 0;
  }
  .worth .picture {
    width: 120px;
    height: 120px;
    margin: 0;
  }
  .worth .words {
    grid-column: 1 / -1;
    grid-row: 2;
  }
  .whose :deep(svg) {
    height: 120px;
    width: auto;
  }
  .two {
    grid-template-columns: minmax(0, 1fr);
    gap: 20px;
  }
}
</style>
