<script setup lang="ts">
import { api } from '@amber-ladle/contract';
import { linkTo } from '../data/client';
import CalendarAddress from './CalendarAddress.vue';
import FilePanel from '../kit/FilePanel.vue';

/** Stock out as tables and a calendar; tables in. */
</script>

<template>
  <FilePanel :endpoint="api.stock.readFile" :most="200_000" label="Read a table in">
    <p>
      <a class="quiet-link" :href="linkTo(api.stock.lotsFile)" download>Lots as a table</a> ·
      <a class="quiet-link" :href="linkTo(api.stock.bookFile)" download>Movements as a table</a> ·
      <a class="quiet-link" :href="linkTo(api.stock.calendar)" download>Reminders for your calendar</a>
    </p>
  </FilePanel>
  <CalendarAddress />
</template>
