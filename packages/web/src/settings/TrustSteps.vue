<script setup lang="ts">
import { api, type DoorState } from '@amber-ladle/contract';
import { computed } from 'vue';
import { linkTo } from '../data/client';
import { useHousehold } from '../data/household';
import { ScenePicture } from '../kit/ink';
import { writeShortDay } from '@amber-ladle/words';

/** What a phone’s browser asks about a house that it does not know, and why; and how it learns to trust it. */
const { certificate, isHere } = defineProps<{ certificate: DoorState['certificate']; isHere: boolean }>();
const household = useHousehold();
const ends = computed(() => (certificate ? writeShortDay(certificate.endsAt, household.where) : ''));
</script>

<template>
  <details :open="!isHere" data-test="trust">
    <summary>What the phone asks, and why</summary>
    <div class="steps">
      <div>
        <ScenePicture scene="door-question" :size="110" />
        <h3>Go on past the question, once</h3>
        <p>
          A browser knows the certificates of companies, and not the one that this machine made for your household. So
          it warns, and offers to go on all the same: often behind “Advanced” or “Details”. What travels is then locked
          between the two; the screen stays awake in a wait, and timers may call.
        </p>
      </div>
      <div>
        <ScenePicture scene="door-trust" :size="110" />
        <h3>Or let the phone trust the household</h3>
        <p>
          Then nothing is asked, and Amber Ladle can be put among the phone’s apps and works while this machine sleeps.
          Once in, open this page on the phone, fetch the certificate and install it in its settings, where certificates
          are. It vouches for addresses within a house net and for no other.
        </p>
        <p v-if="certificate">
          <a class="quiet-link" :href="linkTo(api.door.certificate)" download>The household’s certificate</a>
          <span class="quiet"> (holds until {{ ends }})</span>
        </p>
      </div>
    </div>
    <p v-if="certificate" class="quiet print">
      Its fingerprint, to compare on both: <span class="figures">{{ certificate.fingerprint }}</span>
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
