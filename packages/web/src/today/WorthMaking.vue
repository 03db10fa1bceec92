<script setup lang="ts">
import { todayText } from '@amber-ladle/words';
import { computed } from 'vue';
import { CautionPanel } from '../caution';
import { useHousehold } from '../data/household';
import { useShelf } from '../data/shelf';
import { HeadPicture } from '../head';
import { MaskPicture } from '../kit/ink';
import { saidOf, type Worth } from './worth';

/** One bowl worth making now: of what, for whom, why, and what is missing. */
const { worth } = defineProps<{ worth: Worth & { readonly isPlanned: boolean } }>();
const household = useHousehold();
const shelf = useShelf();
const said = computed(() =>
  saidOf(worth, {
    heads: household.heads,
    masks: household.masks,
    lots: shelf.lots,
    catalogue: household.catalogue,
    now: household.moment,
    where: household.where,
  }),
);
</script>

<template>
  <section class="worth" aria-labelledby="worth" data-test="suggestion">
    <MaskPicture class="picture" :parts="worth.mask.parts" :catalogue="household.catalogue" :size="212" />
    <div class="words">
      <h2 id="worth">{{ todayText.forWordHeading(worth.mask.name, said.names) }}</h2>
      <p v-if="worth.isPlanned" class="quiet">
        {{ todayText.fromThePlanOf }}
        <RouterLink class="quiet-link" :to="{ name: 'weeks' }">{{ todayText.yourWeeks }}</RouterLink>.
      </p>
      <p v-if="!said.isShared">{{ said.reason }}</p>
      <p v-if="said.why">{{ said.why }}</p>
      <CautionPanel v-if="said.heads.length > 0" :mask="worth.mask" :heads="said.heads" place="choosing" />
      <p v-if="!said.isShared" class="quiet">{{ said.beside }}</p>
      <p v-if="said.second" class="quiet">{{ said.second }}</p>
      <v-btn color="primary" size="large" min-height="52" :to="said.to">{{ todayText.sizeThisBowl }}</v-btn>
    </div>
    <div class="whose" aria-hidden="true">
      <HeadPicture v-for="one in said.heads" :key="one.id" :head="one" :size="said.isShared ? 150 : 212" />
    </div>
  </section>
</template>

<style scoped>
.worth {
  margin: 10px 0 20px;
  display: grid;
  grid-template-columns: 212px minmax(0, 1fr) auto;
  gap: 8px 30px;
  padding: 18px 26px 0;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: rgb(var(--v-theme-surface));
  overflow: hidden;
}
.words {
  align-self: center;
  padding-bottom: 18px;
}
.picture {
  align-self: center;
  margin-bottom: 18px;
}
.whose {
  display: flex;
  align-self: end;
}
h2 {
  margin: 8px 0;
  font-size: 1.7rem;
}
p {
  margin: 4px 0;
  font-size: 1.15rem;
}
p.quiet {
  font-size: 1rem;
}
.v-btn {
  margin-top: 10px;
}
@media (max-width: 50em) {
  .worth {
    grid-template-columns: minmax(0, 1fr) auto;
    padding: 14px 16px 0;
  }
  .picture {
    width: 120px;
    height: 120px;
    margin: 0;
  }
  .words {
    grid-column: 1 / -1;
    grid-row: 2;
  }
  .whose :deep(svg) {
    height: 120px;
    width: auto;
  }
}
</style>
