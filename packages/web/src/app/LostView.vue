<script setup lang="ts">
import { ScenePicture } from '../kit/ink';
</script>

<template>
  <div class="page">
    <h1>Nothing at this address</h1>
    <ScenePicture scene="empty" :size="180" />
    <p>The page you asked for does not exist.</p>
    <v-btn color="primary" :to="{ name: 'today' }">To Today</v-btn>
  </div>
</template>
