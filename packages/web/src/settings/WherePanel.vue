<script setup lang="ts">
import { LOCALES } from '@amber-ladle/contract';
import { settingsText, writeMoment } from '@amber-ladle/words';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { useSettings } from './useSettings';

/** Where the household is: how dates and numbers are written there, its time, and what money is called. */
const household = useHousehold();
const { settings, change } = useSettings();
/** Each by its country and a day as it is written there. */
const locales = computed(() => {
  const countries = new Intl.DisplayNames(settings.value.locale, { type: 'region' });
  return LOCALES.map((locale) => ({
    value: locale,
    title: `${countries.of(locale.slice(3)) ?? locale}: ${writeMoment(household.moment, { ...household.where, locale })}`,
  }));
});
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
  <v-select
    :model-value="settings.locale"
    :items="locales"
    :label="settingsText.datesAndNumbers"
    data-test="locale"
    class="narrow"
    @update:model-value="change({ locale: $event })"
  />
  <v-autocomplete
    :model-value="settings.timeZone"
    :items="['UTC', ...zones]"
    :label="settingsText.timeZone"
    class="narrow"
    :no-data-text="settingsText.noZone"
    @update:model-value="(zone: string | null) => zone && change({ timeZone: zone })"
  />
  <v-autocomplete
    :model-value="settings.currency || null"
    :items="currencies"
    :label="settingsText.pricesAreIn"
    data-test="currency"
    class="narrow"
    clearable
    persistent-clear
    :placeholder="settingsText.numbersAlone"
    persistent-placeholder
    :no-data-text="settingsText.noCurrency"
    @update:model-value="(currency: string | null) => change({ currency: currency ?? '' })"
  />
</template>

<style scoped>
.narrow {
  max-width: 340px;
}
.narrow + .narrow {
  margin-top: 16px;
}
</style>
