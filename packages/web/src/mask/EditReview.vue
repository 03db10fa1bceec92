<script setup lang="ts">
import { maskText, TEXTURE_WORDS } from '@amber-ladle/words';
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed } from 'vue';
import { TextureScale } from '../bowl';
import { useHousehold } from '../data/household';
import { useWords } from '../data/useWords';
import FormulaBar from './FormulaBar.vue';
import { limitsOf, slipsOf } from './review';
import type { MaskEditor } from './useMaskEditor';

/** What a mask comes to while it is written: shares, texture, what is to be said against it, and what a slip would cost. */
const props = defineProps<{ editor: MaskEditor }>();
const { fields, set, mask, texture, findings, trial, tighten } = props.editor;
const household = useHousehold();
const { say } = useWords();

/** What the usual care mends. */
const MENDED = new Set(['egg-warm', 'egg-long', 'spoils-overnight', 'stain-after-shampoo', 'bits-unstrained']);
const canTighten = computed(() => findings.value?.some(({ id }) => MENDED.has(id)) ?? false);
const slips = computed(() => slipsOf(trial.value?.slips ?? [], household.catalogue, say));
const limits = computed(() => limitsOf(trial.value?.bowl.caps ?? [], say));
</script>

<template>
  <aside :aria-label="maskText.whatItComesTo">
    <template v-if="mask && texture">
      <FormulaBar :parts="mask.parts" />
      <TextureScale v-if="fields.texture !== 'oil'" :flow-log10="texture.flowLog10" class="scale" />
      <p class="quiet">
        {{ maskText.comesOutByEstimate(TEXTURE_WORDS[texture.texture]) }}
        <button
          v-if="fields.texture !== texture.texture && fields.texture !== 'oil'"
          type="button"
          class="tool"
          @click="set({ texture: texture.texture })"
        >
          {{ maskText.callIt(TEXTURE_WORDS[texture.texture]) }}
        </button>
      </p>
      <div aria-live="polite" data-test="review">
        <p v-if="findings?.length === 0" class="fine">{{ maskText.nothingToSayAgainst }}</p>
        <ul v-else class="findings">
          <li v-for="finding in findings ?? []" :key="finding.id + say(finding.what)" :class="finding.severity">
            {{ say(finding.what) }}
          </li>
        </ul>
        <v-btn v-if="canTighten" variant="tonal" color="primary" @click="tighten">
          {{ maskText.applyTheUsualCare }}
        </v-btn>
      </div>
      <template v-if="trial">
        <h3>{{ maskText.forTrial(trial.name) }}</h3>
        <p class="figures" data-test="trial">
          {{
            maskText.aBowlOfMl(
              kitchenRound(trial.bowl.madeMillilitres),
              trial.bowl.fits ? maskText.keepsToTheFormula : maskText.bendsTheFormulaFurther,
            )
          }}
        </p>
        <p v-if="limits.length > 0" class="quiet">{{ maskText.held(limits.join('; ')) }}</p>
        <h3>{{ maskText.whatASlipCosts }}</h3>
        <ul class="plain-list slips figures">
          <li v-for="slip in slips" :key="slip">{{ slip }}</li>
        </ul>
      </template>
    </template>
    <p v-else class="quiet">{{ maskText.sharesTextureAndLimits }}</p>
  </aside>
</template>

<style scoped>
h3 {
  margin: 14px 0 4px;
}
.scale {
  margin-top: 12px;
}
.fine {
  border-left: 3px solid var(--leaf);
  padding-left: 12px;
}
.findings {
  list-style: none;
  padding: 0;
  margin: 0 0 8px;
}
.findings li {
  border-left: 3px solid var(--amber-fill);
  padding-left: 12px;
  margin: 6px 0;
}
.findings .fault {
  border-left-color: var(--clay);
  font-weight: 600;
}
.slips li {
  font-size: 0.97rem;
  padding: 3px 0;
}
</style>
