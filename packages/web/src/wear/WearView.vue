<script setup lang="ts">
import ChoicePills from '../kit/ChoicePills.vue';
import { kitchenRound, writeFraction } from '@amber-ladle/core/measure';
import { hoodMinutes } from '@amber-ladle/core/washday';
import { computed } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { AlarmCheck } from '../alarms';
import HeadFromAbove from './HeadFromAbove.vue';
import WearCandle from './WearCandle.vue';
import { BowlOpening } from '../day';
import { WearScale } from '../day';
import { AcidRinsePanel } from '../day';
import { CautionPanel } from '../caution';
import { HairWaitsLine } from '../day';
import { LeftOverPanel } from '../day';
import { NoBowlYet } from '../day';
import DemoTime from '../kit/DemoTime.vue';
import NumberField from '../kit/NumberField.vue';
import { RinseNow } from '../day';
import { WearLengths } from '../day';
import { useCurrentBowl } from '../day';
import { useHairWaits } from '../day';
import { paintInBowl, ScenePicture } from '../kit/ink';
import { useAloud } from '../kit/useAloud';
import { useKeys } from '../kit/useKeys';
import { useLengths } from '../day';
import { useWearing } from './useWearing';
import { useHousehold } from '../data/household';
import { useWashDay } from '../data/washday';
import {
  COVERAGE_WORDS,
  HEAT_WORDS,
  KEEPING_WORDS,
  leftAloud,
  markOf,
  PHASE_WORDS,
  RINSE_NEXT,
  RINSED_WORDS,
  rinseWords,
  SECTION_WORDS,
  writeMinutes,
  writeTime,
} from '@amber-ladle/words';

/** On the head: section by section, then the candle of time, then the rinse. */
const household = useHousehold();
const route = useRoute();
const router = useRouter();
const { bowl, failure } = useCurrentBowl();
const wearing = useWearing(
  bowl,
  computed(() => (route.query['head'] ? String(route.query['head']) : undefined)),
);
const { life, mask, heads, head, worn, isRinsed, isAllRinsed, isAnew, amounts, doneIds, next } = wearing;
const { bottle, leftShare, coated, pace, second, state, decision, needsDecision, earlier } = wearing;
const person = computed(() => household.headById(head.value?.id));
const choose = (id: string): unknown => router.replace({ query: { ...route.query, head: id } });
useKeys([
  { keys: [' '], does: 'next section, cap on, rinsed', run: wearing.forward },
  { keys: ['Backspace'], does: 'one back', run: wearing.back },
]);
/** Of what there is most of in the mask. */
const paint = computed(() => {
  const most = [...(mask.value?.parts ?? [])].sort((a, b) => b.share - a.share)[0];
  const row = most && household.catalogue.get(most.ingredientId);
  return row ? paintInBowl(row) : 'var(--amber-wash)';
});
const onHead = computed(() => kitchenRound(head.value?.millilitres ?? 0));
const isEgg = computed(() => mask.value?.heat === 'never');
const time = (at: number): string => writeTime(new Date(at).toISOString(), household.where);
const LEFT = [
  { share: 0.75, words: '¾' },
  { share: 0.5, words: '½' },
  { share: 0.35, words: '⅓' },
  { share: 0.25, words: '¼' },
  { share: 0.1, words: 'a spoonful' },
] as const;
const residue = computed(() => {
  if (coated.value.length === 0) return '';
  const rinse = mask.value?.rinse;
  const slip = rinse?.conditioner ? 'a little conditioner for slip' : 'more water and fingers';
  return mask.value?.heat === 'never'
    ? `Again with cool water and ${slip}; never warm while egg is in it.`
    : `Again with ${slip}, from the nape up, combed out under the water.`;
});
const waits = useHairWaits(computed(() => head.value?.id));
const washday = useWashDay();
/** Its day is under way, and planned for its length. */
const isPlanned = computed(() => washday.day?.bowlIds.includes(bowl.value?.id ?? '') ?? false);
const { lengths, stopped, choose: chooseLength } = useLengths(bowl);
/** When it would be rinsed, if the cap went on now. */
const costs = computed(
  () =>
    new Map(
      lengths.value.map(({ wear: { aimMinutes } }) => [
        aimMinutes,
        `till ${time(household.moment + aimMinutes * 60_000)}`,
      ]),
    ),
);
const hoodFrom = computed(() => {
  if (!mask.value || !state.value) return undefined;
  const hood = hoodMinutes(mask.value);
  return hood > 0 ? state.value.aimAt - hood * 60_000 : undefined;
});
/** When the present phase ends. */
const phaseEnd = computed(() => {
  const now = state.value;
  if (!now || now.phase === 'over') return undefined;
  return { early: now.minimumAt, fine: now.aimAt, aim: now.limitAt, late: now.limitAt }[now.phase];
});
const aloud = useAloud(
  () => {
    const phase = state.value?.phase;
    if (phase === undefined) return undefined;
    const left = (phaseEnd.value ?? second.value) - second.value;
    const words = phaseEnd.value === undefined ? '' : ` ${leftAloud(left)}.`;
    return { key: `${phase} ${markOf(left)}`, text: PHASE_WORDS[phase] + words };
  },
  () => household.settings.locale,
);
const advice = computed(() => {
  if (!pace.value) return '';
  if (!pace.value.isShort) return 'It will last.';
  const percent = Math.round((1 - pace.value.ratio) * 100);
  return `It will run short by about ${percent} %: lighter from here, thin it with a splash of water, and keep the ends for last.`;
});
</script>

