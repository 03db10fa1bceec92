import { ENDPOINTS } from '@amber-ladle/contract';
import { expect, it } from 'vitest';
import { SimulatedScale } from '../device/scale';
import { testHouse } from '../testing';
import { SimulatedThermometers } from '../device/thermometer';
import { routes } from './app';

it('serves every endpoint of the contract once, and none beside', async () => {
  const house = await testHouse();
  const devices = {
    thermometers: new SimulatedThermometers(house.home, () => Promise.resolve('off')),
    scale: new SimulatedScale(),
  };
  const served = routes(house.home, devices, house.door, false).map(({ endpoint }) => endpoint);
  expect(new Set(served).size).toBe(served.length);
  expect(new Set(served)).toEqual(new Set(ENDPOINTS));
  await house.close();
});

it('says of every endpoint where it is by its method and address alone', () => {
  const addresses = ENDPOINTS.map(({ method, path }) => `${method} ${path}`);
  expect(new Set(addresses).size).toBe(addresses.length);
});
