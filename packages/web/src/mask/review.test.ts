import { CATALOGUE } from '@amber-ladle/core/ingredient';
import { message, type Message } from '@amber-ladle/core/message';
import { expect, it } from 'vitest';
import { limitsOf, slipsOf, type Slip } from './review';

const say = ({ id }: Message): string => `limit of ${id}`;
const slip = (change: Partial<Slip>): Slip => ({
  ingredientId: 'honey',
  grams: 12.4,
  breaks: [],
  changesTexture: false,
  texture: 'runny',
  ...change,
});
const [oil, egg] = [message('caution.burned'), message('caution.infant')];

it('says of a slip which limit it breaks, else what it makes of the mask, else that it is hardly felt', () => {
  const told = slipsOf(
    [slip({ breaks: [oil, egg], changesTexture: true }), slip({ changesTexture: true }), slip({})],
    CATALOGUE,
    say,
  );
  expect(told).toEqual([
    '12 g too much honey breaks a limit: limit of caution.burned; limit of caution.infant.',
    '12 g too much honey makes it runny.',
    '12 g too much honey is hardly felt.',
  ]);
});

it('tells the first four', () => {
  expect(
    slipsOf(
      [1, 2, 3, 4, 5].map((grams) => slip({ grams })),
      CATALOGUE,
      say,
    ),
  ).toHaveLength(4);
});

it('says each limit once', () => {
  const caps = [oil, egg, oil].map((what) => ({ what }));
  expect(limitsOf(caps, say)).toEqual(['limit of caution.burned', 'limit of caution.infant']);
});
