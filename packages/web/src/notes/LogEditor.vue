<script setup lang="ts">
import { SCALE_TEXTURES } from '@amber-ladle/core/mask';
import { VerdictPicture } from '../kit/ink';
import ChoicePills from '../kit/ChoicePills.vue';
import { type LoggedBowl, limitsOf, wearLogSchema } from '@amber-ladle/contract';
import { LEVELS, QUALITIES, type Moment } from '@amber-ladle/core/learn';
import { ref, toRef } from 'vue';
import AskedRow from './AskedRow.vue';
import ElseSaid from './ElseSaid.vue';
import LastedFields from './LastedFields.vue';
import MomentTabs from './MomentTabs.vue';
import PlateField from './PlateField.vue';
import { useLog } from './useLog';
import { notesText, QUALITY_WORDS, SECTION_WORDS, TEXTURE_WORDS } from '@amber-ladle/words';
import { useWords } from '../data/useWords';

const limits = limitsOf(wearLogSchema);

const { listed } = useWords();
const sectionWords = new Map<string, string>(Object.entries(SECTION_WORDS));

/** What is written of a bowl on a head: three moments, a tap each, and whatever else there is to say. Keeps itself. */
const props = defineProps<{ page: LoggedBowl; begin?: Moment }>();
const { log, state, change, say } = useLog(toRef(props, 'page'));
const moment = ref<Moment>(props.begin ?? 'going-on');
const textures = SCALE_TEXTURES;
const tabIdOf = (one: Moment): string => `tab-${props.page.bowlId}-${one}`;
const STATE_WORDS = {
  still: '',
  saving: notesText.writingItDown,
  waiting: notesText.keptHereWrittenDown,
  saved: notesText.writtenDown,
} as const;
</script>

<template>
  <div class="editor" data-test="log-editor">
    <MomentTabs v-model="moment" :log :id-of="tabIdOf" />
    <div role="tabpanel" :aria-labelledby="tabIdOf(moment)">
      <AskedRow v-for="quality in QUALITIES[moment]" :key="quality" :asks="QUALITY_WORDS[quality].asks">
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
      </AskedRow>
      <p v-if="moment === 'rinsing' && page.coatedStill" class="quiet" data-test="coated-still">
        {{ notesText.stillCoatedUnder(listed(page.coatedStill.map((id) => sectionWords.get(id) ?? id))) }}
      </p>
      <AskedRow
        v-if="moment === 'going-on' && page.facts.texture !== 'oil'"
        :asks="notesText.itWas"
        :says="notesText.textureAsItWas"
        has-many
      >
        <ChoicePills
          :of="textures"
          :says="(texture) => TEXTURE_WORDS[texture]"
          :is-chosen="(texture) => log.textureWas === texture"
          @choose="(texture) => change({ textureWas: log.textureWas === texture ? undefined : texture })"
        />
      </AskedRow>
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
      :label="notesText.oneLine"
      v-bind="limits.text('words')"
      autocomplete="off"
      hide-details
      @change="change({ words: ($event.target as HTMLInputElement).value.trim() })"
    />
    <ElseSaid :log @change="change" />
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
.state {
  min-height: 1.4em;
  margin: 4px 0 0;
}
@media (max-width: 32.5em) {
  .verdict {
    flex-direction: column;
    gap: 1px;
    padding: 4px 0;
  }
}
</style>
