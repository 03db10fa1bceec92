import {
  maskInputSchema,
  profileSchema,
  settingsSchema,
  storySchema,
  tellUseSchema,
  toldFactsSchema,
  wearLogSchema,
  type FileFault,
} from '@amber-ladle/contract';
import { NO_STORY } from '@amber-ladle/core/judge';
import type { DataSource } from 'typeorm';
import { ValidationError, type Schema } from 'yup';
import type { Clock } from '../kernel/clock';
import { BowlEntity } from '../bowl/table';
import { HeadEntity } from '../head/table';
import { MaskEntity } from '../mask/table';
import { SettingEntity } from '../household/table';
import { ToldUseEntity } from '../told/table';
import { WearLogEntity } from '../notes/table';
import { Events } from '../kernel/events';
import { listBowls } from '../bowl';
import { readHistories } from '../bowl';
import { household, type Household } from '../kernel/household';
import { readCatalogue } from '../ingredient';
import { readLearning } from '../notes';
import { listLogs, openLogs } from '../notes';
import { broughtUpToDate } from '../life';
import { readShelf } from '../stock';
import { runningDay } from '../day';
import { wornFacts } from '../notes';

/** Where a row came from, for whoever mends the file. */
export interface Fault extends FileFault {
  readonly path: readonly (string | number)[];
}

/** Uses a copy of a household as screens would, and says what would not work; nothing found, nothing wrong. */
export async function tryOut(source: DataSource, clock: Clock): Promise<Fault[]> {
  const home = household(source, clock, new Events());
  const faults = [...(await rowFaults(home)), ...(await bowlFaults(home))];
  if (faults.length > 0) return faults;
  try {
    await readCatalogue(home);
    await readShelf(home, 0, 100);
    await listBowls(home, 0, 100);
    await readHistories(home);
    await readLearning(home);
    await listLogs(home, { offset: 0, limit: 200 });
    await openLogs(home);
    await runningDay(home);
    return [];
  } catch (error) {
    return [{ path: [], line: 0, words: `It could not be used: ${error instanceof Error ? error.message : ''}` }];
  }
}

async function rowFaults({ source }: Household): Promise<Fault[]> {
  const { manager } = source;
  const faults: Fault[] = [];
  const check = (path: readonly (string | number)[], schema: Pick<Schema, 'validateSync'>, value: unknown): void => {
    try {
      schema.validateSync(value, { strict: true });
    } catch (error) {
      if (!(error instanceof ValidationError)) throw error;
      faults.push({ path, line: 0, words: error.message });
    }
  };
  for (const [i, { profile, story }] of (await manager.find(HeadEntity)).entries()) {
    check(['head', i, 'profile'], profileSchema, profile);
    check(['head', i, 'story'], storySchema, { ...NO_STORY, ...story });
  }
  for (const [i, { body }] of (await manager.find(MaskEntity)).entries()) {
    const { id: _id, version: _version, ...input } = body;
    check(['mask', i, 'body'], maskInputSchema, input);
  }
  for (const [i, { key, value }] of (await manager.find(SettingEntity)).entries())
    if (key === 'household') check(['setting', i, 'value'], settingsSchema, value);
  for (const [i, { body }] of (await manager.find(WearLogEntity)).entries())
    check(['wear_log', i, 'body'], wearLogSchema, body);
  for (const [i, { outcome, facts }] of (await manager.find(ToldUseEntity)).entries()) {
    check(['told_use', i, 'outcome'], tellUseSchema, { outcome });
    check(['told_use', i, 'facts'], toldFactsSchema, facts);
  }
  return faults;
}

/** Every bowl is opened as its page would open it. */
async function bowlFaults({ source }: Household): Promise<Fault[]> {
  const faults: Fault[] = [];
  const ids = await source.query<{ id: string }[]>('SELECT id FROM bowl ORDER BY rowid');
  for (const [i, { id }] of ids.entries()) {
    try {
      const { snapshot } = await source.manager.findOneByOrFail(BowlEntity, { id });
      const whole = broughtUpToDate(snapshot);
      const facts = await wornFacts(source.manager, id, whole, whole.head.id);
      const numbers = [facts?.modelMillilitres, facts?.madeMillilitres, facts?.flowLog10];
      if (!numbers.every((value) => Number.isFinite(value))) throw new Error('its amounts are not numbers');
    } catch (error) {
      const words = `This bowl cannot be opened: ${error instanceof Error ? error.message : ''}.`;
      faults.push({ path: ['bowl', i, 'snapshot'], line: 0, words });
    }
  }
  return faults;
}
