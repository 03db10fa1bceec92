<script setup lang="ts">
import { ScenePicture } from '../kit/ink';
import { MOST_PASTED, readMaskFile, type FiledMask } from '@amber-ladle/core/exchange';
import type { ToldOutcome } from '@amber-ladle/core/learn';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { ValidationError } from 'yup';
import { api, checked, fieldMessages, maskInputSchema, type MaskInput } from '@amber-ladle/contract';
import { call } from '../data/client';
import { carriedBy, FormulaBar, layText, maskFileOf } from '../mask';
import { useHandOver } from '../mask';
import { usePastedMask } from './usePastedMask';
import AsIMakeIt from './AsIMakeIt.vue';
import MarkedText from './MarkedText.vue';
import OpenQuestions from './OpenQuestions.vue';
import ReadMeasures from './ReadMeasures.vue';
import ReadUse from './ReadUse.vue';
import UnsafeReading from './UnsafeReading.vue';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { writeNumber } from '@amber-ladle/words';

/** A mask as somebody wrote it: the text with its readings on the left, the mask that was understood on the right. */
const household = useHousehold();
const notice = useNotice();
const router = useRouter();
const pasted = usePastedMask();
const { text, answers, draft, fault, lines, open, notUnderstood, heads, understood, name, mask, isUnsafe } = pasted;
const headId = ref<string>();
const outcome = ref<ToldOutcome>();
const isKeeping = ref(false);
const refused = ref('');
const shown = computed(() => refused.value || fault.value);
/** How a file or a page begins, not a mask in words. */
const FILED = /^\s*(?:\{\s*"|\[\s*\{|<(?:!doctype|html|head|body|script|\?xml|!--))/i;
/** A file of ours holds the whole mask: nothing in it is guessed. */
const whole = ref<MaskInput>();

/** What goes into it, the most first. */
const wholeNames = computed(() =>
  [...(whole.value?.parts ?? [])]
    .sort((a, b) => b.share - a.share)
    .map(({ ingredientId }) => household.catalogue.get(ingredientId)?.name ?? ingredientId)
    .join(', '),
);

const tooLong = (characters: number): void => {
  refused.value = `That is ${writeNumber(Math.round(characters / 1000) * 1000, household.where)} characters. Paste one mask at a time.`;
};
/** A mask of somebody else's, believed as far as it can be a mask of this book. @throws Error in words for the page */
function checkedMask(said: FiledMask): MaskInput {
  const strange = said.parts.filter(({ ingredientId }) => !household.catalogue.has(ingredientId));
  if (strange.length > 0)
    throw new Error(
      `It calls for what is not among the ingredients here: ${strange.map(({ ingredientId }) => ingredientId).join(', ')}. Add it first, or ask for the mask in words.`,
    );
  try {
    return checked(maskInputSchema, said);
  } catch (error) {
    throw error instanceof ValidationError
      ? new Error(`It cannot be a mask here: ${Object.values(fieldMessages(error))[0] ?? error.message}`, {
          cause: error,
        })
      : error;
  }
}
/** What a link carries, in place of the text. */
async function takeLink(carried: string): Promise<void> {
  refused.value = '';
  try {
    takeFile(await maskFileOf(carried));
  } catch (error) {
    refused.value = error instanceof Error ? error.message : String(error);
  }
}
const route = useRoute();
watch(
  () => route.hash,
  (hash) => {
    const carried = carriedBy(hash);
    if (carried === undefined) return;
    const back = layText('');
    // At once here too: elsewhere in this browser it is heard of a moment later.
    text.value = '';
    if (back) notice.show('The text that was being read is put aside.', back);
    void takeLink(carried);
    // Looked at once; a reload begins with an empty page.
    void router.replace({ ...route, hash: '' });
  },
  { immediate: true },
);
/** A file, or JSON or a page that was pasted, in the words that are in it. */
function takeFile(content: string): void {
  const read = readMaskFile(content);
  whole.value = read.kind === 'whole' ? checkedMask(read.mask) : undefined;
  text.value = read.kind === 'words' ? read.text : '';
}
async function onFile(file: File): Promise<void> {
  refused.value = '';
  try {
    if (file.size > MOST_PASTED.file) throw new Error('That file is larger than a mask can be.');
    takeFile(await file.text());
  } catch (error) {
    refused.value = error instanceof Error ? error.message : String(error);
  }
}
watch(
  text,
  (now) => {
    refused.value = '';
    if (now.trim() !== '') whole.value = undefined;
    const carried = carriedBy(now);
    if (carried !== undefined) {
      text.value = '';
      void takeLink(carried);
      return;
    }
    if (!FILED.test(now)) return;
    try {
      takeFile(now);
    } catch (error) {
      refused.value = error instanceof Error ? error.message : String(error);
    }
  },
  { immediate: true },
);

async function keep(): Promise<void> {
  isKeeping.value = true;
  try {
    const kept = await household.saveMask(whole.value ?? pasted.input());
    const who = headId.value ?? household.heads[0]?.id;
    if (outcome.value && who && !whole.value)
      await call(api.masks.tell, { params: { id: kept.id, headId: who }, body: { outcome: outcome.value } });
    pasted.clear();
    notice.show(`${kept.name} is in the book.`, async () => {
      await household.removeMask(kept.id);
      await router.push({ name: 'masks' });
    });
    await router.push({ name: 'bowl', query: { mask: kept.id, ...(who ? { head: who } : {}) } });
  } catch (error) {
    notice.fail(error);
  } finally {
    isKeeping.value = false;
  }
}

function throwAway(): void {
  whole.value = undefined;
  pasted.clear();
}

const handOver = useHandOver();
/** Into the editor, where everything can be changed by hand: instead of what is being written there, or put to it. */
function byHand(isInstead: boolean): void {
  if (!mask.value || !draft.value) return;
  const { id: _id, version: _version, parts, ...fields } = mask.value;
  handOver.give(
    { fields, parts, read: draft.value.use.readings, open: open.value.map(({ line }) => line.text) },
    isInstead,
  );
  pasted.clear();
  void router.push({ name: 'mask-new' });
}
/** Why it cannot be kept yet. */
const waits = computed(() => {
  if (open.value.length > 0)
    return open.value.length === 1 ? 'One thing to ask first.' : `${open.value.length} things to ask first.`;
  return mask.value ? '' : 'Nothing in it can be measured yet.';
});
const sum = computed(() => {
  const count = lines.value.filter(({ isOut }) => !isOut).length;
  return draft.value ? `${count} ${count === 1 ? 'measure' : 'measures'} read` : '';
});
</script>

<template>
  <div class="page">
    <RouterLink class="quiet-link" :to="{ name: 'masks' }">All masks</RouterLink>
    <div class="title">
      <h1>Paste a mask</h1>
      <v-btn v-if="text || whole" variant="text" @click="throwAway">Throw it away</v-btn>
    </div>
    <div class="two">
      <section aria-label="As it was written" class="written">
        <MarkedText
          v-model="text"
          :stretches="draft?.stretches ?? []"
          :fault="shown"
          @file="onFile"
          @too-long="tooLong"
        />
        <p class="quiet">
          As it was told: measures, sentences, how long, how often. A file of a mask can be dropped here too.
        </p>
        <div v-if="notUnderstood.length > 0" class="lost" data-test="not-understood">
          <h2>Not understood, and never counted</h2>
          <p v-for="words in notUnderstood" :key="words">
            “{{ words }}”
            <button type="button" class="tool" @click="pasted.say({ keptSteps: [...answers.keptSteps, words] })">
              keep it among the steps
            </button>
          </p>
        </div>
      </section>

      <section v-if="whole" aria-label="A whole mask">
        <h2>{{ whole.name }}</h2>
        <p>
          All of it is there: {{ whole.parts.length }} ingredients, {{ whole.steps.length }} steps. Somebody else wrote
          it; what this house warns of is said on the bench, for the head it is sized to.
        </p>
        <FormulaBar :parts="whole.parts" />
        <p>{{ wholeNames }}</p>
        <ol class="steps">
          <li v-for="(step, at) in whole.steps" :key="at">{{ step }}</li>
        </ol>
        <v-btn color="primary" size="large" :loading="isKeeping" data-test="keep-pasted" @click="keep"
          >Put it in the book</v-btn
        >
      </section>
      <section v-else-if="draft" aria-label="As it was understood">
        <p role="status" class="sr-only">{{ sum }}, {{ open.length }} to ask about.</p>
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
            label="Called"
            maxlength="80"
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
            {{ handOver.hasDraft.value ? 'Change it by hand, instead of the draft there' : 'Change it by hand' }}
          </v-btn>
          <v-btn v-if="handOver.hasDraft.value" variant="tonal" color="primary" @click="byHand(false)">
            Put it to the draft there
          </v-btn>
        </p>
      </section>
      <section v-else aria-label="As it was understood" class="quiet">
        <ScenePicture scene="page" :size="180" />
        <p>What is understood appears here while you type or paste.</p>
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
        {{ isUnsafe ? 'Keep it the safer way, and size it' : 'That is right: keep it and size it' }}
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
.steps {
  padding-left: 1.4em;
}
.called {
  margin-bottom: 8px;
}
.lost {
  border-left: 3px dashed var(--clay);
  padding-left: 12px;
  margin-top: 14px;
}
.lost h2 {
  font-size: 1.1rem;
  margin: 0 0 4px;
}
.lost p {
  margin: 4px 0;
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
