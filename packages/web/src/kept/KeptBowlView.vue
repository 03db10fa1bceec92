<script setup lang="ts">
import { ingredientById } from '@amber-ladle/core/ingredient';
import { handlingNotes } from '@amber-ladle/core/mask';
import { kitchenRound } from '@amber-ladle/core/measure';
import { api, maskWorn, type BowlLife, type StockChange, type WashDay } from '@amber-ladle/contract';
import type { Worth } from '@amber-ladle/core/shelf';
import { computed, defineAsyncComponent, ref, toRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { VesselDrawing } from '../bowl';
import BowlLifePanel from './BowlLifePanel.vue';
import { DayRecord } from '../day';
import { DrawDialog } from '../bowl';
import { MeasuresCard } from '../bowl';
import { WhyDialog } from '../bowl';
import { useChanges } from '../data/useChanges';
import { useDrawPlan } from '../bowl';
import { useKeptBowl } from '../data/useKeptBowl';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useShelf } from '../data/shelf';
import { useWashDay } from '../data/washday';
import { call } from '../data/client';
import {
  enoughWords,
  FATE_WORDS,
  KEEPING_WORDS,
  rinseWords,
  untilWords,
  whySteps,
  writeDay,
  writeLength,
  writeMinutes,
  writeMoney,
  writeTime,
} from '@amber-ladle/words';
import { usualOf } from '@amber-ladle/core/batch';
import { useWords } from '../data/useWords';

const { say } = useWords();

/** Comes when the bowl's card stands. */
const BowlNotes = defineAsyncComponent(async () => (await import('../notes')).BowlNotes);

const props = defineProps<{ id: string }>();
const household = useHousehold();
const notice = useNotice();
const router = useRouter();
const shelf = useShelf();
const washday = useWashDay();
const { bowl, failure, catalogue, reread } = useKeptBowl(toRef(props, 'id'));
useChanges(['bowls', 'washdays'], reread);
const life = ref<BowlLife>();
watch(bowl, (now) => (life.value = now?.life), { immediate: true });
const cost = ref<Worth>();
watch(
  () => [bowl.value?.id, life.value?.isDrawn],
  async ([id, isDrawn]) => {
    cost.value =
      id && isDrawn ? await call(api.bowls.cost, { params: { id: String(id) } }).catch(() => undefined) : undefined;
  },
  { immediate: true },
);
/** As long as was chosen for it. */
const wear = computed(() => bowl.value && maskWorn({ snapshot: bowl.value.snapshot, life: life.value }).wear);
/** The wash day it was made on. */
const day = ref<WashDay>();
watch(bowl, async (now) => (day.value = now ? await washday.ofBowl(now.id).catch(() => undefined) : undefined), {
  immediate: true,
});
const isDrawing = ref(false);
const drawPlan = useDrawPlan(
  computed(() => bowl.value?.snapshot.sized),
  computed(() => household.moment),
  computed(() => bowl.value?.snapshot.choices.makings ?? {}),
);
async function draw(change: StockChange | undefined): Promise<void> {
  if (!change || !bowl.value) return;
  try {
    life.value = await call(api.bowls.draw, { params: { id: bowl.value.id }, body: change });
    notice.show('Taken from the shelf.', async () => {
      await shelf.undo(change.id);
      if (life.value) life.value = { ...life.value, isDrawn: false };
    });
  } catch (error) {
    notice.fail(error);
  }
}
const sized = computed(() => bowl.value?.snapshot.sized);
const notes = computed(() =>
  bowl.value
    ? handlingNotes(bowl.value.snapshot.mask, catalogue.value).map(({ id, ingredientIds, what }) => ({
        id,
        who: ingredientIds.map((one) => ingredientById(catalogue.value, one).name).join(', '),
        words: say(what),
      }))
    : [],
);
const swaps = computed(() =>
  Object.entries(bowl.value?.snapshot.choices.swaps ?? {}).map(
    ([from, to]) =>
      `${catalogue.value.get(to)?.name ?? to} for ${(catalogue.value.get(from)?.name ?? from).toLowerCase()}`,
  ),
);
const print = (): void => {
  window.print();
};

