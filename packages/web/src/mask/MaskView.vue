<script setup lang="ts">
import type { MaskVersion } from '@amber-ladle/contract';
import { gramsPerMillilitre, ingredientById } from '@amber-ladle/core/ingredient';
import { BUILT_IN_MASKS, estimateTexture, handlingNotes, hairStateFor } from '@amber-ladle/core/mask';
import { maskToJson, maskToJsonLd, maskToText } from '@amber-ladle/core/exchange';
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import FormulaBar from './FormulaBar.vue';
import { WearScale } from '../day';
import { InHandPanel } from '../bowl';
import ToldPanel from './ToldPanel.vue';
import { download } from '../kit/download';
import { share } from '../kit/share';
import { maskLink } from './maskLink';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import {
  COVERAGE_WORDS,
  HAIR_STATE_WORDS,
  HEAT_WORDS,
  KEEPING_WORDS,
  NEED_WORDS,
  rinseWords,
  SLOT_WORDS,
  writeMinutes,
} from '../words/mask';
import { wearWords } from '../words/paste';
import { writeDay, writeTime } from '../words/when';
import { useWords } from '../data/useWords';
import { IngredientPicture, MaskPicture } from '../kit/ink';

const { say, spell } = useWords();

const props = defineProps<{ id: string }>();
const household = useHousehold();
const notice = useNotice();
const router = useRouter();
const mask = computed(() => household.maskById(props.id));
const isOwn = computed(() => !BUILT_IN_MASKS.some(({ id }) => id === props.id));
/** Her own words stay as she wrote them. */
const written = (words: string): string => (isOwn.value ? words : spell(words));
const catalogue = computed(() => household.catalogue);
const rows = computed(() =>
  (mask.value?.parts ?? []).map((part) => {
    const ingredient = ingredientById(catalogue.value, part.ingredientId);
    return { part, ingredient, millilitres: (part.share * 100) / gramsPerMillilitre(ingredient) };
  }),
);
const texture = computed(() =>
  mask.value
    ? estimateTexture(
        mask.value.parts.map(({ ingredientId, share }) => ({ ingredientId, grams: share })),
        catalogue.value,
      )
    : undefined,
);
const notes = computed(() =>
  mask.value
    ? handlingNotes(mask.value, catalogue.value).map(({ id, ingredientIds, what }) => ({
        id,
        who: ingredientIds.map((one) => ingredientById(catalogue.value, one).name).join(', '),
        words: say(what),
      }))
    : [],
);
const allergens = computed(() => [...new Set(rows.value.flatMap(({ ingredient }) => ingredient.allergens))]);
const latex = computed(() => rows.value.some(({ ingredient }) => ingredient.crossesWithLatex));
const stains = computed(() =>
  rows.value.filter(({ ingredient }) => ingredient.stains).map(({ ingredient }) => ingredient.name),
);
const shareWords = (share: number): string => `${(share * 100).toFixed(share < 0.02 ? 1 : 0)} %`;

const versions = ref<MaskVersion[]>([]);
watch(
  () => [props.id, mask.value?.version],
  async () => {
    versions.value = [];
    if (!mask.value || !isOwn.value) return;
    versions.value = await household.readVersions(props.id).catch(() => []);
  },
  { immediate: true },
);
/** The mask in a file of its own, for anybody. */
function save(kind: 'json' | 'jsonld' | 'txt'): void {
  const one = mask.value;
  if (!one) return;
  const name = `${one.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.${kind}`;
  if (kind === 'json') download(name, 'application/json', maskToJson(one));
  else if (kind === 'jsonld') download(name, 'application/ld+json', maskToJsonLd(one, catalogue.value));
  else download(name, 'text/plain', maskToText(one, catalogue.value));
}
/** To somebody else: in words for anybody, and in a link for another household. */
async function give(): Promise<void> {
  const one = mask.value;
  if (!one) return;
  try {
    const how = await share({ title: one.name, text: maskToText(one, catalogue.value), url: await maskLink(one) });
    if (how === 'copied') notice.show('Copied, with a link that opens it in another household’s Amber Ladle.');
  } catch (error) {
    notice.fail(error);
  }
}
const when = (instant: string): string =>
  `${writeDay(instant, household.now(), household.where)}, ${writeTime(instant, household.where)}`;
