<script setup lang="ts">
import DemoTime from '../kit/DemoTime.vue';
import TogglePill from '../kit/TogglePill.vue';
import { api } from '@amber-ladle/contract';
import { CategoryScale, Chart, Filler, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { computed } from 'vue';
import { Line } from 'vue-chartjs';
import { useRead } from '../data/answer';
import { call } from '../data/client';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useShelf } from '../data/shelf';
import { useChartLook } from '../kit/useChartLook';
import { shelfText, writeTime, writeWarmth } from '@amber-ladle/words';
import { inUnit } from '@amber-ladle/core/measure';
import { TWENTY_FOUR_HOURS } from '@amber-ladle/core/time';

/** What the thermometer in the fridge says, of late and now; a stand-in whose door and power hands can turn. */
Chart.register(LinearScale, CategoryScale, PointElement, LineElement, Filler, Tooltip);
const household = useHousehold();
const shelf = useShelf();
const notice = useNotice();
const { ink, look, axis } = useChartLook();
const { value: all, know } = useRead(api.devices.thermometers, () => ({}));
const first = computed(() => all.value?.[0]);
const counts = computed(() => household.deviceMode === 'demo');

async function turn(change: { isDoorOpen?: boolean; hasPower?: boolean }): Promise<void> {
  if (!first.value) return;
  try {
    know(await call(api.devices.turnThermometer, { params: { placeId: first.value.placeId }, body: change }));
  } catch (error) {
    notice.fail(error);
  }
}
const TIMES = [
  { minutes: 60, says: shelfText.anHour },
  { minutes: 24 * 60, says: shelfText.aDay },
];

/** As the household reads it. */
const unit = computed(() => household.where.warmthIn);
const own = (celsius: number): number => inUnit(celsius, '°C', unit.value);
const shown = computed(() => writeWarmth(first.value?.celsius ?? 0, household.where));
const points = computed(() =>
  shelf.readings.filter(
    ({ placeId, at }) => placeId === first.value?.placeId && household.moment - Date.parse(at) < TWENTY_FOUR_HOURS,
  ),
);
const data = computed(() => ({
  labels: points.value.map(({ at }) => writeTime(at, household.where)),
  datasets: [
    {
      label: unit.value,
      data: points.value.map(({ celsius }) => own(celsius)),
      borderColor: ink.value.amber,
      backgroundColor: ink.value.wash,
      borderWidth: 2,
      pointRadius: 2,
      fill: false,
      tension: 0.2,
    },
    {
      label: writeWarmth(5, household.where),
      data: points.value.map(() => own(5)),
      borderColor: ink.value.clay,
      borderWidth: 1.4,
      borderDash: [4, 4],
      pointRadius: 0,
    },
  ],
}));
const options = computed(() => ({
  ...look.value,
  scales: {
    x: axis('', { ticks: { color: ink.value.quiet, maxTicksLimit: 5, maxRotation: 0 }, grid: { display: false } }),
    y: axis(unit.value, { suggestedMin: own(0), suggestedMax: own(10) }),
  },
}));
</script>

<template>
  <section v-if="first" :aria-label="shelfText.thermometer(first.name)" class="thermometer" data-test="thermometer">
    <h2>
      {{ first.name }} <span class="figures" data-test="celsius">{{ shown }}</span>
    </h2>
    <div v-if="counts && points.length > 1" class="chart">
      <Line :data="data" :options="options" :aria-label="shelfText.temperatureOfTheLast(shown)" role="img" />
    </div>
    <p v-else-if="counts" class="quiet">{{ shelfText.theCourse }}</p>
    <p class="quiet">
      {{ counts ? shelfText.aSimulatedThermometer : shelfText.aThermometerForPractice }}
    </p>
    <div class="line">
      <TogglePill :is-on="first.isDoorOpen" @toggle="turn({ isDoorOpen: !first.isDoorOpen })">{{
        shelfText.door(first.isDoorOpen ? shelfText.open : shelfText.shut)
      }}</TogglePill>
      <TogglePill :is-on="!first.hasPower" @toggle="turn({ hasPower: !first.hasPower })">{{
        shelfText.power(first.hasPower ? shelfText.on : shelfText.cut)
      }}</TogglePill>
    </div>
    <DemoTime :of="TIMES" />
  </section>
</template>

<style scoped>
.thermometer {
  margin-top: 26px;
}
h2 {
  display: flex;
  justify-content: space-between;
  margin: 0 0 6px;
}
.chart {
  height: 150px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin: 6px 0;
}
p {
  margin: 6px 0;
  font-size: 0.92rem;
}
</style>
