import { randomUUID } from 'node:crypto';
import { USUAL_LOOK, type Head, type HeadInput } from '@amber-ladle/contract';
import { NO_STORY } from '@amber-ladle/core/judge';
import { IsNull, type EntityManager } from 'typeorm';
import { HeadEntity, type HeadRow } from './table';
import { notFound, stale } from '../kernel/refusal';
import type { Household } from '../kernel/household';

const toHead = ({ removedAt: _removedAt, story, look, ...head }: HeadRow): Head => ({
  ...head,
  story: { ...NO_STORY, ...story },
  look: { ...USUAL_LOOK, ...look },
});

/** Every head that was not removed, by name. */
export async function listHeads({ source }: Household): Promise<Head[]> {
  const rows = await source
    .getRepository(HeadEntity)
    .find({ where: { removedAt: IsNull() }, order: { name: 'ASC', id: 'ASC' } });
  return rows.map(toHead);
}

/** @throws Refusal 404 */
export async function getHead({ source }: Household, id: string): Promise<Head> {
  return toHead(await present(source.manager, id));
}

export async function createHead({ writes, clock }: Household, input: HeadInput): Promise<Head> {
  const now = clock.now();
  const story = input.story ?? NO_STORY;
  const row: HeadRow = {
    ...input,
    story,
    look: input.look ?? USUAL_LOOK,
    id: randomUUID(),
    version: 1,
    createdAt: now,
    updatedAt: now,
    removedAt: null,
  };
  await writes.run(['heads'], (manager) => manager.insert(HeadEntity, row as never));
  return toHead(row);
}

/** @throws Refusal 404, or 409 with the current row when the version is not the current one */
export async function updateHead(
  { writes, clock }: Household,
  id: string,
  { version, story, look, ...input }: HeadInput & { version: number },
): Promise<Head> {
  const head = await writes.run(['heads'], async (manager) => {
    const row = await present(manager, id);
    if (row.version !== version) throw stale(toHead(row));
    return manager.save(HeadEntity, {
      ...row,
      ...input,
      story: story ?? row.story,
      look: look ?? row.look,
      version: version + 1,
      updatedAt: clock.now(),
    });
  });
  return toHead(head);
}

/** Puts a head away; its bowls stay. @throws Refusal 404 */
export async function removeHead({ writes, clock }: Household, id: string): Promise<void> {
  await writes.run(['heads'], async (manager) => {
    await present(manager, id);
    await manager.update(HeadEntity, { id }, { removedAt: clock.now() });
  });
}

/** Brings a removed head back; one that was never removed stays as it is. @throws Refusal 404 */
export async function restoreHead({ writes }: Household, id: string): Promise<Head> {
  const head = await writes.run(['heads'], async (manager) => {
    const row = await manager.findOneBy(HeadEntity, { id });
    if (!row) throw notFound('head');
    return manager.save(HeadEntity, { ...row, removedAt: null });
  });
  return toHead(head);
}

async function present(manager: EntityManager, id: string): Promise<HeadRow> {
  const row = await manager.findOneBy(HeadEntity, { id, removedAt: IsNull() });
  if (!row) throw notFound('head');
  return row;
}
