<script setup lang="ts">
import { ScenePicture } from '../kit/ink';

/** Shown on the path while there is no bowl to travel along it. */
defineProps<{ title: string; failure: string }>();
</script>

<template>
  <div class="page">
    <h1>{{ title }}</h1>
    <ScenePicture scene="empty" :size="200" />
    <p v-if="failure" role="alert">{{ failure }}</p>
    <p v-else>Size a bowl and keep it; then it comes here.</p>
    <v-btn color="primary" :to="{ name: 'bowl' }">Size a bowl</v-btn>
  </div>
</template>
