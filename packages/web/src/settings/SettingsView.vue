<script setup lang="ts">
import { settingsText } from '@amber-ladle/words';
import { useHousehold } from '../data/household';
import ChoicePills from '../kit/ChoicePills.vue';
import DoorPanel from './DoorPanel.vue';
import HouseholdFiles from './HouseholdFiles.vue';
import LatelyPanel from './LatelyPanel.vue';
import MeasuresPanel from './MeasuresPanel.vue';
import SchoolsPanel from './SchoolsPanel.vue';
import ThisDevice from './ThisDevice.vue';
import { useSettings } from './useSettings';
import WherePanel from './WherePanel.vue';

/** What the household has chosen, and everything that is for the whole of it. */
const household = useHousehold();
const { settings, change } = useSettings();
const lights = [
  { value: 'as-device', title: settingsText.asTheDevice },
  { value: 'linen', title: settingsText.linen },
  { value: 'evening', title: settingsText.evening },
];
</script>

<template>
  <div class="page">
    <h1>{{ settingsText.settings }}</h1>
    <div class="parts">
      <section>
        <h2>{{ settingsText.measures }}</h2>
        <MeasuresPanel />
      </section>
      <section>
        <h2>{{ settingsText.stove }}</h2>
        <p class="quiet">{{ settingsText.ringsThatMay }}</p>
        <div class="rings" role="group" :aria-label="settingsText.ringsOfTheStove">
          <ChoicePills
            :of="[1, 2, 3, 4, 5, 6]"
            :is-chosen="(count) => settings.rings === count"
            @choose="(count) => change({ rings: count })"
          />
        </div>
      </section>
      <section>
        <h2>{{ settingsText.light }}</h2>
        <v-select
          :model-value="settings.theme"
          :items="lights"
          :label="settingsText.light"
          class="narrow"
          @update:model-value="change({ theme: $event })"
        />
      </section>
      <section>
        <h2>{{ settingsText.whereMakersDisagree }}</h2>
        <p class="quiet">
          {{ settingsText.whatYouChooseHolds }}
        </p>
        <SchoolsPanel />
      </section>
      <section>
        <h2>{{ settingsText.whereYouAre }}</h2>
        <WherePanel />
      </section>
      <section v-if="!household.isDemo">
        <h2>{{ settingsText.devicesForPractice }}</h2>
        <p class="quiet">
          {{ settingsText.aScale }}
        </p>
        <v-switch
          :model-value="settings.practiceDevices"
          :label="settingsText.showThemForPractice"
          data-test="practice"
          @update:model-value="change({ practiceDevices: $event === true })"
        />
      </section>
      <section>
        <h2>{{ settingsText.useItFromYour }}</h2>
        <DoorPanel />
      </section>
      <section>
        <h2>{{ settingsText.onThisDevice }}</h2>
        <ThisDevice />
      </section>
      <section>
        <h2>{{ settingsText.doneLately }}</h2>
        <LatelyPanel />
      </section>
      <section>
        <h2>{{ settingsText.everythingInFiles }}</h2>
        <HouseholdFiles />
      </section>
    </div>
  </div>
</template>

<style scoped>
.parts {
  columns: 2;
  column-gap: 56px;
}
section {
  break-inside: avoid;
  padding-bottom: 26px;
}
@media (max-width: 56.25em) {
  .parts {
    columns: 1;
  }
}
h2 {
  margin: 0 0 12px;
}
.narrow {
  max-width: 340px;
}
.rings {
  display: flex;
  gap: 8px;
}
</style>
