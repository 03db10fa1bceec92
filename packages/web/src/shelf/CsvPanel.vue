<script setup lang="ts">
import { shelfText } from '@amber-ladle/words';
import { api } from '@amber-ladle/contract';
import { linkTo } from '../data/client';
import CalendarAddress from './CalendarAddress.vue';
import FilePanel from '../kit/FilePanel.vue';

/** Stock out as tables and a calendar; tables in. */
</script>

<template>
  <FilePanel :endpoint="api.stock.readFile" :most="200_000" :label="shelfText.readATableIn">
    <p>
      <a class="quiet-link" :href="linkTo(api.stock.lotsFile)" download>{{ shelfText.lotsAsATable }}</a> ·
      <a class="quiet-link" :href="linkTo(api.stock.bookFile)" download>{{ shelfText.movementsAsATable }}</a> ·
      <a class="quiet-link" :href="linkTo(api.stock.calendar)" download>{{ shelfText.remindersForYourCalendar }}</a>
    </p>
  </FilePanel>
  <CalendarAddress />
</template>
