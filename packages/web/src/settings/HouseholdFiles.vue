<script setup lang="ts">
import { ScenePicture } from '../kit/ink';
import { api, type Backup, type HouseholdFileAnswer } from '@amber-ladle/contract';
import { computed, ref, shallowRef } from 'vue';
import { useRead } from '../data/answer';
import { call, linkTo } from '../data/client';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { settingsText, writeDay, writeTime } from '@amber-ladle/words';

/** Everything in one file, out and in, and the dated copies that are made every day. */
const household = useHousehold();
const notice = useNotice();
const { value, know, again } = useRead(api.household.backups, () => ({}));
const backups = computed(() => value.value ?? []);

const WHY_WORDS: Readonly<Record<string, string>> = {
  daily: settingsText.ofTheDay,
  'by-hand': settingsText.byHand,
  'before-reading-a-file': settingsText.beforeAFile,
  'before-a-restore': settingsText.beforeAnotherCopy,
};
const size = (bytes: number): string =>
  bytes < 1e6 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / 1e6).toFixed(1)} MB`;
const when = (at: string): string =>
  `${writeDay(at, household.now(), household.where)}, ${writeTime(at, household.where)}`;

/** What was looked over and waits for a yes: a file that was chosen, or one of the copies. */
const asked = shallowRef<{ what: string; answer: HouseholdFileAnswer; doIt: () => Promise<HouseholdFileAnswer> }>();
const isBusy = ref(false);
const rowWords = computed(() => settingsText.whatIsInIt(asked.value?.answer.counts ?? {}));
async function busy(work: () => Promise<void>): Promise<void> {
  isBusy.value = true;
  try {
    await work();
  } catch (error) {
    notice.fail(error);
  } finally {
    isBusy.value = false;
  }
}
const send = (body: Blob, isForReal: boolean): Promise<HouseholdFileAnswer> =>
  call(api.household.readFile, { query: { isForReal }, body });
async function choose(event: Event): Promise<void> {
  const field = event.target as HTMLInputElement;
  const file = field.files?.[0];
  asked.value = undefined;
  if (!file) return;
  await busy(async () => {
    const body = new Blob([file], { type: 'application/json' });
    asked.value = { what: settingsText.thatFile, answer: await send(body, false), doIt: () => send(body, true) };
  });
  field.value = '';
}
const look = (backup: Backup): Promise<void> =>
  busy(async () => {
    const restore = (isForReal: boolean): Promise<HouseholdFileAnswer> =>
      call(api.household.restoreBackup, { params: { name: backup.name }, body: { isForReal } });
    asked.value = {
      what: settingsText.theCopyOf(when(backup.at)),
      answer: await restore(false),
      doIt: () => restore(true),
    };
  });
const doIt = (): Promise<void> =>
  busy(async () => {
    const answer = await asked.value?.doIt();
    if (answer?.isDone) {
      asked.value = undefined;
      notice.show(settingsText.everythingIs);
    }
    await again();
  });
const backUp = (): Promise<void> =>
  busy(async () => {
    know(await call(api.household.backUp));
    notice.show(settingsText.aCopyIsMade);
  });
</script>

<template>
  <div data-test="copies">
    <p>
      <a class="quiet-link" :href="linkTo(api.household.file)" download>{{ settingsText.theWholeHousehold }}</a> ·
      <a class="quiet-link" :href="linkTo(api.household.file, {}, { photos: 'no' })" download>{{
        settingsText.theSameWithoutPictures
      }}</a>
      <span class="quiet"> {{ settingsText.json }} </span>
      <a class="quiet-link" :href="linkTo(api.household.fileSchema)">{{ settingsText.itsSchema }}</a>
    </p>
    <label class="choose">
      {{ settingsText.readSuchAFile }}
      <input type="file" accept=".json,application/json" :disabled="isBusy" @change="choose" />
    </label>
    <div aria-live="polite" data-test="asked">
      <template v-if="asked">
        <template v-if="asked.answer.faults.length > 0">
          <p class="alert">{{ settingsText.nothingWasTaken(asked.what) }}</p>
          <ul class="plain-list">
            <li v-for="(fault, i) in asked.answer.faults.slice(0, 12)" :key="i">
              <b v-if="fault.line > 0" class="figures">{{ settingsText.line(fault.line) }}</b> {{ fault.words }}
            </li>
          </ul>
        </template>
        <template v-else>
          <p>
            {{ settingsText.triedOut(rowWords || settingsText.anEmptyHousehold) }}
          </p>
          <p class="line">
            <v-btn color="primary" :loading="isBusy" @click="doIt">{{ settingsText.putIt }}</v-btn>
            <v-btn variant="text" @click="asked = undefined">{{ settingsText.leaveEverything }}</v-btn>
          </p>
        </template>
      </template>
    </div>
    <h3>{{ settingsText.copies }}</h3>
    <p class="quiet">
      {{ settingsText.oneIsMadeEvery }}
      <button type="button" class="tool" :disabled="isBusy" @click="backUp">{{ settingsText.makeOneNow }}</button>
    </p>
    <ul class="plain-list copies">
      <li v-for="backup in backups" :key="backup.name">
        <ScenePicture scene="box" :size="30" />
        <span
          >{{ when(backup.at) }} <span class="quiet">{{ WHY_WORDS[backup.why] ?? backup.why }}</span></span
        >
        <span class="figures quiet">{{ size(backup.bytes) }}</span>
        <button type="button" class="tool" :disabled="isBusy" @click="look(backup)">
          {{ settingsText.bringBack }}
        </button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.choose {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  min-height: 44px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.alert {
  color: var(--clay);
  font-weight: 600;
}
.copies li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 16px;
  align-items: center;
  border-bottom: 1px solid var(--rule);
  min-height: 44px;
  padding-block: 4px;
}
/* What is said of it takes the room there is; with large letters the rest goes below. */
.copies li > span:first-of-type {
  flex: 1 1 8em;
}
h3 {
  margin-top: 18px;
}
</style>
