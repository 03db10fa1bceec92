import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../../../ingredient';
import { readFormula, type FormulaDraft } from '..';
import { BUILT_ON } from './built';
import { KEPT_APART } from './apart';
import type { CorpusText } from './types';

interface Score {
  measures: number;
  /** Right, or asked about where it must be. */
  right: number;
  /** Asked about although it was clear. */
  asked: number;
  silentlyWrong: string[];
  stepsAsMeasures: string[];
  use: number;
  useRight: number;
  useWrong: string[];
  remarks: number;
  remarksKept: number;
}

/** A tenth either way: rounding of spoons, of pieces. */
const isNear = (grams: number, wanted: number): boolean => Math.abs(grams / wanted - 1) < 0.1;

function scored(texts: readonly CorpusText[]): Score {
  const score: Score = {
    measures: 0,
    right: 0,
    asked: 0,
    silentlyWrong: [],
    stepsAsMeasures: [],
    use: 0,
    useRight: 0,
    useWrong: [],
    remarks: 0,
    remarksKept: 0,
  };
  for (const one of texts) {
    const draft = readFormula(one.text, CATALOGUE, one.system ?? 'us');
    const told = `${one.hand}: ${one.text.slice(0, 40).replaceAll('\n', ' | ')}`;
    if (one.name !== undefined && draft.name !== one.name) score.silentlyWrong.push(`${told}: called “${draft.name}”`);
    scoreMeasures(score, one, draft, told);
    scoreChoices(score, one, draft, told);
    scoreUse(score, one, draft, told);
    for (const remark of one.remarks ?? []) {
      score.remarks++;
      if (draft.lines.some(({ remarks }) => remarks.some((kept) => kept.includes(remark)))) score.remarksKept++;
      else score.silentlyWrong.push(`${told}: lost “${remark}”`);
    }
  }
  return score;
}

function scoreMeasures(score: Score, one: CorpusText, draft: FormulaDraft, told: string): void {
  for (const [id, wanted] of Object.entries(one.measures)) {
    score.measures++;
    const line = draft.lines.find(({ ingredientId, candidates }) => ingredientId === id || candidates.includes(id));
    const isAsked =
      line === undefined
        ? draft.lines.some(({ ingredientId, questions }) => !ingredientId && questions.length > 0)
        : line.questions.length > 0;
    if (wanted === 'pot') {
      if (line?.isPots === true) score.right++;
      else score.silentlyWrong.push(`${told}: ${id} is not left in the pot`);
    } else if (wanted === 'asked') {
      // Asked about, or said what it was taken for.
      if (isAsked || (line?.assumed.length ?? 0) > 0) score.right++;
      else score.silentlyWrong.push(`${told}: ${id} was taken without a word`);
    } else if (line === undefined) score.silentlyWrong.push(`${told}: ${id} is missing`);
    else if (isAsked) score.asked++;
    else if (line.grams !== undefined && isNear(line.grams, wanted)) score.right++;
    else score.silentlyWrong.push(`${told}: ${id} is ${line.grams} g and not ${wanted}`);
  }
  for (const line of draft.lines)
    if (line.questions.length === 0 && !(line.ingredientId! in one.measures))
      score.silentlyWrong.push(`${told}: “${line.text}” became ${line.ingredientId}`);
    else if (line.questions.includes('which-ingredient') && !Object.values(one.measures).includes('asked'))
      score.stepsAsMeasures.push(`${told}: “${line.text}”`);
}

/** Ranges, stand-ins, ratios, heads: what goes with the amounts. */
function scoreChoices(score: Score, one: CorpusText, draft: FormulaDraft, told: string): void {
  const lineOf = (id: string) => draft.lines.find(({ ingredientId }) => ingredientId === id);
  const check = (what: string, isRight: boolean): void => {
    if (!isRight) score.silentlyWrong.push(`${told}: ${what}`);
  };
  for (const id of one.ranges ?? []) check(`${id} has no range`, (lineOf(id)?.spread ?? 0) > 0);
  for (const [id, others] of Object.entries(one.instead ?? {}))
    check(
      `${id} may be ${lineOf(id)?.instead.join()}`,
      others.every((other) => lineOf(id)?.instead.includes(other)),
    );
  for (const [id, toId, wanted] of one.ratios ?? []) {
    const held = draft.ratios.find(
      ({ ingredientId, toIngredientId }) => ingredientId === id && toIngredientId === toId,
    );
    check(`${id} to ${toId} is ${held?.ratio}`, held?.ratio === wanted);
  }
  check(`for ${draft.heads} heads`, draft.heads === one.heads);
  const others = draft.use.otherWears.map(({ aimMinutes }) => aimMinutes);
  check(`also worn ${others.join()}`, JSON.stringify(others) === JSON.stringify(one.otherWears ?? []));
}

