<script setup lang="ts">
/** A part of the page on which a mask is written: its title, and its fields side by side. */
defineProps<{ id: string; title: string }>();
</script>

<template>
  <section :aria-labelledby="id">
    <h2 :id="id">{{ title }}</h2>
    <slot name="before" />
    <div class="grid"><slot /></div>
    <slot name="after" />
  </section>
</template>

<style scoped>
h2 {
  margin: 22px 0 14px;
}
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 12px;
  margin-bottom: 14px;
  align-items: start;
}
</style>
