import { randomBytes } from 'node:crypto';
import { DEMO_NOW } from '../../e2e/support/app.mjs';
import { Sqlite } from '../../packages/server/src/kernel/sqlite';

const DAY = 86_400_000;
const NOW = Date.parse(DEMO_NOW);
const HEADS = 5;
/** Days that such a household goes back. */
const DAYS = 5 * 365;
/** A thermometer writes about so often. */
const READINGS_A_DAY = 24;
const DISCARDS = ['forgotten', 'past', 'mould', 'too-much'];

export interface Years {
  readonly bowls: number;
  readonly photos: number;
  /** Bytes of a picture; 0 leaves them out. */
  readonly photoBytes: number;
}

/** Five years of five heads: the demo's own rows over and over, at other times. */
export function fillYears(file: string, { bowls: bowlCount, photos, photoBytes }: Years): void {
  const database = new Sqlite(file);
  const all = (table: string) => database.prepare(`SELECT * FROM ${table}`).all() as Record<string, unknown>[];
  const [heads, bowls, logs, lots] = [all('head'), all('bowl'), all('wear_log'), all('lot')];
  const inserts = new Map<string, ReturnType<Sqlite['prepare']>>();
  function put(table: string, row: Record<string, unknown>): void {
    const names = Object.keys(row);
    const key = `INSERT INTO ${table} (${names.join(', ')}) VALUES (${names.map(() => '?').join(', ')})`;
    const insert = inserts.get(key) ?? database.prepare(key);
    inserts.set(key, insert);
    insert.run(...Object.values(row));
  }
  const move = (row: Record<string, unknown>): void => {
    put('movement', { place_id: null, stage: null, state: null, reason: null, ...row });
  };
  /** Evenly over the years, the newest some weeks ago. */
  const ago = (i: number, count: number): string => new Date(NOW - (44 + (i * DAYS) / count) * DAY).toISOString();

  database.transaction(() => {
    for (let i = heads.length; i < HEADS; i++) put('head', { ...heads[0], id: `head-${i}`, name: `Head ${i}` });
    const ids = database.prepare('SELECT id FROM head').pluck<string>().all();
    for (let i = 0; i < bowlCount; i++) {
      const at = ago(i, bowlCount);
      const headId = ids[i % HEADS];
      put('bowl', { ...bowls[i % bowls.length], id: `bowl-${i}`, head_id: headId, kept_at: at });
      put('bowl_life', {
        bowl_id: `bowl-${i}`,
        made_at: at,
        planned_for: null,
        is_drawn: 0,
        start_share: 0,
        stays: '[]',
        decisions: '[]',
        wearing: JSON.stringify({ [String(headId)]: { sectionsDone: [], wornFrom: at, rinsedAt: at } }),
        left_over: null,
        ended_at: at,
        ended_how: 'worn',
      });
      for (const [k, fact] of [
        { kind: 'kept' },
        { kind: 'rinsed', headId: String(headId) },
        { kind: 'ended', how: 'worn' },
      ].entries())
        put('bowl_event', {
          id: `told-${i}-${k}`,
          bowl_id: `bowl-${i}`,
          press_id: `told-${i}-${k}`,
          at,
          told_at: at,
          fact: JSON.stringify(fact),
        });
      put('wear_log', { ...logs[i % logs.length], bowl_id: `bowl-${i}`, head_id: headId, at });
      // Three things were bought for it, drawn from, and what was over of one went in the bin.
      const change = { at, note: '', undone_by: null };
      put('stock_change', { ...change, id: `buy-${i}`, bowl_id: null });
      put('stock_change', { ...change, id: `draw-${i}`, bowl_id: `bowl-${i}` });
      put('stock_change', { ...change, id: `bin-${i}`, bowl_id: null });
      for (let k = 0; k < 3; k++) {
        const id = `lot-${i}-${k}`;
        put('lot', { ...lots[(i + k) % lots.length], id, grams: 0, born_at: at, since: at });
        move({ change_id: `buy-${i}`, lot_id: id, kind: 'add', grams: 300, at, place_id: 'counter' });
        move({ change_id: `draw-${i}`, lot_id: id, kind: 'draw', grams: k === 0 ? -250 : -300, at });
      }
      const reason = DISCARDS[i % DISCARDS.length];
      move({ change_id: `bin-${i}`, lot_id: `lot-${i}-0`, kind: 'discard', grams: -50, at, reason });
    }
    for (let i = 0; i < DAYS * READINGS_A_DAY; i++)
      put('reading', { place_id: 'fridge', at: ago(i, DAYS * READINGS_A_DAY), celsius: 4 + (i % 5) / 5 });
    for (let i = 0; i < photos; i++) {
      put('photo', {
        id: `photo-${i}`,
        head_id: ids[i % HEADS],
        bowl_id: null,
        at: new Date(NOW - i * 0.6 * DAY).toISOString(),
        moment: 'after',
        words: '',
        width: 1200,
        height: 1600,
        crop: '{"x":0.5,"y":0.5,"zoom":1}',
        removed_at: null,
      });
      if (photoBytes === 0) continue;
      put('photo_data', { photo_id: `photo-${i}`, size: 'large', data: randomBytes(photoBytes) });
      put('photo_data', { photo_id: `photo-${i}`, size: 'small', data: randomBytes(photoBytes / 12) });
    }
  })();
  database.close();
}
