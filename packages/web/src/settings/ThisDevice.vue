<script setup lang="ts">
import { settingsText } from '@amber-ladle/words';
import { useHints } from '../kit/useHints';
import { useThisDevice } from '../kit/useThisDevice';
import { useKeptHere, type KeptHere } from '../kit/useKeptHere';
import { canSpeak } from '../kit/speech';

/** What is wanted of this device alone. */
const wishes = useThisDevice();
const { kept } = useKeptHere();
const KEPT: Readonly<Record<KeptHere, string>> = {
  off: settingsText.nothingOfTheHousehold,
  getting: settingsText.thePages,
  ready: settingsText.everythingOpensHereAlso,
  refused: settingsText.whatWasSeenStays,
};
const hints = useHints();
const wish = (part: Partial<typeof wishes.value>): void => void (wishes.value = { ...wishes.value, ...part });
</script>

<template>
  <div data-test="this-device">
    <v-switch
      :model-value="wishes.hasKeys"
      :label="settingsText.singleKeys"
      data-test="keys"
      @update:model-value="wish({ hasKeys: $event === true })"
    />
    <v-switch
      v-if="canSpeak"
      :model-value="wishes.speaks"
      :label="settingsText.readTheSteps"
      data-test="speaks"
      @update:model-value="wish({ speaks: $event === true })"
    />
    <v-switch
      :model-value="wishes.goesOnByTap"
      :label="settingsText.onMakeATouch"
      data-test="goes-on-by-tap"
      @update:model-value="wish({ goesOnByTap: $event === true })"
    />
    <v-switch
      :model-value="wishes.hasSounds"
      :label="settingsText.quietSoundsATap"
      data-test="sounds"
      @update:model-value="wish({ hasSounds: $event === true })"
    />
    <v-switch
      :model-value="wishes.worksAway"
      :label="settingsText.keepWhatWasSeen"
      data-test="works-away"
      @update:model-value="wish({ worksAway: $event === true })"
    />
    <p class="quiet" data-test="kept-here">{{ KEPT[kept] }}</p>
    <button v-if="hints.closed.value.length > 0" type="button" class="tool" @click="hints.showAgain">
      {{ settingsText.showTheHintsAgain }}
    </button>
  </div>
</template>
