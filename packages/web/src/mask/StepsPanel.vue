<script setup lang="ts">
import { limitsOf, maskInputSchema } from '@amber-ladle/contract';
import { maskText } from '@amber-ladle/words';
import { millilitresByHead, type SizedBowl } from '@amber-ladle/core/batch';
import { OWN_STEP_PLACES, type Mask, type OwnStep, type StepEdit } from '@amber-ladle/core/mask';
import { editNameOf, stepsOfMask } from '@amber-ladle/core/washday';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { ScenePicture } from '../kit/ink';
import MinutesInput from '../kit/MinutesInput.vue';
import { useWords } from '../data/useWords';

const limits = limitsOf(maskInputSchema);

const { say } = useWords();

/** The steps of a wash day as they follow from what is in the mask, for its owner to change, leave out and add to. */
const { mask, bowl } = defineProps<{ mask: Mask; bowl: SizedBowl }>();
const emit = defineEmits<{ change: [part: Pick<Mask, 'stepEdits'> | Pick<Mask, 'ownSteps'>] }>();
const household = useHousehold();

const edits = computed(() => mask.stepEdits ?? {});
const own = computed<readonly OwnStep[]>(() => mask.ownSteps ?? []);
const rows = computed(() => {
  const head = household.heads[0];
  if (!head) return [];
  const [millilitres = 0] = millilitresByHead(bowl);
  const { lines, madeMillilitres } = bowl;
  const making = { mask, lines, madeMillilitres, catalogue: household.catalogue, spoons: household.spoons };
  return stepsOfMask(making, { id: 'head', name: head.name, profile: head.profile, millilitres }).map((step) => {
    const name = editNameOf(step);
    const edit = edits.value[name] ?? {};
    return {
      step,
      name,
      isLeftOut: edit.isLeftOut === true,
      handsOnMinutes: edit.handsOnMinutes ?? step.handsOnMinutes,
      waitMinutes: edit.waitMinutes ?? step.waitMinutes,
      isChanged: Object.keys(edit).length > 0,
    };
  });
});

function edit(name: string, part: StepEdit | undefined): void {
  const { [name]: before, ...rest } = edits.value;
  emit('change', { stepEdits: part ? { ...rest, [name]: { ...before, ...part } } : rest });
}
const PLACE_WORDS = {
  'before-mixing': maskText.beforeMixing,
  'before-the-hair': maskText.beforeItGoes,
  'at-the-end': maskText.atTheVeryEnd,
} as const satisfies Record<OwnStep['when'], string>;
const places = OWN_STEP_PLACES.map((value) => ({ value, title: PLACE_WORDS[value] }));
const change = (i: number, part: Partial<OwnStep>): void => {
  emit('change', { ownSteps: own.value.map((row, k) => (k === i ? { ...row, ...part } : row)) });
};
const add = (): void => {
  emit('change', {
    ownSteps: [...own.value, { title: '', handsOnMinutes: 5, waitMinutes: 0, when: 'before-mixing' }],
  });
};
const drop = (i: number): void => {
  emit('change', { ownSteps: own.value.filter((_, k) => k !== i) });
};
</script>

<template>
  <div class="steps-panel">
    <p class="quiet">
      {{ maskText.theseFollow(household.heads[0]?.name ?? '') }}
    </p>
    <table class="figures">
      <thead>
        <tr>
          <th>{{ maskText.step }}</th>
          <th>{{ maskText.handsMin }}</th>
          <th>{{ maskText.byItselfMin }}</th>
          <th>
            <span class="sr-only">{{ maskText.changes }}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.name" :class="{ out: row.isLeftOut }">
          <td>
            <span class="step">
              <ScenePicture :title-id="row.step.title.id" :kind="row.step.kind" :size="38" />
              {{ say(row.step.title) }}
            </span>
          </td>
          <td>
            <MinutesInput
              :model-value="row.handsOnMinutes"
              :label="maskText.handsOnMinutes(say(row.step.title))"
              :disabled="row.isLeftOut"
              @update:model-value="edit(row.name, { handsOnMinutes: $event })"
            />
          </td>
          <td>
            <MinutesInput
              :model-value="row.waitMinutes"
              :label="maskText.minutesByItself(say(row.step.title))"
              :disabled="row.isLeftOut"
              @update:model-value="edit(row.name, { waitMinutes: $event })"
            />
          </td>
          <td>
            <button type="button" class="tool" @click="edit(row.name, { isLeftOut: !row.isLeftOut })">
              {{ row.isLeftOut ? maskText.takeIn : maskText.leaveOut }}
            </button>
            <button
              v-if="row.isChanged && !row.isLeftOut"
              type="button"
              class="tool"
              @click="edit(row.name, undefined)"
            >
              {{ maskText.asItWas }}
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <ul class="plain-list own">
      <li v-for="(row, i) in own" :key="i">
        <v-text-field
          :model-value="row.title"
          :label="maskText.aStepOfYour"
          v-bind="limits.text('ownSteps[].title')"
          @update:model-value="change(i, { title: $event })"
        />
        <v-select
          :model-value="row.when"
          :items="places"
          :label="maskText.when"
          @update:model-value="(when: OwnStep['when']) => change(i, { when })"
        />
        <MinutesInput
          :model-value="row.handsOnMinutes"
          :label="maskText.itsHandsOnMinutes"
          @update:model-value="change(i, { handsOnMinutes: $event })"
        />
        <MinutesInput
          :model-value="row.waitMinutes"
          :label="maskText.itsMinutesByItself"
          @update:model-value="change(i, { waitMinutes: $event })"
        />
        <button type="button" class="tool" @click="drop(i)">{{ maskText.takeOut }}</button>
      </li>
    </ul>
    <v-btn variant="tonal" color="primary" @click="add">{{ maskText.addAStep }}</v-btn>
  </div>
</template>

<style scoped>
.step {
  display: flex;
  align-items: center;
  gap: 10px;
}
table {
  width: 100%;
  border-collapse: collapse;
  margin: 8px 0;
}
th {
  text-align: left;
  font-weight: 600;
  font-size: 0.9rem;
  color: var(--quiet);
}
td,
th {
  padding: 2px 8px 2px 0;
  border-bottom: 1px solid var(--rule);
}
.out td:first-child {
  text-decoration: line-through;
  color: var(--quiet);
}
.own li {
  display: grid;
  grid-template-columns: 1fr 220px auto auto auto;
  gap: 8px;
  align-items: center;
  margin: 8px 0;
}
@media (max-width: 43.75em) {
  .own li {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
