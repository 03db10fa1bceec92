<script setup lang="ts">
import { useHints } from '../kit/useHints';
import { useThisDevice } from '../kit/useThisDevice';
import { useKeptHere, type KeptHere } from '../kit/useKeptHere';
import { canSpeak } from '../kit/speech';

/** What is wanted of this device alone. */
const wishes = useThisDevice();
const { kept } = useKeptHere();
const KEPT: Readonly<Record<KeptHere, string>> = {
  off: 'Nothing of the household stays on this device.',
  getting: 'The pages are on their way here.',
  ready: 'Everything opens here, also while the server is away.',
  refused:
    'What was seen stays while the page is open. To open it anew without the server, this device must trust the household: see “Use it from your phone”.',
};
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
    <v-switch
      :model-value="wishes.worksAway"
      label="keep what was seen here, for when the server is away"
      data-test="works-away"
      @update:model-value="wish({ worksAway: $event === true })"
    />
    <p class="quiet" data-test="kept-here">{{ KEPT[kept] }}</p>
    <button v-if="hints.closed.value.length > 0" type="button" class="tool" @click="hints.showAgain">
      Show the hints again
    </button>
  </div>
</template>
