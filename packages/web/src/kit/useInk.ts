import { Chart } from 'chart.js';
import { computed } from 'vue';
import { useTheme } from 'vuetify';

// Canvas text does not inherit the page's.
Chart.defaults.font.family = "'Source Sans 3 Variable', 'Segoe UI', sans-serif";
Chart.defaults.font.size = 13;

/** The colours of the light as canvas drawings need them. */
export function useInk() {
  const theme = useTheme();
  return computed(() => {
    const isDark = theme.global.current.value.dark;
    return {
      ink: isDark ? '#F4EBDD' : '#2B211A',
      quiet: isDark ? '#B9A792' : '#6B5B4D',
      rule: isDark ? 'rgba(244, 235, 221, 0.2)' : 'rgba(43, 33, 26, 0.16)',
      amber: isDark ? '#F0B45A' : '#925408',
      fill: '#D98E2B',
      wash: isDark ? '#4A3720' : '#F6E3C2',
      leaf: isDark ? '#8CC7A1' : '#2F6B4F',
      clay: isDark ? '#F08A78' : '#A23A2C',
      plum: isDark ? '#C9A2CC' : '#5B3B5E',
    };
  });
}
