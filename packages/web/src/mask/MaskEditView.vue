<script setup lang="ts">
import ChoicePills from '../kit/ChoicePills.vue';
import { HAIR_STATES, NEEDS, SLOTS, type Mask } from '@amber-ladle/core/mask';
import { ingredientById } from '@amber-ladle/core/ingredient';
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import FormulaBar from './FormulaBar.vue';
import { TextureScale } from '../bowl';
import { DraftLines } from '../ingredient';
import NumberField from '../kit/NumberField.vue';
import StepsPanel from './StepsPanel.vue';
import { useMaskEditor } from './useMaskEditor';
import { showFault } from '../kit/showFault';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import {
  APPLICATOR_WORDS,
  COVERAGE_WORDS,
  HAIR_STATE_WORDS,
  HEAT_WORDS,
  KEEPING_WORDS,
  MIXING_WORDS,
  NEED_WORDS,
  SLOT_WORDS,
  TEMPERATURE_WORDS,
} from '../words/mask';
import { USE_WORDS } from '../words/draft';
import { useWords } from '../data/useWords';

const { say } = useWords();

/** Writing a mask: a new one, a copy of another, or a new version of one's own. */
const props = defineProps<{ id: string; start?: Mask | undefined }>();
const household = useHousehold();
const notice = useNotice();
const route = useRoute();
const router = useRouter();

const isNew = props.id === 'new';
const copied = isNew ? household.maskById(String(route.query['from'] ?? '')) : undefined;
const saved = computed(() => (isNew ? undefined : household.maskById(props.id)));
const from = computed(() => props.start ?? (isNew ? copied : saved.value));
const editor = useMaskEditor(
  isNew ? `new-${copied?.id ?? ''}` : props.id,
  from,
  copied ? `${copied.name}, my way` : undefined,
);
const { fields, set, draft, mask, texture, findings, trial, errors, isTouched, readUses } = editor;
/** The version that is being typed over: a change made elsewhere meanwhile is refused, not overwritten. */
const typedOver = saved.value && { id: saved.value.id, version: saved.value.version };

const options = <T extends string>(words: Readonly<Record<T, string>>, values: readonly T[]) =>
  values.map((value) => ({ value, title: words[value] }));
const needs = options(NEED_WORDS, NEEDS);
const slots = options(SLOT_WORDS, SLOTS);
const coverages = options(COVERAGE_WORDS, ['scalp', 'lengths', 'roots-to-tips']);
const textures = ['oil', 'runny', 'pourable', 'creamy', 'thick', 'stiff'];
const mixings = options(MIXING_WORDS, ['blender', 'fork', 'pot']);
const applicators = options(APPLICATOR_WORDS, ['brush', 'hand', 'bottle']);
const heats = options(HEAT_WORDS, ['never', 'cap', 'dryer-may-help']);
const temperatures = options(TEMPERATURE_WORDS, ['cool-to-lukewarm', 'lukewarm', 'lukewarm-then-cool', 'warm']);
const keepings = options(KEEPING_WORDS, ['same-day', 'fridge-till-tomorrow', 'freezes']);
const states = options(HAIR_STATE_WORDS, HAIR_STATES);
const shampoos = [
  { value: 0, title: 'no shampoo after' },
  { value: 1, title: 'shampoo once after' },
  { value: 2, title: 'shampoo twice after' },
];

const stepsError = computed(
  () => Object.entries(errors.value).find(([path]) => /^(ownSteps|stepEdits)/.test(path))?.[1] ?? '',
);
/** A line each, blank ones kept while they are being typed. */
const steps = computed({
  get: () => fields.value.steps.join('\n'),
  set: (text) => {
    set({ steps: text.split('\n') });
  },
});
const cautions = computed({
  get: () => (fields.value.cautions ?? []).join('\n'),
  set: (text) => {
    set({ cautions: text.split('\n') });
  },
});
const trim = (): void => {
  const filled = (lines: readonly string[]) => lines.map((line) => line.trim()).filter((line) => line !== '');
  const noted = filled(fields.value.cautions ?? []);
  const { cautions: _cautions, ...rest } = fields.value;
  set({ ...rest, steps: filled(fields.value.steps), cautions: noted });
};
const costs = computed(() =>
  (trial.value?.slips ?? []).slice(0, 4).map(({ ingredientId, grams, breaks, changesTexture, texture: into }) => {
    const what = `${kitchenRound(grams)} g too much ${ingredientById(household.catalogue, ingredientId).name.toLowerCase()}`;
    if (breaks.length > 0) return `${what} breaks a limit: ${breaks.map(say).join('; ')}.`;
    return changesTexture ? `${what} makes it ${into}.` : `${what} is hardly felt.`;
  }),
);
const limits = computed(() => [...new Set((trial.value?.bowl.caps ?? []).map(({ what }) => say(what)))]);
const partNames = computed(() =>
  draft.parts.value.map(({ ingredientId }) => ({
    value: ingredientId,
    title: ingredientById(household.catalogue, ingredientId).name,
  })),
);
const ratioOf = ref<string | null>(null);
const ratioTo = ref<string | null>(null);
/** How far a held ratio may drift: spoons rarely meet it exactly. */
const RATIO_SLACK = 0.15;
function holdRatio(): void {
  const part = (id: string | null) => trial.value?.bowl.lines.find(({ ingredientId }) => ingredientId === id);
  const share = (id: string | null) => draft.parts.value.find(({ ingredientId }) => ingredientId === id)?.share ?? 0;
  const [a, b] = [part(ratioOf.value), part(ratioTo.value)];
  if (!a || !b || a === b || !(b.grams > 0) || !(a.grams > 0)) return;
  const ratio =
    ((share(a.ingredientId) / share(b.ingredientId)) * (a.millilitres / a.grams)) / (b.millilitres / b.grams);
  set({
    heldRatios: [
      ...fields.value.heldRatios.filter((held) => held.ingredientId !== a.ingredientId),
      { ingredientId: a.ingredientId, toIngredientId: b.ingredientId, ratio, tolerance: RATIO_SLACK },
    ],
  });
}
const nameOf = (id: string): string => household.catalogue.get(id)?.name ?? id;

