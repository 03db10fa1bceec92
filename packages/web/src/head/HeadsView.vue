<script setup lang="ts">
import { strandCount } from '@amber-ladle/core/hair';
import HeadPicture from './HeadPicture.vue';
import { useHousehold } from '../data/household';

const household = useHousehold();
const STYLES = { loose: 'worn loose', twists: 'in twists', braids: 'in braids' } as const;
</script>

<template>
  <div class="page">
    <div class="title">
      <h1>Heads</h1>
      <v-btn color="primary" :to="{ name: 'head', params: { id: 'new' } }">Add a head</v-btn>
    </div>
    <p v-if="household.heads.length === 0">
      Nobody is measured yet. Every quantity comes from a head, so begin with one.
    </p>
    <ul class="plain-list rows">
      <li v-for="head in household.heads" :key="head.id">
        <RouterLink :to="{ name: 'head', params: { id: head.id } }">
          <HeadPicture class="picture" :head :size="116" />
          <span class="serif name">{{ head.name }}</span>
          <span class="figures">
            {{ head.profile.stretchedLengthCentimetres }} cm · about
            {{ Math.round(strandCount(head.profile) / 1000) }},000 strands of
            {{ head.profile.strandDiameterMicrometres }} µm · {{ STYLES[head.profile.style] }}
          </span>
          <span class="quiet">{{ head.note }}</span>
        </RouterLink>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.rows a {
  display: grid;
  grid-template-columns: 96px 1fr;
  align-content: center;
  gap: 2px 22px;
}
.picture {
  grid-row: span 3;
}
.page {
  max-width: 920px;
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
