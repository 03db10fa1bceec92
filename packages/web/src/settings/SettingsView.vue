<script setup lang="ts">
import { SpoonPicture } from '../kit/ink';
import ChoicePills from '../kit/ChoicePills.vue';
import { LOCALES, type Settings } from '@amber-ladle/contract';
import { kitchenRound, SPOON_SETS, spoonMillilitres, spoonName, type MeasureSystem } from '@amber-ladle/core/measure';
import { computed } from 'vue';
import DoorPanel from './DoorPanel.vue';
import HouseholdFiles from './HouseholdFiles.vue';
import LatelyPanel from './LatelyPanel.vue';
import SchoolsPanel from './SchoolsPanel.vue';
import ThisDevice from './ThisDevice.vue';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { writeMoment, writeNumber } from '@amber-ladle/words';

const household = useHousehold();
const notice = useNotice();
const settings = computed(() => household.settings);

async function change(part: Partial<Settings>): Promise<void> {
  try {
    await household.saveSettings(part);
  } catch (error) {
    notice.fail(error);
  }
}
const systems = [
  { value: 'us', title: 'US spoons and cups' },
  { value: 'metric', title: 'Metric spoons and cups' },
  { value: 'uk', title: 'UK spoons and half-pint cups' },
];
const lights = [
  { value: 'as-device', title: 'as the device' },
  { value: 'linen', title: 'linen' },
  { value: 'evening', title: 'evening' },
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
/** Each by its country and a day as it is written there. */
const locales = computed(() => {
  const countries = new Intl.DisplayNames(settings.value.locale, { type: 'region' });
  return LOCALES.map((locale) => ({
    value: locale,
    title: `${countries.of(locale.slice(3)) ?? locale}: ${writeMoment(household.moment, { ...household.where, locale })}`,
  }));
});
const lengths = [
  { value: 'cm', title: 'centimetres' },
  { value: 'in', title: 'inches' },
];
const warmths = [
  { value: '°C', title: 'degrees Celsius' },
  { value: '°F', title: 'degrees Fahrenheit' },
];
/** Each by its name, so that one finds it by typing. */
const currencies = computed(() => {
  const names = new Intl.DisplayNames(settings.value.locale, { type: 'currency' });
  return Intl.supportedValuesOf('currency').map((value) => ({
    value,
    title: `${names.of(value) ?? value} (${value})`,
  }));
});
const zones = Intl.supportedValuesOf('timeZone');
</script>

<template>
  <div class="page">
    <h1>Settings</h1>
    <div class="parts">
      <section>
        <h2>Measures</h2>
        <v-select
          :model-value="settings.measureSystem"
          :items="systems"
          label="Spoons and cups"
          class="narrow"
          @update:model-value="setSystem"
        />
        <p class="quiet">The spoons and cups in your drawer; amounts are put together from these.</p>
        <ul class="plain-list drawer">
          <li v-for="spoon in drawer" :key="spoon.id">
            <button type="button" :aria-pressed="spoon.isOwned" @click="toggle(spoon.id)">
              <SpoonPicture :millilitres="spoon.holds" />
              <b>{{ spoon.name }}</b> <span class="figures">{{ spoon.millilitres }} mL</span>
              <span class="state">{{ spoon.isOwned ? 'in the drawer' : 'not mine' }}</span>
            </button>
          </li>
        </ul>
        <div class="units">
          <v-select
            :model-value="settings.lengthIn"
            :items="lengths"
            label="Hair is measured in"
            data-test="lengths"
            class="narrow"
            @update:model-value="change({ lengthIn: $event })"
          />
          <v-select
            :model-value="settings.warmthIn"
            :items="warmths"
            label="How warm it is, in"
            class="narrow"
            @update:model-value="change({ warmthIn: $event })"
          />
        </div>
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
        <v-select
          :model-value="settings.locale"
          :items="locales"
          label="Dates and numbers"
          data-test="locale"
          class="narrow"
          @update:model-value="change({ locale: $event })"
        />
        <v-autocomplete
          :model-value="settings.timeZone"
          :items="['UTC', ...zones]"
          label="Time zone"
          class="narrow"
          no-data-text="No zone of that name."
          @update:model-value="(zone: string | null) => zone && change({ timeZone: zone })"
        />
        <v-autocomplete
          :model-value="settings.currency || null"
          :items="currencies"
          label="Prices are in"
          data-test="currency"
          class="narrow"
          clearable
          persistent-clear
          placeholder="numbers alone"
          persistent-placeholder
          no-data-text="No currency of that name."
          @update:model-value="(currency: string | null) => change({ currency: currency ?? '' })"
        />
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
.rings {
  display: flex;
  gap: 8px;
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
