<script setup lang="ts">
import { api } from '@amber-ladle/contract';
import { computed, ref } from 'vue';
import { call } from '../data/client';
import { useDoor } from '../data/door';
import { useWords } from '../data/useWords';
import { useNotice } from '../data/notice';
import { ScenePicture } from '../kit/ink';
import { settingsText, countdown } from '@amber-ladle/words';
import DeviceList from './DeviceList.vue';
import LetIn from './LetIn.vue';
import PassphraseForm from './PassphraseForm.vue';
import TrustSteps from './TrustSteps.vue';

/** The door to the phones of the house: on its own machine it is opened and looked after; a device sees what it has there. */
const notice = useNotice();
const { say } = useWords();
const { value: door, know: take } = useDoor();
const isHere = computed(() => door.value?.asker.is === 'here');
const isBusy = ref(false);

async function turn(isOpen: boolean): Promise<void> {
  isBusy.value = true;
  try {
    take(await call(api.door.turn, { body: { isOpen } }));
  } catch (error) {
    notice.fail(error);
  } finally {
    isBusy.value = false;
  }
}
async function unlock(): Promise<void> {
  try {
    take(await call(api.door.unlock));
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <div v-if="door" class="door" data-test="door">
    <template v-if="isHere">
      <div class="lead">
        <ScenePicture scene="door-open" :size="96" />
        <p class="quiet">
          {{ settingsText.theBowlIsMixed }}
        </p>
      </div>
      <v-switch
        :model-value="door.isOpen"
        :loading="isBusy"
        :label="settingsText.letDevices"
        data-test="door-switch"
        @update:model-value="turn($event === true)"
      />
      <p v-if="door.trouble" role="alert" class="alert">{{ say(door.trouble) }}</p>
      <template v-else-if="door.isOpen">
        <div v-if="door.tries.wrong > 0" class="tries" role="status" data-test="tries">
          <p>
            <b v-if="door.tries.lockedSeconds > 0">{{
              settingsText.lockedForMoreTen(countdown(door.tries.lockedSeconds))
            }}</b>
            <template v-else>{{ settingsText.codesTried(door.tries.wrong) }}</template>
            {{ settingsText.ifThatWasNone }}
          </p>
          <button type="button" class="pill" @click="unlock">
            {{ door.tries.lockedSeconds > 0 ? settingsText.unlock : settingsText.itWasUs }}
          </button>
        </div>
        <LetIn :door />
      </template>
    </template>
    <p v-else>{{ settingsText.thisDeviceCame }}</p>
    <DeviceList v-if="door.devices.length > 0" :door @changed="take" />
    <template v-if="door.isOpen">
      <TrustSteps :certificate="door.certificate" :is-here="isHere" />
      <PassphraseForm v-if="isHere" :has-passphrase="door.hasPassphrase" @changed="take" />
    </template>
  </div>
</template>

<style scoped>
.door {
  display: grid;
  gap: 12px;
}
.lead {
  display: grid;
  grid-template-columns: 96px 1fr;
  gap: 14px;
  align-items: center;
}
p {
  margin: 0;
}
.alert {
  color: var(--clay);
  font-weight: 600;
}
.tries {
  display: flex;
  gap: 12px;
  align-items: center;
  justify-content: space-between;
  padding: 8px 12px;
  background: var(--amber-wash);
  border-radius: 6px;
}
.pill {
  flex: none;
}
</style>
