import { message } from '@amber-ladle/core/message';
import type { HeadMeasure } from '@amber-ladle/contract';
import { canonical } from '@amber-ladle/core/time';
import { HeadMeasureEntity, type HeadMeasureRow } from './table';
import { invalid, notFound } from '../kernel/refusal';
import { getHead } from './heads';
import type { Household } from '../kernel/household';

const toMeasure = ({ headId: _headId, ...measure }: HeadMeasureRow): HeadMeasure => measure;

/** Lengths and trims of a head, the earliest first. @throws Refusal 404 */
export async function listMeasures(household: Household, headId: string): Promise<HeadMeasure[]> {
  await getHead(household, headId);
  const rows = await household.source.manager.find(HeadMeasureEntity, { where: { headId }, order: { at: 'ASC' } });
  return rows.map(toMeasure);
}

/** Puts a measurement down; told again with the same id it is there once. @throws Refusal 404, 422 for one to come */
export async function addMeasure(household: Household, headId: string, measure: HeadMeasure): Promise<HeadMeasure[]> {
  await getHead(household, headId);
  if (Date.parse(measure.at) > Date.parse(household.clock.now())) throw invalid({ at: message('refusal.day-to-come') });
  await household.writes.run(['notes'], async (manager) => {
    if (!(await manager.existsBy(HeadMeasureEntity, { id: measure.id })))
      await manager.insert(HeadMeasureEntity, { ...measure, at: canonical(measure.at), headId });
  });
  return listMeasures(household, headId);
}

/** @throws Refusal 404 */
export async function removeMeasure(household: Household, headId: string, id: string): Promise<HeadMeasure[]> {
  const { affected } = await household.writes.run(['notes'], (manager) =>
    manager.delete(HeadMeasureEntity, { id, headId }),
  );
  if (!affected) throw notFound('measurement');
  return listMeasures(household, headId);
}
