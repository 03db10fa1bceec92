import { message, saidBy } from '@amber-ladle/core/message';
import type { OwnIngredient } from '@amber-ladle/contract';
import { CATALOGUE, overlaid, type Catalogue, type SaidIngredient } from '@amber-ladle/core/ingredient';
import { blendProperties, makingTree } from '@amber-ladle/core/recipe';
import { IsNull, MoreThan, type EntityManager } from 'typeorm';
import { IngredientEntity, type IngredientRow } from './table';
import { LotEntity } from '../stock/table';
import { MaskEntity } from '../mask/table';
import { invalid, inUse, notFound, stale } from '../kernel/refusal';
import type { Household } from '../kernel/household';

const toOwn = ({ body, version, updatedAt }: IngredientRow): OwnIngredient => ({ row: body, version, updatedAt });

/** The household's own ingredients and corrections. */
export async function listIngredients({ source }: Household): Promise<OwnIngredient[]> {
  return (await present(source.manager)).map(toOwn);
}

/** The built-in catalogue with the household's rows over it. */
export async function readCatalogue({ source }: Household): Promise<Catalogue> {
  return overlaid((await present(source.manager)).map(({ body }) => body));
}

/**
 * Adds an ingredient, or corrects one. What a made thing has from its parts (density, flow, allergens, stains) is
 * reckoned here, so that it always follows them.
 * @throws Refusal 409 for a version that is not the current one, 422 for one that is made of itself or of the unknown
 */
export async function saveIngredient(
  { writes, clock }: Household,
  row: SaidIngredient,
  version: number,
): Promise<OwnIngredient> {
  const saved = await writes.run(['ingredients'], async (manager) => {
    const known = await manager.findOneBy(IngredientEntity, { id: row.id });
    const current = known && known.removedAt === null ? known.version : 0;
    if (current !== version) throw stale(known ? toOwn(known) : undefined);
    const others = (await present(manager)).map(({ body }) => body).filter(({ id }) => id !== row.id);
    const next: IngredientRow = {
      id: row.id,
      version: (known?.version ?? 0) + 1,
      body: withMade(row, overlaid([...others, row])),
      updatedAt: clock.now(),
      removedAt: null,
    };
    await manager.save(IngredientEntity, next);
    return next;
  });
  return toOwn(saved);
}

/** What a blend has from its parts is reckoned here, so that it always follows them; what it says itself stays. */
function withMade(row: SaidIngredient, catalogue: Catalogue): SaidIngredient {
  if (!row.recipe) return row;
  try {
    makingTree(catalogue, row.id, 100);
    const how = row.recipe.yield;
    if (how.kind !== 'blend') return row;
    const { keeping, ...properties } = blendProperties(how, catalogue);
    return {
      ...row,
      ...properties,
      keeping: { ...keeping, ...row.keeping },
      traits: { inBowl: 'made', isPacked: false, ...row.traits },
    };
  } catch (error) {
    throw invalid({ 'row.recipe': saidBy(error) ?? message('refusal.another-look') });
  }
}

/**
 * Takes an own ingredient out, or a correction back.
 * @throws Refusal 404, or 409 while an own mask or another ingredient uses it
 */
export async function removeIngredient({ writes, clock }: Household, id: string): Promise<void> {
  await writes.run(['ingredients'], async (manager) => {
    const row = await manager.findOneBy(IngredientEntity, { id, removedAt: IsNull() });
    if (!row) throw notFound('ingredient');
    if (!CATALOGUE.has(id)) await refuseWhileUsed(manager, row);
    await manager.update(IngredientEntity, { id }, { removedAt: clock.now() });
  });
}

async function refuseWhileUsed(manager: EntityManager, { id, body }: IngredientRow): Promise<void> {
  const uses = (parts: readonly { ingredientId: string }[]): boolean =>
    parts.some(({ ingredientId }) => ingredientId === id);
  const masks = (await manager.findBy(MaskEntity, { removedAt: IsNull() })).filter((mask) => uses(mask.body.parts));
  const made = (await present(manager)).filter((other) => uses(partsOf(other.body)));
  const names = [...masks, ...made].map((row) => row.body.name);
  const isOnShelf = (await manager.countBy(LotEntity, { ingredientId: id, grams: MoreThan(0) })) > 0;
  if (names.length === 0 && !isOnShelf) return;
  const todo =
    names.length === 0
      ? message('refusal.take-it-off-the-shelf')
      : message(isOnShelf ? 'refusal.take-it-out-and-off-the-shelf' : 'refusal.take-it-out', { names });
  throw inUse(message('refusal.still-used', { name: body.name }), todo);
}

/** What a made thing rests on directly: the parts of a blend, or what it is cooked in. */
function partsOf({ recipe }: SaidIngredient): readonly { readonly ingredientId: string }[] {
  if (recipe?.yield.kind === 'blend') return recipe.yield.parts;
  return recipe?.pot ? [{ ingredientId: recipe.pot.liquidId }] : [];
}

/** Brings a removed ingredient back. @throws Refusal 404 */
export async function restoreIngredient({ writes }: Household, id: string): Promise<OwnIngredient> {
  const row = await writes.run(['ingredients'], async (manager) => {
    const known = await manager.findOneBy(IngredientEntity, { id });
    if (!known) throw notFound('ingredient');
    return manager.save(IngredientEntity, { ...known, removedAt: null });
  });
  return toOwn(row);
}

const present = (manager: EntityManager): Promise<IngredientRow[]> =>
  manager.find(IngredientEntity, { where: { removedAt: IsNull() }, order: { id: 'ASC' } });
