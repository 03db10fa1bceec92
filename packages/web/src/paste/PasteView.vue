<script setup lang="ts">
import { ScenePicture } from '../kit/ink';
import { computed } from 'vue';
import { limitsOf, maskInputSchema } from '@amber-ladle/contract';
import { FormulaBar } from '../mask';
import { useFiledMask } from './useFiledMask';
import { useKeepPasted } from './useKeepPasted';
import { usePastedMask } from './usePastedMask';
import AsIMakeIt from './AsIMakeIt.vue';
import MarkedText from './MarkedText.vue';
import NotUnderstood from './NotUnderstood.vue';
import OpenQuestions from './OpenQuestions.vue';
import ReadMeasures from './ReadMeasures.vue';
import ReadUse from './ReadUse.vue';
import UnsafeReading from './UnsafeReading.vue';
import WholeMask from './WholeMask.vue';
import { pasteText, measuresRead, openWords } from '@amber-ladle/words';

/** A mask as somebody wrote it: the text with its readings on the left, the mask that was understood on the right. */
const limits = limitsOf(maskInputSchema);
const pasted = usePastedMask();
const { text, answers, draft, fault, lines, open, notUnderstood, heads, understood, name, mask, isUnsafe } = pasted;
const { whole, refused, onFile, tooLong } = useFiledMask(text);
const { headId, outcome, isKeeping, hasDraft, keep, byHand, throwAway } = useKeepPasted(pasted, whole);
const shown = computed(() => refused.value || fault.value);
/** Why it cannot be kept yet. */
const waits = computed(() => {
  if (open.value.length > 0) return openWords(open.value.length);
  return mask.value ? '' : pasteText.nothingInItCan;
});
const sum = computed(() => (draft.value ? measuresRead(lines.value.filter(({ isOut }) => !isOut).length) : ''));
</script>

<template>
  <div class="page">
    <RouterLink class="quiet-link" :to="{ name: 'masks' }">{{ pasteText.allMasks }}</RouterLink>
    <div class="title">
      <h1>{{ pasteText.pasteAMask }}</h1>
      <v-btn v-if="text || whole" variant="text" @click="throwAway">{{ pasteText.throwItAway }}</v-btn>
    </div>
    <div class="two">
      <section :aria-label="pasteText.asItWasWritten" class="written">
        <MarkedText
          v-model="text"
          :stretches="draft?.stretches ?? []"
          :fault="shown"
          @file="onFile"
          @too-long="tooLong"
        />
        <p class="quiet">
          {{ pasteText.asItWasTold }}
        </p>
        <NotUnderstood
          v-if="notUnderstood.length > 0"
          :words="notUnderstood"
          @keep="pasted.say({ keptSteps: [...answers.keptSteps, $event] })"
        />
      </section>

      <WholeMask v-if="whole" :mask="whole" :is-keeping="isKeeping" @keep="keep" />
      <section v-else-if="draft" :aria-label="pasteText.asItWasUnderstood">
        <p role="status" class="sr-only">{{ pasteText.toAskAbout(sum, open.length) }}</p>
        <OpenQuestions v-if="open.length > 0" :lines="open" @answer="pasted.answer" />
        <template v-if="mask && understood">
          <UnsafeReading
            v-if="understood.unsafe.length > 0"
            :model-value="answers.isSafe === true"
            :understood="understood"
            @update:model-value="pasted.say({ isSafe: $event })"
          />
          <v-text-field
            :model-value="name"
            :label="pasteText.called"
            v-bind="limits.text('name')"
            class="called"
            @update:model-value="pasted.say({ name: $event })"
          />
          <FormulaBar :parts="mask.parts" />
          <ReadMeasures
            :lines="lines"
            @leave-out="(key, isLeftOut) => pasted.answer(key, { isLeftOut })"
            @put-in="pasted.answer($event, { isInBowl: true })"
          />
          <AsIMakeIt
            v-model:head="headId"
            v-model:outcome="outcome"
            :mask="mask"
            :heads="heads"
            @heads="pasted.say({ heads: $event })"
          />
          <ReadUse :mask="mask" :readings="draft.use.readings" :understood="understood" />
        </template>
        <p v-if="mask" class="actions">
          <v-btn variant="tonal" color="primary" @click="byHand(true)">
            {{ hasDraft ? pasteText.changeInsteadOfDraft : pasteText.changeItByHand }}
          </v-btn>
          <v-btn v-if="hasDraft" variant="tonal" color="primary" @click="byHand(false)">
            {{ pasteText.putIt }}
          </v-btn>
        </p>
      </section>
      <section v-else :aria-label="pasteText.asItWasUnderstood" class="quiet">
        <ScenePicture scene="page" :size="180" />
        <p>{{ pasteText.whatIsUnderstoodAppears }}</p>
      </section>
    </div>
    <div v-if="draft && !whole" class="last">
      <span class="quiet">{{ waits }}</span>
      <v-btn
        color="primary"
        size="large"
        :loading="isKeeping"
        :disabled="!mask || open.length > 0"
        data-test="keep-pasted"
        @click="keep"
      >
        {{ isUnsafe ? pasteText.keepItTheSafer : pasteText.thatIsRightKeep }}
      </v-btn>
    </div>
  </div>
</template>

<style scoped>
.title {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 16px;
  margin: 8px 0 12px;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr);
  gap: 40px;
  align-items: start;
}
.called {
  margin-bottom: 8px;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin: 12px 0 0;
}
.last {
  position: sticky;
  bottom: 0;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: flex-end;
  gap: 6px 16px;
  padding: 10px 0 14px;
  margin-top: 16px;
  background: rgb(var(--v-theme-background));
  border-top: 1px solid var(--rule);
  z-index: 2;
}
@media (min-width: 56.3125em) {
  .written {
    position: sticky;
    top: 16px;
  }
}
@media (max-width: 56.25em) {
  .two {
    grid-template-columns: minmax(0, 1fr);
    gap: 20px;
  }
}
/* Above the path at the foot. */
@media (max-width: 32.5em) {
  .last {
    bottom: 48px;
    justify-content: flex-start;
  }
  .last .v-btn {
    width: 100%;
  }
}
</style>
