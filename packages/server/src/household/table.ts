import { EntitySchema } from 'typeorm';

/** One setting of the household. */
export interface SettingRow {
  key: string;
  value: unknown;
}

export const SettingEntity = new EntitySchema<SettingRow>({
  name: 'setting',
  columns: {
    key: { type: 'text', primary: true },
    value: { type: 'simple-json' },
  },
});
