import { SPOON_SETS } from '@amber-ladle/core/measure';
import { isZone } from '@amber-ladle/core/time';
import { array, boolean, object, string } from 'yup';
import { ringsSchema } from '../day';
import { dictionary } from '../wire';
import { DEFAULT_SETTINGS, LENGTH_UNITS, LOCALES, WARMTH_UNITS, type Settings } from './owner';
import { fault } from '../wire/fault';

export const settingsSchema = object({
  measureSystem: string()
    .oneOf(['us', 'metric', 'uk'] as const)
    .required(),
  spoonIds: array()
    .of(string().max(60).required())
    .required()
    .max(20)
    .test('spoons', fault('no-spoon'), (ids, context) => {
      const system = (context.parent as Settings).measureSystem;
      const known = new Set(SPOON_SETS[system]?.map(({ id }) => id));
      return ids.length > 0 && ids.every((id) => known.has(id));
    }),
  theme: string()
    .oneOf(['linen', 'evening', 'as-device'] as const)
    .required(),
  timeZone: string()
    .required()
    .max(60)
    .test('zone', fault('time-zone'), (name) => isZone(name ?? '')),
  locale: string().oneOf(LOCALES).default(DEFAULT_SETTINGS.locale),
  lengthIn: string().oneOf(LENGTH_UNITS).default(DEFAULT_SETTINGS.lengthIn),
  warmthIn: string().oneOf(WARMTH_UNITS).default(DEFAULT_SETTINGS.warmthIn),
  currency: string()
    .defined()
    .max(3)
    .matches(/^([A-Z]{3})?$/, fault('currency'))
    .default(DEFAULT_SETTINGS.currency),
  rings: ringsSchema.default(DEFAULT_SETTINGS.rings),
  schools: dictionary(string().defined().max(40), 30),
  practiceDevices: boolean().default(false),
}).noUnknown();

/**
 * Some settings as they are to be, and as they were on the screen: what another device has set otherwise meanwhile is not
 * overwritten. They are checked together with the others.
 */
export const settingsChangeSchema = object({
  change: object().required(fault('say-what-to-set')),
  seen: object().required(fault('say-how-it-was')),
}).noUnknown();
