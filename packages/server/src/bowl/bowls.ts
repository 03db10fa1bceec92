import {
  type Bowl,
  type Topic,
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
import { judged, stopsFor, wornBefore, type Caution } from '@amber-ladle/core/judge';
import { message, saidBy } from '@amber-ladle/core/message';
import { IsNull, type EntityManager } from 'typeorm';
import { BowlEntity, type BowlRow } from './table';
import { invalid, notFound } from '../kernel/refusal';
import { livesOf, tell } from '../life';
import { drawnFor } from './draw';
import { readHistories } from './histories';
import { getHead } from '../head';
import type { Household } from '../kernel/household';
import type { Catalogue } from '@amber-ladle/core/ingredient';
import type { BowlFact } from '@amber-ladle/core/washday';
import { canonical } from '@amber-ladle/core/time';
import { readHouse } from '../house';
import { readCatalogue } from '../ingredient';
import { getMask } from '../mask';
import { readSettings } from '../household';
import { broughtUpToDate } from '../life';

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

/** @throws Refusal 404 */
export async function getBowl({ source }: Household, id: string): Promise<Bowl> {
  const row = await source.getRepository(BowlEntity).findOneBy({ id, removedAt: IsNull() });
  if (!row) throw notFound('bowl');
  return toBowl(row, (await livesOf(source.manager, [id])).get(id));
}

/**
 * Sizes a bowl and keeps it with everything it was made from.
 * Asking again with the same id gives the bowl that was kept the first time.
 * @throws Refusal not-found for a head or mask that is gone
 */
export async function keepBowl(household: Household, wish: KeepBowl): Promise<{ bowl: Bowl; isNew: boolean }> {
  const ready = await readyToKeep(household, wish);
  const isNew = await household.writes.run(topicsOf([wish]), (manager) => keepIn(manager, household, ready));
  return { bowl: await getKept(household, wish.id), isNew };
}

/**
 * A bowl each for several heads: all of them are kept, with what they take from the shelf, or none.
 * @throws Refusal as {@link keepBowl}
 */
export async function keepBowls(household: Household, wishes: readonly KeepBowl[]): Promise<Bowl[]> {
  const ready: (ReadyBowl | undefined)[] = [];
  for (const wish of wishes) ready.push(await readyToKeep(household, wish));
  await household.writes.run(topicsOf(wishes), async (manager) => {
    for (const one of ready) await keepIn(manager, household, one);
  });
  return Promise.all(wishes.map(({ id }) => getKept(household, id)));
}

const topicsOf = (wishes: readonly KeepBowl[]): Topic[] =>
  wishes.some(({ draw }) => draw) ? ['bowls', 'shelf'] : ['bowls'];

/** A bowl that is sized and waits for its transaction. */
interface ReadyBowl {
  readonly wish: KeepBowl;
  readonly catalogue: Catalogue;
  readonly snapshot: BowlSnapshot;
  readonly decisions: readonly BowlFact[];
}

async function readyToKeep(household: Household, wish: KeepBowl): Promise<ReadyBowl | undefined> {
  if (await household.source.manager.existsBy(BowlEntity, { id: wish.id })) return undefined;
  const snapshot = await snapshotOf(household, wish);
  const decisions = await decidedStops(household, snapshot, wish.decisions ?? []);
  return { wish, catalogue: await readCatalogue(household), snapshot, decisions };
}

/** @returns false where that bowl is there already */
async function keepIn(manager: EntityManager, household: Household, ready: ReadyBowl | undefined): Promise<boolean> {
  if (!ready || (await manager.existsBy(BowlEntity, { id: ready.wish.id }))) return false;
  const { wish, catalogue, snapshot, decisions } = ready;
  const { head, others, mask, sized } = snapshot;
  const keptAt = household.clock.now();
  await manager.insert(BowlEntity, {
    id: wish.id,
    headId: head.id,
    headName: [head, ...others].map(({ name }) => name).join(' and '),
    maskId: mask.id,
    maskName: mask.name,
    madeMillilitres: sized.madeMillilitres,
    keptAt,
    removedAt: null,
    snapshot,
  });
  const drawn = wish.draw ? await drawnFor(manager, household, catalogue, wish.draw, wish.id) : [];
  const plannedFor = wish.plannedFor === undefined ? {} : { plannedFor: canonical(wish.plannedFor) };
  await tell(manager, household, wish.id, [{ kind: 'kept', ...plannedFor }, ...drawn, ...decisions]);
  return true;
}

/** The bowl as it was kept, put away meanwhile or not. */
async function getKept({ source }: Household, id: string): Promise<Bowl> {
  const row = await source.manager.findOneByOrFail(BowlEntity, { id });
  return toBowl(row, (await livesOf(source.manager, [id])).get(id));
}

/** Puts a bowl away. @throws Refusal 404 */
export async function removeBowl(household: Household, id: string): Promise<void> {
  await getBowl(household, id);
  await household.writes.run(['bowls'], (manager) =>
    manager.update(BowlEntity, { id }, { removedAt: household.clock.now() }),
  );
}

/** Brings a removed bowl back. @throws Refusal 404 */
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
    if (error instanceof RangeError) throw invalid({ choices: saidBy(error) ?? message('refusal.another-look') });
    throw error;
  }
}

/**
 * What was decided against each stop that this bowl meets.
 * @throws Refusal 422 with the stops that nobody has decided on
 */
async function decidedStops(
  household: Household,
  { mask, ingredients, head, others }: BowlSnapshot,
  said: readonly StopDecision[],
): Promise<readonly BowlFact[]> {
  const catalogue = new Map(ingredients.map((row) => [row.id, row]));
  const histories = await readHistories(household);
  const now = household.clock.now();
  const { schools } = await readSettings(household);
  const stops: (Caution & { readonly name: string })[] = [];
  for (const { id, name, ageYears, sensitiveSkin } of [head, ...others]) {
    const { story } = await getHead(household, id);
    const who = { wearer: { ageYears, sensitiveSkin }, story, ...wornBefore(histories[id] ?? []) };
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
    throw invalid(
      Object.fromEntries(
        undecided.map(({ id, name, what }) => [`decisions.${id}`, message('refusal.of-head', { name, what })]),
      ),
    );
  }
  return said.flatMap(({ ruleId, words }): BowlFact[] => {
    const met = stops.filter(({ id }) => id === ruleId);
    const what = message('decision.against-stop', { stops: met.map((stop) => stop.what), words });
    return met.length === 0 ? [] : [{ kind: 'decided', what }];
  });
}
