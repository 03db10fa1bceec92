<script setup lang="ts">
import { inARow } from '../data/inARow';
import type { LoggedBowl } from '@amber-ladle/contract';
import { verdict } from '@amber-ladle/core/learn';
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import MaskById from '../kit/MaskById.vue';
import { notesText, CHANGE_WORDS, lastedWords, SHED_WORDS, timeWords, writeShortDay } from '@amber-ladle/words';

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
        log.changes.length > 0 ? notesText.changedTooThese(inARow(log.changes.map((one) => CHANGE_WORDS[one]))) : '',
        log.shedCount !== undefined
          ? notesText.hairsShed(log.shedCount)
          : log.shed
            ? notesText.shedHairWas(SHED_WORDS[log.shed])
            : '',
        log.isSetAside ? notesText.setAside : '',
      ]
        .filter(Boolean)
        .join(' '),
    };
  }),
);
</script>

<template>
  <p v-if="rows.length === 0" class="quiet">{{ notesText.nothingInThisSpan }}</p>
  <table v-else class="figures log" data-test="log">
    <thead>
      <tr>
        <th scope="col">{{ notesText.worn }}</th>
        <th scope="col">{{ notesText.bowl }}</th>
        <th scope="col">{{ notesText.made }}</th>
        <th scope="col">{{ notesText.lasted }}</th>
        <th scope="col">{{ notesText.n1To5 }}</th>
        <th scope="col" class="wide">{{ notesText.whatWasSaid }}</th>
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
    <v-btn variant="tonal" color="primary" @click="emit('more')">{{ notesText.more(total - logged.length) }}</v-btn>
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
