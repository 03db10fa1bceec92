import type { MigrationInterface, QueryRunner } from 'typeorm';

type Json = Record<string, unknown>;

const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const listOf = (value: unknown): unknown[] => (Array.isArray(value) ? value : []);

/** Words as they were kept, as a message that says just them. */
const said = (text: unknown): unknown => (typeof text === 'string' ? { id: 'said', params: { text } } : text);
const saidAll = (texts: unknown): unknown[] =>
  listOf(texts)
    .filter((text) => text !== '')
    .map(said);
/** A message back into the words it said; one that only this version knows keeps its id. */
const unsaid = (what: unknown): unknown => {
  if (!isObject(what)) return what;
  const { id, params } = what;
  return id === 'said' && isObject(params) ? params['text'] : String(id);
};

const change = (from: Json, key: string, by: (value: unknown) => unknown): Json =>
  key in from && from[key] !== undefined ? { ...from, [key]: by(from[key]) } : from;

/** "cloth or tights" was a tool's name in words; now it is the tool's. */
const TOOLS: Readonly<Record<string, string>> = { 'cloth or tights': 'cloth' };
const toolOf = (name: unknown): unknown =>
  typeof name === 'string' ? (TOOLS[name] ?? name.replaceAll(' ', '-')) : name;

function stepUp(step: unknown): unknown {
  if (!isObject(step)) return step;
  let next = change(step, 'title', said);
  next = change(next, 'words', (words) => saidAll([words]));
  next = change(next, 'lookFor', said);
  next = change(next, 'limit', said);
  next = change(next, 'cautions', saidAll);
  return change(next, 'tools', (tools) => listOf(tools).map(toolOf));
}

function stepDown(step: unknown): unknown {
  if (!isObject(step)) return step;
  let next = change(step, 'title', unsaid);
  next = change(next, 'words', (words) => listOf(words).map(unsaid).join(' '));
  next = change(next, 'lookFor', unsaid);
  next = change(next, 'limit', unsaid);
  return change(next, 'cautions', (cautions) => listOf(cautions).map(unsaid));
}

/** A thing made of others becomes a recipe that blends them. Onion has moved to the pressed juices. */
function rowUp(row: unknown): unknown {
  if (!isObject(row)) return row;
  const { madeOf, ...rest } = row;
  const family = rest['id'] === 'onion-juice' && rest['family'] === 'vegetable' ? 'juice' : rest['family'];
  if (!isObject(madeOf)) return { ...rest, family };
  return {
    ...rest,
    family,
    recipe: {
      method: 'stir-together',
      yield: { kind: 'blend', parts: madeOf['parts'] ?? [], keptBackShare: madeOf['keptBackShare'] ?? 0 },
      standMinutes: madeOf['minutes'] ?? 0,
      how: madeOf['how'] ?? '',
      source: 'household',
    },
  };
}

function rowDown(row: unknown): unknown {
  if (!isObject(row)) return row;
  const { recipe, traits: _traits, keeping: _keeping, alsoCalled: _alsoCalled, ...rest } = row;
  if (!isObject(recipe) || !isObject(recipe['yield']) || recipe['yield']['kind'] !== 'blend') return rest;
  const { parts, keptBackShare } = recipe['yield'];
  return { ...rest, madeOf: { parts, keptBackShare, minutes: recipe['standMinutes'], how: recipe['how'] } };
}

const capUp = (cap: unknown): unknown => {
  if (!isObject(cap) || !('words' in cap)) return cap;
  const { words, ...rest } = cap;
  return { ...rest, what: said(words) };
};
const capDown = (cap: unknown): unknown => {
  if (!isObject(cap) || !('what' in cap)) return cap;
  const { what, ...rest } = cap;
  return { ...rest, words: unsaid(what) };
};

const snapshotWith =
  (row: (row: unknown) => unknown, cap: (cap: unknown) => unknown) =>
  (snapshot: unknown): unknown => {
    if (!isObject(snapshot)) return snapshot;
    const next = change(snapshot, 'ingredients', (rows) => listOf(rows).map(row));
    return change(next, 'sized', (sized) =>
      isObject(sized)
        ? change(
            change(sized, 'caps', (caps) => listOf(caps).map(cap)),
            'brokenCaps',
            (caps) => listOf(caps).map(cap),
          )
        : sized,
    );
  };

const decisionsWith = (by: (what: unknown) => unknown) => (decisions: unknown) =>
  listOf(decisions).map((decision) => (isObject(decision) ? change(decision, 'what', by) : decision));

/** Each column of JSON that changes: its table, key and what becomes of it. */
const COLUMNS = [
  {
    table: 'wash_day',
    key: 'id',
    column: 'steps',
    up: (steps: unknown) => listOf(steps).map(stepUp),
    down: (steps: unknown) => listOf(steps).map(stepDown),
  },
  { table: 'bowl_life', key: 'bowl_id', column: 'decisions', up: decisionsWith(said), down: decisionsWith(unsaid) },
  { table: 'ingredient', key: 'id', column: 'body', up: rowUp, down: rowDown },
  {
    table: 'bowl',
    key: 'id',
    column: 'snapshot',
    up: snapshotWith(rowUp, capUp),
    down: snapshotWith(rowDown, capDown),
  },
] as const;

/**
 * Steps and decisions are kept as messages instead of sentences, and things of one's own as recipes. Nothing is lost:
 * what was a sentence is a message that says it.
 */
export class MessagesAndRecipes1700000000007 implements MigrationInterface {
  readonly name = 'MessagesAndRecipes1700000000007';

  async up(runner: QueryRunner): Promise<void> {
    for (const { table, key, column, up } of COLUMNS) await rewrite(runner, table, key, column, up);
    // Until now every thermometer was a simulated one; nothing simulated decides about real food any more.
    await runner.query('DELETE FROM reading');
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const { table, key, column, down } of COLUMNS) await rewrite(runner, table, key, column, down);
  }
}

async function rewrite(
  runner: QueryRunner,
  table: string,
  key: string,
  column: string,
  by: (value: unknown) => unknown,
): Promise<void> {
  const rows = (await runner.query(`SELECT ${key} AS key, ${column} AS body FROM ${table}`)) as {
    key: string;
    body: string;
  }[];
  for (const row of rows) {
    const next = JSON.stringify(by(JSON.parse(row.body)));
    if (next !== row.body) await runner.query(`UPDATE ${table} SET ${column} = ? WHERE ${key} = ?`, [next, row.key]);
  }
}
