import type { WantedBowl } from '@amber-ladle/core/shelf';
import { In, IsNull, Not } from 'typeorm';
import { BowlEntity } from '../bowl/table';
import type { Household } from '../kernel/household';
import { BowlLifeEntity } from '../life/table';

/** A bowl that is kept for a day to come. */
export type PlannedBowl = WantedBowl & {
  readonly id: string;
  readonly maskId: string;
  readonly headIds: readonly string[];
};

/** Bowls that are planned and neither drawn nor ended, with what they want. */
export async function plannedBowls({ source }: Household): Promise<readonly PlannedBowl[]> {
  const lives = await source.manager.findBy(BowlLifeEntity, {
    plannedFor: Not(IsNull()),
    isDrawn: false,
    endedAt: IsNull(),
  });
  const bowls = await source.manager.findBy(BowlEntity, {
    id: In(lives.map(({ bowlId }) => bowlId)),
    removedAt: IsNull(),
  });
  return bowls.map(({ id, maskId, maskName, headName, snapshot }) => ({
    id,
    maskId,
    headIds: [snapshot.head.id, ...snapshot.others.map((other) => other.id)],
    name: `${maskName} for ${headName}`,
    at: lives.find(({ bowlId }) => bowlId === id)?.plannedFor ?? '',
    lines: snapshot.sized.lines.map(({ ingredientId, grams }) => ({ ingredientId, grams })),
    makings: snapshot.choices.makings,
  }));
}
