import {
  type Bowl,
  type BowlLife,
  type BowlSnapshot,
  type BowlSummary,
  type Head,
  type KeepBowl,
  type Page,
  type SnapshotHead,
  type StopDecision,
} from '@amber-ladle/contract';
import { sizing } from '@amber-ladle/core/house';
import { ingredientById } from '@amber-ladle/core/ingredient';
import { judged, stopsFor, type Caution } from '@amber-ladle/core/judge';
import { message } from '@amber-ladle/core/message';
import { sentenceOf } from '@amber-ladle/words';
import { IsNull } from 'typeorm';
import { BowlEntity, BowlLifeEntity, type BowlLifeRow, type BowlRow } from '../db/entities';
import { invalid, notFound } from '../http/errors';
import { drawnFor, livesOf } from './bowlLife';
import { getHead } from './heads';
import type { Household } from './household';
import { readHouse } from './house';
import { readCatalogue } from './ingredients';
import { toLife } from './lifeRules';
import { getMask } from './masks';
import { readerIn, readSettings } from './settings';
import { broughtUpToDate } from './snapshots';

const toBowl = ({ removedAt: _removedAt, ...bowl }: BowlRow, life?: BowlLife): Bowl => ({
  ...bowl,
  snapshot: broughtUpToDate(bowl.snapshot),
  ...(life ? { life } : {}),
});

/** Kept bowls, newest first. */
export async function listBowls({ source }: Household, offset: number, limit: number): Promise<Page<BowlSummary>> {
  const [rows, total] = await source.getRepository(BowlEntity).findAndCount({
    select: {
      id: true,
      headId: true,
      headName: true,
      maskId: true,
      maskName: true,
      madeMillilitres: true,
      keptAt: true,
    },
    where: { removedAt: IsNull() },
    order: { keptAt: 'DESC', id: 'ASC' },
    skip: offset,
    take: limit,
  });
  const lives = await livesOf(
    source.manager,
    rows.map(({ id }) => id),
  );
  const items = rows.map(({ id, headId, headName, maskId, maskName, madeMillilitres, keptAt }) => {
    const life = lives.get(id);
    return { id, headId, headName, maskId, maskName, madeMillilitres, keptAt, ...(life ? { life } : {}) };
  });
  return { items, total, offset };
}

/** @throws HttpProblem 404 */
export async function getBowl({ source }: Household, id: string): Promise<Bowl> {
  const row = await source.getRepository(BowlEntity).findOneBy({ id, removedAt: IsNull() });
  if (!row) throw notFound('bowl');
  return toBowl(row, (await livesOf(source.manager, [id])).get(id));
}

/**
 * Sizes a bowl and keeps it with everything it was made from.
 * Asking again with the same id gives the bowl that was kept the first time.
 * @throws HttpProblem 404 for a head or mask that is gone
 */
export async function keepBowl(household: Household, wish: KeepBowl): Promise<{ bowl: Bowl; isNew: boolean }> {
  const known = await household.source.getRepository(BowlEntity).findOneBy({ id: wish.id });
  if (known) return { bowl: toBowl(known), isNew: false };

  const snapshot = await snapshotOf(household, wish);
  const decisions = await decidedStops(household, snapshot, wish.decisions ?? []);
  const { head, others } = snapshot;
  const row: BowlRow = {
    id: wish.id,
    headId: head.id,
    headName: [head, ...others].map(({ name }) => name).join(' and '),
    maskId: snapshot.mask.id,
    maskName: snapshot.mask.name,
    madeMillilitres: snapshot.sized.madeMillilitres,
    keptAt: household.clock.now(),
    removedAt: null,
    snapshot,
  };
  const catalogue = await readCatalogue(household);
  const { draw } = wish;
  const kept = await household.writes.run(draw ? ['bowls', 'shelf'] : ['bowls'], async (manager) => {
    const twin = await manager.findOneBy(BowlEntity, { id: row.id });
    if (twin) return twin;
    await manager.insert(BowlEntity, row);
    const drawn = draw
      ? await drawnFor(manager, household, catalogue, draw, row.id)
      : { isDrawn: false, startShare: 0 };
    const life: BowlLifeRow = {
      bowlId: row.id,
      madeAt: row.keptAt,
      plannedFor: wish.plannedFor ?? null,
      ...drawn,
      stays: [],
      wearing: {},
      leftOver: null,
      endedAt: null,
      endedHow: null,
      decisions,
    };
    await manager.insert(BowlLifeEntity, life);
    return life;
  });
  if ('snapshot' in kept) return { bowl: toBowl(kept), isNew: false };
  return { bowl: toBowl(row, toLife(kept)), isNew: true };
}

