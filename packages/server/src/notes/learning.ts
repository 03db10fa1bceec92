import { api, type HeadLearning, type Learning, type LoggedBowl, type ToldUse } from '@amber-ladle/contract';
import {
  evidenceOf,
  flowOfSpread,
  learnTexture,
  ratingsOf,
  toldEvidence,
  type Evidence,
  type FeltTexture,
  type Lasted,
} from '@amber-ladle/core/learn';
import { ForgettingEntity } from './table';
import { ToldUseEntity } from '../told/table';
import { notFound } from '../kernel/refusal';
import { getHead } from '../head';
import { remembered } from '../kernel/remembered';
import type { Household } from '../kernel/household';
import { READ_LOGS, toLogged } from './logs';

/** Bowls further back than this have faded to little and are not read. */
const MOST_BOWLS = 80;

/** What every head's bowls taught, and how masks come out in this kitchen. */
export const readLearning = remembered(api.notes.learning.changesWith, learnAnew);

async function learnAnew({ source }: Household): Promise<Learning> {
  const rows = await source.query<Parameters<typeof toLogged>[0][]>(
    `SELECT * FROM (SELECT *, row_number() OVER (PARTITION BY headId ORDER BY at DESC) AS turn FROM (${READ_LOGS}))
      WHERE turn <= ?`,
    [MOST_BOWLS],
  );
  const logged = rows.map(toLogged).filter(({ log }) => !log.isSetAside);
  const forgotten = await source.manager.find(ForgettingEntity, { order: { at: 'ASC' } });
  const spoken = await source.manager.find(ToldUseEntity);
  const before = new Map(forgotten.map(({ headId, at }) => [headId, at]));
  const heads: Record<string, HeadLearning> = {};
  for (const headId of new Set([...[...logged, ...spoken].map((one) => one.headId), ...before.keys()]))
    heads[headId] = learningOf(
      logged.filter((one) => one.headId === headId),
      spoken.filter((one) => one.headId === headId),
      before.get(headId),
    );
  const told = logged.filter(({ headId, at }) => at >= (before.get(headId) ?? ''));
  return { heads, textures: texturesOf(told) };
}

function learningOf(
  logged: readonly LoggedBowl[],
  spoken: readonly ToldUse[],
  forgottenBefore: string | undefined,
): HeadLearning {
  const told = [
    ...logged.map((bowl) => {
      const { bowlId, facts } = bowl;
      return { evidence: taughtBy(bowl), about: { bowlId, maskId: facts.maskId, maskName: facts.maskName } };
    }),
    ...spoken.map(({ at, facts, outcome, maskId, maskName }) => ({
      evidence: toldEvidence({ ...facts, at }, outcome),
      about: { maskId, maskName },
    })),
  ];
  return {
    evidence: told.flatMap(({ evidence, about }) =>
      evidence && !(forgottenBefore && evidence.at < forgottenBefore) ? [{ ...evidence, ...about }] : [],
    ),
    ...(forgottenBefore ? { forgottenBefore } : {}),
    ratings: ratingsOf(
      logged.map(({ at, facts: { maskId }, log: { said, changes } }) => ({ maskId, at, said, changes })),
    ),
  };
}

/** What a bowl of the log teaches of its head's factor. */
export function taughtBy({ at, facts, log, leftOver }: LoggedBowl): Evidence | undefined {
  const lasted = lastedOf({ facts, log, leftOver });
  return lasted && evidenceOf({ at, ...facts }, lasted);
}

/** What was said of how it lasted; where the page says nothing, what was said when the bowl ended. */
function lastedOf({ facts, log, leftOver }: Pick<LoggedBowl, 'facts' | 'log' | 'leftOver'>): Lasted | undefined {
  const { lasted } = log;
  if (!lasted) return leftOver && { kind: 'left', ...leftOver };
  if (lasted.kind === 'left') return lasted;
  const { afterSections } = lasted;
  if (afterSections === undefined) return { kind: 'ran-out' };
  const covered = facts.sections.slice(0, afterSections).reduce((sum, share) => sum + share, 0);
  return { kind: 'ran-out', covered: afterSections >= facts.sections.length ? 1 : covered };
}

function texturesOf(logged: readonly LoggedBowl[]): Learning['textures'] {
  const felt = new Map<string, FeltTexture[]>();
  for (const { facts, log } of logged) {
    const told = facts.texture === 'oil' ? undefined : toldTexture(facts, log);
    if (told) felt.set(facts.maskId, [...(felt.get(facts.maskId) ?? []), told]);
  }
  return Object.fromEntries([...felt].map(([maskId, all]) => [maskId, learnTexture(all)]));
}

/** How thick a bowl was: by the plate where it was tried, else by the word. */
function toldTexture(
  { flowLog10, gramsPerMillilitre }: LoggedBowl['facts'],
  { plateCentimetres, textureWas }: LoggedBowl['log'],
): FeltTexture | undefined {
  if (plateCentimetres !== undefined)
    return { flowLog10, plateFlowLog10: flowOfSpread(plateCentimetres, gramsPerMillilitre) };
  return textureWas && textureWas !== 'oil' ? { flowLog10, felt: textureWas } : undefined;
}

/** From now on a head's bowls teach anew; what was written stays. @throws Refusal 404 */
export async function forget(household: Household, headId: string): Promise<void> {
  await getHead(household, headId);
  const at = household.clock.now();
  await household.writes.run(['notes'], (manager) =>
    manager.upsert(ForgettingEntity, { headId, at }, ['headId', 'at']),
  );
}

/** Takes the last forgetting back. @throws Refusal 404 where nothing was forgotten */
export async function remember(household: Household, headId: string): Promise<void> {
  await household.writes.run(['notes'], async (manager) => {
    const [last] = await manager.find(ForgettingEntity, { where: { headId }, order: { at: 'DESC' }, take: 1 });
    if (!last) throw notFound('forgetting');
    await manager.delete(ForgettingEntity, { headId, at: last.at });
  });
}
