<script setup lang="ts">
import { computed, onMounted } from 'vue';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { MaskPicture } from '../kit/ink';
import { useWeeks } from '../data/useWeeks';
import { todayText, dayWord, listed, otherwiseWords } from '@amber-ladle/words';

/** The next bowls of the plan, and what is done if fruit is late. */
const household = useHousehold();
const weeks = useWeeks();
const notice = useNotice();
onMounted(() =>
  weeks.load().catch((error: unknown) => {
    notice.fail(error);
  }),
);
const MOST = 4;

const coming = computed(() =>
  (weeks.held.plan?.bowls ?? [])
    .filter(({ day }) => day >= weeks.today)
    .slice(0, MOST)
    .map(({ day, maskId, headIds }) => {
      const [head = '', ...others] = headIds;
      const word = dayWord(day, weeks.today, household.where);
      return {
        key: `${day} ${maskId} ${head}`,
        day: `${word[0]?.toUpperCase() ?? ''}${word.slice(1)}`,
        mask: household.maskById(maskId)?.name ?? '',
        parts: household.maskById(maskId)?.parts ?? [],
        names: listed(
          headIds.map((id) => household.headById(id)?.name ?? ''),
          household.where.locale,
        ),
        to: {
          name: 'bowl',
          query: { head, mask: maskId, day, ...(others.length > 0 ? { with: others.join(',') } : {}) },
        },
        doubt: (weeks.held.plan?.otherwise ?? [])
          .filter((one) => one.day === day && one.maskId === maskId && one.day >= weeks.today)
          .map((one) => otherwiseWords(one, one.laterDay, one.day, weeks.today, household, household.where)),
      };
    })
    .filter(({ mask }) => mask !== ''),
);
</script>

<template>
  <template v-if="coming.length > 0">
    <h2>{{ todayText.coming }}</h2>
    <ul class="plain-list" data-test="coming">
      <li v-for="one in coming" :key="one.key">
        <MaskPicture class="picture" :parts="one.parts" :catalogue="household.catalogue" :size="48" />
        <span>
          <b>{{ one.day }}:</b>&nbsp; <RouterLink class="quiet-link" :to="one.to">{{ one.mask }}</RouterLink>
          {{ todayText.forWord(one.names) }}
        </span>
        <span v-for="words in one.doubt" :key="words" class="quiet">{{ words }}</span>
      </li>
    </ul>
    <RouterLink class="quiet-link all" :to="{ name: 'weeks' }">{{ todayText.allTheWeeks }}</RouterLink>
  </template>
</template>

<style scoped>
h2 {
  margin: 18px 0 8px;
}
li {
  display: grid;
  grid-template-columns: 48px 1fr;
  gap: 0 14px;
  align-items: center;
  padding: 7px 0;
  border-bottom: 1px solid var(--rule);
}
.picture {
  grid-row: 1 / span 4;
}
li > :not(.picture) {
  grid-column: 2;
}
.all {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
}
</style>
