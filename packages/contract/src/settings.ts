import { SPOON_SETS, type MeasureSystem } from '@amber-ladle/core/measure';
import { array, object, string, type ObjectSchema } from 'yup';
import { dictionary } from './dictionary';
import { ringsSchema } from './washday';

export interface Settings {
  measureSystem: MeasureSystem;
  /** The spoons and cups the owner has, by id, of the chosen system. */
  spoonIds: string[];
  theme: 'linen' | 'evening' | 'as-device';
  /** IANA name; days and "today" belong to it. */
  timeZone: string;
  /** Rings of the stove that may be used at once. */
  rings: number;
  /** Where makers disagree: what this household chose, by question. */
  schools: Record<string, string>;
}

export const DEFAULT_SETTINGS: Settings = {
  measureSystem: 'us',
  spoonIds: SPOON_SETS.us.map(({ id }) => id),
  theme: 'as-device',
  timeZone: 'UTC',
  rings: 2,
  schools: {},
};

/** True when the runtime knows the zone. */
function isTimeZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en-GB', { timeZone: name });
    return true;
  } catch {
    return false;
  }
}

export const settingsSchema = object({
  measureSystem: string()
    .oneOf(['us', 'metric', 'uk'] as const, 'Measures are US, metric or UK.')
    .required(),
  spoonIds: array()
    .of(string().max(60).required())
    .required()
    .max(20)
    .test('spoons', 'Keep at least one spoon of the chosen measures.', (ids, context) => {
      const system = (context.parent as Settings).measureSystem;
      const known = new Set(SPOON_SETS[system]?.map(({ id }) => id));
      return ids.length > 0 && ids.every((id) => known.has(id));
    }),
  theme: string()
    .oneOf(['linen', 'evening', 'as-device'] as const, 'The light is linen, evening or as the device.')
    .required(),
  timeZone: string()
    .required()
    .max(60)
    .test('zone', 'That time zone is not known here.', (name) => isTimeZone(name ?? '')),
  rings: ringsSchema.default(DEFAULT_SETTINGS.rings),
  schools: dictionary(string().max(40), 30, 'There are not so many schools.'),
}).noUnknown() as unknown as ObjectSchema<Settings>;

/** The owner's spoons, never none. */
export function spoonsOf({ measureSystem, spoonIds }: Settings) {
  const own = SPOON_SETS[measureSystem].filter(({ id }) => spoonIds.includes(id));
  return own.length > 0 ? own : SPOON_SETS[measureSystem];
}
