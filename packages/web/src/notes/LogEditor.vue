<script setup lang="ts">
import { VerdictPicture } from '../kit/ink';
import ChoicePills from '../kit/ChoicePills.vue';
import type { LoggedBowl } from '@amber-ladle/contract';
import {
  CONFOUNDERS,
  LEVELS,
  MOMENTS,
  QUALITIES,
  SHEDDING,
  type Confounder,
  type Moment,
} from '@amber-ladle/core/learn';
import { ref, toRef } from 'vue';
import LastedFields from './LastedFields.vue';
import PlateField from './PlateField.vue';
import { useLog } from './useLog';
import { CHANGE_WORDS, MOMENT_WORDS, QUALITY_WORDS, SECTION_WORDS, SHED_WORDS, TEXTURES } from '@amber-ladle/words';
import { useWords } from '../data/useWords';

const { listed } = useWords();
const sectionWords = new Map<string, string>(Object.entries(SECTION_WORDS));

/** What is written of a bowl on a head: three moments, a tap each, and whatever else there is to say. Keeps itself. */
const props = defineProps<{ page: LoggedBowl; begin?: Moment }>();
const { log, state, change, say } = useLog(toRef(props, 'page'));
const moment = ref<Moment>(props.begin ?? 'going-on');
const textures = TEXTURES;
const saidOf = (one: Moment): number =>
  QUALITIES[one].filter((quality) => log.value.said[quality] !== undefined).length;
const toggle = (what: Confounder): void => {
  change({
    changes: log.value.changes.includes(what)
      ? log.value.changes.filter((one) => one !== what)
      : [...log.value.changes, what],
  });
};
const countFault = ref('');
function countShed(written: string): void {
  const count = Number(written);
  const isNone = written.trim() === '';
  countFault.value = isNone || (Number.isInteger(count) && count >= 0 && count <= 2000) ? '' : 'Whole, up to 2,000.';
  if (!countFault.value) change({ shedCount: isNone ? undefined : count });
}
const STATE_WORDS = {
  still: '',
  saving: 'Writing it down…',
  waiting: 'Kept here, written down when the server answers.',
  saved: 'Written down.',
} as const;
</script>

