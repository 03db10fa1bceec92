<script setup lang="ts">
import ChoicePills from '../kit/ChoicePills.vue';
import { api, type Bowl, type BowlLife, type Fate, type LeftOver } from '@amber-ladle/contract';
import { computed, onMounted, ref } from 'vue';
import NumberField from '../kit/NumberField.vue';
import { call } from '../data/client';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useShelf } from '../data/shelf';
import { dayText, KEEPING_WORDS } from '@amber-ladle/words';

/** When everybody is rinsed: what is left in the bowl, and what becomes of it. */
const { bowl, life } = defineProps<{ bowl: Bowl; life: BowlLife }>();
const emit = defineEmits<{ life: [life: BowlLife] }>();
const household = useHousehold();
const shelf = useShelf();
const notice = useNotice();
onMounted(() =>
  shelf.load().catch((error: unknown) => {
    notice.fail(error);
  }),
);

const made = computed(() => bowl.snapshot.sized.madeMillilitres);
const SHARES = [
  { share: 0, words: dayText.nothing },
  { share: 0.05, words: dayText.aScraping },
  { share: 0.125, words: '⅛' },
  { share: 0.25, words: '¼' },
  { share: 0.5, words: '½' },
] as const;
/** What was said so far, here or on another device. */
const said = computed(() => life.leftOver);
const measured = ref<number>();
const isJudged = (share: number): boolean =>
  said.value?.how === 'judged' && Math.abs(said.value.millilitres - share * made.value) < 0.5;

const fridge = computed(() => shelf.places.find(({ kind }) => kind === 'fridge'));
const freezer = computed(() => shelf.places.find(({ kind }) => kind === 'freezer'));
const keeping = computed(() => bowl.snapshot.mask.keeping);
/** What burned one head is kept for none. */
const hasBurned = computed(() => Object.values(life.wearing).some(({ rinsedWhy }) => rinsedWhy === 'burning'));
const others = computed(() => (hasBurned.value ? [] : household.heads.filter(({ id }) => !life.wearing[id])));

async function leave(millilitres: number, how: LeftOver['how'], fate: Fate, rest: FateWhere = {}): Promise<void> {
  try {
    const body = { millilitres, how, fate, ...rest };
    emit('life', await call(api.bowls.leave, { params: { id: bowl.id }, body }));
    notice.show(fate === 'nothing' ? dayText.nothingLeftTheBowl : dayText.noted, async () => {
      emit('life', await call(api.bowls.unleave, { params: { id: bowl.id } }));
    });
  } catch (error) {
    notice.fail(error);
  }
}
/** Kept as it is said; what becomes of it is asked next. */
const judge = (share: number): Promise<void> =>
  leave(share * made.value, 'judged', share === 0 ? 'nothing' : 'undecided');
/** A number is written letter by letter: it is kept by a tap. */
async function weigh(): Promise<void> {
  const millilitres = measured.value ?? 0;
  await leave(millilitres, 'measured', millilitres < 1 ? 'nothing' : 'undecided');
  measured.value = undefined;
}
interface FateWhere {
  readonly placeId?: string;
  readonly headId?: string;
}
const settle = (fate: Fate, rest: FateWhere = {}): Promise<void> =>
  leave(said.value?.millilitres ?? 0, said.value?.how ?? 'judged', fate, rest);
</script>

<template>
  <section class="left" aria-labelledby="left" data-test="left-over">
    <h2 id="left">{{ dayText.whatIsLeft }}</h2>
    <div class="line" role="group" :aria-label="dayText.judgedByEye">
      <ChoicePills
        v-slot="{ one }"
        :of="SHARES"
        look="big"
        :is-chosen="(one) => isJudged(one.share)"
        @choose="(one) => judge(one.share)"
      >
        {{ one.words
        }}<span v-if="one.share > 0" class="figures"> {{ dayText.aboutMl(Math.round(one.share * made)) }}</span>
      </ChoicePills>
      <NumberField
        :model-value="measured ?? (said?.how === 'measured' ? said.millilitres : 0)"
        :label="dayText.orMeasured"
        unit="mL"
        :min="0"
        :max="2000"
        class="measured"
        @update:model-value="measured = $event"
      />
      <v-btn v-if="measured !== undefined" color="primary" min-height="56" data-test="weighed" @click="weigh">{{
        dayText.mlAreLeft(measured)
      }}</v-btn>
    </div>
    <div v-if="said" class="line fates" role="group" :aria-label="dayText.whatBecomesOfIt">
      <v-btn
        v-if="fridge && keeping !== 'same-day' && !hasBurned"
        variant="tonal"
        color="primary"
        min-height="56"
        @click="settle('kept', { placeId: fridge.id })"
        >{{ dayText.keepIt(fridge.name) }}</v-btn
      >
      <v-btn
        v-if="freezer && keeping === 'freezes' && !hasBurned"
        variant="tonal"
        color="primary"
        min-height="56"
        @click="settle('frozen', { placeId: freezer.id })"
        >{{ dayText.freezeIt }}</v-btn
      >
      <v-btn
        v-for="head in others"
        :key="head.id"
        variant="tonal"
        color="primary"
        min-height="56"
        @click="settle('second-head', { headId: head.id })"
        >{{ dayText.forHead(head.name) }}</v-btn
      >
      <v-btn variant="text" color="error" min-height="56" @click="settle('discarded')">{{ dayText.throwItAway }}</v-btn>
    </div>
    <p class="quiet">
      <template v-if="hasBurned">{{ dayText.itBurnedOrItched }}</template><template v-else>{{
        KEEPING_WORDS[keeping]
      }}</template
      ><template v-if="keeping !== 'same-day' && !hasBurned"> {{ dayText.labelWhatIsKept }}</template>
      {{ dayText.neverToBeEaten }}
    </p>
  </section>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  margin: 12px 0;
}
.measured {
  max-width: 170px;
}
</style>
