<script setup lang="ts">
import { scentLimit } from '@amber-ladle/core/batch';
import { ponytailOf, strandsInBraid } from '@amber-ladle/core/hair';
import { millilitresToDrops } from '@amber-ladle/core/measure';
import { computed, ref } from 'vue';
import { GUEST, HeadPicture } from '../head';
import IngredientById from '../kit/IngredientById.vue';
import { ScenePicture, SpoonPicture } from '../kit/ink';
import { AcidRinsePanel } from '../day';
import BowlReader from './BowlReader.vue';
import NumberField from '../kit/NumberField.vue';
import PoursPanel from './PoursPanel.vue';
import { useHousehold } from '../data/household';
import { benchesText, writeSmallLength } from '@amber-ladle/words';

/** Small benches of their own: an acid rinse, drops of scent, a spoon, a weighed braid, what a bowl is like. */
const household = useHousehold();
const bowl = ref(200);
const age = ref(30);
const limit = computed(() => scentLimit(age.value));
const drops = computed(() => Math.floor(millilitresToDrops(bowl.value * limit.value)));

/** Nobody in particular, for the picture. */
const BRAIDED = { ...GUEST, profile: { ...GUEST.profile, style: 'braids' as const } };
const braidGrams = ref(120);
const braidCentimetres = ref(45);
const braidStrand = ref(70);
const strands = computed(() => strandsInBraid(braidGrams.value, braidCentimetres.value, braidStrand.value));
const braidStrands = computed(() => Math.round(strands.value / 1000));
const braidTail = computed(() => Math.round(ponytailOf(strands.value, braidStrand.value)));
const tailWords = computed(() =>
  household.where.lengthIn === 'cm' ? `${braidTail.value} mm` : writeSmallLength(braidTail.value / 10, household.where),
);

const spoons = ref(1);
const spoonMillilitres = ref(15);
const grams = ref(14);
const density = computed(() => grams.value / (spoons.value * spoonMillilitres.value));
const densityWords = computed(() => {
  if (density.value < 0.3) return benchesText.thatIsAsLight;
  if (density.value > 2.2) return benchesText.heavierThanAnyFood;
  return density.value < 0.97
    ? benchesText.lighterThanWater
    : density.value > 1.2
      ? benchesText.heavyAsHoneyIs
      : benchesText.aboutAsHeavy;
});
</script>

<template>
  <div class="page">
    <h1>{{ benchesText.smallBenches }}</h1>
    <div class="two">
      <div class="paper bench"><IngredientById id="cider-vinegar" :size="46" class="sign" /><AcidRinsePanel /></div>
      <section class="paper bench" aria-labelledby="scent">
        <IngredientById id="lavender-oil" :size="46" class="sign" />
        <h2 id="scent">{{ benchesText.dropsOfScent }}</h2>
        <div class="grid">
          <NumberField v-model="bowl" :label="benchesText.theBowl" unit="mL" :min="10" :max="2000" />
          <NumberField v-model="age" :label="benchesText.forSomebodyOf" :unit="benchesText.years" :min="0" :max="120" />
        </div>
        <p class="big figures" data-test="drops">
          {{ limit === 0 ? benchesText.noneUnderThreeYears : benchesText.dropsAtTheMost(drops) }}
        </p>
        <p class="quiet">
          {{ benchesText.ofTheBowl((limit * 100).toFixed(2)) }}
        </p>
      </section>
      <div class="paper bench"><IngredientById id="milk" :size="46" class="sign" /><PoursPanel /></div>
      <section class="paper bench" aria-labelledby="spoon">
        <span class="sign"><SpoonPicture :millilitres="spoonMillilitres" :scale="5" /></span>
        <h2 id="spoon">{{ benchesText.theWeight }}</h2>
        <div class="grid three">
          <NumberField v-model="spoons" :label="benchesText.levelSpoons" unit="" :min="1" :max="40" />
          <NumberField v-model="spoonMillilitres" :label="benchesText.of" unit="mL" :min="1" :max="250" />
          <NumberField v-model="grams" :label="benchesText.weigh" unit="g" :min="0.1" :max="5000" />
        </div>
        <p class="big figures" data-test="density">{{ benchesText.gramsInOneMillilitre(density.toFixed(2)) }}</p>
        <p class="quiet">
          {{ benchesText.writeItInto(densityWords) }}
          <RouterLink class="quiet-link" :to="{ name: 'ingredients' }">{{ benchesText.ingredients }}</RouterLink>{{
            benchesText.andEverySpoon
          }}
        </p>
      </section>
      <section class="paper bench" aria-labelledby="braid">
        <HeadPicture :head="BRAIDED" :size="56" class="sign" />
        <h2 id="braid">{{ benchesText.aWeighedBraid }}</h2>
        <div class="grid three">
          <NumberField v-model="braidGrams" :label="benchesText.itWeighs" unit="g" :min="1" :max="2000" />
          <NumberField
            v-model="braidCentimetres"
            :label="benchesText.stretched"
            unit="cm"
            :shown-in="household.where.lengthIn"
            :min="2"
            :max="200"
          />
          <NumberField v-model="braidStrand" :label="benchesText.aStrand" unit="µm" :min="40" :max="130" />
        </div>
        <p class="big figures" data-test="braid">{{ benchesText.about000Strands(braidStrands) }}</p>
        <p class="quiet figures">
          {{ benchesText.asMuch(tailWords) }}
        </p>
      </section>
      <div class="paper bench"><ScenePicture scene="mix" :size="46" class="sign" /><BowlReader /></div>
    </div>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
  align-items: start;
  margin: 12px 0;
}
.bench {
  position: relative;
  padding: 14px 18px;
}
.sign {
  position: absolute;
  top: 10px;
  right: 14px;
}
.grid {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  margin-top: 10px;
}
.three {
  grid-template-columns: 1fr 1fr 1fr;
}
.big {
  font: 560 1.4rem var(--serif);
  margin: 6px 0;
}
p {
  margin: 4px 0;
}
@media (max-width: 50em) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