function scoreUse(score: Score, { use = {} }: CorpusText, { use: read }: FormulaDraft, told: string): void {
  const { wear, rinse, ...rest } = use;
  const { fields } = read;
  const check = (what: string, wanted: unknown, is: unknown): void => {
    score.use++;
    if (JSON.stringify(wanted) === JSON.stringify(is)) score.useRight++;
    else score.useWrong.push(`${told}: ${what} is ${JSON.stringify(is)} and not ${JSON.stringify(wanted)}`);
  };
  if (wear) {
    const times = [fields.wear?.minimumMinutes, fields.wear?.aimMinutes, fields.wear?.limitMinutes];
    check(
      'wear',
      wear,
      wear.map((minutes, i) => (minutes === null ? null : times[i])),
    );
  }
  // What the text does not say must not be read into it.
  for (const what of ['wear', 'heat', 'slot', 'hairState', 'coverage', 'repeatDays', 'needs', 'applicator'] as const)
    if (!(what in use) && fields[what] !== undefined)
      score.useWrong.push(`${told}: ${what} was read into it, ${JSON.stringify(fields[what])}`);
  for (const [what, wanted] of Object.entries(rest)) check(what, wanted, fields[what as keyof typeof fields]);
  for (const [what, wanted] of Object.entries(rinse ?? {}))
    check(what, wanted, fields.rinse?.[what as keyof typeof rinse]);
}

const rate = (right: number, all: number): string => `${((100 * right) / Math.max(1, all)).toFixed(1)} %`;
function print(what: string, score: Score): void {
  process.stdout.write(
    `${what}: ${score.measures} measures, ${rate(score.right + score.asked, score.measures)} right or asked (${score.asked} asked), ` +
      `${score.silentlyWrong.length} wrong in silence, ${score.stepsAsMeasures.length} steps taken for measures, ` +
      `use ${rate(score.useRight, score.use)} of ${score.use}, remarks ${score.remarksKept} of ${score.remarks}\n`,
  );
}

describe('texts as makers write them', () => {
  it.each([
    ['those it was built on', BUILT_ON],
    ['those kept apart', KEPT_APART],
  ] as const)('%s', (what, texts) => {
    const score = scored(texts);
    print(what, score);
    for (const one of [...score.useWrong, ...score.stepsAsMeasures]) process.stdout.write(`  ${one}\n`);
    expect(score.silentlyWrong).toEqual([]);
    expect(score.stepsAsMeasures).toEqual([]);
    expect((score.right + score.asked) / score.measures).toBeGreaterThanOrEqual(0.98);
    expect(score.useWrong).toEqual([]);
  });
});

const amountsOf = (text: string, system: 'us' | 'uk' | 'metric' = 'us') =>
  readFormula(text, CATALOGUE, system).lines.map(({ ingredientId, grams, isPots }) => ({
    ingredientId,
    grams,
    isPots,
  }));

it('never counts otherwise because of a sentence that measures nothing', () => {
  const sentences = [
    'I love this one.',
    'It smells of summer and washes out easily.',
    'Leave it on for 40 minutes, an hour if you can.',
    'Twice a month is enough.',
    'Rinse with cool water, then shampoo twice.',
    'Do not use it on a sore scalp.',
  ];
  fc.assert(
    fc.property(
      fc.constantFrom(...BUILT_ON, ...KEPT_APART),
      fc.constantFrom(...sentences),
      ({ text, system }, sentence) => {
        expect(amountsOf(`${text}\n${sentence}`, system)).toEqual(amountsOf(text, system));
      },
    ),
    { numRuns: 300 },
  );
});

it('never hangs or falls over, whatever is pasted', () => {
  const words = fc.constantFrom(
    ...[
      '2',
      '½',
      '1,5',
      'tbsp',
      'cups',
      'honey',
      'rice',
      'or',
      'and',
      'of',
      'leave',
      'minutes',
      '(',
      ')',
      ',',
      '.',
      '\n',
      'half',
      'until',
      'each',
    ],
  );
  fc.assert(
    fc.property(
      fc.oneof(
        fc.string({ maxLength: 300 }),
        fc.array(words, { maxLength: 80 }).map((all) => all.join(' ')),
      ),
      (text) => {
        const { lines, steps, use } = readFormula(text, CATALOGUE, 'metric');
        for (const { grams } of lines) if (grams !== undefined) expect(Number.isFinite(grams)).toBe(true);
        expect(steps.every((step) => step.length > 0)).toBe(true);
        const { minimumMinutes = 0, aimMinutes = 0, limitMinutes = 0 } = use.fields.wear ?? {};
        expect(minimumMinutes).toBeLessThanOrEqual(aimMinutes);
        expect(aimMinutes).toBeLessThanOrEqual(limitMinutes);
        for (const { words: said, from, to } of use.readings) expect(text.slice(from, to)).toBe(said);
      },
    ),
    { numRuns: 400 },
  );
}, 60_000);
