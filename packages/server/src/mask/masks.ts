import { message, type Message } from '@amber-ladle/core/message';
import { randomUUID } from 'node:crypto';
import type { MaskInput, MaskVersion } from '@amber-ladle/contract';
import { reviewMask, type ReviewId } from '@amber-ladle/core/batch';
import { BUILT_IN_MASKS, normaliseShares, type Mask } from '@amber-ladle/core/mask';
import { IsNull, type EntityManager } from 'typeorm';
import { MaskEntity, MaskVersionEntity, type MaskRow } from './table';
import { invalid, notFound, stale } from '../kernel/refusal';
import type { Household } from '../kernel/household';
import { readCatalogue } from '../ingredient';
import { readerIn } from '../household';

/** The book of masks: the built-in ones and the household's own. */
export async function listMasks({ source }: Household): Promise<readonly Mask[]> {
  const own = await source.manager.find(MaskEntity, { where: { removedAt: IsNull() }, order: { createdAt: 'ASC' } });
  return [...BUILT_IN_MASKS, ...own.map(({ body }) => body)];
}

/** @throws Refusal 404 */
export async function getMask({ source }: Household, id: string): Promise<Mask> {
  const builtIn = BUILT_IN_MASKS.find((candidate) => candidate.id === id);
  return builtIn ?? (await present(source.manager, id)).body;
}

/** Every version a mask has had, the newest first; a built-in one has one. @throws Refusal 404 */
export async function maskVersions(household: Household, id: string): Promise<MaskVersion[]> {
  const mask = await getMask(household, id);
  const rows = await household.source.manager.find(MaskVersionEntity, {
    where: { maskId: id },
    order: { version: 'DESC' },
  });
  return rows.length > 0
    ? rows.map(({ body, createdAt }) => ({ mask: body, createdAt }))
    : [{ mask, createdAt: household.clock.now() }];
}

/** @throws Refusal 422 for an unknown ingredient or a bowl that would do harm */
export async function createMask(household: Household, input: MaskInput): Promise<Mask> {
  const { writes, clock } = household;
  const now = clock.now();
  const mask = await checked(household, { ...input, id: randomUUID(), version: 1 });
  await writes.run(['masks'], async (manager) => {
    await manager.insert(MaskEntity, {
      id: mask.id,
      version: 1,
      body: mask,
      createdAt: now,
      updatedAt: now,
      removedAt: null,
    });
    await keepVersion(manager, mask, now);
  });
  return mask;
}

/**
 * Changes a mask; what it was before stays among its versions.
 * @throws Refusal 404, 409 for a version that is not the current one, 422 as {@link createMask}
 */
export async function updateMask(household: Household, id: string, version: number, input: MaskInput): Promise<Mask> {
  const { writes, clock } = household;
  const mask = await checked(household, { ...input, id, version: version + 1 });
  await writes.run(['masks'], async (manager) => {
    const row = await present(manager, id);
    if (row.version !== version) throw stale(row.body);
    const updatedAt = clock.now();
    await manager.save(MaskEntity, { ...row, version: mask.version, body: mask, updatedAt });
    await keepVersion(manager, mask, updatedAt);
  });
  return mask;
}

/** Puts an own mask away; its bowls stay. @throws Refusal 404 */
export async function removeMask({ writes, clock }: Household, id: string): Promise<void> {
  await writes.run(['masks'], async (manager) => {
    await present(manager, id);
    await manager.update(MaskEntity, { id }, { removedAt: clock.now() });
  });
}

/** Brings a removed mask back. @throws Refusal 404 */
export async function restoreMask({ writes }: Household, id: string): Promise<Mask> {
  const row = await writes.run(['masks'], async (manager) => {
    const known = await manager.findOneBy(MaskEntity, { id });
    if (!known) throw notFound('mask');
    return manager.save(MaskEntity, { ...known, removedAt: null });
  });
  return row.body;
}

/** What a mask is not kept with: it would do harm on a head. */
const HARMFUL: ReadonlySet<ReviewId> = new Set(['egg-warm', 'egg-long', 'spoils-overnight']);

/** The mask with shares that sum to one, once it is known that it can be made without harm. */
async function checked(household: Household, mask: Mask): Promise<Mask> {
  const catalogue = await readCatalogue(household);
  const fields: Record<string, Message> = {};
  mask.parts.forEach(({ ingredientId }, i) => {
    if (!catalogue.has(ingredientId)) fields[`parts[${i}].ingredientId`] = message('refusal.not-in-catalogue');
  });
  if (Object.keys(fields).length > 0) throw invalid(fields);
  const sound = { ...mask, parts: normaliseShares(mask.parts) };
  const reader = await readerIn(household);
  const harm = reviewMask(sound, catalogue, reader.spoons).filter(
    ({ severity, id }) => severity === 'fault' && HARMFUL.has(id),
  );
  if (harm.length > 0) throw invalid(Object.fromEntries(harm.map(({ id, what }) => [id, what])));
  return sound;
}

const keepVersion = (manager: EntityManager, mask: Mask, createdAt: string): Promise<unknown> =>
  manager.insert(MaskVersionEntity, { maskId: mask.id, version: mask.version, body: mask, createdAt });

async function present(manager: EntityManager, id: string): Promise<MaskRow> {
  const row = await manager.findOneBy(MaskEntity, { id, removedAt: IsNull() });
  if (!row) throw notFound('mask');
  return row;
}