const isSaving = ref(false);
async function save(): Promise<void> {
  trim();
  isSaving.value = true;
  try {
    const kept = await editor.save(typedOver);
    if (!kept) {
      notice.fail(new Error(Object.values(errors.value)[0] ?? 'Something needs another look.'));
      await showFault();
      return;
    }
    notice.show(`${kept.name} is in the book${kept.version > 1 ? `, version ${kept.version}` : ''}.`);
    await router.push({ name: 'mask', params: { id: kept.id } });
  } catch (error) {
    notice.fail(error);
  } finally {
    isSaving.value = false;
  }
}
function throwAway(): void {
  editor.startOver();
  void router.push(isNew ? { name: 'masks' } : { name: 'mask', params: { id: props.id } });
}
</script>

<template>
  <div v-if="!isNew && !saved" class="page">
    <h1>No such mask of your own</h1>
    <p>Built-in masks stay as they are; copy one and change the copy.</p>
    <v-btn color="primary" :to="{ name: 'masks' }">All masks</v-btn>
  </div>
  <form v-else class="page editor" novalidate @submit.prevent="save">
    <div class="title">
      <h1>{{ isNew ? 'A mask of your own' : `Change ${saved?.name}` }}</h1>
      <v-btn v-if="isNew" variant="tonal" color="primary" :to="{ name: 'mask-paste' }">Paste a mask</v-btn>
    </div>
    <div class="two">
      <section aria-labelledby="formula">
        <div class="names">
          <v-text-field
            :model-value="fields.name"
            label="Name"
            :error-messages="errors['name'] ?? null"
            maxlength="80"
            @update:model-value="set({ name: $event })"
          />
          <v-text-field
            :model-value="fields.summary"
            label="What it is, in one line"
            :error-messages="errors['summary'] ?? null"
            maxlength="200"
            @update:model-value="set({ summary: $event })"
          />
        </div>
        <h2 id="formula">Formula</h2>
        <p class="quiet">Write what you take, in any unit you use; only the shares are kept.</p>
        <DraftLines :draft="draft" />
        <p v-if="errors['parts']" role="alert" class="alert">{{ errors['parts'] }}</p>
        <details v-if="partNames.length > 1" class="ratio">
          <summary>Liquids that keep their ratio ({{ fields.heldRatios.length }})</summary>
          <ul class="plain-list">
            <li v-for="held in fields.heldRatios" :key="held.ingredientId" class="figures">
              {{ nameOf(held.ingredientId) }} to {{ nameOf(held.toIngredientId).toLowerCase() }}
              {{ held.ratio.toFixed(2) }} : 1 by volume
              <button
                type="button"
                class="tool"
                @click="set({ heldRatios: fields.heldRatios.filter((one) => one !== held) })"
              >
                let go
              </button>
            </li>
          </ul>
          <div class="pair">
            <v-select v-model="ratioOf" :items="partNames" label="This" density="compact" />
            <v-select v-model="ratioTo" :items="partNames" label="to this" density="compact" />
            <v-btn variant="tonal" color="primary" @click="holdRatio">Hold as it is</v-btn>
          </div>
        </details>
      </section>
      <aside aria-label="What it comes to">
        <template v-if="mask && texture">
          <FormulaBar :parts="mask.parts" />
          <TextureScale v-if="fields.texture !== 'oil'" :flow-log10="texture.flowLog10" class="scale" />
          <p class="quiet">
            Comes out {{ texture.texture }} by estimate.
            <button
              v-if="fields.texture !== texture.texture && fields.texture !== 'oil'"
              type="button"
              class="tool"
              @click="set({ texture: texture.texture })"
            >
              call it {{ texture.texture }}
            </button>
          </p>
          <div aria-live="polite" data-test="review">
            <p v-if="findings?.length === 0" class="fine">Nothing to say against it: it fits short hair and long.</p>
            <ul v-else class="findings">
              <li v-for="finding in findings ?? []" :key="finding.id + say(finding.what)" :class="finding.severity">
                {{ say(finding.what) }}
              </li>
            </ul>
            <v-btn
              v-if="
                findings?.some(({ id }) =>
                  ['egg-warm', 'egg-long', 'spoils-overnight', 'stain-after-shampoo', 'bits-unstrained'].includes(id),
                )
              "
              variant="tonal"
              color="primary"
              @click="editor.tighten"
            >
              Apply the usual care
            </v-btn>
          </div>
          <template v-if="trial">
            <h3>For {{ trial.name }}</h3>
            <p class="figures" data-test="trial">
              A bowl of {{ kitchenRound(trial.bowl.madeMillilitres) }} mL
              {{ trial.bowl.fits ? 'keeps to the formula.' : 'bends the formula further than you allow.' }}
            </p>
            <p v-if="limits.length > 0" class="quiet">Held: {{ limits.join('; ') }}.</p>
            <h3>What a slip costs</h3>
            <ul class="plain-list slips figures">
              <li v-for="cost in costs" :key="cost">{{ cost }}</li>
            </ul>
          </template>
        </template>
        <p v-else class="quiet">Shares, texture and limits appear here as soon as a line is clear.</p>
      </aside>
    </div>

    <section aria-labelledby="use">
      <h2 id="use">Use</h2>
      <ul v-if="readUses.length > 0" class="plain-list read-use" data-test="read-use" aria-label="Read from your text">
        <li v-for="one in readUses" :key="one.what + one.words">
          <b>{{ USE_WORDS[one.what] }}</b> from “{{ one.words }}”
        </li>
      </ul>
      <div class="needs" role="group" aria-label="Used for">
        <ChoicePills
          :of="needs"
          :says="(need) => need.title"
          :is-chosen="(need) => fields.needs.includes(need.value)"
          @choose="
            (need) =>
              set({
                needs: fields.needs.includes(need.value)
                  ? fields.needs.filter((one) => one !== need.value)
                  : [...fields.needs, need.value],
              })
          "
        />
      </div>
      <div class="grid">
        <v-select :model-value="fields.slot" :items="slots" label="When" @update:model-value="set({ slot: $event })" />
        <v-select
          :model-value="fields.coverage"
          :items="coverages"
          label="Where"
          @update:model-value="set({ coverage: $event })"
        />
        <v-select
          :model-value="fields.texture"
          :items="textures"
          label="Meant to be"
          @update:model-value="set({ texture: $event })"
        />
        <v-select
          :model-value="fields.hairState ?? null"
          :items="states"
          label="On hair that is"
          placeholder="as usual"
          persistent-placeholder
          clearable
          @update:model-value="set({ hairState: $event ?? undefined })"
        />
        <v-select
          :model-value="fields.applicator"
          :items="applicators"
          label="Put on by"
          @update:model-value="set({ applicator: $event })"
        />
        <NumberField
          :model-value="Math.round(fields.endsExtraShare * 100)"
          label="Extra on the ends"
          unit="%"
          :min="0"
          :max="100"
          @update:model-value="set({ endsExtraShare: $event / 100 })"
        />
        <NumberField
          :model-value="fields.repeatDays ?? 14"
          label="Days between two uses"
          unit="d"
          :min="1"
          :max="400"
          @update:model-value="set({ repeatDays: Math.round($event) })"
        />
        <v-text-field
          :model-value="fields.school ?? ''"
          class="school"
          label="School"
          placeholder="whole egg, weekly, by fork"
          persistent-placeholder
          maxlength="120"
          :error-messages="errors['school'] ?? null"
          @update:model-value="set({ school: $event || undefined })"
        />
      </div>
    </section>
    <section aria-labelledby="making">
      <h2 id="making">Making</h2>
      <div class="grid">
        <v-select
          :model-value="fields.mixing"
          :items="mixings"
          label="Mixed by"
          @update:model-value="set({ mixing: $event })"
        />
        <NumberField
          :model-value="fields.handsOnMinutes"
          label="Hands-on time"
          unit="min"
          :min="0"
          :max="600"
          @update:model-value="set({ handsOnMinutes: Math.round($event) })"
        />
        <v-switch
          :model-value="fields.strained"
          label="through a cloth"
          @update:model-value="set({ strained: Boolean($event) })"
        />
        <v-switch
          :model-value="fields.whisked ?? false"
          label="egg whisked to a foam"
          @update:model-value="set({ whisked: Boolean($event) || undefined })"
        />
        <v-switch
          :model-value="fields.stains ?? false"
          label="it stains"
          @update:model-value="set({ stains: Boolean($event) || undefined })"
        />
        <v-switch
          :model-value="fields.isItsOwnWay ?? false"
          label="as written, whatever the house’s schools"
          @update:model-value="set({ isItsOwnWay: Boolean($event) || undefined })"
        />
      </div>
      <v-textarea
        v-model="steps"
        label="Steps, one a line"
        rows="5"
        auto-grow
        :error-messages="errors['steps'] ?? null"
      />
      <details v-if="mask && trial">
        <summary>The steps of its wash day</summary>
        <StepsPanel :mask="mask" :bowl="trial.bowl" @change="set" />
      </details>
      <p v-if="stepsError" class="alert">{{ stepsError }}</p>
    </section>
    <section aria-labelledby="wearing">
      <h2 id="wearing">Wearing and rinsing</h2>
      <div class="grid">
        <NumberField
          :model-value="fields.wear.minimumMinutes"
          label="At the least"
          unit="min"
          :min="0"
          :max="2880"
          @update:model-value="set({ wear: { ...fields.wear, minimumMinutes: Math.round($event) } })"
        />
        <NumberField
          :model-value="fields.wear.aimMinutes"
          label="Aim"
          unit="min"
          :min="0"
          :max="2880"
          @update:model-value="set({ wear: { ...fields.wear, aimMinutes: Math.round($event) } })"
        />
        <NumberField
          :model-value="fields.wear.limitMinutes"
          label="Never past"
          unit="min"
          :min="0"
          :max="2880"
          @update:model-value="set({ wear: { ...fields.wear, limitMinutes: Math.round($event) } })"
        />
        <v-select
          :model-value="fields.heat"
          :items="heats"
          label="Warmth"
          @update:model-value="set({ heat: $event })"
        />
        <v-select
          :model-value="fields.rinse.temperature"
          :items="temperatures"
          label="Rinse with"
          @update:model-value="set({ rinse: { ...fields.rinse, temperature: $event } })"
        />
        <v-select
          :model-value="fields.rinse.shampoos"
          :items="shampoos"
          label="Then"
          @update:model-value="set({ rinse: { ...fields.rinse, shampoos: $event } })"
        />
        <v-switch
          :model-value="fields.rinse.conditioner"
          label="conditioner on the lengths"
          @update:model-value="set({ rinse: { ...fields.rinse, conditioner: Boolean($event) } })"
        />
        <v-switch
          :model-value="fields.rinse.acidRinse"
          label="weak acid rinse"
          @update:model-value="set({ rinse: { ...fields.rinse, acidRinse: Boolean($event) } })"
        />
        <v-select
          :model-value="fields.keeping"
          :items="keepings"
          label="Keeps"
          @update:model-value="set({ keeping: $event })"
        />
      </div>
      <p v-if="errors['wear.aimMinutes'] || errors['wear.limitMinutes']" class="alert">
        {{ errors['wear.aimMinutes'] ?? errors['wear.limitMinutes'] }}
      </p>
      <v-textarea
        v-model="cautions"
        label="Your own cautions, one a line"
        rows="2"
        auto-grow
        :error-messages="errors['cautions'] ?? null"
      />
    </section>
    <p class="actions">
      <v-btn type="submit" color="primary" size="large" :loading="isSaving">
        {{ isNew ? 'Put it in the book' : `Keep as version ${(saved?.version ?? 0) + 1}` }}
      </v-btn>
      <v-btn v-if="isTouched" variant="text" @click="throwAway">Throw these changes away</v-btn>
    </p>
  </form>
</template>

<style scoped>
.read-use {
  margin: 0 0 12px;
  padding-left: 12px;
  border-left: 3px solid var(--amber-fill);
}
.title {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 16px;
  margin-bottom: 12px;
}
.names {
  display: grid;
  grid-template-columns: 1fr 1.6fr;
  gap: 12px;
}
.two {
  display: grid;
  grid-template-columns: 1.7fr 1fr;
  gap: 36px;
}
h2 {
  margin: 22px 0 14px;
}
h3 {
  margin: 14px 0 4px;
}
.scale {
  margin-top: 12px;
}
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 12px;
  margin-bottom: 14px;
  align-items: start;
}
.school {
  grid-column: span 2;
}
.needs {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-bottom: 12px;
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
.alert {
  color: var(--clay);
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: 8px;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-top: 18px;
}
@media (max-width: 56.25em) {
  .two,
  .names,
  .pair {
    grid-template-columns: minmax(0, 1fr);
  }
  .school {
    grid-column: auto;
  }
}
</style>
