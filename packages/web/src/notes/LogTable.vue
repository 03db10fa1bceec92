<script setup lang="ts">
import type { LoggedBowl } from '@amber-ladle/contract';
import { verdict } from '@amber-ladle/core/learn';
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import MaskById from '../kit/MaskById.vue';
import { CHANGE_WORDS, lastedWords, SHED_WORDS, timeWords, writeShortDay } from '@amber-ladle/words';

/** The log as it stands, a line for each bowl. */
const { logged, total } = defineProps<{ logged: readonly LoggedBowl[]; total: number }>();
const emit = defineEmits<{ more: [] }>();
const household = useHousehold();
const rows = computed(() =>
  logged.map((page) => {
    const { log, facts, at } = page;
    const score = verdict(log.said);
    return {
      page,
      day: writeShortDay(at, household.where),
      made: `${kitchenRound(facts.madeMillilitres)} mL`,
      lasted: lastedWords(page),
      score: score === undefined ? '–' : score.toFixed(1),
      time: facts.minutes === undefined ? '' : timeWords(facts.minutes),
      words: [
        log.words,
        log.changes.length > 0 ? `Changed too: ${log.changes.map((one) => CHANGE_WORDS[one]).join(', ')}.` : '',
        log.shedCount !== undefined
          ? `${log.shedCount} hairs shed.`
          : log.shed
            ? `Shed hair: ${SHED_WORDS[log.shed]}.`
            : '',
        log.isSetAside ? 'Set aside.' : '',
      ]
        .filter(Boolean)
        .join(' '),
    };
  }),
);
</script>

<template>
  <p v-if="rows.length === 0" class="quiet">Nothing in this span. What is written of a bowl stands here.</p>
  <table v-else class="figures log" data-test="log">
    <thead>
      <tr>
        <th scope="col">Worn</th>
        <th scope="col">Bowl</th>
        <th scope="col">Made</th>
        <th scope="col">Lasted</th>
        <th scope="col">1 to 5</th>
        <th scope="col" class="wide">What was said</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="`${row.page.bowlId} ${row.page.headId}`">
        <td>{{ row.day }}</td>
        <td>
          <div class="bowl">
            <MaskById :id="row.page.facts.maskId" />
            <div>
              <RouterLink class="quiet-link" :to="{ name: 'kept-bowl', params: { id: row.page.bowlId } }">{{
                row.page.facts.maskName
              }}</RouterLink>
              <span v-if="row.time" class="quiet time">{{ row.time }}</span>
            </div>
          </div>
        </td>
        <td>{{ row.made }}</td>
        <td>{{ row.lasted }}</td>
        <td>{{ row.score }}</td>
        <td class="wide">{{ row.words }}</td>
      </tr>
    </tbody>
  </table>
  <p v-if="logged.length < total">
    <v-btn variant="tonal" color="primary" @click="emit('more')">{{ total - logged.length }} more</v-btn>
  </p>
</template>

<style scoped>
.bowl {
  display: flex;
  align-items: center;
  gap: 10px;
}
.time {
  display: block;
  font-size: 0.9rem;
}
@media (max-width: 43.75em) {
  .bowl > :first-child {
    display: none;
  }
  .wide {
    display: none;
  }
}
</style>
