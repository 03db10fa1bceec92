<script setup lang="ts">
import { headText } from '@amber-ladle/words';
import { headInputSchema, USUAL_LOOK, type HeadInput, type HeadLook, limitsOf } from '@amber-ladle/contract';
import { NO_STORY, type HeadStory } from '@amber-ladle/core/judge';
import { scalpAreaAtAge, type HairProfile } from '@amber-ladle/core/hair';
import { useSchemaForm } from '../kit/useSchemaForm';
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import HeadDrawing from './HeadDrawing.vue';
import ProfileFields from './ProfileFields.vue';
import { newHead } from './newHead';
import RhythmPanel from './RhythmPanel.vue';
import LookFields from './LookFields.vue';
import StoryFields from './StoryFields.vue';
import { ApiError } from '../data/client';
import { showFault } from '../kit/showFault';
import { whenInForce } from '../kit/whenInForce';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';

const limits = limitsOf(headInputSchema);

const props = defineProps<{ id: string }>();
const household = useHousehold();
const notice = useNotice();
const router = useRouter();

const isNew = computed(() => props.id === 'new');
const saved = computed(() => household.headById(props.id));

const inputOf = (): HeadInput => {
  if (!saved.value) return newHead();
  const { name, note, ageYears, sensitiveSkin, profile, story, look } = saved.value;
  return { name, note, ageYears, sensitiveSkin, profile, story, look };
};

const { defineField, errors, handleSubmit, resetForm, setErrors, values, setFieldValue, meta } =
  useSchemaForm<HeadInput>(headInputSchema, inputOf());
const [name] = defineField('name');
const [note] = defineField('note');
const [ageYears] = defineField('ageYears');
const [sensitiveSkin] = defineField('sensitiveSkin');
const profile = computed<HairProfile>({
  get: () => values.profile,
  set: (value) => {
    setFieldValue('profile', value);
  },
});
const story = computed<HeadStory>({
  get: () => values.story ?? NO_STORY,
  set: (value) => {
    setFieldValue('story', value);
  },
});
const look = computed<HeadLook>({
  get: () => values.look ?? USUAL_LOOK,
  set: (value) => {
    setFieldValue('look', value);
  },
});
/** The row that is being typed over: it stays when another device changes it meanwhile, so that the server can tell. */
const typedOver = ref(saved.value);
watch(
  () => [props.id, saved.value?.version],
  ([id], [before]) => {
    if (meta.value.dirty && id === before) return;
    typedOver.value = saved.value;
    resetForm({ values: inputOf() });
  },
);
/** A child's scalp is smaller; follows the age until somebody sets it. */
watch(ageYears, (age, before) => {
  const area = values.profile.scalpAreaSquareCentimetres;
  if (typeof age === 'number' && typeof before === 'number' && Math.abs(area - scalpAreaAtAge(before)) < 1)
    profile.value = { ...values.profile, scalpAreaSquareCentimetres: Math.round(scalpAreaAtAge(age)) };
});

/** Said at the foot too: the field may lie two screens up. */
function inVain({ errors: found }: { errors: Partial<Record<string, string>> }): void {
  notice.fail(new Error(Object.values(found)[0] ?? headText.somethingNeedsAnotherLook));
  void showFault();
}
const isSaving = ref(false);
const save = handleSubmit(async (input) => {
  isSaving.value = true;
  try {
    const head = await household.saveHead(input, typedOver.value);
    typedOver.value = head;
    resetForm({ values: input });
    notice.show(headText.isSaved(head.name));
    if (isNew.value) await router.replace({ name: 'bowl', query: { head: head.id } });
  } catch (error) {
    notice.fail(error);
    if (error instanceof ApiError && error.problem.fields) {
      setErrors(error.problem.fields);
      await showFault();
    }
  } finally {
    isSaving.value = false;
  }
}, inVain);

async function remove(): Promise<void> {
  const head = saved.value;
  if (!head) return;
  try {
    await household.removeHead(head.id);
    notice.show(headText.isRemovedTheBowls(head.name), () => household.restoreHead(head.id));
    await router.push({ name: 'heads' });
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <div v-if="!isNew && !saved" class="page">
    <h1>{{ headText.noSuchHead }}</h1>
    <p>{{ headText.itMayHaveBeen }}</p>
    <v-btn color="primary" :to="{ name: 'heads' }">{{ headText.allHeads }}</v-btn>
  </div>
  <form v-else class="page" novalidate @submit.prevent="whenInForce($event, save)">
    <RouterLink class="quiet-link" :to="{ name: 'heads' }">{{ headText.allHeads }}</RouterLink>
    <h1>{{ isNew ? headText.aNewHead : saved?.name }}</h1>
    <div class="two">
      <div>
        <HeadDrawing
          :profile="profile"
          :look="values.look"
          :age-years="typeof ageYears === 'number' ? ageYears : undefined"
          @length="profile = { ...profile, stretchedLengthCentimetres: $event }"
        />
        <p class="quiet hint">{{ headText.holdAStrandStraight }}</p>
        <RhythmPanel v-if="saved" :head="saved" />
      </div>
      <div class="form">
        <div class="pair">
          <v-text-field
            v-model="name"
            :label="headText.name"
            :error-messages="errors.name ?? null"
            v-bind="limits.text('name')"
            autocomplete="off"
          />
          <v-text-field
            :model-value="ageYears"
            :label="headText.age"
            :suffix="headText.years"
            inputmode="numeric"
            :error-messages="errors.ageYears ?? null"
            @update:model-value="
              ageYears = ($event === '' || Number.isNaN(Number($event)) ? $event : Number($event)) as number
            "
          />
        </div>
        <ProfileFields v-model="profile" show-scalp />
        <v-switch v-model="sensitiveSkin" :label="headText.sensitiveSkin" />
        <LookFields v-model="look" />
        <StoryFields v-model="story" />
        <v-textarea
          v-model="note"
          :label="headText.note"
          rows="2"
          auto-grow
          :error-messages="errors.note ?? null"
          v-bind="limits.text('note')"
        />
        <p class="actions">
          <v-btn color="primary" type="submit" :loading="isSaving">{{
            isNew ? headText.saveAndSize : headText.save
          }}</v-btn>
          <v-btn v-if="!isNew" variant="text" color="error" @click="remove">{{ headText.remove }}</v-btn>
        </p>
      </div>
    </div>
  </form>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(260px, 380px) 1fr;
  gap: 40px;
  margin-top: 12px;
}
.form {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.pair {
  display: grid;
  grid-template-columns: 2fr 1fr;
  gap: 12px;
}
.actions {
  display: flex;
  gap: 8px;
}
.hint {
  font-size: 0.95rem;
}
@media (max-width: 43.75em) {
  .two {
    grid-template-columns: minmax(0, 1fr);
    gap: 8px;
  }
}
</style>
