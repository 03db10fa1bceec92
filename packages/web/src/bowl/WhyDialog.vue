<script setup lang="ts">
import { bowlText } from '@amber-ladle/words';
import { kitchenRound } from '@amber-ladle/core/measure';
import SheetDialog from '../kit/SheetDialog.vue';
import type { WhyStep } from '@amber-ladle/words';

/** The arithmetic behind a number, opened from the number itself. */
const { steps, millilitres } = defineProps<{ steps: readonly WhyStep[]; millilitres: number }>();
</script>

<template>
  <SheetDialog :title="bowlText.whyMl(kitchenRound(millilitres))">
    <template #activator="{ props: activator }">
      <button v-bind="activator" type="button" class="why">
        {{ bowlText.whyMlButton(kitchenRound(millilitres)) }}
      </button>
    </template>
    <template #default="{ close }">
      <table class="figures">
        <tbody>
          <tr v-for="step in steps" :key="step.what">
            <th scope="row">
              {{ step.what }}
              <span class="quiet">{{ step.from }}</span>
            </th>
            <td>{{ step.result }}</td>
          </tr>
        </tbody>
      </table>
      <p class="quiet note">
        {{ bowlText.theFilms }}
      </p>
      <v-btn color="primary" @click="close">{{ bowlText.close }}</v-btn>
    </template>
  </SheetDialog>
</template>

<style scoped>
.why {
  color: rgb(var(--v-theme-primary));
  text-decoration: underline;
  text-underline-offset: 3px;
  min-height: 44px;
  padding: 0 4px;
  font: inherit;
  background: none;
  border: 0;
  cursor: pointer;
}
table {
  width: 100%;
  border-collapse: collapse;
  margin: 12px 0;
}
th {
  text-align: left;
  font-weight: 600;
  padding: 7px 12px 7px 0;
  border-bottom: 1px solid var(--rule);
}
th span {
  display: block;
  font-weight: 400;
  font-size: 0.9rem;
}
td {
  text-align: right;
  white-space: nowrap;
  border-bottom: 1px solid var(--rule);
  font-weight: 600;
}
.note {
  font-size: 0.92rem;
  margin-bottom: 16px;
}
</style>