<template>
  <NoBowlYet v-if="failure || !bowl || !mask" title="Wear" :failure="failure" />
  <div v-else class="page wear wet-hands">
    <BowlOpening title="Wear" :bowl="bowl" :head="person" />
    <div v-if="heads.length > 1" class="line" role="group" aria-label="Whose head">
      <ChoicePills
        :of="heads"
        :says="(one) => one.name"
        look="big"
        :is-chosen="(one) => one.id === head?.id"
        @choose="(one) => choose(one.id)"
      />
    </div>

    <section v-if="life?.endedAt || isRinsed" data-test="rinsed">
      <p class="serif step">
        <template v-if="heads.length > 1">{{ head?.name }}: </template>Rinsed out at
        {{ writeTime(worn?.rinsedAt ?? life?.endedAt ?? '', household.where)
        }}<template v-if="worn?.rinsedWhy">, {{ RINSED_WORDS[worn.rinsedWhy] }}</template
        >.
      </p>
      <details v-if="!life?.endedAt && earlier.length > 0" class="earlier" data-test="earlier">
        <summary>It was earlier</summary>
        <button
          v-for="minutes in earlier"
          :key="minutes"
          type="button"
          class="pill"
          @click="wearing.rinsedEarlier(minutes)"
        >
          {{ writeMinutes(minutes) }} ago
        </button>
      </details>
      <div v-if="worn?.rinsedWhy && RINSE_NEXT[worn.rinsedWhy].length > 0" class="what-now" role="alert">
        <ul class="plain-list">
          <li v-for="words in RINSE_NEXT[worn.rinsedWhy]" :key="words">{{ words }}</li>
        </ul>
      </div>
      <AcidRinsePanel v-if="mask.rinse.acidRinse" />
      <LeftOverPanel
        v-if="life && isAllRinsed && !life.endedAt && (life.leftOver?.fate ?? 'undecided') === 'undecided'"
        :bowl="bowl"
        :life="life"
        @life="life = $event"
      />
      <p v-else-if="life?.leftOver && life.leftOver.millilitres >= 1" class="figures">
        {{ kitchenRound(life.leftOver.millilitres) }} mL were left.
        <button v-if="!life.endedAt" type="button" class="pill" @click="isAnew = true">Wear what was kept</button>
      </p>
      <p v-else>{{ KEEPING_WORDS[mask.keeping] }} Never to be eaten.</p>
      <v-btn color="primary" min-height="64" :to="{ name: 'notes', query: { bowl: bowl.id, head: head?.id } }"
        >How did it go?</v-btn
      >
    </section>

    <section v-else-if="state" class="stage">
      <p class="sr-only" role="status" data-test="aloud">{{ aloud }}</p>
      <div class="clock"><WearCandle :wear="mask.wear" :state="state" /></div>
      <div>
        <p class="serif step" data-test="phase">{{ PHASE_WORDS[state.phase] }}</p>
        <p class="figures">
          At least till {{ time(state.minimumAt) }}, best at {{ time(state.aimAt) }}, out by
          <b>{{ time(state.limitAt) }}</b>.
        </p>
        <p :class="{ stop: isEgg }">{{ HEAT_WORDS[mask.heat] }}</p>
        <p v-if="hoodFrom !== undefined" class="figures hood" data-test="hood">
          <ScenePicture scene="hood" :size="56" />
          Under the hood, if you like, from {{ time(hoodFrom) }}, on low.
        </p>
        <p>{{ rinseWords(mask.rinse) }}</p>
        <div v-if="state.phase !== 'early'" class="left" role="group" aria-label="Still coated under the water">
          <span class="quiet">Still coated?</span>
          <ChoicePills
            :of="amounts"
            :says="(one) => SECTION_WORDS[one.id]"
            :is-chosen="(one) => coated.includes(one.id)"
            @choose="(one) => wearing.feel(one.id)"
          />
          <p v-if="residue" aria-live="polite" data-test="residue">{{ residue }}</p>
        </div>
        <div class="buttons in-reach">
          <v-btn v-if="state.phase !== 'early'" color="primary" min-height="64" @click="wearing.rinsed()"
            >Rinsed out</v-btn
          >
          <v-btn variant="text" min-height="64" @click="wearing.back">Cap off again</v-btn>
        </div>
        <RinseNow @now="wearing.rinsed" />
        <DemoTime />
        <AlarmCheck />
      </div>
    </section>

    <section v-else class="stage">
      <div>
        <HeadFromAbove
          :sections="amounts"
          :done-ids="doneIds"
          :next-id="next?.id"
          :paint="paint"
          @toggle="wearing.toggle"
        />
      </div>
      <div>
        <HairWaitsLine v-if="waits" :waits="waits" :second="second" />
        <WearLengths v-if="!isPlanned" :lengths="lengths" :stopped="stopped" :costs="costs" @choose="chooseLength" />
        <p class="figures where">
          {{ COVERAGE_WORDS[mask.coverage] }}: {{ onHead }} mL reach the head<template v-if="mask.endsExtraShare > 0"
            >, the ends a second time</template
          >.
        </p>
        <ul class="plain-list sections">
          <li v-for="one in amounts" :key="one.id">
            <button
              type="button"
              class="section"
              :class="{ next: next?.id === one.id }"
              :aria-pressed="doneIds.includes(one.id)"
              @click="wearing.toggle(one.id)"
            >
              <span>{{ SECTION_WORDS[one.id] }}</span>
              <b class="figures"
                >{{ kitchenRound(one.millilitres) }} mL<template v-if="one.fillings">
                  · {{ writeFraction(Math.max(0.25, Math.round(one.fillings * 4) / 4)) }} bottle</template
                ></b
              >
            </button>
          </li>
        </ul>
        <NumberField
          v-if="mask.applicator === 'bottle'"
          v-model="bottle"
          label="The bottle holds"
          unit="mL"
          :min="20"
          :max="1000"
          class="bottle"
        />
        <div v-if="doneIds.length >= 3 && next" class="left" role="group" aria-label="What is left in the bowl">
          <span class="quiet">Left in the bowl</span>
          <ChoicePills
            :of="LEFT"
            :says="(one) => one.words"
            :is-chosen="(one) => leftShare === one.share"
            @choose="(one) => wearing.seeLeft(one.share)"
          />
          <p v-if="advice" aria-live="polite" data-test="pace">{{ advice }}</p>
        </div>
        <div class="buttons in-reach">
          <v-btn v-if="next" color="primary" min-height="64" @click="wearing.forward"
            >Done: {{ SECTION_WORDS[next.id] }}</v-btn
          >
          <v-btn :variant="next ? 'tonal' : 'flat'" color="primary" min-height="64" @click="wearing.capOn"
            >Cap on, start the time</v-btn
          >
        </div>
        <RinseNow v-if="doneIds.length > 0" @now="wearing.rinsed" />
        <v-text-field
          v-if="needsDecision"
          v-model="decision"
          label="The bowl is past its time. To wear it all the same, say why"
          maxlength="300"
        />
      </div>
    </section>

    <template v-if="!life?.endedAt && !isRinsed">
      <CautionPanel v-if="person" :mask="mask" :heads="[person]" place="wearing" />
      <WearScale v-if="!state" :wear="mask.wear" />
      <dl>
        <dt>Stop</dt>
        <dd>
          At burning, swelling or a rash: rinse at once. Not on broken or sore skin; ask a pharmacist or doctor when
          unsure.
        </dd>
        <template v-if="!state">
          <dt>Warmth</dt>
          <dd>{{ HEAT_WORDS[mask.heat] }}</dd>
          <dt>Rinse</dt>
          <dd>{{ rinseWords(mask.rinse) }} Aim for {{ writeMinutes(mask.wear.aimMinutes) }}.</dd>
        </template>
      </dl>
      <AcidRinsePanel v-if="mask.rinse.acidRinse && state" />
    </template>
  </div>
