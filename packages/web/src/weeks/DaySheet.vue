<script setup lang="ts">
import { minutesOn } from '@amber-ladle/core/plan';
import { weekdayOf, type Day } from '@amber-ladle/core/time';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { useWeeks } from '../data/useWeeks';
import ChoicePills from '../kit/ChoicePills.vue';
import MinutesInput from '../kit/MinutesInput.vue';
import SheetDialog from '../kit/SheetDialog.vue';
import { weeksText, dayWord } from '@amber-ladle/words';
import { useWishes } from './useWishes';

/** How much time a single day has: as its weekday, none at all, or so many minutes. */
const { day } = defineProps<{ day: Day }>();
const isOpen = defineModel<boolean>({ default: false });
const household = useHousehold();
const weeks = useWeeks();
const wishes = useWishes();
const title = computed(() => {
  const word = dayWord(day, weeks.today, household.where);
  return `${word[0]?.toUpperCase() ?? ''}${word.slice(1)}`;
});
const usual = computed(() => weeks.wishes.weekdayMinutes[weekdayOf(day)] ?? 0);
const own = computed(() => weeks.wishes.dayMinutes[day]);
const CHOICES = ['usual', 'full'] as const;
const isChosen = (choice: (typeof CHOICES)[number]): boolean =>
  choice === 'full' ? own.value === 0 : own.value === undefined;
const says = (choice: (typeof CHOICES)[number]): string =>
  choice === 'full' ? weeksText.noTimeThatDay : weeksText.asUsualMinutes(usual.value);
</script>

<template>
  <SheetDialog v-model="isOpen" :title="title">
    <div class="choices" role="group" :aria-label="weeksText.timeOnThisDay">
      <ChoicePills
        :of="CHOICES"
        :says="says"
        :is-chosen="isChosen"
        look="big"
        @choose="(choice) => wishes.minutes(day, choice === 'full' ? 0 : undefined)"
      />
    </div>
    <p class="own">
      {{ weeksText.minutesFromTheKnife }}
      <MinutesInput
        :model-value="minutesOn(weeks.wishes, day)"
        :label="weeksText.minutesOnThisDay"
        @update:model-value="(minutes: number) => wishes.minutes(day, minutes)"
      />
    </p>
  </SheetDialog>
</template>

<style scoped>
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.own {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  margin-top: 14px;
}
</style>
