<script setup lang="ts">
/** One thing that is asked of a bowl, and its answers beside it: three of one width, or as many as there are. */
const { asks, says } = defineProps<{
  asks: string;
  /** What is heard, where that is more than what is read. */
  says?: string;
  hasMany?: boolean;
}>();
</script>

<template>
  <div class="asked" :class="hasMany ? 'some' : 'answers'" role="group" :aria-label="says ?? asks">
    <span class="what">{{ asks }}</span>
    <div v-if="hasMany" class="many"><slot /></div>
    <slot v-else />
  </div>
</template>

<style scoped>
.asked {
  display: grid;
  grid-template-columns: 108px repeat(3, 1fr);
  gap: 8px;
  align-items: center;
  padding: 5px 0;
}
.some {
  grid-template-columns: 108px 1fr;
}
.what {
  font-weight: 600;
}
.answers :deep(.pill) {
  min-height: 48px;
  font-size: 1rem;
}
.many {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.many :deep(.pill) {
  min-height: 44px;
  font-size: 0.9rem;
}
@media (max-width: 32.5em) {
  .asked {
    grid-template-columns: repeat(3, 1fr);
    gap: 4px 6px;
  }
  .some {
    grid-template-columns: minmax(0, 1fr);
  }
  .what {
    grid-column: 1 / -1;
  }
}
</style>