const partWords = ({ mask: before }: MaskVersion): string =>
  before.parts
    .map(({ ingredientId, share }) => `${catalogue.value.get(ingredientId)?.name ?? ingredientId} ${shareWords(share)}`)
    .join(', ');

/** An earlier version becomes the newest; nothing between them is lost. */
async function bringBack({ mask: before }: MaskVersion): Promise<void> {
  const now = mask.value;
  if (!now) return;
  const { id: _id, version: _version, ...input } = before;
  try {
    const kept = await household.saveMask(input, now);
    notice.show(`Version ${before.version} is back, as version ${kept.version}.`);
  } catch (error) {
    notice.fail(error);
  }
}
async function remove(): Promise<void> {
  const removed = mask.value;
  if (!removed) return;
  try {
    await household.removeMask(removed.id);
    notice.show(`${removed.name} is out of the book.`, () => household.restoreMask(removed.id));
    await router.push({ name: 'masks' });
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <div v-if="!mask" class="page">
    <h1>No such mask</h1>
    <p>It may have been renamed or taken out of the book.</p>
    <v-btn color="primary" :to="{ name: 'masks' }">All masks</v-btn>
  </div>
  <div v-else class="page">
    <RouterLink class="quiet-link" :to="{ name: 'masks' }">All masks</RouterLink>
    <div class="title">
      <h1>{{ mask.name }}</h1>
      <span class="does">
        <v-btn color="primary" :to="{ name: 'bowl', query: { mask: mask.id } }">Size this</v-btn>
        <v-btn v-if="isOwn" variant="tonal" color="primary" :to="{ name: 'mask-edit', params: { id: mask.id } }">
          Change it
        </v-btn>
        <v-btn variant="text" color="primary" :to="{ name: 'mask-new', query: { from: mask.id } }">Copy it</v-btn>
      </span>
    </div>
    <div class="opening">
      <MaskPicture class="portrait" :parts="mask.parts" :catalogue="catalogue" :size="190" />
      <div>
        <p class="summary">{{ written(mask.summary) }}</p>
        <p class="quiet">
          <template v-if="mask.needs.length > 0"
            >Makers use it for {{ mask.needs.map((n) => NEED_WORDS[n]).join(', ') }} ·
          </template>
          {{ SLOT_WORDS[mask.slot] }} · {{ HAIR_STATE_WORDS[hairStateFor(mask)] }} hair ·
          {{ COVERAGE_WORDS[mask.coverage] }} · {{ writeMinutes(mask.handsOnMinutes) }} of work<template
            v-if="mask.repeatDays"
          >
            · every {{ mask.repeatDays }} days</template
          ><template v-if="mask.school"> · {{ mask.school }}</template>
        </p>
      </div>
    </div>
    <ToldPanel v-if="mask.writtenGrams !== undefined && household.heads.length > 0" :mask="mask" />
    <div class="two">
      <section aria-labelledby="formula">
        <h2 id="formula">Formula</h2>
        <FormulaBar :parts="mask.parts" />
        <table class="figures">
          <thead>
            <tr>
              <th scope="col">To 100 g</th>
              <th scope="col" class="number">share</th>
              <th scope="col" class="number">mL</th>
              <th scope="col" class="number">may drift</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows" :key="row.part.ingredientId">
              <th scope="row" class="thing">
                <IngredientPicture :id="row.ingredient.id" :family="row.ingredient.family" :size="36" />
                <span>
                  <RouterLink class="ingredient" :to="{ name: 'ingredient', params: { id: row.ingredient.id } }">{{
                    row.ingredient.name
                  }}</RouterLink>
                  <span class="quiet"> {{ row.ingredient.state }}</span>
                </span>
              </th>
              <td class="number">{{ shareWords(row.part.share) }}</td>
              <td class="number">{{ row.millilitres.toFixed(row.millilitres < 10 ? 1 : 0) }}</td>
              <td class="number">± {{ Math.round(row.part.tolerance * 100) }} %</td>
            </tr>
          </tbody>
        </table>
        <p v-if="texture && mask.texture !== 'oil'">
          Comes out <b>{{ texture.texture }}</b>, by estimate to an order of magnitude.
        </p>
      </section>
      <section aria-labelledby="making">
        <h2 id="making">Making</h2>
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
      <h2 id="hand">From what I have</h2>
      <InHandPanel :mask="mask" />
    </section>
    <section aria-labelledby="wearing">
      <h2 id="wearing">Wearing and rinsing</h2>
      <div class="scale"><WearScale :wear="mask.wear" /></div>
      <p v-for="wear in mask.otherWears ?? []" :key="wear.aimMinutes" class="quiet">
        Or {{ wearWords(wear) }}: chosen with each bowl.
      </p>
      <p>{{ HEAT_WORDS[mask.heat] }} {{ rinseWords(mask.rinse) }} {{ KEEPING_WORDS[mask.keeping] }}</p>
    </section>
    <section aria-labelledby="care">
      <h2 id="care">With care</h2>
      <ul>
        <li v-if="allergens.length > 0">
          Contains {{ allergens.join(', ').replaceAll('-', ' ') }}: a food allergy is a skin allergy too.
        </li>
        <li v-for="caution in mask.cautions ?? []" :key="caution">{{ caution }}</li>
        <li v-if="latex">A latex allergy can cross with fruit in this.</li>
        <li v-if="stains.length > 0 || mask.stains">
          {{ stains.join(', ') || 'This one' }} can stain: dark towel, old shirt.
        </li>
        <li>New to a head: patch test at the inner elbow, 24 to 48 hours. Not on broken or sore skin.</li>
        <li v-for="row in rows.filter(({ ingredient }) => ingredient.advice)" :key="row.ingredient.id">
          {{ row.ingredient.name }}: {{ spell(row.ingredient.advice) }}
        </li>
      </ul>
    </section>
    <section v-if="isOwn" aria-labelledby="versions">
      <h2 id="versions">Versions</h2>
      <ul class="plain-list versions">
        <li v-for="one in versions" :key="one.mask.version">
          <span
            ><b>Version {{ one.mask.version }}</b> <span class="quiet">{{ when(one.createdAt) }}</span></span
          >
          <span class="figures quiet">{{ partWords(one) }}</span>
          <button
            v-if="one.mask.version !== mask.version"
            type="button"
            class="tool"
            :aria-label="`Bring version ${one.mask.version} back`"
            @click="bringBack(one)"
          >
            bring back
          </button>
        </li>
      </ul>
      <v-btn variant="text" color="error" @click="remove">Take it out of the book</v-btn>
    </section>
    <p class="quiet">
      Take it along:
      <button type="button" class="tool" data-test="give" @click="give">to somebody</button> ·
      <button type="button" class="tool" @click="save('json')">all of it</button> (JSON) ·
      <button type="button" class="tool" @click="save('jsonld')">for other programs</button> (schema.org) ·
      <button type="button" class="tool" @click="save('txt')">as plain text</button>
    </p>
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
.ingredient {
  margin-right: 6px;
  color: var(--ink);
  text-underline-offset: 3px;
}
.notes {
  border-left: 3px solid var(--amber-fill);
  padding-left: 12px;
}
.versions li {
  display: grid;
  grid-template-columns: 200px 1fr auto;
  gap: 4px 16px;
  align-items: center;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}
@media (max-width: 43.75em) {
  .versions li {
    grid-template-columns: minmax(0, 1fr);
  }
  .title {
    flex-wrap: wrap;
  }
}
.thing {
  display: flex;
  align-items: center;
  gap: 12px;
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
table {
  width: 100%;
  border-collapse: collapse;
  margin: 10px 0;
}
th,
td {
  text-align: left;
  padding: 6px 8px 6px 0;
  border-bottom: 1px solid var(--rule);
  font-weight: 400;
}
thead th {
  color: var(--quiet);
  font-size: 0.9rem;
}
.number {
  text-align: right;
  white-space: nowrap;
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
