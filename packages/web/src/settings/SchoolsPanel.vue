<script setup lang="ts">
import { SCHOOL_CHOICES, schoolOf, type SchoolId } from '@amber-ladle/core/judge';
import { settingsText, SCHOOLS } from '@amber-ladle/words';
import { useHousehold } from '../data/household';
import { useWords } from '../data/useWords';
import { useNotice } from '../data/notice';

/** Where makers disagree: both sides, our default with its reason, and what this household does. */
const household = useHousehold();
const notice = useNotice();
/** Each question with its answers in the order of the book; the usual one is the first that the core names. */
const { spell } = useWords();
const questions = (Object.keys(SCHOOL_CHOICES) as SchoolId[]).map((id) => {
  const { question, options, because } = SCHOOLS[id];
  const usual = options[SCHOOL_CHOICES[id][0]]?.words ?? '';
  return {
    id,
    question,
    because,
    usual,
    options: Object.entries(options).map(([option, said]) => ({ id: option, ...said })),
  };
});
async function choose(id: SchoolId, option: string): Promise<void> {
  try {
    const schools = { ...household.settings.schools, [id]: option };
    await household.saveSettings({ schools });
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <section v-for="school in questions" :key="school.id" class="school" :aria-label="school.question">
    <h3>{{ school.question }}</h3>
    <div class="options" role="group" :aria-label="school.question">
      <button
        v-for="option in school.options"
        :key="option.id"
        type="button"
        :aria-pressed="schoolOf(household.settings.schools, school.id) === option.id"
        @click="choose(school.id, option.id)"
      >
        <b>{{ spell(option.words) }}</b>
        <span>{{ spell(option.says) }}</span>
      </button>
    </div>
    <p class="quiet">{{ spell(settingsText.usualHere(school.usual, school.because)) }}</p>
  </section>
</template>

<style scoped>
.school {
  margin: 14px 0;
}
h3 {
  margin: 0 0 6px;
}
.options {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(180px, 1fr));
  gap: 8px;
}
button {
  min-height: 64px;
  padding: 8px 12px;
  display: flex;
  flex-direction: column;
  gap: 2px;
  text-align: left;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: transparent;
  color: var(--ink);
  font: inherit;
  font-size: 0.95rem;
  cursor: pointer;
}
button[aria-pressed='true'] {
  border-color: var(--amber-fill);
  background: var(--amber-wash);
}
p {
  margin: 4px 0 0;
  font-size: 0.95rem;
}
</style>
