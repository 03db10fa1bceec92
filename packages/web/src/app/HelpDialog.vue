<script setup lang="ts">
import { appText, GLOSSARY, SCREEN_HELP } from '@amber-ladle/words';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import type { KeyAction } from '../kit/useKeys';
import SheetDialog from '../kit/SheetDialog.vue';
import { useThisDevice } from '../kit/useThisDevice';

/** What this screen is for, its keys, and the words of the workshop; by touch from the top of every screen, or by `?`. */
const open = defineModel<boolean>({ required: true });
const { actions } = defineProps<{ actions: readonly KeyAction[] }>();
const route = useRoute();
const wishes = useThisDevice();
const help = computed(() => SCREEN_HELP[String(route.name)]);
const title = computed(() => (typeof route.meta['title'] === 'string' ? route.meta['title'] : appText.help));
const written = (key: string): string => ({ ' ': 'space', Backspace: 'backspace' })[key] ?? key;
</script>

<template>
  <SheetDialog v-model="open" :title="title">
    <div data-test="help">
      <p v-if="help">{{ help.isFor }}</p>
      <ul v-if="help && help.ways.length > 0">
        <li v-for="way in help.ways" :key="way">{{ way }}</li>
      </ul>
      <details>
        <summary>{{ appText.words }}</summary>
        <dl class="words">
          <template v-for="term in GLOSSARY" :key="term.word">
            <dt>{{ term.word }}</dt>
            <dd>{{ term.means }}</dd>
          </template>
        </dl>
      </details>
      <details>
        <summary>{{ appText.keys }}</summary>
        <p v-if="!wishes.hasKeys">{{ appText.theyAreOff }}</p>
        <dl class="keys">
          <template v-for="action in actions" :key="action.does">
            <dt>
              <kbd v-for="key in action.keys" :key="key">{{ written(key) }}</kbd>
            </dt>
            <dd>{{ action.does }}</dd>
          </template>
        </dl>
      </details>
      <v-btn color="primary" class="close" @click="open = false">{{ appText.close }}</v-btn>
    </div>
  </SheetDialog>
</template>

<style scoped>
li {
  margin: 8px 0;
}
ul {
  padding-left: 20px;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px 16px;
  margin: 8px 0 16px;
}
.words dt {
  max-width: 9em;
  font-weight: 600;
}
dd {
  margin: 0;
}
.close {
  margin-top: 16px;
}
kbd {
  border: 1px solid var(--rule);
  border-radius: 4px;
  padding: 1px 8px;
  margin-right: 4px;
  font-family: var(--sans);
}
@media (max-width: 32.5em) {
  .words {
    grid-template-columns: minmax(0, 1fr);
    gap: 0;
  }
  .words dd {
    margin-bottom: 10px;
  }
}
</style>
