<script setup lang="ts">
import { makeText } from '@amber-ladle/words';
import type { Bowl, WashDay } from '@amber-ladle/contract';
import type { Catalogue } from '@amber-ladle/core/ingredient';
import { kitchenRound, readFraction } from '@amber-ladle/core/measure';
import { isOnTarget, type DayMove, type PlanStep } from '@amber-ladle/core/washday';
import { computed, onMounted, ref, toRef, watch } from 'vue';
import { usePours } from './usePours';
import { useScale } from '../shelf';
import { useNotice } from '../data/notice';

/** What goes in at this step: target, what the scale says, how much more; a pour that went off re-balances the rest. */
const props = defineProps<{ bowl: Bowl; catalogue: Catalogue; day: WashDay; step: PlanStep }>();
const emit = defineEmits<{ tell: [moves: DayMove[]] }>();
const notice = useNotice();
const { rows, next, changes, madeMillilitres, off, failure } = usePours(
  toRef(props, 'bowl'),
  toRef(props, 'catalogue'),
  toRef(props, 'day'),
  toRef(props, 'step'),
);
const { reading, onScale, isThere, counts, hands, connect } = useScale();
onMounted(connect);

/** Grams that somebody typed, off a scale of their own. */
const typed = ref('');
watch(
  () => next.value?.ingredientId,
  () => (typed.value = ''),
);
const typedGrams = computed(() => {
  if (typed.value.trim() === '') return undefined;
  const grams = readFraction(typed.value.trim());
  return grams !== undefined && grams > 0 && grams <= 5000 ? grams : NaN;
});
/** What goes in as weighed: what was typed first, then what lies on a scale that counts. */
const weighedGrams = computed(() => typedGrams.value ?? (counts.value ? onScale.value : 0));
const isWeighing = computed(() => Number.isNaN(weighedGrams.value) || weighedGrams.value >= 1);
const missing = computed(() => (next.value ? next.value.targetGrams - weighedGrams.value : 0));
const state = computed(() => {
  if (!next.value) return '';
  if (Number.isNaN(weighedGrams.value)) return makeText.aNumberOfGrams;
  if (counts.value && reading.value?.isOverloaded) return makeText.tooHeavy;
  if (!isWeighing.value) return makeText.bySpoonAsWritten;
  if (isOnTarget(weighedGrams.value, next.value.targetGrams)) return makeText.thatIsIt;
  return missing.value > 0
    ? makeText.gramsMore(kitchenRound(missing.value))
    : makeText.gOverTheRest(kitchenRound(-missing.value));
});
const share = computed(() =>
  next.value && next.value.targetGrams > 0
    ? Math.min(1.25, Math.max(0, (weighedGrams.value || 0) / next.value.targetGrams))
    : 0,
);

async function act(body: Parameters<typeof hands>[0]): Promise<void> {
  try {
    await hands(body);
  } catch (error) {
    notice.fail(error);
  }
}
/** Takes what is on the scale for what goes in now, or by spoon as written where nothing is; then the scale is at zero. */
function pour(): boolean {
  if (!next.value) return false;
  if (Number.isNaN(weighedGrams.value)) {
    notice.show(makeText.gramsAreANumber);
    return true;
  }
  const isOnScale = counts.value && typedGrams.value === undefined;
  if (isOnScale && (reading.value?.isOverloaded || (isWeighing.value && !reading.value?.isSteady))) {
    notice.show(makeText.theScale);
    return true;
  }
  const { ingredientId, targetGrams } = next.value;
  const isJudged = !isWeighing.value;
  const grams = isJudged ? targetGrams : weighedGrams.value;
  emit('tell', [{ kind: 'weigh', stepId: props.step.id, ingredientId, grams, isJudged }]);
  typed.value = '';
  if (!isJudged && isOnScale) void act({ tare: true });
  return true;
}
defineExpose({ pour });
const PLAY = [1, 5, 20, 100] as const;
</script>

