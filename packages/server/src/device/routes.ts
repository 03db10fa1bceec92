import { api } from '@amber-ladle/contract';
import { on, type Served } from '../http/serve';
import { stream } from '../http/stream';
import type { Household } from '../kernel/household';
import { notFound } from '../kernel/refusal';
import { deviceMode } from './mode';
import type { SimulatedScale } from './scale';
import type { SimulatedThermometers } from './thermometer';

export interface Devices {
  readonly thermometers: SimulatedThermometers;
  readonly scale: SimulatedScale;
}

/** Simulated devices, driven from the screen; in the demo the clock as well. */
export function deviceRoutes(home: Household, { thermometers, scale }: Devices, demo: boolean): Served[] {
  /** Without a scale there is nothing to ask. */
  const withScale = async (): Promise<SimulatedScale> => {
    if ((await deviceMode(home, demo)) === 'off') throw notFound('scale');
    return scale;
  };
  return [
    on(api.devices.thermometers, () => thermometers.read()),
    on(api.devices.turnThermometer, async ({ params, body }) => {
      if (!(await thermometers.turn(params.placeId, body))) throw notFound('thermometer');
      return thermometers.read();
    }),
    on(api.devices.scale, async () => (await withScale()).read()),
    on(api.devices.scaleStream, async (call) => {
      const followed = await withScale();
      stream(call, followed.listeners, 'reading', JSON.stringify, () => {
        followed.rest();
      });
      followed.follow();
    }),
    on(api.devices.handScale, async ({ body }) => (await withScale()).handle(body)),
    on(api.devices.moveClock, async ({ body: { minutes } }) => {
      if (!demo) throw notFound('address');
      await thermometers.tick();
      home.clock.set(new Date(Date.parse(home.clock.now()) + minutes * 60_000).toISOString());
      await thermometers.tick();
      home.events.tell('clock');
      home.events.tell('climate');
      return { now: home.clock.now() };
    }),
  ];
}