async function remove(): Promise<void> {
  const kept = bowl.value;
  if (!kept) return;
  try {
    await household.removeBowl(kept.id);
    notice.show('The bowl is put away.', () => household.restoreBowl(kept.id));
    await router.push({ name: 'notes', query: { look: 'log' } });
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <div class="page">
    <div v-if="failure" role="alert">
      <h1>Not here</h1>
      <p>{{ failure }}</p>
      <v-btn color="primary" :to="{ name: 'notes', query: { look: 'log' } }">All bowls</v-btn>
    </div>
    <template v-else-if="bowl && sized">
      <p class="quiet when">
        <template v-if="life?.plannedFor && !life.isDrawn"
          >Planned for {{ untilWords(Date.parse(life.plannedFor), household.moment, household.where) }} ·
        </template>
        Kept {{ writeDay(bowl.keptAt, household.now(), household.where) }} at
        {{ writeTime(bowl.keptAt, household.where) }}
      </p>
      <h1>{{ bowl.maskName }} for {{ bowl.headName }}</h1>
      <p class="sum figures">
        <b data-test="kept-made">{{ kitchenRound(sized.madeMillilitres) }} mL</b> made, enough
        {{ enoughWords(sized.chanceShort) }}; usually taken at
        {{ writeLength(bowl.snapshot.head.profile.stretchedLengthCentimetres, household.where) }}:
        {{ kitchenRound(usualOf(sized)) }} mL.
        <WhyDialog class="no-print" :steps="whySteps(sized, household.where)" :millilitres="sized.needMillilitres" />
      </p>
      <p v-if="cost && cost.grams > 0" class="quiet figures" data-test="cost">
        From the shelf: {{ kitchenRound(cost.grams) }} g, worth {{ writeMoney(cost.money, household.where)
        }}{{ cost.unpricedGrams > 0 ? ' or more' : '' }}.
      </p>
      <p v-if="swaps.length > 0" class="quiet">Swapped: {{ swaps.join(', ') }}.</p>
      <div class="two">
        <MeasuresCard
          :bowl="sized"
          :catalogue="catalogue"
          :spoons="bowl.snapshot.spoons"
          :makings="bowl.snapshot.choices.makings"
        />
        <VesselDrawing
          class="no-print"
          :bowl="sized"
          :catalogue="catalogue"
          :need-millilitres="sized.needMillilitres"
          :low-millilitres="sized.needMillilitres"
          :high-millilitres="sized.needMillilitres"
        />
      </div>
      <p v-for="one in life?.endedAt ? [] : (life?.decisions ?? [])" :key="one.at" class="decisions">
        {{ say(one.what) }}
      </p>
      <BowlLifePanel v-if="life" :bowl="bowl" :life="life" @life="life = $event" />
      <ol class="steps">
        <li v-for="step in bowl.snapshot.mask.steps" :key="step">{{ step }}</li>
      </ol>
      <ul v-if="notes.length > 0" class="minds">
        <li v-for="note in notes" :key="note.id">
          <b>{{ note.who }}</b> {{ note.words }}
        </li>
      </ul>
      <p v-if="wear" data-test="wear">
        Wear {{ writeMinutes(wear.aimMinutes) }}, never past {{ writeMinutes(wear.limitMinutes) }}.
        {{ rinseWords(bowl.snapshot.mask.rinse) }} {{ KEEPING_WORDS[bowl.snapshot.mask.keeping] }} Never to be eaten.
      </p>
      <section v-if="day && day.events.length > 0" aria-labelledby="happened">
        <h2 id="happened">What happened</h2>
        <DayRecord :day="day" />
      </section>
      <p v-if="life?.leftOver" class="figures" data-test="left">
        Left in the bowl: {{ kitchenRound(life.leftOver.millilitres) }} mL,
        {{ life.leftOver.how === 'measured' ? 'measured' : 'judged by eye' }}; {{ FATE_WORDS[life.leftOver.fate] }}.
      </p>
      <p class="actions no-print">
        <v-btn v-if="!life?.endedAt" color="primary" :to="{ name: 'make', query: { bowl: bowl.id } }">Make it</v-btn>
        <v-btn
          v-if="life && !life.isDrawn && !life.endedAt && drawPlan.hasAny.value"
          variant="tonal"
          color="primary"
          @click="isDrawing = true"
        >
          Take from the shelf
        </v-btn>
        <v-btn variant="text" color="primary" :to="{ name: 'label', params: { id: bowl.id } }">Jar label</v-btn>
        <v-btn
          v-if="!life?.endedAt"
          variant="tonal"
          color="primary"
          :to="{ name: 'bowl', query: { head: bowl.headId, mask: bowl.maskId } }"
        >
          Size it again
        </v-btn>
        <v-btn variant="text" @click="print">Print the card</v-btn>
        <v-btn variant="text" color="error" @click="remove">Put away</v-btn>
      </p>
      <BowlNotes v-if="life && (life.endedAt || Object.keys(life.wearing).length > 0)" :bowl="bowl" />
      <DrawDialog
        v-model="isDrawing"
        :draw-plan="drawPlan"
        :note="`${bowl.maskName} for ${bowl.headName}`"
        confirm="Take these"
        @take="draw"
      />
    </template>
  </div>
</template>

<style scoped>
.when {
  margin: 0;
}
.sum {
  margin: 6px 0 14px;
}
.two {
  display: grid;
  grid-template-columns: 1.3fr 1fr;
  gap: 32px;
  align-items: start;
}
.minds {
  padding-left: 1.3em;
  margin: 0 0 14px;
}
@media print {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  .page {
    padding: 0;
  }
}
.steps {
  padding-left: 1.4em;
  margin: 20px 0;
}
.steps li {
  margin: 6px 0;
}
.decisions {
  padding-left: 12px;
  border-left: 4px solid var(--clay);
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 20px;
}
@media (max-width: 56.25em) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
