import { message } from '@amber-ladle/core/message';
import type { BowlLife, Topic } from '@amber-ladle/contract';
import type { BowlFact } from '@amber-ladle/core/washday';
import type { EntityManager } from 'typeorm';
import type { Household } from '../kernel/household';
import { invalid, notFound } from '../kernel/refusal';
import { toLife } from './lifeRules';
import { tell, type Telling } from './log';
import { BowlEventEntity, BowlLifeEntity, type BowlLifeRow } from './table';
import { standing, toldOf } from './toldOf';

/** How a press on a screen is told. */
export interface Pressed {
  readonly pressId?: string | undefined;
  /** Told so long after it happened. */
  readonly secondsAgo?: number | undefined;
  /** Pressed after that one, on the same device. */
  readonly afterPressId?: string | undefined;
}

interface HowChanged {
  readonly pressed?: Pressed;
  readonly also?: readonly Topic[];
  readonly after?: (manager: EntityManager, life: BowlLifeRow) => Promise<void>;
}

/**
 * Tells something of a bowl that has not ended, in one transaction. A press that was told already changes nothing.
 * @param facts what happened, from how the bowl stands; nothing where that is so already
 * @param how.also what else is changed by it
 * @param how.after what follows from how the bowl then stands
 * @throws Refusal 404, 422 for a bowl that has ended
 */
export async function changed(
  household: Household,
  bowlId: string,
  facts: (manager: EntityManager, life: BowlLifeRow, telling: Telling) => Promise<readonly BowlFact[]>,
  { pressed = {}, also = [], after }: HowChanged = {},
): Promise<BowlLife> {
  const { life } = await household.writes.run<{ life: BowlLifeRow; topics: readonly Topic[] }>(
    ({ topics }) => topics,
    async (manager) => {
      const row = await manager.findOneBy(BowlLifeEntity, { bowlId });
      if (!row) throw notFound('bowl');
      const before = standing([row]);
      const { pressId } = pressed;
      if (pressId !== undefined && (await manager.existsBy(BowlEventEntity, { bowlId, pressId })))
        return { life: row, topics: [] };
      if (row.endedAt) throw invalid({ bowl: message('refusal.bowl-ended') });
      const telling = { pressId, at: await momentOf(manager, bowlId, household.clock.now(), pressed) };
      const told = await facts(manager, row, telling);
      if (told.length > 0) await tell(manager, household, bowlId, told, telling);
      const stands = (): Promise<BowlLifeRow> => manager.findOneByOrFail(BowlLifeEntity, { bowlId });
      await after?.(manager, await stands());
      const next = await stands();
      return { life: next, topics: [...toldOf(before, [next]), ...also] };
    },
  );
  return toLife(life);
}

/**
 * When it happened, where that was before now. One press of a device may be told as it comes and the next as held: what was
 * tapped last would be put before it, and a head that was rinsed would wear the bowl anew.
 */
async function momentOf(
  manager: EntityManager,
  bowlId: string,
  now: string,
  { secondsAgo = 0, afterPressId }: Pressed,
): Promise<string | undefined> {
  if (secondsAgo <= 0) return undefined;
  const pressed = new Date(Date.parse(now) - secondsAgo * 1000).toISOString();
  const before = afterPressId && (await manager.findOneBy(BowlEventEntity, { bowlId, pressId: afterPressId }));
  return before && before.at > pressed ? before.at : pressed;
}
