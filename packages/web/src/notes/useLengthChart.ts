import type { lengthKept } from '@amber-ladle/core/learn';
import { inUnit } from '@amber-ladle/core/measure';
import { TWENTY_FOUR_HOURS } from '@amber-ladle/core/time';
import { notesText, writeShortDay } from '@amber-ladle/words';
import { computed, type Ref } from 'vue';
import { useHousehold } from '../data/household';
import { useChartLook } from '../kit/useChartLook';

const MONTH = 30.44 * TWENTY_FOUR_HOURS;

/** Lengths over time as they are drawn: as measured, with trims added back, and what growth alone would give. */
export function useLengthChart(kept: Ref<ReturnType<typeof lengthKept>>) {
  const household = useHousehold();
  const { ink, look, axis, timeAxis } = useChartLook();
  const unit = computed(() => household.where.lengthIn);
  const own = (length: number): number => inUnit(length, 'cm', unit.value);

  const data = computed(() => {
    const { points, trims, grown } = kept.value;
    const [start] = points;
    const last = points.at(-1);
    const expected = (perMonth: number): { x: number; y: number }[] =>
      start && last
        ? [start, last].map(({ at }) => ({
            x: Date.parse(at),
            y: own(start.withTrims + (perMonth * (Date.parse(at) - Date.parse(start.at))) / MONTH),
          }))
        : [];
    const line = (label: string, perMonth: number, dash: number[]) => ({
      label,
      data: expected(perMonth),
      borderColor: ink.value.leaf,
      borderDash: dash,
      borderWidth: 1.4,
      pointRadius: 0,
    });
    return {
      datasets: [
        {
          label: notesText.measuredWhat(unit.value),
          data: points.map(({ at, centimetres: length }) => ({ x: Date.parse(at), y: own(length) })),
          borderColor: ink.value.amber,
          backgroundColor: ink.value.amber,
          pointRadius: 6,
          borderWidth: 2,
        },
        {
          label: notesText.trimsAddedBack(unit.value),
          data: points.map(({ at, withTrims }) => ({ x: Date.parse(at), y: own(withTrims) })),
          borderColor: ink.value.plum,
          backgroundColor: ink.value.plum,
          pointStyle: 'rectRot',
          pointRadius: 6,
          borderDash: [2, 3],
          borderWidth: 1.4,
        },
        line(notesText.growthExpected, grown.perMonth, [6, 4]),
        line(notesText.slowGrowth, grown.interval.low, [2, 5]),
        line(notesText.quickGrowth, grown.interval.high, [2, 5]),
        {
          label: notesText.trim,
          data: trims.map(({ at, centimetres: length }) => ({ x: Date.parse(at), y: own(length) })),
          showLine: false,
          pointStyle: 'crossRot',
          pointRadius: 9,
          borderColor: ink.value.clay,
          borderWidth: 3,
        },
      ],
    };
  });
  const chart = computed(() => ({
    ...look.value,
    scales: {
      x: timeAxis((at) => writeShortDay(at, household.where)),
      y: axis(notesText.stretchedWhat(unit.value)),
    },
  }));
  return { data, chart };
}
