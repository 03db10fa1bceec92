import { message } from '@amber-ladle/core/message';
import type { ToldUse } from '@amber-ladle/contract';
import { asWrittenOn } from '@amber-ladle/core/house';
import { toldEvidence, type ToldOutcome } from '@amber-ladle/core/learn';
import { ToldUseEntity } from './table';
import { invalid, notFound } from '../kernel/refusal';
import { getHead } from '../head';
import { readHouse } from '../house';
import type { Household } from '../kernel/household';
import { getMask } from '../mask';

/** A mask so far from what a head takes was misread, or is for ten people: it must not teach. Assumption of this project. */
const MOST_APART = 8;

/** What was said of a mask as it is written, by head. */
export const toldOf = ({ source }: Household, maskId: string): Promise<ToldUse[]> =>
  source.manager.find(ToldUseEntity, { where: { maskId }, order: { at: 'ASC' } });

/**
 * Keeps how a mask as it is written lasted on a head; what was said of the two before gives way.
 * @throws Refusal 404; 422 for a mask without amounts, or so far from what a head takes that something was misread
 */
export async function tellUse(
  household: Household,
  maskId: string,
  headId: string,
  outcome: ToldOutcome,
): Promise<ToldUse[]> {
  const [mask, head] = [await getMask(household, maskId), await getHead(household, headId)];
  const facts = asWrittenOn(await readHouse(household), head, mask);
  if (!facts) throw invalid({ outcome: message('refusal.never-in-amounts') });
  const at = household.clock.now();
  const times = facts.madeMillilitres / facts.modelMillilitres;
  if (times * MOST_APART < 1 || times > MOST_APART || !toldEvidence({ ...facts, at }, outcome))
    throw invalid({
      outcome: message('refusal.far-from-such-a-head', {
        written: Math.round(facts.madeMillilitres),
        usual: Math.round(facts.modelMillilitres),
      }),
    });
  await household.writes.run(['notes'], (manager) =>
    manager.upsert(ToldUseEntity, { maskId, headId, at, outcome, maskName: mask.name, facts }, ['maskId', 'headId']),
  );
  return toldOf(household, maskId);
}

/** Takes it back. @throws Refusal 404 where nothing was said */
export async function untellUse(household: Household, maskId: string, headId: string): Promise<ToldUse[]> {
  await household.writes.run(['notes'], async (manager) => {
    const { affected } = await manager.delete(ToldUseEntity, { maskId, headId });
    if ((affected ?? 0) === 0) throw notFound('word-of-mask');
  });
  return toldOf(household, maskId);
}
