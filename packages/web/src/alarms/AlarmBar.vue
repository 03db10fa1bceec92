<script setup lang="ts">
import { alarmsText } from '@amber-ladle/words';
import { computed } from 'vue';
import { useAlarms } from './useAlarms';

/** What calls, over every screen, until it is answered. */
const { calling, words, answer } = useAlarms();
const where = computed(() => {
  const { kind, bowlId, headId } = calling.value ?? {};
  if (kind === 'pot') return { name: 'make' };
  if (kind === 'bowl-end') return { name: 'kept-bowl', params: { id: bowlId } };
  return { name: 'wear', query: { bowl: bowlId, head: headId } };
});
/** Nothing is lost yet. */
const isGentle = computed(() => calling.value?.kind === 'wear-aim');
</script>

<template>
  <div
    v-if="calling && words"
    class="alarm no-print"
    :class="{ gentle: isGentle }"
    role="alert"
    data-test="alarm"
    :data-kind="calling.kind"
  >
    <RouterLink :to="where" class="said" @click="answer(calling)">
      <b>{{ words.what }}.</b> <span>{{ words.todo }}</span>
    </RouterLink>
    <v-btn
      :color="isGentle ? 'on-primary' : 'on-error'"
      variant="outlined"
      min-height="64"
      data-test="heard"
      @click="answer(calling)"
      >{{ alarmsText.iHaveHeardIt }}</v-btn
    >
  </div>
</template>

<style scoped>
.alarm {
  position: sticky;
  top: 0;
  z-index: 1500;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 8px 24px;
  padding: 12px 24px;
  background: rgb(var(--v-theme-error));
  color: rgb(var(--v-theme-on-error));
}
.gentle {
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
.said {
  min-height: 48px;
  color: inherit;
  font-size: clamp(1.3rem, 3vw, 2rem);
  line-height: 1.25;
  text-decoration: none;
}
.said:hover {
  text-decoration: underline;
}
.said b {
  font-family: var(--serif);
}
</style>
