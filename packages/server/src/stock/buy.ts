import { buyList, type BuyLine, type Lot, type WantedBowl } from '@amber-ladle/core/shelf';
import { In, IsNull, MoreThan, Not } from 'typeorm';
import { BowlEntity } from '../bowl/table';
import { BowlLifeEntity } from '../life/table';
import { LotEntity } from './table';
import { climateOf } from '../place';
import type { Household } from '../kernel/household';
import { readCatalogue } from '../ingredient';
import { readRestock } from './restock';
import { toLot } from './stock';

/** Bowls that are planned and neither drawn nor ended, with what they want. */
export async function plannedBowls({ source }: Household): Promise<(WantedBowl & { id: string })[]> {
  const lives = await source.manager.findBy(BowlLifeEntity, {
    plannedFor: Not(IsNull()),
    isDrawn: false,
    endedAt: IsNull(),
  });
  const bowls = await source.manager.findBy(BowlEntity, {
    id: In(lives.map(({ bowlId }) => bowlId)),
    removedAt: IsNull(),
  });
  return bowls.map(({ id, maskName, headName, snapshot }) => ({
    id,
    name: `${maskName} for ${headName}`,
    at: lives.find(({ bowlId }) => bowlId === id)?.plannedFor ?? '',
    lines: snapshot.sized.lines.map(({ ingredientId, grams }) => ({ ingredientId, grams })),
    makings: snapshot.choices.makings,
  }));
}

/** What to buy for the planned bowls and to come back to the restock levels. */
export async function readBuyList(household: Household): Promise<readonly BuyLine[]> {
  const { source, clock } = household;
  const now = clock.now();
  const catalogue = await readCatalogue(household);
  const known = (lines: WantedBowl['lines']) => lines.filter(({ ingredientId }) => catalogue.has(ingredientId));
  const bowls = (await plannedBowls(household)).map((bowl) => ({ ...bowl, lines: known(bowl.lines) }));
  const levels = (await readRestock(household)).filter(({ ingredientId }) => catalogue.has(ingredientId));
  const wanted = [...new Set([...bowls.flatMap(({ lines }) => lines), ...levels].map((one) => one.ingredientId))];
  // Yolks and whites come from whole eggs too.
  const ids = wanted.flatMap((id) => [id, catalogue.get(id)?.traits.partOf?.wholeId ?? []].flat());
  const lots: Lot[] = (await source.manager.findBy(LotEntity, { grams: MoreThan(0), ingredientId: In(ids) })).map(
    toLot,
  );
  return buyList(bowls, levels, lots, catalogue, await climateOf(source.manager, now), Date.parse(now));
}