/** Puts a bowl away. @throws HttpProblem 404 */
export async function removeBowl(household: Household, id: string): Promise<void> {
  await getBowl(household, id);
  await household.writes.run(['bowls'], (manager) =>
    manager.update(BowlEntity, { id }, { removedAt: household.clock.now() }),
  );
}

/** Brings a removed bowl back. @throws HttpProblem 404 */
export async function restoreBowl(household: Household, id: string): Promise<Bowl> {
  await household.writes.run(['bowls'], (manager) => manager.update(BowlEntity, { id }, { removedAt: null }));
  return getBowl(household, id);
}

const snapshotHead = ({ id, name, ageYears, sensitiveSkin, profile }: Head): SnapshotHead => ({
  id,
  name,
  ageYears,
  sensitiveSkin,
  profile,
});

/** Sizes what was asked for with the household's own catalogue and spoons, and puts down all that went into it. */
async function snapshotOf(household: Household, wish: KeepBowl): Promise<BowlSnapshot> {
  const { profile, choices, maskId, otherHeadIds } = wish;
  const house = await readHouse(household);
  const head = { ...snapshotHead(await getHead(household, wish.headId)), profile };
  const others: SnapshotHead[] = [];
  for (const id of otherHeadIds) if (id !== head.id) others.push(snapshotHead(await getHead(household, id)));
  const book = await getMask(household, maskId);
  try {
    const { mask, bowl: sized } = sizing(house, { heads: [head, ...others], mask: book, choices });
    const ingredients = sized.lines.map(({ ingredientId }) => ingredientById(house.catalogue, ingredientId));
    return { head, others, mask, ingredients, choices, spoons: house.spoons, sized };
  } catch (error) {
    if (error instanceof RangeError) throw invalid({ choices: error.message });
    throw error;
  }
}

/**
 * What was decided against each stop that this bowl meets.
 * @throws HttpProblem 422 with the stops that nobody has decided on
 */
async function decidedStops(
  household: Household,
  { mask, ingredients, head, others }: BowlSnapshot,
  said: StopDecision[],
) {
  const catalogue = new Map(ingredients.map((row) => [row.id, row]));
  // What is new to a head is a caution, never a stop, so its history is not needed here.
  const known = new Set(catalogue.keys());
  const now = household.clock.now();
  const { schools } = await readSettings(household);
  const stops: (Caution & { readonly name: string })[] = [];
  for (const { id, name, ageYears, sensitiveSkin } of [head, ...others]) {
    const { story } = await getHead(household, id);
    const who = { wearer: { ageYears, sensitiveSkin }, story, known };
    const met = stopsFor(
      judged(
        { ...mask, parts: mask.parts.filter((part) => catalogue.has(part.ingredientId)) },
        who,
        catalogue,
        schools,
        Date.parse(now),
      ),
    );
    stops.push(...met.map((stop) => ({ ...stop, name })));
  }
  const undecided = stops.filter(({ id }) => !said.some(({ ruleId }) => ruleId === id));
  if (undecided.length > 0) {
    const reader = await readerIn(household);
    throw invalid(
      Object.fromEntries(
        undecided.map(({ id, name, what }) => [`decisions.${id}`, `${name}: ${sentenceOf(what, reader)}`]),
      ),
    );
  }
  return said.flatMap(({ ruleId, words }) => {
    const met = stops.filter(({ id }) => id === ruleId);
    const what = message('decision.against-stop', { stops: met.map((stop) => stop.what), words });
    return met.length === 0 ? [] : [{ at: now, what }];
  });
}
