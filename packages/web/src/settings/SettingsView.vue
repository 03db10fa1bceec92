<script setup lang="ts">
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
  { value: 'as-device', title: 'as the device' },
  { value: 'linen', title: 'linen' },
  { value: 'evening', title: 'evening' },
];
</script>

<template>
  <div class="page">
    <h1>Settings</h1>
    <div class="parts">
      <section>
        <h2>Measures</h2>
        <MeasuresPanel />
      </section>
      <section>
        <h2>Stove</h2>
        <p class="quiet">Rings that may be used at once; a wash day is planned with these.</p>
        <div class="rings" role="group" aria-label="Rings of the stove">
          <ChoicePills
            :of="[1, 2, 3, 4, 5, 6]"
            :is-chosen="(count) => settings.rings === count"
            @choose="(count) => change({ rings: count })"
          />
        </div>
      </section>
      <section>
        <h2>Light</h2>
        <v-select
          :model-value="settings.theme"
          :items="lights"
          label="Light"
          class="narrow"
          @update:model-value="change({ theme: $event })"
        />
      </section>
      <section>
        <h2>Where makers disagree</h2>
        <p class="quiet">
          What you choose holds in steps, times, ranking and cautions; a mask’s own rules and raw egg go first.
        </p>
        <SchoolsPanel />
      </section>
      <section>
        <h2>Where you are</h2>
        <WherePanel />
      </section>
      <section v-if="!household.isDemo">
        <h2>Devices for practice</h2>
        <p class="quiet">
          A scale and a thermometer that only pretend. What they show counts for nothing: no window, no stock and no
          bowl ever follows them. What your own show is typed in, on Shelf and on Make.
        </p>
        <v-switch
          :model-value="settings.practiceDevices"
          label="show them, for practice"
          data-test="practice"
          @update:model-value="change({ practiceDevices: $event === true })"
        />
      </section>
      <section>
        <h2>Use it from your phone</h2>
        <DoorPanel />
      </section>
      <section>
        <h2>On this device</h2>
        <ThisDevice />
      </section>
      <section>
        <h2>Done lately</h2>
        <LatelyPanel />
      </section>
      <section>
        <h2>Everything, in files</h2>
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
