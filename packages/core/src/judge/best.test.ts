import { expect, it } from 'vitest';
import { bestOf, WORTH_POINTS, type RankedMask } from '.';

const ranked = (maskId: string, score: number): RankedMask => ({ maskId, score, terms: [] });
const rankings = (of: Record<string, readonly RankedMask[]>) =>
  Object.fromEntries(Object.entries(of).map(([id, list]) => [id, { ranked: list, excluded: [] }]));

it('is the best of everybody’s first, with the one behind it on the same head', () => {
  const all = rankings({ ada: [ranked('oat', 2), ranked('rice', 1)], bo: [ranked('egg', 3), ranked('oil', 2.5)] });
  const best = { headId: 'bo', ranked: ranked('egg', 3), runnerUp: ranked('oil', 2.5) };
  expect(bestOf(all, ['ada', 'bo'])).toEqual(best);
  expect(bestOf(all, ['bo', 'ada'])).toEqual(best);
});

it('goes to whoever is named first where two are alike, and has nobody behind it where there is only one', () => {
  const all = rankings({ ada: [ranked('oat', 2)], bo: [ranked('egg', 2)] });
  expect(bestOf(all, ['ada', 'bo'])).toEqual({ headId: 'ada', ranked: ranked('oat', 2) });
  expect(bestOf(all, ['bo', 'ada'])).toEqual({ headId: 'bo', ranked: ranked('egg', 2) });
});

it('is nothing where no bowl is worth a word, or nobody is asked about', () => {
  const all = rankings({ ada: [ranked('oat', WORTH_POINTS)], bo: [], cy: [ranked('egg', -1)] });
  expect(bestOf(all, ['ada', 'bo', 'cy', 'nobody'])).toBeUndefined();
  expect(bestOf(all, [])).toBeUndefined();
});