</template>

<style scoped>
.hood {
  display: flex;
  align-items: center;
  gap: 14px;
}
.stage {
  display: grid;
  grid-template-columns: 380px 1fr;
  gap: 36px;
  margin-top: 12px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 8px 0;
}
.where::first-letter {
  text-transform: uppercase;
}
.step {
  font-size: 2rem;
  line-height: 1.2;
  margin: 6px 0 10px;
}
.sections {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
.section {
  width: 100%;
  min-height: 64px;
  padding: 0 16px;
  display: flex;
  justify-content: space-between;
  align-items: center;
  border: 1px solid var(--quiet);
  border-radius: 6px;
  background: transparent;
  color: var(--ink);
  font: inherit;
  font-size: 1.1rem;
  cursor: pointer;
}
.section.next {
  border: 2px solid var(--amber-fill);
}
.section[aria-pressed='true'] {
  background: var(--amber-wash);
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin: 16px 0;
}
.bottle {
  max-width: 200px;
  margin-top: 12px;
}
.left {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-top: 14px;
}
.left p {
  flex-basis: 100%;
  margin: 0;
  font-weight: 600;
}
.what-now {
  max-width: 62ch;
  margin: 4px 0 16px;
  padding: 12px 16px;
  border-left: 4px solid var(--clay);
  font-size: 1.1rem;
}
.what-now li + li {
  margin-top: 8px;
}
.stop {
  color: var(--clay);
  font-weight: 600;
}
.earlier summary {
  min-height: 44px;
  cursor: pointer;
}
.earlier .pill {
  min-height: 48px;
  margin: 0 8px 8px 0;
}
dl {
  display: grid;
  grid-template-columns: 110px 1fr;
  gap: 12px 20px;
  font-size: 1.15rem;
  margin-top: 20px;
}
dt {
  color: var(--quiet);
}
dd {
  margin: 0;
}
@media (max-width: 50em) {
  .stage {
    grid-template-columns: minmax(0, 1fr);
    gap: 12px;
  }
  .sections {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 32.5em) {
  .clock {
    max-width: 270px;
    margin: 0 auto;
  }
  dl {
    grid-template-columns: minmax(0, 1fr);
    gap: 2px;
  }
  dd {
    margin-bottom: 12px;
  }
}
</style>
