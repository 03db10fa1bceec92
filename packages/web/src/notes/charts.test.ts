// @vitest-environment happy-dom
import type { HeadMeasure } from '@amber-ladle/contract';
import { lengthKept, type FactorStep } from '@amber-ladle/core/learn';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { computed, ref, shallowRef } from 'vue';
import { forget, know } from '../data/testing';
import { useFactorChart } from './useFactorChart';
import { useLengthChart } from './useLengthChart';

vi.mock('vuetify', () => ({ useTheme: () => ({ global: { current: ref({ dark: false }) } }) }));
vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));

beforeEach(() => {
  forget();
  setActivePinia(createPinia());
});

const measured = (day: string, kind: HeadMeasure['kind'], centimetres: number): HeadMeasure =>
  ({ id: day, at: `${day}T09:00:00.000Z`, kind, centimetres }) as unknown as HeadMeasure;

describe('lengths over time', () => {
  const measures = shallowRef<readonly HeadMeasure[]>([]);
  const drawn = () => {
    const { data, chart } = useLengthChart(computed(() => lengthKept(measures.value)));
    const [lengths, withTrims, expected, slow, quick, trims] = data.value.datasets.map((one) => one.data);
    return {
      lengths: lengths!,
      withTrims: withTrims!,
      expected: expected!,
      slow: slow!,
      quick: quick!,
      trims: trims!,
      chart,
    };
  };
  const heights = (line: readonly { y: number }[]): number[] => line.map(({ y }) => Math.round(y * 100) / 100);
  beforeEach(() => {
    know({ settings: { lengthIn: 'cm' } });
  });

  it('are as measured, and as they were without the trims between', () => {
    measures.value = [
      measured('2026-01-01', 'length', 40),
      measured('2026-03-01', 'trim', 2),
      measured('2026-04-01', 'length', 41),
    ];
    const { lengths, withTrims } = drawn();
    expect(heights(lengths)).toEqual([40, 41]);
    expect(heights(withTrims)).toEqual([40, 43]);
    expect(lengths[0]?.x).toBe(Date.parse('2026-01-01T09:00:00Z'));
  });

  it('stand beside what growth alone gives from the first one on, slow and quick', () => {
    measures.value = [measured('2026-01-01', 'length', 40), measured('2027-01-01', 'length', 50)];
    const { expected, slow, quick } = drawn();
    const { grown } = lengthKept(measures.value);
    expect(heights(expected)[0]).toBe(40);
    // A year is twelve months of 30.44 days, near enough.
    expect(expected[1]!.y).toBeCloseTo(40 + 11.99 * grown.perMonth, 1);
    expect(slow[1]!.y).toBeLessThan(expected[1]!.y);
    expect(quick[1]!.y).toBeGreaterThan(expected[1]!.y);
  });

  it('mark a trim at the length that was measured next, or at what it must have left', () => {
    measures.value = [
      measured('2026-01-01', 'length', 40),
      measured('2026-02-01', 'trim', 2),
      measured('2026-03-01', 'length', 39),
      measured('2026-05-01', 'trim', 1.5),
      measured('2026-04-01', 'trim', 1),
    ];
    const { trims } = drawn();
    expect(trims.map(({ x }) => new Date(x).toISOString().slice(0, 7))).toEqual(['2026-02', '2026-04', '2026-05']);
    expect(heights(trims)).toEqual([39, 38, 36.5]);
    measures.value = [measured('2026-02-01', 'trim', 2)];
    expect(drawn().trims).toEqual([]);
  });

  it('are in the household’s own unit, and say which', () => {
    know({ settings: { lengthIn: 'in' } });
    measures.value = [measured('2026-01-01', 'length', 25.4)];
    const { lengths, chart } = drawn();
    expect(heights(lengths)).toEqual([10]);
    expect(chart.value.scales.y.title.text).toMatch(/in/);
    expect(chart.value.scales.x.ticks.callback(Date.parse('2026-01-01T09:00:00Z'))).toMatch(/Jan/);
  });
});

describe('what a head takes, bowl by bowl', () => {
  it('is a point for each bowl, with what was believed after it, the first without a bowl', () => {
    const steps = [
      { low: 0.7, median: 1, high: 1.4 },
      {
        low: 0.8,
        median: 1.1,
        high: 1.5,
        evidence: { at: '2026-01-02T09:00:00Z', kind: 'at-least', logRatio: Math.log(1.2) },
      },
      { low: 0.9, median: 1.2, high: 1.5, evidence: { at: '2026-01-09T09:00:00Z', kind: 'partial', logRatio: 0 } },
      { low: 0.9, median: 1.2, high: 1.4, evidence: { at: '2026-01-16T09:00:00Z', kind: 'rate', logRatio: 0 } },
    ] as unknown as readonly FactorStep[];
    const { data, chart } = useFactorChart(ref(steps));
    const [above, below, likely, bowls] = data.value.datasets;
    expect(above?.data).toEqual([1.4, 1.5, 1.5, 1.4]);
    expect(below?.data).toEqual([0.7, 0.8, 0.9, 0.9]);
    expect(likely?.data).toEqual([1, 1.1, 1.2, 1.2]);
    expect(bowls?.data[0]).toBeNull();
    expect(bowls?.data.slice(1).map((one) => Math.round((one ?? 0) * 10) / 10)).toEqual([1.2, 1, 1]);
    expect((bowls as { pointStyle: string[] }).pointStyle).toEqual(['circle', 'triangle', 'rectRot', 'circle']);
    expect(data.value.labels).toHaveLength(4);
    // 1 is what the model says: it is always in sight.
    expect(chart.value.scales.y).toMatchObject({ suggestedMin: 0.5, suggestedMax: 1.5 });
  });
});
