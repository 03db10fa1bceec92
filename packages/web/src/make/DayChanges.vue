<script setup lang="ts">
import { makeText } from '@amber-ladle/words';
import { computed } from 'vue';
import { ScenePicture } from '../kit/ink';
import MinutesInput from '../kit/MinutesInput.vue';
import SheetDialog from '../kit/SheetDialog.vue';
import { useDayChanges } from './useDayChanges';
import type { RunningDayOnScreen } from '../day';
import { useWords } from '../data/useWords';

const { say, sayAll } = useWords();

/** The day as it goes on from here: other minutes and words for a step, one left out, one that comes in between. */
const { running } = defineProps<{ running: RunningDayOnScreen }>();
const { toCome, leftOut, draft, canAdd, edit, add } = useDayChanges(running);
const places = computed(() => [
  { value: null, title: makeText.atTheVeryEnd },
  ...toCome.value.map(({ step }) => ({ value: step.id, title: makeText.beforeStep(say(step.title)) })),
]);
/** Words that are none are put back as they were. */
function reword(event: Event, stepId: string, before: string): void {
  const { value } = event.target as HTMLTextAreaElement;
  if (value.trim() !== before && value.trim() !== '') edit(stepId, { words: value.trim() });
}
</script>

<template>
  <SheetDialog :title="makeText.theDayFromHere" :width="760">
    <template #activator="{ props }">
      <button type="button" class="tool" data-test="change-day" v-bind="props">{{ makeText.changeTheDay }}</button>
    </template>
    <template #default="{ close }">
      <div class="changes" data-test="changes">
        <ul class="plain-list">
          <li v-for="{ step, mayLeaveOut, hasWait } in toCome" :key="step.id">
            <details>
              <summary>
                <ScenePicture class="scene" :title-id="step.title.id" :kind="step.kind" :size="38" />
                {{ say(step.title) }}
                <span class="quiet figures"
                  >{{ step.handsOnMinutes }} min<template v-if="step.waitMinutes > 0">
                    {{ makeText.andByItself(step.waitMinutes) }}</template
                  ></span
                >
              </summary>
              <div class="fields">
                <div class="amount">
                  <span aria-hidden="true">{{ makeText.handsMinutes }}</span><MinutesInput
                    :model-value="step.handsOnMinutes"
                    :label="makeText.handsOnMinutes(say(step.title))"
                    @update:model-value="edit(step.id, { handsOnMinutes: $event })"
                  />
                </div>
                <div v-if="hasWait" class="amount">
                  <span aria-hidden="true">{{ makeText.byItselfMinutes }}</span><MinutesInput
                    :model-value="step.waitMinutes"
                    :label="makeText.minutesByItself(say(step.title))"
                    @update:model-value="edit(step.id, { waitMinutes: $event })"
                  />
                </div>
                <v-textarea
                  :model-value="sayAll(step.words)"
                  :label="makeText.how"
                  rows="1"
                  auto-grow
                  maxlength="400"
                  class="how"
                  @change="reword($event, step.id, sayAll(step.words))"
                />
                <button v-if="mayLeaveOut" type="button" class="pill big" @click="edit(step.id, { isLeftOut: true })">
                  {{ makeText.leaveItOut }}
                </button>
              </div>
            </details>
          </li>
          <li v-for="step in leftOut" :key="step.id" class="out">
            <s>{{ say(step.title) }}</s>
            <button type="button" class="pill big" @click="edit(step.id, { isLeftOut: false })">
              {{ makeText.takeItInAgain }}
            </button>
          </li>
        </ul>
        <form class="fields add" @submit.prevent="add">
          <v-text-field v-model="draft.title" :label="makeText.aStepInBetween" maxlength="80" class="how" />
          <div class="amount">
            <span aria-hidden="true">{{ makeText.handsMinutes }}</span><MinutesInput
              v-model="draft.handsOnMinutes"
              :label="makeText.itsHandsOnMinutes"
            />
          </div>
          <div class="amount">
            <span aria-hidden="true">{{ makeText.byItselfMinutes }}</span><MinutesInput
              v-model="draft.waitMinutes"
              :label="makeText.itsMinutesByItself"
            />
          </div>
          <v-select v-model="draft.beforeId" :items="places" :label="makeText.when" class="how" />
          <v-btn type="submit" variant="tonal" color="primary" min-height="56" :disabled="!canAdd">{{
            makeText.addIt
          }}</v-btn>
        </form>

        <v-btn color="primary" min-height="52" @click="close">{{ makeText.backToTheDay }}</v-btn>
      </div>
    </template>
  </SheetDialog>
</template>

<style scoped>
summary {
  min-height: 52px;
  padding: 12px 0;
  cursor: pointer;
}
.scene {
  display: inline-block;
  vertical-align: middle;
  margin: -8px 8px -8px 0;
}
summary .quiet {
  margin-left: 10px;
}
li {
  border-bottom: 1px solid var(--rule);
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(140px, 1fr));
  gap: 10px 12px;
  align-items: start;
  margin: 6px 0 14px;
}
.changes {
  max-height: calc(100dvh - 48px);
  overflow-y: auto;
}
.amount {
  display: flex;
  flex-direction: column;
  gap: 2px;
  font-size: 0.92rem;
  color: var(--quiet);
}
.how {
  grid-column: span 2;
}
.out {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
  color: var(--quiet);
}
</style>
