<script setup lang="ts">
import { api, type DoorState } from '@amber-ladle/contract';
import { computed } from 'vue';
import { linkTo } from '../data/client';
import { useHousehold } from '../data/household';
import { ScenePicture } from '../kit/ink';
import { settingsText, writeShortDay } from '@amber-ladle/words';

/** What a phone’s browser asks about a house that it does not know, and why; and how it learns to trust it. */
const { certificate, isHere } = defineProps<{ certificate: DoorState['certificate']; isHere: boolean }>();
const household = useHousehold();
const ends = computed(() => (certificate ? writeShortDay(certificate.endsAt, household.where) : ''));
</script>

<template>
  <details :open="!isHere" data-test="trust">
    <summary>{{ settingsText.whatThePhoneAsks }}</summary>
    <div class="steps">
      <div>
        <ScenePicture scene="door-question" :size="110" />
        <h3>{{ settingsText.goOnPast }}</h3>
        <p>
          {{ settingsText.aBrowserKnows }}
        </p>
      </div>
      <div>
        <ScenePicture scene="door-trust" :size="110" />
        <h3>{{ settingsText.orLetThePhone }}</h3>
        <p>
          {{ settingsText.thenNothingIsAsked }}
        </p>
        <p v-if="certificate">
          <a class="quiet-link" :href="linkTo(api.door.certificate)" download>{{
            settingsText.theHouseholdsCertificate
          }}</a>
          <span class="quiet"> {{ settingsText.holdsUntil(ends) }}</span>
        </p>
      </div>
    </div>
    <p v-if="certificate" class="quiet print">
      {{ settingsText.itsFingerprintToCompare }} <span class="figures">{{ certificate.fingerprint }}</span>
    </p>
  </details>
</template>

<style scoped>
.steps {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
  gap: 8px 24px;
}
h3 {
  margin: 6px 0 4px;
}
p {
  margin: 0 0 8px;
}
.print {
  overflow-wrap: anywhere;
  font-size: 0.95rem;
}
</style>
