<script setup lang="ts">
import { shelfText } from '@amber-ladle/words';
import { api } from '@amber-ladle/contract';
import { computed, ref } from 'vue';
import { call } from '../data/client';
import { useDoor } from '../data/door';
import { useNotice } from '../data/notice';
import { copy } from '../kit/share';

/** An address that a calendar follows by itself; whoever knows it reads it, so it can be made anew. */
const notice = useNotice();
const { value: door } = useDoor({ isQuiet: true });
const path = ref('');
/** On this machine by its own name; for calendars elsewhere by the door, where that is open. */
const addresses = computed(() =>
  [...new Set([location.origin, ...(door.value?.addresses ?? [])])].map((one) => one + path.value),
);

async function look(event: Event): Promise<void> {
  if (!(event.target as HTMLDetailsElement).open || path.value !== '') return;
  await take(call(api.door.calendar));
}
async function take(asked: Promise<{ readonly path: string }>): Promise<boolean> {
  try {
    ({ path: path.value } = await asked);
    return true;
  } catch (error) {
    notice.fail(error);
    return false;
  }
}
async function renew(): Promise<void> {
  if (await take(call(api.door.renewCalendar))) notice.show(shelfText.theAddressBefore);
}
async function lay(address: string): Promise<void> {
  try {
    await copy(address);
    notice.show(shelfText.copied);
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <details data-test="calendar-address" @toggle="look">
    <summary>{{ shelfText.letYourCalendarFollow }}</summary>
    <p class="quiet">
      {{ shelfText.windowsBowlsAndPlanned }}
    </p>
    <ul v-if="path" class="plain-list">
      <li v-for="address in addresses" :key="address">
        <code>{{ address }}</code>
        <button type="button" class="tool" @click="lay(address)">
          {{ shelfText.copy }}<span class="sr-only"> {{ address }}</span>
        </button>
      </li>
    </ul>
    <button type="button" class="pill" @click="renew">{{ shelfText.makeANewAddress }}</button>
  </details>
</template>

<style scoped>
li {
  display: flex;
  gap: 12px;
  align-items: center;
  justify-content: space-between;
  border-bottom: 1px solid var(--rule);
}
code {
  overflow-wrap: anywhere;
  font-size: 0.9rem;
}
.pill {
  margin-top: 8px;
}
p {
  margin: 0 0 4px;
}
</style>
