import type { ScaleReading } from '@amber-ladle/core/shelf';
import { get, post } from '../wire/endpoint';
import type { Thermometer } from './device';

const schemas = () => import('./device');

/** Simulated devices, driven from the screen; in the demo the clock as well. */
export const devices = {
  thermometers: get('/devices/thermometers').giving<Thermometer[]>().changingWith('climate', 'clock', 'settings'),
  turnThermometer: post('/devices/thermometers/:placeId')
    .taking(async () => (await schemas()).thermometerHandsSchema)
    .giving<Thermometer[]>()
    .refusing('not-found'),
  scale: get('/devices/scale').giving<ScaleReading>().refusing('not-found'),
  scaleStream: get('/devices/scale/stream').streaming().refusing('not-found'),
  handScale: post('/devices/scale')
    .taking(async () => (await schemas()).scaleHandsSchema)
    .giving<ScaleReading>()
    .refusing('not-found'),
  moveClock: post('/devices/clock')
    .taking(async () => (await schemas()).clockSchema)
    .giving<{ now: string }>()
    .refusing('not-found'),
};
