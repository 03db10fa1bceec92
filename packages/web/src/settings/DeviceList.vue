<script setup lang="ts">
import { api, type Deed, type Device, type DoorState, limitsOf, deviceNameSchema } from '@amber-ladle/contract';
import { computed, ref, shallowRef } from 'vue';
import { ScenePicture } from '../kit/ink';
import { call } from '../data/client';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { settingsText, deedWords, writeDay, writeTime } from '@amber-ladle/words';

/** Who has a key: when each was here last, what it changed, and the way out. */
const limits = limitsOf(deviceNameSchema);
const { door } = defineProps<{ door: DoorState }>();
const emit = defineEmits<{ changed: [DoorState] }>();
const household = useHousehold();
const notice = useNotice();

const when = (at: string): string =>
  `${writeDay(at, household.now(), household.where)}, ${writeTime(at, household.where)}`;
const own = computed(() => (door.asker.is === 'device' ? door.asker.id : undefined));
const mayChange = ({ id }: Device): boolean => own.value === undefined || own.value === id;

const deeds = shallowRef<{ readonly of: string; readonly list: readonly Deed[] }>();
async function look(id: string): Promise<void> {
  try {
    deeds.value = { of: id, list: await call(api.door.deeds, { params: { id } }) };
  } catch (error) {
    notice.fail(error);
  }
}

async function rename({ id, name: before }: Device, event: Event): Promise<void> {
  const field = event.target as HTMLInputElement;
  const name = field.value.trim();
  try {
    emit('changed', await call(api.door.renameDevice, { params: { id }, body: { name } }));
  } catch (error) {
    field.value = before;
    notice.fail(error);
  }
}
const leaving = ref('');
/** Asked a second time by the same button: a key that is gone does not come back. */
async function putOut({ id, name }: Device): Promise<void> {
  if (leaving.value !== id) {
    leaving.value = id;
    return;
  }
  leaving.value = '';
  try {
    await call(api.door.putOut, { params: { id } });
    if (own.value === id) location.assign('/join');
    else notice.show(settingsText.isOut(name));
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <ul class="plain-list" data-test="devices">
    <li v-for="device in door.devices" :key="device.id">
      <ScenePicture :scene="/mac|windows|linux|laptop|computer/i.test(device.name) ? 'laptop' : 'phone'" :size="34" />
      <input
        v-if="mayChange(device)"
        class="name"
        v-bind="limits.text('name')"
        :value="device.name"
        :aria-label="settingsText.nameOf(device.name)"
        @change="rename(device, $event)"
      />
      <b v-else>{{ device.name }}</b>
      <span class="quiet figures">
        {{ device.id === own ? settingsText.thisOne : settingsText.here(when(device.lastSeenAt)) }}
      </span>
      <span class="acts">
        <button type="button" class="tool" @click="look(device.id)">
          {{ settingsText.whatItChanged }}<span class="sr-only"> ({{ device.name }})</span>
        </button>
        <button v-if="mayChange(device)" type="button" class="pill" @click="putOut(device)" @blur="leaving = ''">
          {{ leaving === device.id ? settingsText.really : device.id === own ? settingsText.leave : settingsText.putOut
          }}<span class="sr-only"> {{ device.name }}</span>
        </button>
      </span>
      <p v-if="deeds?.of === device.id && deeds.list.length === 0" class="quiet">{{ settingsText.nothingYet }}</p>
      <ol v-else-if="deeds?.of === device.id" class="plain-list deeds">
        <li v-for="(deed, at) in deeds.list" :key="at">
          <span class="quiet figures">{{ when(deed.at) }}</span> {{ deedWords(deed) }}
        </li>
      </ol>
    </li>
  </ul>
</template>

<style scoped>
ul > li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  align-items: center;
  justify-content: space-between;
  border-bottom: 1px solid var(--rule);
  padding: 4px 0;
}
.name {
  flex: 1 1 8rem;
  min-width: 6rem;
  min-height: 44px;
  padding: 0 8px;
  margin-left: -8px;
  border: 1px solid transparent;
  border-radius: 6px;
  background: transparent;
  color: var(--ink);
  font: inherit;
  font-weight: 600;
}
.name:hover,
.name:focus {
  border-color: var(--quiet);
}
.acts {
  display: flex;
  gap: 8px;
  align-items: center;
}
.deeds {
  flex-basis: 100%;
  max-height: 12rem;
  overflow-y: auto;
  position: relative;
}
p {
  flex-basis: 100%;
  margin: 0;
}
</style>
