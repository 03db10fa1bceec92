import { api } from '@amber-ladle/contract';
import { on, type Served } from '../http/serve';
import { stream } from '../http/stream';
import type { Household } from '../kernel/household';
import { changeSettings, isUnset, readSettings } from './settings';

/** Settings, the present, health and the stream of changes. */
export const householdRoutes = (home: Household, demo: boolean, page?: string): Served[] => [
  on(api.household.health, async () => {
    await home.source.query('SELECT 1');
    return { ok: true as const, demo, now: home.clock.now(), isNew: await isUnset(home), ...(page ? { page } : {}) };
  }),
  on(api.household.settings, () => readSettings(home)),
  on(api.household.changeSettings, ({ body }) => changeSettings(home, body)),
  on(api.household.events, (call) => {
    stream(call, home.events.listeners, 'change', (topic) => topic);
  }),
];
