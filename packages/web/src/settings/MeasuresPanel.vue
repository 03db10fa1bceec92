<script setup lang="ts">
import { kitchenRound, SPOON_SETS, spoonMillilitres, spoonName, type MeasureSystem } from '@amber-ladle/core/measure';
import { settingsText, writeNumber } from '@amber-ladle/words';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { SpoonPicture } from '../kit/ink';
import { useSettings } from './useSettings';

/** The spoons in the drawer, and in what hair and warmth are told. */
const household = useHousehold();
const { settings, change } = useSettings();
const systems = [
  { value: 'us', title: settingsText.usSpoonsAndCups },
  { value: 'metric', title: settingsText.metricSpoonsAndCups },
  { value: 'uk', title: settingsText.ukSpoonsAndHalf },
];
const lengths = [
  { value: 'cm', title: settingsText.centimetres },
  { value: 'in', title: settingsText.inches },
];
const warmths = [
  { value: '°C', title: settingsText.degreesCelsius },
  { value: '°F', title: settingsText.degreesFahrenheit },
];
const drawer = computed(() =>
  SPOON_SETS[settings.value.measureSystem].map((spoon) => ({
    id: spoon.id,
    name: spoonName(spoon),
    holds: spoonMillilitres(spoon),
    millilitres: writeNumber(kitchenRound(spoonMillilitres(spoon)), household.where),
    isOwned: settings.value.spoonIds.includes(spoon.id),
  })),
);
function setSystem(measureSystem: MeasureSystem): void {
  void change({ measureSystem, spoonIds: SPOON_SETS[measureSystem].map(({ id }) => id) });
}
function toggle(id: string): void {
  const own = settings.value.spoonIds;
  void change({ spoonIds: own.includes(id) ? own.filter((known) => known !== id) : [...own, id] });
}
</script>

<template>
  <v-select
    :model-value="settings.measureSystem"
    :items="systems"
    :label="settingsText.spoonsAndCups"
    class="narrow"
    @update:model-value="setSystem"
  />
  <p class="quiet">{{ settingsText.theSpoonsAndCups }}</p>
  <ul class="plain-list drawer">
    <li v-for="spoon in drawer" :key="spoon.id">
      <button type="button" :aria-pressed="spoon.isOwned" @click="toggle(spoon.id)">
        <SpoonPicture :millilitres="spoon.holds" />
        <b>{{ spoon.name }}</b> <span class="figures">{{ spoon.millilitres }} mL</span>
        <span class="state">{{ spoon.isOwned ? settingsText.inTheDrawer : settingsText.notMine }}</span>
      </button>
    </li>
  </ul>
  <div class="units">
    <v-select
      :model-value="settings.lengthIn"
      :items="lengths"
      :label="settingsText.hairIsMeasuredIn"
      data-test="lengths"
      class="narrow"
      @update:model-value="change({ lengthIn: $event })"
    />
    <v-select
      :model-value="settings.warmthIn"
      :items="warmths"
      :label="settingsText.howWarm"
      class="narrow"
      @update:model-value="change({ warmthIn: $event })"
    />
  </div>
</template>

<style scoped>
.narrow {
  max-width: 340px;
}
.narrow + .narrow {
  margin-top: 16px;
}
.drawer {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 8px;
  margin-top: 8px;
}
.units {
  margin-top: 16px;
}
.drawer button {
  width: 100%;
  height: 100%;
  min-height: 64px;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: flex-end;
  gap: 2px;
  padding: 8px 4px;
  border: 1px dashed var(--quiet);
  border-radius: 6px;
  background: transparent;
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}
.drawer button[aria-pressed='true'] {
  border: 1px solid var(--amber-fill);
  background: var(--amber-wash);
}
.state {
  font-size: 0.9rem;
}
</style>
