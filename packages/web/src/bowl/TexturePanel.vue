<script setup lang="ts">
import ChoicePills from '../kit/ChoicePills.vue';
import type { FittedAmounts } from '@amber-ladle/core/batch';
import { ingredientById, type Catalogue } from '@amber-ladle/core/ingredient';
import { textureFixes, SCALE_TEXTURES, type ScaleTexture } from '@amber-ladle/core/mask';
import { computed, ref, watch } from 'vue';
import TextureScale from './TextureScale.vue';
import { bowlText, fixWords, pullWords, TEXTURE_WORDS } from '@amber-ladle/words';

/** How thick the bowl comes out, what does that, and how to have it otherwise. */
const {
  bowl,
  catalogue,
  offset = 0,
} = defineProps<{
  bowl: FittedAmounts;
  catalogue: Catalogue;
  /** What earlier bowls of this mask taught, log₁₀ mPa·s. */
  offset?: number;
}>();

const wanted = ref<ScaleTexture>();
watch(
  () => bowl.texture.texture,
  (now) => now === wanted.value && (wanted.value = undefined),
);

/** Further fixes are more of the same. */
const MOST_OF = { add: 2, 'hold-back': 1, 'cook-thinner': 1 } as const;
const fixes = computed(() => {
  if (!wanted.value) return [];
  const all = textureFixes(bowl.lines, catalogue, wanted.value, offset);
  return (['cook-thinner', 'add', 'hold-back'] as const)
    .flatMap((what) => all.filter(({ does }) => does === what).slice(0, MOST_OF[what]))
    .map((fix) => fixWords(fix, catalogue));
});
const pulls = computed(() => {
  const most = Math.max(0.1, ...bowl.texture.pulls.map(({ pull }) => Math.abs(pull)));
  return [...bowl.texture.pulls]
    .sort((a, b) => b.pull - a.pull)
    .map(({ ingredientId, pull }) => ({
      id: ingredientId,
      name: ingredientById(catalogue, ingredientId).name,
      /** Of the longest, in hundredths. */
      share: (Math.abs(pull) / most) * 100,
      words: Math.abs(pull) < 0.05 ? bowlText.hardlyAny : pull > 0 ? bowlText.thickens : bowlText.thins,
      isThick: pull > 0,
    }));
});
</script>

<template>
  <div class="texture">
    <TextureScale :flow-log10="bowl.texture.flowLog10" />
    <p class="quiet">
      {{ pullWords(bowl, catalogue) }}.
      <template v-if="bowl.texture.boundOilShare > 0.02">{{ bowlText.theEggBinds }}</template>
      <template v-if="Math.abs(offset) > 0.1">{{
        bowlText.inThisKitchen(offset > 0 ? bowlText.thicker : bowlText.thinner)
      }}</template>
    </p>
    <div class="wish" role="group" :aria-label="bowlText.textureToHaveInstead">
      <span class="quiet">{{ bowlText.rather }}</span>
      <ChoicePills
        :of="SCALE_TEXTURES.filter((one) => one !== bowl.texture.texture && one !== 'stiff')"
        :says="(texture) => TEXTURE_WORDS[texture]"
        :is-chosen="(texture) => wanted === texture"
        @choose="(texture) => (wanted = wanted === texture ? undefined : texture)"
      />
    </div>
    <p v-if="wanted" aria-live="polite" data-test="texture-fix" class="figures">
      <template v-if="fixes.length > 0">{{
        bowlText.toHaveIt(
          TEXTURE_WORDS[wanted],
          fixes.reduce((one, other) => bowlText.thisOrThat(one, other)),
        )
      }}</template>
      <template v-else>{{ bowlText.thatFarIsAnother(TEXTURE_WORDS[wanted]) }}</template>
    </p>
    <details>
      <summary>{{ bowlText.whatEachIngredientDoes }}</summary>
      <ul class="plain-list pulls">
        <li v-for="pull in pulls" :key="pull.id">
          <span>{{ pull.name }}</span>
          <span class="bar" :class="{ thick: pull.isThick }" :style="{ width: `${pull.share}%` }" aria-hidden="true" />
          <span class="quiet">{{ pull.words }}</span>
        </li>
      </ul>
      <p class="quiet">{{ bowlText.anEstimate }}</p>
    </details>
  </div>
</template>

<style scoped>
.texture {
  margin-top: 12px;
}
p {
  font-size: 0.95rem;
  margin: 2px 0 6px;
}
p.quiet::first-letter {
  text-transform: uppercase;
}
.wish {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
}
.pulls li {
  display: grid;
  grid-template-columns: minmax(0, 130px) minmax(0, 124px) minmax(72px, 1fr);
  overflow-wrap: anywhere;
  gap: 8px;
  align-items: center;
  padding: 3px 0;
  font-size: 0.95rem;
}
.bar {
  height: 8px;
  background: var(--leaf);
}
.bar.thick {
  background: var(--amber-fill);
}
</style>
