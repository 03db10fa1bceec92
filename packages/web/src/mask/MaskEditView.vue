<script setup lang="ts">
import { limitsOf, maskInputSchema } from '@amber-ladle/contract';
import { maskText } from '@amber-ladle/words';
import type { Mask } from '@amber-ladle/core/mask';
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { DraftLines } from '../ingredient';
import { showFault } from '../kit/showFault';
import { whenInForce } from '../kit/whenInForce';
import { filledLines } from './choices';
import EditMaking from './EditMaking.vue';
import EditRatios from './EditRatios.vue';
import EditReview from './EditReview.vue';
import EditUse from './EditUse.vue';
import EditWearing from './EditWearing.vue';
import { useMaskEditor } from './useMaskEditor';

/** Writing a mask: a new one, a copy of another, or a new version of one's own. */
const limits = limitsOf(maskInputSchema);
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
  copied ? maskText.myWay(copied.name) : undefined,
);
const { fields, set, draft, errors, isTouched } = editor;
/** The version that is being typed over: a change made elsewhere meanwhile is refused, not overwritten. */
const typedOver = saved.value && { id: saved.value.id, version: saved.value.version };

const isSaving = ref(false);
async function save(): Promise<void> {
  set({ steps: filledLines(fields.value.steps), cautions: filledLines(fields.value.cautions ?? []) });
  isSaving.value = true;
  try {
    const kept = await editor.save(typedOver);
    if (!kept) {
      notice.fail(new Error(Object.values(errors.value)[0] ?? maskText.somethingNeedsAnotherLook));
      await showFault();
      return;
    }
    notice.show(maskText.isInTheBook(kept.name, kept.version > 1 ? maskText.asVersion(kept.version) : ''));
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
    <h1>{{ maskText.noSuchMask }}</h1>
    <p>{{ maskText.builtInMasksStay }}</p>
    <v-btn color="primary" :to="{ name: 'masks' }">{{ maskText.allMasks }}</v-btn>
  </div>
  <form v-else class="page editor" novalidate @submit.prevent="whenInForce($event, save)">
    <div class="title">
      <h1>{{ isNew ? maskText.aMaskOfYour : maskText.change(saved?.name ?? '') }}</h1>
      <v-btn v-if="isNew" variant="tonal" color="primary" :to="{ name: 'mask-paste' }">{{ maskText.pasteAMask }}</v-btn>
    </div>
    <div class="two">
      <section aria-labelledby="formula">
        <div class="names">
          <v-text-field
            :model-value="fields.name"
            :label="maskText.name"
            :error-messages="errors['name'] ?? null"
            v-bind="limits.text('name')"
            @update:model-value="set({ name: $event })"
          />
          <v-text-field
            :model-value="fields.summary"
            :label="maskText.whatIt"
            :error-messages="errors['summary'] ?? null"
            v-bind="limits.text('summary')"
            @update:model-value="set({ summary: $event })"
          />
        </div>
        <h2 id="formula">{{ maskText.formula }}</h2>
        <p class="quiet">{{ maskText.writeWhatYouTake }}</p>
        <DraftLines :draft="draft" />
        <p v-if="errors['parts']" role="alert" class="alert">{{ errors['parts'] }}</p>
        <EditRatios :editor="editor" />
      </section>
      <EditReview :editor="editor" />
    </div>

    <EditUse :editor="editor" />
    <EditMaking :editor="editor" />
    <EditWearing :editor="editor" />
    <p class="actions">
      <v-btn type="submit" color="primary" size="large" :loading="isSaving">
        {{ isNew ? maskText.putIt : maskText.keepAsVersion((saved?.version ?? 0) + 1) }}
      </v-btn>
      <v-btn v-if="isTouched" variant="text" @click="throwAway">{{ maskText.throwTheseChangesAway }}</v-btn>
    </p>
  </form>
</template>

<style scoped>
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
.alert {
  color: var(--clay);
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-top: 18px;
}
@media (max-width: 56.25em) {
  .two,
  .names {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
