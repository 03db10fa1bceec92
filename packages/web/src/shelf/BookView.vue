<script setup lang="ts">
import { shelfText } from '@amber-ladle/words';
import { onMounted } from 'vue';
import CsvPanel from './CsvPanel.vue';
import MovementLines from './MovementLines.vue';
import PlacesPanel from './PlacesPanel.vue';
import WasteByMonth from './WasteByMonth.vue';
import { useNotice } from '../data/notice';
import { useShelf } from '../data/shelf';

/** The book behind the shelf: every movement, what was thrown away and why, places, and files in and out. */
const shelf = useShelf();
const notice = useNotice();
onMounted(() => {
  void shelf.load().catch((error: unknown) => {
    notice.fail(error);
  });
});
</script>

<template>
  <div class="page">
    <RouterLink class="quiet-link" :to="{ name: 'shelf' }">{{ shelfText.theShelf }}</RouterLink>
    <h1>{{ shelfText.bookOfStock }}</h1>
    <div class="two">
      <WasteByMonth />
      <section aria-labelledby="files">
        <h2 id="files">{{ shelfText.filesAndCalendar }}</h2>
        <CsvPanel />
        <PlacesPanel />
      </section>
    </div>
    <MovementLines />
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1.2fr 1fr;
  gap: 40px;
}
h2 {
  margin: 18px 0 10px;
}
@media (max-width: 56.25em) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