<template>
  <div class="pour">
    <div>
      <ul class="plain-list rows-in">
        <li v-for="row in rows" :key="row.ingredientId" :class="{ in: row.isIn, next: row === next }">
          <span class="mark" aria-hidden="true">{{ row.isIn ? '✓' : row === next ? '▸' : '' }}</span>
          <span class="serif amount figures">{{ row.amount }}</span>
          <span class="name">{{ row.name }}</span>
          <span class="quiet figures">{{ row.beside }}</span>
          <span v-if="row.grams !== undefined" class="figures got">{{
            makeText.gramsIn(kitchenRound(row.grams))
          }}</span>
        </li>
      </ul>
      <p v-if="changes.length > 0" class="changes figures" role="status" data-test="rebalanced">
        {{ makeText.theBowlIsFitted }}
        <template v-for="(change, i) in changes" :key="change.ingredientId"
          >{{ i > 0 ? ', ' : ' ' }}{{ change.name }} {{ kitchenRound(change.fromGrams) }} →
          {{ kitchenRound(change.toGrams) }} g</template
        >{{ makeText.mlInAll(kitchenRound(madeMillilitres)) }}
      </p>
      <p v-else-if="Object.keys(off).length > 0 && !failure" class="changes" role="status" data-test="rebalanced">
        {{ makeText.aLittleOffWithin(kitchenRound(madeMillilitres)) }}
      </p>
      <p v-if="failure" class="changes">{{ makeText.theRestCannotMake(failure) }}</p>
    </div>
    <div v-if="next" class="scale paper">
      <div class="reading">
        <span
          v-if="counts"
          class="serif figures grams"
          :class="{ moving: !reading?.isSteady }"
          data-test="scale-reading"
          >{{ onScale }} g</span
        >
        <span v-else class="serif figures grams" data-test="target">{{ kitchenRound(next.targetGrams) }} g</span>
        <span v-if="counts" class="quiet figures">
          {{ makeText.ofG(kitchenRound(next.targetGrams), next.name.toLowerCase()) }}</span
        >
        <span v-else class="quiet"> {{ makeText.ifYouWeighIt(next.name.toLowerCase()) }}</span>
      </div>
      <div class="bar" aria-hidden="true"><span :style="{ width: `${(share / 1.25) * 100}%` }" /><i /></div>
      <p class="state" aria-live="polite" data-test="pour-state">{{ state }}</p>
      <v-text-field
        v-model="typed"
        :label="makeText.weighedOnMyOwn(next.name.toLowerCase())"
        suffix="g"
        inputmode="decimal"
        maxlength="10"
        class="typed"
        data-test="typed"
      />
      <p v-if="isThere" class="quiet sim">
        {{ counts ? makeText.aSimulatedScalePut : makeText.aScaleForPractice }}
        <b v-if="!counts" class="figures" data-test="practice-reading">{{ reading?.grams ?? 0 }} g</b>
      </p>
      <div v-if="isThere" class="line">
        <span class="play" role="group" :aria-label="makeText.simulatedScalePutOn">
          <button v-for="grams in PLAY" :key="grams" type="button" class="pill" @click="act({ put: grams })">
            + {{ grams }} g
          </button>
          <button type="button" class="pill" @click="act({ tare: true })">{{ makeText.zero }}</button>
          <button type="button" class="pill" @click="act({ clear: true })">{{ makeText.clear }}</button>
        </span>
      </div>
    </div>
  </div>
</template>

<style scoped>
.pour {
  display: grid;
  grid-template-columns: 1fr 400px;
  gap: 8px 28px;
  align-items: start;
  margin-bottom: 8px;
}
.rows-in li {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 2px 12px;
  padding: 5px 0;
  border-bottom: 1px solid var(--rule);
  font-size: 1.2rem;
}
.mark {
  width: 1.1em;
  color: var(--leaf);
}
.amount {
  font-size: 1.7rem;
  color: rgb(var(--v-theme-primary));
}
.in,
.in .amount {
  color: var(--quiet);
}
.next {
  font-weight: 600;
}
.got {
  margin-left: auto;
  font-size: 1.05rem;
}
.changes {
  margin: 10px 0;
  padding: 8px 12px;
  border-left: 4px solid var(--amber-fill);
  font-size: 1.1rem;
}
.scale {
  padding: 4px 18px 12px;
}
.grams {
  font-size: 2.8rem;
}
.moving {
  color: var(--quiet);
}
.reading {
  font-size: 1.15rem;
}
.bar {
  position: relative;
  height: 14px;
  border: 1px solid var(--quiet);
  border-radius: 7px;
  overflow: hidden;
}
.bar span {
  display: block;
  height: 100%;
  background: var(--amber-fill);
}
.bar i {
  position: absolute;
  left: 80%;
  top: 0;
  bottom: 0;
  border-left: 3px solid var(--leaf);
}
.state {
  font: 560 1.15rem var(--serif);
  margin: 8px 0;
}
.typed {
  margin-top: 6px;
}
.sim {
  margin: 0;
  font-size: 0.92rem;
}
.line,
.play {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}
.play {
  margin-top: 8px;
}
.play .pill {
  padding: 0 10px;
}
@media (max-width: 56.25em) {
  .pour {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
