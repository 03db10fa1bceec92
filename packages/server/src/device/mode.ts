import type { DeviceMode } from '@amber-ladle/contract';
import type { Household } from '../kernel/household';
import { readSettings } from '../household';

/** Whether simulated devices are there, and whether what they say counts. */
export async function deviceMode(household: Household, isDemo: boolean): Promise<DeviceMode> {
  if (isDemo) return 'demo';
  return (await readSettings(household)).practiceDevices ? 'practice' : 'off';
}
