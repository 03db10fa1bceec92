<script setup lang="ts">
import { appText } from '@amber-ladle/words';
import { ScenePicture } from '../kit/ink';
</script>

<template>
  <div class="page">
    <h1>{{ appText.nothingAtThisAddress }}</h1>
    <ScenePicture scene="empty" :size="180" />
    <p>{{ appText.thePageYouAsked }}</p>
    <v-btn color="primary" :to="{ name: 'today' }">{{ appText.toToday }}</v-btn>
  </div>
</template>
