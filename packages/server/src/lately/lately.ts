import type { LatelyDone, LatelyKind } from '@amber-ladle/contract';
import type { Mask } from '@amber-ladle/core/mask';
import { In, IsNull, Not, type EntityManager, type EntityTarget } from 'typeorm';
import { BowlEntity } from '../bowl/table';
import { HeadEntity } from '../head/table';
import { readCatalogue } from '../ingredient';
import { IngredientEntity } from '../ingredient/table';
import type { Household } from '../kernel/household';
import { MaskEntity } from '../mask/table';
import { PhotoEntity } from '../photo/table';
import { LotEntity, MovementEntity, StockChangeEntity } from '../stock/table';

/** How many of them are shown. */
export const MOST_LATELY = 20;

interface Removable {
  id: string;
  removedAt: string | null;
}
/** Of a mask so many ingredients are told, which is as many as a picture shows. */
const MOST_THINGS = 3;
const mostOf = ({ parts }: Pick<Mask, 'parts'>): readonly string[] =>
  [...parts]
    .sort((one, other) => other.share - one.share)
    .slice(0, MOST_THINGS)
    .map(({ ingredientId }) => ingredientId);

/** Those taken out last, newest first, what each is called, and what is in it. */
async function takenOut<Row extends Removable>(
  manager: EntityManager,
  kind: LatelyKind,
  of: EntityTarget<Row>,
  nameOf: (row: Row) => string,
  thingsOf: (row: Row) => readonly string[] = () => [],
): Promise<LatelyDone[]> {
  const rows = await manager.find<Removable>(of, {
    where: { removedAt: Not(IsNull()) },
    order: { removedAt: 'DESC' },
    take: MOST_LATELY,
  });
  return (rows as Row[]).map((row) => ({
    kind,
    id: row.id,
    what: nameOf(row),
    things: thingsOf(row),
    at: row.removedAt ?? '',
  }));
}

/** Changes of stock that stand and were asked for by somebody, each with what it did; of one without a word, what it was about. */
async function changesOfStock(household: Household): Promise<LatelyDone[]> {
  const { manager } = household.source;
  const rows = await manager.find(StockChangeEntity, {
    where: { purpose: 'change', undoneBy: IsNull() },
    order: { at: 'DESC', id: 'DESC' },
    take: MOST_LATELY,
  });
  const lines =
    rows.length === 0
      ? []
      : await manager.find(MovementEntity, { where: { changeId: In(rows.map(({ id }) => id)) }, order: { id: 'ASC' } });
  const lots = new Map(
    (await manager.findBy(LotEntity, { id: In(lines.map(({ lotId }) => lotId)) })).map((lot) => [lot.id, lot]),
  );
  const catalogue = await readCatalogue(household);
  const thingsOf = (changeId: string): readonly string[] => {
    const own = lines.filter((line) => line.changeId === changeId);
    return [...new Set(own.flatMap(({ lotId }) => lots.get(lotId)?.ingredientId ?? []))];
  };
  const about = (ids: readonly string[]): string => ids.map((id) => catalogue.get(id)?.name ?? id).join(', ');
  return rows.map(({ id, note, at }) => {
    const kinds = lines.filter(({ changeId }) => changeId === id).map(({ kind }) => kind);
    // What came in for a bowl and went into it at once was taken for it.
    const did = kinds.find((kind) => kind === 'draw') ?? kinds[0];
    const things = thingsOf(id);
    return {
      kind: 'stock',
      id,
      what: note || about(things),
      things: things.slice(0, MOST_THINGS),
      at,
      ...(did ? { did } : {}),
    };
  });
}

/** What was done last and can be taken back still, newest first; it outlasts the screen it was done on, and a restart. */
export async function readLately(household: Household): Promise<readonly LatelyDone[]> {
  const { manager } = household.source;
  const heads = new Map((await manager.find(HeadEntity)).map(({ id, name }) => [id, name]));
  const all = await Promise.all([
    changesOfStock(household),
    takenOut(
      manager,
      'bowl',
      BowlEntity,
      ({ maskName, headName }) => `${maskName}, ${headName}`,
      (row) => mostOf(row.snapshot.mask),
    ),
    takenOut(manager, 'head', HeadEntity, ({ name }) => name),
    takenOut(
      manager,
      'mask',
      MaskEntity,
      ({ body }) => body.name,
      ({ body }) => mostOf(body),
    ),
    takenOut(
      manager,
      'ingredient',
      IngredientEntity,
      ({ body }) => body.name,
      ({ id }) => [id],
    ),
    takenOut(manager, 'photo', PhotoEntity, ({ headId }) => heads.get(headId) ?? ''),
  ]);
  return all
    .flat()
    .sort((a, b) => b.at.localeCompare(a.at))
    .slice(0, MOST_LATELY);
}
