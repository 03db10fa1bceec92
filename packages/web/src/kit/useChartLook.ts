import { computed } from 'vue';
import { useInk } from './useInk';

/** What every chart of the house shares: quiet axes with their unit, no motion, no legend of its own. */
export function useChartLook() {
  const ink = useInk();
  const look = computed(() => ({
    responsive: true,
    maintainAspectRatio: false,
    animation: false as const,
    plugins: { legend: { display: false } },
  }));
  const axis = (text: string, rest: object = {}) => ({
    title: { display: text !== '', text, color: ink.value.quiet },
    ticks: { color: ink.value.quiet, maxRotation: 0, autoSkipPadding: 14 },
    grid: { color: ink.value.rule },
    ...rest,
  });
  /**
   * Time from left to right, with few words under it and no lines.
   * @param write how a moment (milliseconds) is written
   * @param most so many moments are written
   */
  const timeAxis = (write: (at: number) => string, most = 7) => ({
    type: 'linear' as const,
    bounds: 'data' as const,
    ...axis('', { grid: { display: false } }),
    ticks: {
      color: ink.value.quiet,
      maxRotation: 0,
      maxTicksLimit: most,
      callback: (at: string | number) => write(Number(at)),
    },
  });
  return { ink, look, axis, timeAxis };
}
