import type { BowlEnd, BowlLife } from '@amber-ladle/contract';
import { message } from '@amber-ladle/core/message';
import type { BowlFact } from '@amber-ladle/core/washday';
import { In, type EntityManager } from 'typeorm';
import type { Household } from '../kernel/household';
import { invalid } from '../kernel/refusal';
import { changed, type Pressed } from './changed';
import { isPast, knownPlace, needsDecision, toLife } from './lifeRules';
import { BowlLifeEntity } from './table';

/** The lives of bowls, by bowl. */
export async function livesOf(manager: EntityManager, ids: readonly string[]): Promise<Map<string, BowlLife>> {
  const rows = ids.length === 0 ? [] : await manager.findBy(BowlLifeEntity, { bowlId: In([...ids]) });
  return new Map(rows.map((row) => [row.bowlId, toLife(row)]));
}

/** A bowl is mixed now and stands in a place; with that its time begins. Mixing twice is mixing once. */
export async function makeBowl(
  household: Household,
  bowlId: string,
  placeId: string,
  pressed: Pressed = {},
): Promise<BowlLife> {
  return changed(
    household,
    bowlId,
    async (manager, life) => {
      await knownPlace(manager, placeId);
      return life.stays.length > 0 ? [] : [{ kind: 'mixed', placeId }];
    },
    { pressed, also: ['washdays'] },
  );
}

/** A bowl is carried elsewhere. @throws Refusal 404, 422 for a bowl that has ended or an unknown place */
export async function moveBowl(
  household: Household,
  bowlId: string,
  placeId: string,
  pressed: Pressed = {},
): Promise<BowlLife> {
  return changed(
    household,
    bowlId,
    async (manager, life) => {
      await knownPlace(manager, placeId);
      if (life.stays.length === 0) throw invalid({ placeId: message('refusal.not-mixed') });
      return [{ kind: 'moved', placeId }];
    },
    { pressed },
  );
}

/** Why somebody goes on against a warning; it stays, whatever is taken back. */
export const decided = (words: string): BowlFact => ({ kind: 'decided', what: message('said', { text: words }) });

/**
 * A bowl ends. One that is past its time is worn only with a decision, which stays in the record.
 * @throws Refusal 422 without the decision
 */
export async function endBowl(
  household: Household,
  bowlId: string,
  how: BowlEnd,
  decision: string | undefined,
  pressed: Pressed = {},
): Promise<BowlLife> {
  return changed(
    household,
    bowlId,
    async (manager, life) => {
      // What was put on in time may be rinsed out whenever.
      const isOn = Object.values(life.wearing).some(({ wornFrom }) => wornFrom !== undefined);
      if (how === 'worn' && !isOn && !decision && (await isPast(manager, household, life))) throw needsDecision();
      return [...(decision ? [decided(decision)] : []), { kind: 'ended', how }];
    },
    { pressed },
  );
}
