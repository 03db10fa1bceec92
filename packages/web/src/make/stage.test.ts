import { message } from '@amber-ladle/core/message';
import type { PlanStep } from '@amber-ladle/core/washday';
import { expect, it } from 'vitest';
import { isPoured, isTimeFor, saidAt, toDoAt } from './stage';

const said = (text: string) => message('said', { text });
const step = (change: Partial<PlanStep>): PlanStep =>
  ({ id: 'one', kind: 'mix', bowlId: 'bowl', ingredientIds: ['honey'], words: [said('Stir.')], ...change }) as PlanStep;

it('measures what goes into the bowl, while it is in the hands; a pot is measured once it is made', () => {
  expect(isPoured('hands', step({}))).toBe(true);
  for (const focus of ['next', 'due', 'waiting', undefined] as const) expect(isPoured(focus, step({}))).toBe(false);
  expect(isPoured('hands', step({ kind: 'apply' }))).toBe(false);
  expect(isPoured('hands', step({ kind: 'boil' }))).toBe(false);
  expect(isPoured('hands', step({ ingredientIds: [] }))).toBe(false);
  expect(isPoured('hands', undefined)).toBe(false);
});

it('calls for the rinse from the aim on', () => {
  const phases = ['early', 'fine', 'aim', 'late', 'over'] as const;
  expect(phases.map((phase) => isTimeFor({ phase }))).toEqual([false, false, true, true, true]);
  expect(isTimeFor(undefined)).toBe(false);
});

it('says how this bowl is rinsed from this head once its time has come, and no more of the cap', () => {
  const wear = step({ kind: 'wear', headId: 'wren', words: [said('Cap on.')] });
  const rinse = (bowlId: string, headId: string): PlanStep =>
    step({
      id: `${bowlId} ${headId}`,
      kind: 'rinse',
      bowlId,
      headId,
      words: [said(`Rinse ${bowlId} from ${headId}.`)],
    });
  const steps = [rinse('bowl', 'moss'), rinse('other', 'wren'), rinse('bowl', 'wren'), wear];
  expect(toDoAt(wear, steps, { phase: 'fine' })).toEqual(wear.words);
  expect(toDoAt(wear, steps, { phase: 'aim' })).toEqual([said('Rinse bowl from wren.')]);
  expect(toDoAt(wear, [wear], { phase: 'over' })).toEqual(wear.words);
  expect(toDoAt(undefined, steps, undefined)).toEqual([]);
});

it('is said once a step, and of a wait at few moments', () => {
  const at = (focus: Parameters<typeof saidAt>[0]['focus'], leftMilliseconds = 0, phase?: 'aim' | 'early') =>
    saidAt(
      { focus, step: step({ kind: 'wear' }), worn: phase && { phase }, leftMilliseconds },
      'On the head',
      'Cap on.',
    );
  expect(at('hands')).toEqual({ key: 'one hands', text: 'On the head. Cap on.' });
  // A second later nothing is said anew, a quarter of an hour later it is.
  expect(at('waiting', 1_800_000)?.key).toBe(at('waiting', 1_799_000)?.key);
  expect(at('waiting', 1_800_000)?.key).not.toBe(at('waiting', 60_000)?.key);
  expect(at('waiting', 600_000)?.text).toMatch(/^On the head: .*10 min/);
  expect(at('due', 0, 'aim')).toEqual({ key: 'one aim', text: 'Right now. Rinse when you like.' });
  expect(at('due', 0, 'early')?.text).toBe('On the head. Cap on.');
  expect(saidAt({ focus: 'finished', step: undefined, worn: undefined, leftMilliseconds: 0 }, '', '')?.text).toBe(
    'That was the day.',
  );
  expect(at(undefined)).toBeUndefined();
});
