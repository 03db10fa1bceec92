<script setup lang="ts">
import type { Bowl } from '@amber-ladle/contract';
import type { Mask } from '@amber-ladle/core/mask';
import { kitchenRound, writeFraction } from '@amber-ladle/core/measure';
import { wearText, COVERAGE_WORDS, lastsWords, LEFT_IN_BOWL, SECTION_WORDS, writeTime } from '@amber-ladle/words';
import { computed, toRef } from 'vue';
import { useHousehold } from '../data/household';
import { useWashDay } from '../data/washday';
import { HairWaitsLine, RinseNow, useHairWaits, useLengths, WearLengths } from '../day';
import ChoicePills from '../kit/ChoicePills.vue';
import { paintInBowl } from '../kit/ink';
import NumberField from '../kit/NumberField.vue';
import HeadFromAbove from './HeadFromAbove.vue';
import type { WearingOnScreen } from './useWearing';

/** Onto the head: section by section, each with its share, until the cap goes on. */
const { wearing, bowl, mask } = defineProps<{ wearing: WearingOnScreen; bowl: Bowl; mask: Mask }>();
const household = useHousehold();
const { head, amounts, doneIds, next, bottle, leftShare, pace, second, decision, needsDecision } = wearing;
/** Of what there is most of in the mask. */
const paint = computed(() => {
  const most = [...mask.parts].sort((a, b) => b.share - a.share)[0];
  const row = most && household.catalogue.get(most.ingredientId);
  return row ? paintInBowl(row) : 'var(--amber-wash)';
});
const onHead = computed(() => kitchenRound(head.value?.millilitres ?? 0));
const waits = useHairWaits(computed(() => head.value?.id));
const washday = useWashDay();
/** Its day is under way, and planned for its length. */
const isPlanned = computed(() => washday.day?.bowlIds.includes(bowl.id) ?? false);
const { lengths, stopped, choose: chooseLength } = useLengths(toRef(() => bowl));
/** When it would be rinsed, if the cap went on now. */
const costs = computed(
  () =>
    new Map(
      lengths.value.map(({ wear: { aimMinutes } }) => [
        aimMinutes,
        wearText.tillTime(writeTime(new Date(household.moment + aimMinutes * 60_000).toISOString(), household.where)),
      ]),
    ),
);
const advice = computed(() => (pace.value ? lastsWords(pace.value) : ''));
</script>

<template>
  <section class="stage">
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
        {{ wearText.mlReachTheHead(COVERAGE_WORDS[mask.coverage], onHead)
        }}<template v-if="mask.endsExtraShare > 0">{{ wearText.theEndsASecond }}</template
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
                {{ wearText.bottle(writeFraction(Math.max(0.25, Math.round(one.fillings * 4) / 4))) }}</template
              ></b
            >
          </button>
        </li>
      </ul>
      <NumberField
        v-if="mask.applicator === 'bottle'"
        v-model="bottle"
        :label="wearText.theBottleHolds"
        unit="mL"
        :min="20"
        :max="1000"
        class="bottle"
      />
      <div v-if="doneIds.length >= 3 && next" class="left" role="group" :aria-label="wearText.whatIsLeft">
        <span class="quiet">{{ wearText.leftInTheBowl }}</span>
        <ChoicePills
          :of="LEFT_IN_BOWL"
          :says="(one) => one.words"
          :is-chosen="(one) => leftShare === one.share"
          @choose="(one) => wearing.seeLeft(one.share)"
        />
        <p v-if="advice" aria-live="polite" data-test="pace">{{ advice }}</p>
      </div>
      <div class="buttons in-reach">
        <v-btn v-if="next" color="primary" min-height="64" @click="wearing.forward">{{
          wearText.done(SECTION_WORDS[next.id])
        }}</v-btn>
        <v-btn :variant="next ? 'tonal' : 'flat'" color="primary" min-height="64" @click="wearing.capOn">{{
          wearText.capOnStart
        }}</v-btn>
      </div>
      <RinseNow v-if="doneIds.length > 0" @now="wearing.rinsed" />
      <v-text-field v-if="needsDecision" v-model="decision" :label="wearText.theBowlIsPast" maxlength="300" />
    </div>
  </section>
</template>

<style scoped>
.stage {
  display: grid;
  grid-template-columns: 380px 1fr;
  gap: 36px;
  margin-top: 12px;
}
.where::first-letter {
  text-transform: uppercase;
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
@media (max-width: 50em) {
  .stage {
    grid-template-columns: minmax(0, 1fr);
    gap: 12px;
  }
  .sections {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
