<script setup lang="ts">
import { appText } from '@amber-ladle/words';
import { mdiHelp } from '@mdi/js';
import { PATH } from './router';

defineEmits<{ help: [] }>();
const around = [
  { name: 'today', title: appText.today },
  { name: 'weeks', title: appText.weeks },
  { name: 'masks', title: appText.masks },
  { name: 'heads', title: appText.heads },
  { name: 'settings', title: appText.settings },
] as const;
</script>

<template>
  <header class="bar no-print">
    <RouterLink :to="{ name: 'today' }" class="brand serif" :aria-label="appText.amberLadleToToday">
      <svg viewBox="0 0 32 32" aria-hidden="true">
        <path d="M24 3c3 0 4 3 2 5l-9 10" />
        <path class="bowl" d="M4 18h18c0 7-4 11-9 11S4 25 4 18z" />
      </svg>
      <span>{{ appText.amberLadle }}</span>
    </RouterLink>
    <nav class="path" :aria-label="appText.washDay">
      <ol class="plain-list">
        <li v-for="stop in PATH" :key="stop.name">
          <RouterLink :to="{ name: stop.name }" active-class="here" :aria-keyshortcuts="stop.key">
            <span class="dot" aria-hidden="true" />
            {{ stop.title }}
          </RouterLink>
        </li>
      </ol>
    </nav>
    <nav class="around" :aria-label="appText.around">
      <RouterLink v-for="place in around" :key="place.name" :to="{ name: place.name }" exact-active-class="here">
        {{ place.title }}
      </RouterLink>
      <button
        type="button"
        class="help"
        :aria-label="appText.helpWithThisScreenAloud"
        data-test="open-help"
        @click="$emit('help')"
      >
        <svg viewBox="0 0 24 24" aria-hidden="true"><path :d="mdiHelp" /></svg>
      </button>
    </nav>
  </header>
</template>

<style scoped>
.bar {
  display: grid;
  grid-template-columns: auto 1fr auto;
  align-items: center;
  gap: 12px 28px;
  padding: 6px max(var(--edge), calc((100% - var(--measure)) / 2 + var(--edge)));
  border-bottom: 1px solid var(--rule);
  background: rgb(var(--v-theme-surface));
}
a {
  color: var(--ink);
  text-decoration: none;
}
.brand {
  display: flex;
  align-items: center;
  gap: 8px;
  font-size: 1.3rem;
  min-width: 44px;
  min-height: 44px;
}
.brand svg {
  width: 28px;
  height: 28px;
  fill: none;
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 2.4;
  stroke-linecap: round;
}
.brand .bowl {
  fill: var(--amber-fill);
}
.path ol {
  display: flex;
  justify-content: center;
}
.path li {
  position: relative;
  flex: 0 1 108px;
}
.path li + li::before {
  content: '';
  position: absolute;
  left: -50%;
  right: 50%;
  top: 13px;
  border-top: 2px solid var(--rule);
}
.path a {
  position: relative;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 2px;
  min-height: 48px;
  padding-top: 6px;
  font-weight: 600;
}
.dot {
  width: 15px;
  height: 15px;
  border-radius: 50%;
  border: 2px solid var(--quiet);
  background: rgb(var(--v-theme-surface));
}
.path .here .dot {
  background: var(--amber-fill);
  border-color: var(--ink);
}
.path .here {
  color: rgb(var(--v-theme-primary));
}
.around {
  display: flex;
  gap: 4px;
}
.around a {
  display: flex;
  align-items: center;
  min-height: 44px;
  padding: 0 10px;
}
.help {
  display: grid;
  place-items: center;
  width: 44px;
  height: 44px;
  border: 0;
  background: transparent;
  color: rgb(var(--v-theme-primary));
  cursor: pointer;
}
.help svg {
  width: 22px;
  fill: currentColor;
}
.around .here {
  color: rgb(var(--v-theme-primary));
  font-weight: 600;
  text-decoration: underline;
  text-underline-offset: 6px;
}
@media (max-width: 56.25em) {
  .bar {
    grid-template-columns: auto 1fr;
    padding: 4px 12px;
    gap: 0 8px;
  }
  .around {
    justify-content: flex-end;
  }
  .around a {
    padding: 0 7px;
  }
  .path {
    grid-column: 1 / -1;
    grid-row: 2;
  }
  .path li {
    flex: 1 1 0;
  }
}
/* In the hand: where one is stands at the foot, the mark gives way, and big letters are no wider than the screen. */
@media (max-width: 32.5em) {
  .bar {
    grid-template-columns: minmax(0, 1fr);
    padding: 0 4px;
  }
  .brand {
    display: none;
  }
  .around {
    justify-content: space-between;
    gap: 0;
  }
  .around a,
  .path a {
    padding-inline: 4px;
    font-size: min(1.0625rem, 5.4vw);
  }
  .path {
    position: fixed;
    left: 0;
    right: 0;
    bottom: 0;
    z-index: 1000;
    background: rgb(var(--v-theme-surface));
    border-top: 1px solid var(--rule);
    padding-bottom: env(safe-area-inset-bottom);
  }
}
</style>
