<script setup lang="ts">
import { strandCount } from '@amber-ladle/core/hair';
import HeadPicture from './HeadPicture.vue';
import { useHousehold } from '../data/household';
import { headText, writeLength } from '@amber-ladle/words';

const household = useHousehold();
const STYLES = {
  loose: headText.wornLoose,
  twists: headText.inTwists,
  braids: headText.inBraids,
  cornrows: headText.inCornrows,
} as const;
</script>

<template>
  <div class="page">
    <div class="title">
      <h1>{{ headText.heads }}</h1>
      <v-btn color="primary" :to="{ name: 'head', params: { id: 'new' } }">{{ headText.addAHead }}</v-btn>
    </div>
    <p v-if="household.heads.length === 0">
      {{ headText.nobodyIsMeasuredYet }}
    </p>
    <ul class="plain-list heads">
      <li v-for="head in household.heads" :key="head.id">
        <RouterLink :to="{ name: 'head', params: { id: head.id } }">
          <HeadPicture class="picture" :head :size="212" />
          <span class="words">
            <span class="serif name">{{ head.name }}</span>
            <span class="figures">
              {{
                headText.about000Strands(
                  writeLength(head.profile.stretchedLengthCentimetres, household.where),
                  Math.round(strandCount(head.profile) / 1000),
                  head.profile.strandDiameterMicrometres,
                  STYLES[head.profile.style],
                )
              }}
            </span>
            <span class="quiet">{{ head.note }}</span>
          </span>
        </RouterLink>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.heads {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 390px), 1fr));
  gap: 14px;
}
.heads a {
  display: grid;
  grid-template-columns: 170px 1fr;
  align-content: center;
  gap: 4px 20px;
  height: 100%;
  padding: 14px 18px 0;
  overflow: hidden;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: rgb(var(--v-theme-surface));
  color: var(--ink);
  text-decoration: none;
}
.heads a:hover {
  background: var(--amber-wash);
}
.words {
  display: flex;
  flex-direction: column;
  gap: 4px;
  align-self: center;
  padding-bottom: 14px;
}
.title {
  display: flex;
  justify-content: space-between;
  align-items: center;
  margin-bottom: 12px;
}
.name {
  font-size: 1.5rem;
}
</style>
