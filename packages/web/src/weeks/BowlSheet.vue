<script setup lang="ts">
import { kitchenRound } from '@amber-ladle/core/measure';
import type { WeekBowl } from '@amber-ladle/core/plan';
import { listed, weeksText } from '@amber-ladle/words';
import { computed, toRef } from 'vue';
import { useHousehold } from '../data/household';
import { useWeeks } from '../data/useWeeks';
import IngredientById from '../kit/IngredientById.vue';
import MaskById from '../kit/MaskById.vue';
import SheetDialog from '../kit/SheetDialog.vue';
import { useBowlReasons } from './useBowlReasons';
import { useWishes } from './useWishes';

/** Why a bowl stands where it stands, what it draws, what would do instead, and everything that can be done with it. */
const props = defineProps<{ bowl: WeekBowl }>();
const isOpen = defineModel<boolean>({ default: false });
const household = useHousehold();
const weeks = useWeeks();
const wishes = useWishes();

const { title, reasons, good, draws, keeps, missing, doubt, others, toBench } = useBowlReasons(toRef(props, 'bowl'));
/** The furthest day that it can be moved to. */
const last = computed(() => (weeks.weeks?.days.length ?? 1) - 1);
function then(act: () => void): void {
  act();
  isOpen.value = false;
}
</script>

<template>
  <SheetDialog v-model="isOpen" :title="title">
    <p class="figures">
      {{ weeksText.aboutMlMinutes(kitchenRound(bowl.madeMillilitres), bowl.minutes) }}
    </p>
    <p v-if="missing.length > 0" class="urgent">{{ weeksText.nobodyHas(listed(missing, household.where.locale)) }}</p>
    <h3>{{ weeksText.why }}</h3>
    <p v-for="one in reasons" :key="one.id">
      <b v-if="reasons.length > 1">{{ one.name }}: </b>{{ one.words }}
    </p>
    <p v-if="good">{{ good }}</p>
    <p v-for="words in doubt" :key="words" class="doubt">{{ words }}</p>
    <div class="acts">
      <v-btn color="primary" size="large" min-height="52" :to="toBench">{{ weeksText.sizeThisBowl }}</v-btn>
      <v-btn v-if="!bowl.isPinned" variant="tonal" color="primary" @click="then(() => wishes.pin(bowl))">
        {{ weeksText.keepIt }}
      </v-btn>
      <v-btn v-else-if="wishes.isMine(bowl)" variant="tonal" color="primary" @click="then(() => wishes.unpin(bowl))">
        {{ weeksText.letThePlanMove }}
      </v-btn>
      <v-btn v-if="bowl.on > 0" variant="text" @click="then(() => wishes.move(bowl, bowl.on - 1))">{{
        weeksText.aDayEarlier
      }}</v-btn>
      <v-btn v-if="bowl.on < last" variant="text" @click="then(() => wishes.move(bowl, bowl.on + 1))">{{
        weeksText.aDayLater
      }}</v-btn>
      <v-btn variant="text" @click="then(() => wishes.notThis(bowl))">{{ weeksText.notThisMask }}</v-btn>
    </div>
    <h3>{{ weeksText.whatItTakes }}</h3>
    <ul class="plain-list takes">
      <li v-for="one in draws" :key="one.key">
        <IngredientById :id="one.ingredientId" />
        <b>{{ one.amount }}</b> <span class="quiet">{{ one.from }}</span>
      </li>
      <li v-if="keeps.length > 0" class="quiet">{{ listed(keeps, household.where.locale) }}</li>
    </ul>
    <template v-if="others.length > 0">
      <h3>{{ weeksText.instead }}</h3>
      <ul class="plain-list instead">
        <li v-for="one in others" :key="one.maskId">
          <MaskById :id="one.maskId" />
          <button type="button" class="pill" @click="then(() => wishes.replace(bowl, one.maskId))">
            {{ one.name }}
          </button>
          <span class="quiet">{{ one.words }}</span>
        </li>
      </ul>
    </template>
  </SheetDialog>
</template>

<style scoped>
h3 {
  margin: 14px 0 4px;
}
p {
  margin: 2px 0;
}
.doubt {
  padding-left: 12px;
  border-left: 4px solid var(--amber-fill);
}
.urgent {
  color: var(--clay);
  font-weight: 600;
}
.takes li,
.instead li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 10px;
  padding: 4px 0;
  border-bottom: 1px solid var(--rule);
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 14px;
}
</style>
