<script setup lang="ts">
import { dayText } from '@amber-ladle/words';
import { ScenePicture } from '../kit/ink';

/** Shown on the path while there is no bowl to travel along it. */
defineProps<{ title: string; failure: string }>();
</script>

<template>
  <div class="page">
    <h1>{{ title }}</h1>
    <ScenePicture scene="empty" :size="200" />
    <p v-if="failure" role="alert">{{ failure }}</p>
    <p v-else>{{ dayText.sizeABowl }}</p>
    <v-btn color="primary" :to="{ name: 'bowl' }">{{ dayText.sizeABowlAgain }}</v-btn>
  </div>
</template>
