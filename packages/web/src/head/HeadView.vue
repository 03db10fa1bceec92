<script setup lang="ts">
import { headText } from '@amber-ladle/words';
import { headInputSchema, limitsOf } from '@amber-ladle/contract';
import { computed, toRef } from 'vue';
import { useRouter } from 'vue-router';
import HeadDrawing from './HeadDrawing.vue';
import ProfileFields from './ProfileFields.vue';
import RhythmPanel from './RhythmPanel.vue';
import LookFields from './LookFields.vue';
import StoryFields from './StoryFields.vue';
import { useHeadForm } from './useHeadForm';
import { whenInForce } from '../kit/whenInForce';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';

/** One head: drawn as she is written down, and changed. */
const limits = limitsOf(headInputSchema);
const props = defineProps<{ id: string }>();
const household = useHousehold();
const notice = useNotice();
const router = useRouter();
const isNew = computed(() => props.id === 'new');
const { saved, name, note, ageYears, sensitiveSkin, profile, story, look, errors, isSaving, save } = useHeadForm(
  toRef(props, 'id'),
  (head, isFirst) => isFirst && router.replace({ name: 'bowl', query: { head: head.id } }),
);

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
          :look="look"
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
