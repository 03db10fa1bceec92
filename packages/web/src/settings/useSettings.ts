import type { Settings } from '@amber-ladle/contract';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';

/** What the household has set, and a change of it, which says so where it was refused. */
export function useSettings() {
  const household = useHousehold();
  const notice = useNotice();
  const settings = computed(() => household.settings);
  async function change(part: Partial<Settings>): Promise<void> {
    try {
      await household.saveSettings(part);
    } catch (error) {
      notice.fail(error);
    }
  }
  return { settings, change };
}