<template>
  <div class="editor" data-test="log-editor">
    <div class="moments" role="tablist" aria-label="Moment">
      <button
        v-for="one in MOMENTS"
        :id="`tab-${page.bowlId}-${one}`"
        :key="one"
        type="button"
        role="tab"
        class="moment"
        :aria-selected="moment === one"
        @click="moment = one"
      >
        {{ MOMENT_WORDS[one] }}
        <span class="quiet figures">{{ saidOf(one) }} of {{ QUALITIES[one].length }}</span>
      </button>
    </div>
    <div role="tabpanel" :aria-labelledby="`tab-${page.bowlId}-${moment}`">
      <div
        v-for="quality in QUALITIES[moment]"
        :key="quality"
        class="ask answers"
        role="group"
        :aria-label="QUALITY_WORDS[quality].asks"
      >
        <span class="what">{{ QUALITY_WORDS[quality].asks }}</span>
        <ChoicePills
          v-slot="{ one }"
          :of="LEVELS"
          :is-chosen="(level) => log.said[quality] === level"
          @choose="(level) => say(quality, level)"
        >
          <span class="verdict">
            <VerdictPicture :quality :level="one" />
            {{ QUALITY_WORDS[quality].levels[one - 1] }}
          </span>
        </ChoicePills>
      </div>
      <p v-if="moment === 'rinsing' && page.coatedStill" class="quiet" data-test="coated-still">
        Still coated under the water: {{ listed(page.coatedStill.map((id) => sectionWords.get(id) ?? id)) }}.
      </p>
      <div
        v-if="moment === 'going-on' && page.facts.texture !== 'oil'"
        class="ask"
        role="group"
        aria-label="Texture as it was"
      >
        <span class="what">It was</span>
        <div class="many">
          <ChoicePills
            :of="textures"
            :is-chosen="(texture) => log.textureWas === texture"
            @choose="(texture) => change({ textureWas: log.textureWas === texture ? undefined : texture })"
          />
        </div>
      </div>
      <PlateField
        v-if="moment === 'going-on' && page.facts.texture !== 'oil'"
        :centimetres="log.plateCentimetres"
        :grams-per-millilitre="page.facts.gramsPerMillilitre"
        @change="change({ plateCentimetres: $event })"
      />
    </div>
    <LastedFields :page="page" :log="log" @change="change({ lasted: $event })" />
    <v-text-field
      :model-value="log.words"
      label="One line"
      maxlength="500"
      autocomplete="off"
      hide-details
      @change="change({ words: ($event.target as HTMLInputElement).value.trim() })"
    />
    <details>
      <summary>What else: changes that day, shed hair, next time</summary>
      <div class="ask wide" role="group" aria-label="What else changed that day">
        <span class="what">Changed too</span>
        <div class="many">
          <ChoicePills
            :of="CONFOUNDERS"
            :says="(what) => CHANGE_WORDS[what]"
            :is-chosen="(what) => log.changes.includes(what)"
            @choose="(what) => toggle(what)"
          />
        </div>
      </div>
      <div class="ask wide" role="group" aria-label="Shed hair">
        <span class="what">Shed hair</span>
        <div class="many">
          <ChoicePills
            :of="SHEDDING"
            :says="(shed) => SHED_WORDS[shed]"
            :is-chosen="(shed) => log.shed === shed"
            @choose="(shed) => change({ shed: log.shed === shed ? undefined : shed })"
          />
          <v-text-field
            :model-value="log.shedCount ?? ''"
            label="or counted"
            inputmode="numeric"
            class="count"
            :error-messages="countFault"
            hide-details="auto"
            @change="countShed(($event.target as HTMLInputElement).value)"
          />
        </div>
      </div>
      <v-text-field
        :model-value="log.toChange"
        label="Next time, otherwise"
        maxlength="300"
        autocomplete="off"
        hide-details
        @change="change({ toChange: ($event.target as HTMLInputElement).value.trim() })"
      />
      <v-switch
        :model-value="log.isSetAside"
        label="Set this bowl aside: it teaches nothing"
        hide-details
        @update:model-value="change({ isSetAside: Boolean($event) })"
      />
    </details>
    <p class="quiet state" aria-live="polite" data-test="log-state">{{ STATE_WORDS[state] }}</p>
  </div>
</template>

<style scoped>
.verdict {
  display: inline-flex;
  flex-wrap: wrap;
  justify-content: center;
  max-width: 100%;
  align-items: center;
  gap: 7px;
}
.moments {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  border-bottom: 2px solid var(--ink);
  margin-bottom: 8px;
}
.moment {
  flex: 1;
  min-height: 56px;
  padding: 4px 8px;
  border: 0;
  background: none;
  color: var(--ink);
  font: 560 1.1rem var(--serif);
  cursor: pointer;
}
.moment span {
  display: block;
  font: 400 0.9rem var(--sans);
}
.moment[aria-selected='true'] {
  background: var(--amber-wash);
  box-shadow: inset 0 -4px var(--amber-fill);
}
.ask {
  display: grid;
  grid-template-columns: 108px repeat(3, 1fr);
  gap: 8px;
  align-items: center;
  padding: 5px 0;
}
.ask:has(.many) {
  grid-template-columns: 108px 1fr;
}
.what {
  font-weight: 600;
}
.ask :deep(.pill) {
  min-height: 48px;
  font-size: 1rem;
}
.many {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.many :deep(.pill) {
  min-height: 44px;
  font-size: 0.9rem;
}
.count {
  max-width: 130px;
}
details {
  margin-top: 6px;
}
.state {
  min-height: 1.4em;
  margin: 4px 0 0;
}
@media (max-width: 32.5em) {
  .ask {
    grid-template-columns: repeat(3, 1fr);
    gap: 4px 6px;
  }
  .ask:has(.many) {
    grid-template-columns: minmax(0, 1fr);
  }
  .what {
    grid-column: 1 / -1;
  }
}
@media (max-width: 32.5em) {
  .verdict {
    flex-direction: column;
    gap: 1px;
    padding: 4px 0;
  }
}
</style>
