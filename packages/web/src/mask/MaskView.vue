<script setup lang="ts">
import { inARow } from '../data/inARow';
import { ingredientById } from '@amber-ladle/core/ingredient';
import { BUILT_IN_MASKS, handlingNotes, hairStateFor } from '@amber-ladle/core/mask';
import { computed } from 'vue';
import { InHandPanel } from '../bowl';
import { useHousehold } from '../data/household';
import { useWords } from '../data/useWords';
import { WearScale } from '../day';
import { MaskPicture } from '../kit/ink';
import {
  maskText,
  COVERAGE_WORDS,
  HAIR_STATE_WORDS,
  HEAT_WORDS,
  KEEPING_WORDS,
  NEED_WORDS,
  rinseWords,
  SLOT_WORDS,
  wearWords,
  writeMinutes,
} from '@amber-ladle/words';
import MaskAlong from './MaskAlong.vue';
import { careOf, partRows } from './maskFacts';
import MaskFormula from './MaskFormula.vue';
import MaskVersions from './MaskVersions.vue';
import ToldPanel from './ToldPanel.vue';

/** A mask of the book: what it is, how it is made, worn and kept, and what is to be minded. */
const props = defineProps<{ id: string }>();
const { say, spell } = useWords();
const household = useHousehold();
const mask = computed(() => household.maskById(props.id));
const isOwn = computed(() => !BUILT_IN_MASKS.some(({ id }) => id === props.id));
/** Her own words stay as she wrote them. */
const written = (words: string): string => (isOwn.value ? words : spell(words));
const catalogue = computed(() => household.catalogue);
const notes = computed(() =>
  mask.value
    ? handlingNotes(mask.value, catalogue.value).map(({ id, ingredientIds, what }) => ({
        id,
        who: inARow(ingredientIds.map((one) => ingredientById(catalogue.value, one).name)),
        words: say(what),
      }))
    : [],
);
const care = computed(() => (mask.value ? careOf(partRows(mask.value.parts, catalogue.value), mask.value, spell) : []));
</script>

<template>
  <div v-if="!mask" class="page">
    <h1>{{ maskText.noSuchMaskHeading }}</h1>
    <p>{{ maskText.itMayHaveBeen }}</p>
    <v-btn color="primary" :to="{ name: 'masks' }">{{ maskText.allMasks }}</v-btn>
  </div>
  <div v-else class="page">
    <RouterLink class="quiet-link" :to="{ name: 'masks' }">{{ maskText.allMasks }}</RouterLink>
    <div class="title">
      <h1>{{ mask.name }}</h1>
      <span class="does">
        <v-btn color="primary" :to="{ name: 'bowl', query: { mask: mask.id } }">{{ maskText.sizeThis }}</v-btn>
        <v-btn v-if="isOwn" variant="tonal" color="primary" :to="{ name: 'mask-edit', params: { id: mask.id } }">
          {{ maskText.changeIt }}
        </v-btn>
        <v-btn variant="text" color="primary" :to="{ name: 'mask-new', query: { from: mask.id } }">{{
          maskText.copyIt
        }}</v-btn>
      </span>
    </div>
    <div class="opening">
      <MaskPicture class="portrait" :parts="mask.parts" :catalogue="catalogue" :size="190" />
      <div>
        <p class="summary">{{ written(mask.summary) }}</p>
        <p class="quiet">
          <template v-if="mask.needs.length > 0"
            >{{ maskText.makersUseItFor(inARow(mask.needs.map((n) => NEED_WORDS[n]))) }}
          </template>
          {{
            maskText.hairOfWork(
              SLOT_WORDS[mask.slot],
              HAIR_STATE_WORDS[hairStateFor(mask)],
              COVERAGE_WORDS[mask.coverage],
              writeMinutes(mask.handsOnMinutes),
            )
          }}<template v-if="mask.repeatDays"> {{ maskText.everyDays(mask.repeatDays) }}</template
          ><template v-if="mask.school"> · {{ mask.school }}</template>
        </p>
      </div>
    </div>
    <ToldPanel v-if="mask.writtenGrams !== undefined && household.heads.length > 0" :mask="mask" />
    <div class="two">
      <MaskFormula :mask="mask" />
      <section aria-labelledby="making">
        <h2 id="making">{{ maskText.making }}</h2>
        <ol>
          <li v-for="step in mask.steps" :key="step">{{ written(step) }}</li>
        </ol>
        <ul v-if="notes.length > 0" class="plain-list notes">
          <li v-for="note in notes" :key="note.id">
            <b>{{ note.who }}</b> {{ note.words }}
          </li>
        </ul>
      </section>
    </div>
    <section aria-labelledby="hand">
      <h2 id="hand">{{ maskText.fromWhatIHave }}</h2>
      <InHandPanel :mask="mask" />
    </section>
    <section aria-labelledby="wearing">
      <h2 id="wearing">{{ maskText.wearingAndRinsing }}</h2>
      <div class="scale"><WearScale :wear="mask.wear" /></div>
      <p v-for="wear in mask.otherWears ?? []" :key="wear.aimMinutes" class="quiet">
        {{ maskText.orChosenWithEach(wearWords(wear)) }}
      </p>
      <p>{{ HEAT_WORDS[mask.heat] }} {{ rinseWords(mask.rinse) }} {{ KEEPING_WORDS[mask.keeping] }}</p>
    </section>
    <section aria-labelledby="care">
      <h2 id="care">{{ maskText.withCare }}</h2>
      <ul>
        <li v-for="one in care" :key="one">{{ one }}</li>
      </ul>
    </section>
    <MaskVersions v-if="isOwn" :mask="mask" />
    <MaskAlong :mask="mask" />
  </div>
</template>

<style scoped>
.title {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 16px;
  margin-top: 8px;
}
.does {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.notes {
  border-left: 3px solid var(--amber-fill);
  padding-left: 12px;
}
@media (max-width: 43.75em) {
  .title {
    flex-wrap: wrap;
  }
}
.opening {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 30px;
  align-items: center;
  margin: 8px 0 4px;
}
@media (max-width: 43.75em) {
  .portrait {
    width: 110px;
    height: 110px;
  }
  .opening {
    gap: 14px;
  }
}
.summary {
  font-size: 1.2rem;
  margin: 4px 0;
}
.two {
  display: grid;
  grid-template-columns: 1.2fr 1fr;
  gap: 40px;
  margin-top: 20px;
}
h2 {
  margin: 16px 0 14px;
}
ol,
ul {
  padding-left: 1.3em;
}
li {
  margin: 5px 0;
}
.scale {
  max-width: 620px;
}
@media (max-width: 50em) {
  .two {
    grid-template-columns: minmax(0, 1fr);
    gap: 8px;
  }
}
</style>
