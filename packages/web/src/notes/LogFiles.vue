<script setup lang="ts">
import { notesText } from '@amber-ladle/words';
import { api } from '@amber-ladle/contract';
import { linkTo } from '../data/client';
import FilePanel from '../kit/FilePanel.vue';

/** The log as a table, out and in. */
</script>

<template>
  <FilePanel :endpoint="api.notes.readFile" :most="4_000_000" :label="notesText.readATable">
    <p>
      <a class="quiet-link" :href="linkTo(api.notes.file)" download>{{ notesText.everybodysLog }}</a>
      <span class="quiet"> {{ notesText.n1Poor2Middling }}</span>
    </p>
  </FilePanel>
</template>
