<script setup lang="ts">
import { api } from '@amber-ladle/contract';
import { linkTo } from '../data/client';
import FilePanel from '../kit/FilePanel.vue';

/** The log as a table, out and in. */
</script>

<template>
  <FilePanel :endpoint="api.notes.readFile" :most="4_000_000" label="Read a table of it in">
    <p>
      <a class="quiet-link" :href="linkTo(api.notes.file)" download>Everybody’s log as a table</a>
      <span class="quiet">
        · 1 poor, 2 middling, 3 good; what was not said is empty. What you change in it can come back.</span
      >
    </p>
  </FilePanel>
</template>
