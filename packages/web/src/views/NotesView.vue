<script setup lang="ts">
import { computed, ref } from 'vue';
import BowlList from '../parts/BowlList.vue';
import { useHousehold } from '../stores/household';

const household = useHousehold();
const headId = ref<string | null>(null);
const people = computed(() => household.heads.map(({ id, name }) => ({ value: id, title: name })));
const shown = computed(() => household.bowls.items.filter((bowl) => !headId.value || bowl.headId === headId.value));
</script>

<template>
  <div class="page">
    <h1>Notes</h1>
    <p class="quiet">
      Every bowl you kept, as it was measured that day. Later changes to a head or a mask never touch it.
    </p>
    <v-select
      v-model="headId"
      :items="people"
      label="Whose"
      clearable
      class="whose"
      placeholder="everybody"
      persistent-placeholder
    />
    <BowlList :bowls="shown" />
    <p v-if="household.bowls.total > household.bowls.items.length" class="quiet">
      The newest {{ household.bowls.items.length }} of {{ household.bowls.total }}.
    </p>
  </div>
</template>

<style scoped>
.page {
  max-width: 920px;
}
.whose {
  max-width: 260px;
  margin: 12px 0;
}
</style>
