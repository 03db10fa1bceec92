import type { BowlSnapshot, WornFacts } from '@amber-ladle/contract';
import { expectedOf, flowOfRecord } from '@amber-ladle/core/house';
import { gramsIn, progressOf, sectionsOf, type DayEvent, type PlanStep } from '@amber-ladle/core/washday';
import { In, type EntityManager } from 'typeorm';
import { WashDayEntity } from '../day/table';
import { eventsOf } from '../life';

const MINUTE = 60_000;

/** What of a wash day belongs to a bowl: its steps, and what was told. */
interface DayOfBowl {
  readonly steps: readonly PlanStep[];
  readonly events: readonly DayEvent[];
}

/** What a bowl was when it was worn, from its snapshot and from the day that was walked. */
export async function wornFacts(
  manager: EntityManager,
  bowlId: string,
  snapshot: BowlSnapshot,
  headId: string,
): Promise<WornFacts | undefined> {
  const { head, others, mask, sized } = snapshot;
  const people = [head, ...others];
  const person = people.find(({ id }) => id === headId);
  if (!person) return undefined;
  const day = await dayOf(manager, bowlId);
  const expected = expectedOf(snapshot);
  const minutes = day && minutesOf(day, bowlId);
  return {
    headName: person.name,
    maskName: mask.name,
    maskId: mask.id,
    texture: expected.texture,
    flowLog10: flowOfRecord(snapshot),
    modelMillilitres: expected.millilitres,
    neededMillilitres: sized.needMillilitres,
    plannedMillilitres: sized.madeMillilitres,
    gramsPerMillilitre: sized.madeGrams / sized.madeMillilitres,
    madeMillilitres: day ? pouredMillilitres(day, bowlId, snapshot) : sized.madeMillilitres,
    holdUpMillilitres: sized.losses.holdUpMillilitres,
    dripShare: sized.losses.dripShare,
    heads: people.length,
    sections: sectionsOf(person.profile).map(({ share }) => share),
    ...(minutes === undefined ? {} : { minutes }),
  };
}

async function dayOf(manager: EntityManager, bowlId: string): Promise<DayOfBowl | undefined> {
  const found = await manager.query<{ id: string }[]>(
    `SELECT d.id FROM wash_day d, json_each(d.bowl_ids) b WHERE b.value = ? ORDER BY d.started_at DESC LIMIT 1`,
    [bowlId],
  );
  const [day] = await manager.findBy(WashDayEntity, { id: In(found.map(({ id }) => id)) });
  return day && { steps: day.steps, events: await eventsOf(manager, day) };
}

/** What is in the bowl when what was weighed counts, and everything else as it was written. */
function pouredMillilitres({ steps, events }: DayOfBowl, bowlId: string, { sized }: BowlSnapshot): number {
  const own = new Set(steps.filter((step) => step.bowlId === bowlId).map(({ id }) => id));
  const grams = gramsIn(events.filter(({ kind, stepId }) => kind !== 'weigh' || own.has(stepId)));
  return sized.lines.reduce((sum, { ingredientId, grams: written, bowlMillilitres }) => {
    const poured = grams[ingredientId];
    return sum + (poured === undefined || written <= 0 ? bowlMillilitres : (bowlMillilitres * poured) / written);
  }, 0);
}

function minutesOf({ steps, events }: DayOfBowl, bowlId: string): number | undefined {
  const own = new Set(steps.filter((step) => step.bowlId === bowlId).map(({ id }) => id));
  const done = [...progressOf(steps, events)].filter(([id, { endedAt }]) => own.has(id) && endedAt !== undefined);
  if (done.length === 0) return undefined;
  const from = Math.min(...done.map(([, { startedAt }]) => startedAt));
  const to = Math.max(...done.map(([, { endedAt }]) => endedAt ?? 0));
  return Math.round((to - from) / MINUTE);
}
