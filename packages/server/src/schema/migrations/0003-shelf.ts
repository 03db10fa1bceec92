import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Places, lots with their book of movements, what thermometers said, and the life of a kept bowl. */
export class Shelf1700000000003 implements MigrationInterface {
  readonly name = 'Shelf1700000000003';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE place (
      id TEXT PRIMARY KEY NOT NULL,
      name TEXT NOT NULL,
      kind TEXT NOT NULL,
      celsius REAL NOT NULL,
      sort INTEGER NOT NULL
    )`);
    await runner.query(`CREATE TABLE lot (
      id TEXT PRIMARY KEY NOT NULL,
      ingredient_id TEXT NOT NULL,
      born_state TEXT NOT NULL,
      born_at TEXT NOT NULL,
      piece_grams REAL,
      price_per_gram REAL,
      label TEXT NOT NULL,
      state TEXT NOT NULL,
      since TEXT NOT NULL,
      grams REAL NOT NULL CHECK (grams >= 0),
      stays TEXT NOT NULL,
      touches TEXT NOT NULL,
      ends_at TEXT NOT NULL
    )`);
    await runner.query('CREATE INDEX lot_in_stock ON lot (ends_at) WHERE grams > 0');
    await runner.query(`CREATE TABLE stock_change (
      id TEXT PRIMARY KEY NOT NULL,
      at TEXT NOT NULL,
      note TEXT NOT NULL,
      bowl_id TEXT REFERENCES bowl (id),
      undone_by TEXT
    )`);
    await runner.query(`CREATE TABLE movement (
      id INTEGER PRIMARY KEY,
      change_id TEXT NOT NULL REFERENCES stock_change (id),
      lot_id TEXT NOT NULL REFERENCES lot (id),
      kind TEXT NOT NULL,
      grams REAL NOT NULL,
      at TEXT NOT NULL,
      place_id TEXT,
      stage TEXT,
      state TEXT,
      reason TEXT
    )`);
    await runner.query('CREATE INDEX movement_of_lot ON movement (lot_id, id)');
    await runner.query('CREATE INDEX movement_of_change ON movement (change_id)');
    await runner.query('CREATE INDEX movement_by_kind ON movement (kind, at)');
    await runner.query(`CREATE TABLE reading (
      place_id TEXT NOT NULL,
      at TEXT NOT NULL,
      celsius REAL NOT NULL,
      PRIMARY KEY (place_id, at)
    ) WITHOUT ROWID`);
    await runner.query('CREATE INDEX reading_at ON reading (at)');
    await runner.query(`CREATE TABLE bowl_life (
      bowl_id TEXT PRIMARY KEY NOT NULL REFERENCES bowl (id),
      made_at TEXT NOT NULL,
      planned_for TEXT,
      is_drawn BOOLEAN NOT NULL,
      start_share REAL NOT NULL,
      stays TEXT NOT NULL,
      sections_done TEXT NOT NULL,
      worn_from TEXT,
      ended_at TEXT,
      ended_how TEXT,
      decisions TEXT NOT NULL
    )`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['bowl_life', 'reading', 'movement', 'stock_change', 'lot', 'place'])
      await runner.query(`DROP TABLE ${table}`);
  }
}
