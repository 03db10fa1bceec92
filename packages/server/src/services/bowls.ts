import {
  spoonsOf,
  taughtHead,
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
import { sizeBowl, type SizedHead } from '@amber-ladle/core/batch';
import { ingredientById } from '@amber-ladle/core/ingredient';
import { judged, schooled, stopsFor } from '@amber-ladle/core/judge';
import { swapped } from '@amber-ladle/core/mask';
import { IsNull } from 'typeorm';
import { BowlEntity, BowlLifeEntity, type BowlLifeRow, type BowlRow } from '../db/entities';
import { invalid, notFound } from '../http/errors';
import { drawnFor, livesOf } from './bowlLife';
import { getHead } from './heads';
import type { Household } from './household';
import { readLearning } from './learning';
import { readCatalogue } from './ingredients';
import { toLife } from './lifeRules';
import { getMask } from './masks';
import { readSettings } from './settings';
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
  const kept = await household.writes.run(async (manager) => {
    const twin = await manager.findOneBy(BowlEntity, { id: row.id });
    if (twin) return { twin };
    await manager.insert(BowlEntity, row as never);
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
    await manager.insert(BowlLifeEntity, life as never);
    return { life };
  });
  if (kept.twin) return { bowl: toBowl(kept.twin), isNew: false };
  household.events.tell('bowls');
  if (draw) household.events.tell('shelf');
  return { bowl: toBowl(row, kept.life ? toLife(kept.life) : undefined), isNew: true };
}

/** Puts a bowl away. @throws HttpProblem 404 */
export async function removeBowl(household: Household, id: string): Promise<void> {
  await getBowl(household, id);
  await household.writes.run((manager) => manager.update(BowlEntity, { id }, { removedAt: household.clock.now() }));
  household.events.tell('bowls');
}

/** Brings a removed bowl back. @throws HttpProblem 404 */
export async function restoreBowl(household: Household, id: string): Promise<Bowl> {
  await household.writes.run((manager) => manager.update(BowlEntity, { id }, { removedAt: null }));
  household.events.tell('bowls');
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
  const catalogue = await readCatalogue(household);
  const head = { ...snapshotHead(await getHead(household, wish.headId)), profile };
  const others: SnapshotHead[] = [];
  for (const id of otherHeadIds) if (id !== head.id) others.push(snapshotHead(await getHead(household, id)));
  const settings = await readSettings(household);
  const spoons = spoonsOf(settings);
  const book = await getMask(household, maskId);
  try {
    const mask = schooled(swapped(book, choices.swaps, catalogue), settings.schools, catalogue);
    const { swaps: _swaps, makings: _makings, ...options } = choices;
    const learning = await readLearning(household);
    const now = Date.parse(household.clock.now());
    const asked = { now, texture: mask.texture, enoughChance: choices.enoughChance };
    const taught = (person: SnapshotHead): SizedHead => taughtHead(person, learning, asked);
    const sized = sizeBowl(taught(head), mask, catalogue, {
      spoons,
      ...options,
      others: others.map(taught),
      textureOffset: learning.textures[mask.id]?.offset ?? 0,
    });
    const ingredients = sized.lines.map(({ ingredientId }) => ingredientById(catalogue, ingredientId));
    return { head, others, mask, ingredients, choices, spoons, sized };
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
  const stops: { id: string; words: string; name: string }[] = [];
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
  if (undecided.length > 0)
    throw invalid(Object.fromEntries(undecided.map(({ id, name, words }) => [`decisions.${id}`, `${name}: ${words}`])));
  return said.flatMap(({ ruleId, words }) => {
    const met = stops.filter(({ id }) => id === ruleId);
    return met.length === 0 ? [] : [{ at: now, what: `${met.map((stop) => stop.words).join(' ')} Decided: ${words}` }];
  });
}
