import type { FactorStep } from '@amber-ladle/core/learn';
import { notesText, writeShortDay } from '@amber-ladle/words';
import { computed, type Ref } from 'vue';
import { useHousehold } from '../data/household';
import { useChartLook } from '../kit/useChartLook';

/** What a head takes, bowl by bowl, as it is drawn: each bowl a point, with what was believed after it. */
export function useFactorChart(steps: Ref<readonly FactorStep[]>) {
  const household = useHousehold();
  const { ink, look, axis } = useChartLook();
  const data = computed(() => ({
    labels: steps.value.map(({ evidence: one }) =>
      one ? writeShortDay(one.at, household.where) : notesText.toBeginWith,
    ),
    datasets: [
      {
        label: notesText.eightInTenAbove,
        data: steps.value.map(({ high }) => high),
        borderColor: ink.value.fill,
        borderWidth: 1,
        pointRadius: 0,
        order: 2,
        fill: '+1',
        backgroundColor: ink.value.wash,
      },
      {
        label: notesText.eightInTenBelow,
        data: steps.value.map(({ low }) => low),
        borderColor: ink.value.fill,
        borderWidth: 1,
        pointRadius: 0,
        order: 2,
      },
      {
        label: notesText.mostLikely,
        data: steps.value.map(({ median }) => median),
        borderColor: ink.value.amber,
        borderWidth: 2.6,
        order: 1,
        pointRadius: 0,
      },
      {
        label: notesText.thisBowl,
        data: steps.value.map(({ evidence: one }) => (one ? Math.exp(one.logRatio) : null)),
        showLine: false,
        order: 0,
        clip: false as const,
        pointStyle: steps.value.map(({ evidence: one }) =>
          one?.kind === 'at-least' ? 'triangle' : one?.kind === 'partial' ? 'rectRot' : 'circle',
        ),
        pointRadius: 6,
        pointBackgroundColor: ink.value.leaf,
        pointBorderColor: ink.value.leaf,
      },
    ],
  }));
  const chart = computed(() => ({
    ...look.value,
    layout: { padding: { right: 12 } },
    scales: {
      x: axis('', { grid: { display: false } }),
      y: axis(notesText.timesWhatTheModel, { suggestedMin: 0.5, suggestedMax: 1.5 }),
    },
  }));
  return { data, chart };
}
