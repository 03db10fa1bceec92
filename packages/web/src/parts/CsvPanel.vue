<script setup lang="ts">
import FilePanel from './FilePanel.vue';

/** Stock out as tables and a calendar; tables in. */
</script>

<template>
  <FilePanel address="/files/stock" :most="200_000" label="Read a table in">
    <p>
      <a class="quiet-link" href="/api/files/lots.csv" download>Lots as a table</a> ·
      <a class="quiet-link" href="/api/files/movements.csv" download>Movements as a table</a> ·
      <a class="quiet-link" href="/api/calendar.ics" download>Windows as a calendar</a>
    </p>
  </FilePanel>
</template>
