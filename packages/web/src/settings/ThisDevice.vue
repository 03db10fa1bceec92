<script setup lang="ts">
import { useHints } from '../kit/useHints';
import { useThisDevice } from '../kit/useThisDevice';
import { canSpeak } from '../kit/speech';

/** What is wanted of this device alone. */
const wishes = useThisDevice();
const hints = useHints();
const wish = (part: Partial<typeof wishes.value>): void => void (wishes.value = { ...wishes.value, ...part });
</script>

<template>
  <div data-test="this-device">
    <v-switch
      :model-value="wishes.hasKeys"
      label="single keys: 1 to 5 walk the path, space goes on"
      data-test="keys"
      @update:model-value="wish({ hasKeys: $event === true })"
    />
    <v-switch
      v-if="canSpeak"
      :model-value="wishes.speaks"
      label="read the steps of a wash day aloud"
      data-test="speaks"
      @update:model-value="wish({ speaks: $event === true })"
    />
    <v-switch
      :model-value="wishes.goesOnByTap"
      label="on Make, a touch anywhere on the step goes on"
      data-test="goes-on-by-tap"
      @update:model-value="wish({ goesOnByTap: $event === true })"
    />
    <v-switch
      :model-value="wishes.hasSounds"
      label="quiet sounds: a tap for what is done, a pour for a bowl that is kept"
      data-test="sounds"
      @update:model-value="wish({ hasSounds: $event === true })"
    />
    <button v-if="hints.closed.value.length > 0" type="button" class="tool" @click="hints.showAgain">
      Show the hints again
    </button>
  </div>
</template>
