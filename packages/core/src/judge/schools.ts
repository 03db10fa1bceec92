import type { Catalogue } from '../ingredient';
import { ingredientById } from '../ingredient';
import { isRawEgg, leavesBits, type Mask } from '../mask';

/** A question on which makers disagree, with what either side says in two lines, and our default with its reason. */
export interface School {
  readonly id: string;
  readonly question: string;
  readonly options: readonly { readonly id: string; readonly words: string; readonly says: string }[];
  readonly usual: string;
  readonly because: string;
}

/** Common practice, no published source; defaults and reasons are ours. */
export const SCHOOLS = [
  {
    id: 'protein',
    question: 'How often protein',
    options: [
      { id: 'often', words: 'twice or thrice a week', says: 'Hair that breaks is fed as often as it is washed.' },
      { id: 'weekly', words: 'weekly', says: 'A yolk on wash day, as others take a conditioner.' },
      { id: 'monthly', words: 'every four weeks', says: 'Enough to feel firmer; more makes hair stiff and dry.' },
      { id: 'seldom', words: 'every twelve weeks', says: 'For hair that goes hard at the sight of an egg.' },
    ],
    usual: 'monthly',
    because: 'Too much protein breaks hair it was meant to help; a head that is sensitive waits twelve weeks.',
  },
  {
    id: 'hair-state',
    question: 'Hair when the mask goes on',
    options: [
      { id: 'as-mask', words: 'as the mask has it', says: 'Spritzed before a shampoo, towel-dried after one.' },
      { id: 'dry', words: 'dry', says: 'Nothing is thinned; oils sit where they are put.' },
      { id: 'spritzed', words: 'spritzed', says: 'Damp hair takes a mask evenly and needs less of it.' },
      { id: 'towel-dried', words: 'washed and towel-dried', says: 'Clean hair lets things in; no water runs off.' },
    ],
    usual: 'as-mask',
    because: 'The order of mask and shampoo decides it.',
  },
  {
    id: 'warmth',
    question: 'Warmth',
    options: [
      { id: 'none', words: 'none', says: 'Nothing cooks, nothing drips, nobody burns an ear.' },
      { id: 'as-mask', words: 'as the mask has it', says: 'A cap keeps the head’s own warmth in.' },
      { id: 'cap', words: 'a cap', says: 'A cap for all, a dryer for none.' },
    ],
    usual: 'as-mask',
    because: 'A cap is enough; raw egg never gets warmth, whatever is chosen.',
  },
  {
    id: 'wear',
    question: 'How long',
    options: [
      { id: 'short', words: 'its least time', says: 'What it can do it does early; the rest is dripping.' },
      { id: 'as-mask', words: 'its aim', says: 'Long enough for thirsty ends.' },
      { id: 'long', words: 'up to its limit', says: 'The longer the softer, some say.' },
    ],
    usual: 'as-mask',
    because: 'Longer is not known to be better, and what spoils should not sit overnight.',
  },
  {
    id: 'rinse',
    question: 'Rinse',
    options: [
      { id: 'cool', words: 'cool only', says: 'Closes, shines, and never cooks an egg.' },
      { id: 'as-mask', words: 'lukewarm, then cool', says: 'Oil leaves with lukewarm water, shine comes with cool.' },
      { id: 'warm', words: 'warm', says: 'Heavy oils want warm water.' },
    ],
    usual: 'as-mask',
    because: 'It washes out and is kind to the scalp; egg stays cool to lukewarm.',
  },
  {
    id: 'shampoo',
    question: 'Shampoo afterwards',
    options: [
      { id: 'none', words: 'none', says: 'What the mask left is what it was for.' },
      { id: 'as-mask', words: 'as the mask has it', says: 'Oils and bits want a shampoo, gels do not.' },
      { id: 'twice', words: 'twice', says: 'Hair that is limp by noon was not washed out.' },
    ],
    usual: 'as-mask',
    because: 'What is heavy is washed out, what is light may stay.',
  },
  {
    id: 'strain',
    question: 'Through a cloth',
    options: [
      {
        id: 'as-mask',
        words: 'fibre, banana, seeds and grains always',
        says: 'Ten minutes at the sink save an hour of picking.',
      },
      { id: 'if-bits', words: 'only if bits remain', says: 'A good blender leaves nothing to strain.' },
    ],
    usual: 'as-mask',
    because: 'Bits are found when they are dry.',
  },
  {
    id: 'keep',
    question: 'What is left',
    options: [
      { id: 'same-day', words: 'used at once', says: 'Fresh is the point of it.' },
      { id: 'as-mask', words: 'kept where the mask allows', says: 'A jar till tomorrow, a tray in the freezer.' },
    ],
    usual: 'as-mask',
    because: 'A labelled jar in the cold for a day is fine where nothing in it objects; the clock is kept for you.',
  },
] as const satisfies readonly School[];
export type SchoolId = (typeof SCHOOLS)[number]['id'];
export type ProteinSchool = 'often' | 'weekly' | 'monthly' | 'seldom';

/** What a household chose; a question it left alone goes by the usual. */
export type Schools = Readonly<Partial<Record<SchoolId, string>>>;

export function schoolOf(schools: Schools, id: SchoolId): string {
  const school = SCHOOLS.find((one) => one.id === id) as School;
  const chosen = schools[id];
  return school.options.some((option) => option.id === chosen) ? (chosen as string) : school.usual;
}

/**
 * A mask as this household makes it. It never loosens what an ingredient forbids: raw egg gets no warmth, no warm rinse
 * and no long wear, whatever is chosen.
 * @throws RangeError for an unknown ingredient
 */
export function schooled(mask: Mask, schools: Schools, catalogue: Catalogue): Mask {
  const rows = mask.parts.map(({ ingredientId }) => ingredientById(catalogue, ingredientId));
  const egg = rows.some(isRawEgg);
  const { wear, rinse } = mask;
  const choice = (id: SchoolId): string => schoolOf(schools, id);
  const aim = { short: wear.minimumMinutes, long: wear.limitMinutes }[choice('wear')] ?? wear.aimMinutes;
  const temperature = { cool: 'cool-to-lukewarm', warm: 'warm' } as const;
  const shampoos = { none: 0, twice: 2 } as const;
  const state = choice('hair-state');
  const warmth = choice('warmth');
  return {
    ...mask,
    ...(state === 'as-mask' ? {} : { hairState: state as NonNullable<Mask['hairState']> }),
    heat: egg || mask.heat === 'never' || warmth === 'none' ? 'never' : warmth === 'cap' ? 'cap' : mask.heat,
    wear: { ...wear, aimMinutes: aim },
    rinse: {
      ...rinse,
      temperature: egg
        ? 'cool-to-lukewarm'
        : (temperature[choice('rinse') as keyof typeof temperature] ?? rinse.temperature),
      shampoos: shampoos[choice('shampoo') as keyof typeof shampoos] ?? rinse.shampoos,
    },
    strained: mask.strained && (choice('strain') !== 'if-bits' || !rows.some(leavesBits)),
    keeping: choice('keep') === 'same-day' ? 'same-day' : mask.keeping,
  };
}
