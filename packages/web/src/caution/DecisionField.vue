<script setup lang="ts">
import { cautionText } from '@amber-ladle/words';

/** Why somebody goes on against a stop. It comes where a stop is, as most pages with cautions have no field. */
const words = defineModel<string>({ required: true });
</script>

<template>
  <v-text-field v-model="words" :label="cautionText.toGoOnAll" maxlength="300" class="decision" />
</template>

<style scoped>
.decision {
  margin-top: 6px;
}
</style>
