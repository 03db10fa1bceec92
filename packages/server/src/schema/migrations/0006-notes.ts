import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What is written down of bowls, lengths and pictures, and from when on a head's bowls teach. */
export class Notes1700000000006 implements MigrationInterface {
  readonly name = 'Notes1700000000006';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE wear_log (
      bowl_id TEXT NOT NULL REFERENCES bowl (id),
      head_id TEXT NOT NULL REFERENCES head (id),
      at TEXT NOT NULL,
      version INTEGER NOT NULL,
      facts TEXT NOT NULL,
      body TEXT NOT NULL,
      PRIMARY KEY (bowl_id, head_id)
    )`);
    await runner.query('CREATE INDEX wear_log_of_head ON wear_log (head_id, at)');
    await runner.query('CREATE INDEX wear_log_at ON wear_log (at)');
    await runner.query(`CREATE TABLE head_measure (
      id TEXT PRIMARY KEY NOT NULL,
      head_id TEXT NOT NULL REFERENCES head (id),
      at TEXT NOT NULL,
      kind TEXT NOT NULL,
      centimetres REAL NOT NULL,
      place TEXT NOT NULL
    )`);
    await runner.query('CREATE INDEX head_measure_of_head ON head_measure (head_id, at)');
    await runner.query(`CREATE TABLE photo (
      id TEXT PRIMARY KEY NOT NULL,
      head_id TEXT NOT NULL REFERENCES head (id),
      bowl_id TEXT REFERENCES bowl (id),
      at TEXT NOT NULL,
      moment TEXT NOT NULL,
      words TEXT NOT NULL,
      width INTEGER NOT NULL,
      height INTEGER NOT NULL,
      crop TEXT NOT NULL,
      removed_at TEXT
    )`);
    await runner.query('CREATE INDEX photo_of_head ON photo (head_id, at)');
    // Apart from the rows, so that a list of thousands never reads a picture.
    await runner.query(`CREATE TABLE photo_data (
      photo_id TEXT NOT NULL REFERENCES photo (id),
      size TEXT NOT NULL,
      data BLOB NOT NULL,
      PRIMARY KEY (photo_id, size)
    )`);
    await runner.query(`CREATE TABLE forgetting (
      head_id TEXT NOT NULL REFERENCES head (id),
      at TEXT NOT NULL,
      PRIMARY KEY (head_id, at)
    )`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['forgetting', 'photo_data', 'photo', 'head_measure', 'wear_log'])
      await runner.query(`DROP TABLE ${table}`);
  }
}
