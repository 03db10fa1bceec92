import type { SchoolId } from './schooled';

/** A question on which makers disagree, with what either side says in two lines, and our default with its reason. */
export interface School {
  readonly id: SchoolId;
  readonly question: string;
  readonly options: readonly { readonly id: string; readonly words: string; readonly says: string }[];
  readonly usual: string;
  readonly because: string;
}

/** Common practice, no published source; defaults and reasons are ours. */
export const SCHOOLS: readonly School[] = [
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
  {
    id: 'mix',
    question: 'Blender or hand',
    options: [
      { id: 'as-mask', words: 'as the mask has it', says: 'Fruit in a blender, egg by fork.' },
      { id: 'by-hand', words: 'by hand', says: 'Mashed and pressed: slower, cooler, nothing to plug in.' },
    ],
    usual: 'as-mask',
    because: 'A blender leaves least to pick out; a minute or two is enough.',
  },
  {
    id: 'egg-part',
    question: 'Which part of the egg',
    options: [
      { id: 'as-mask', words: 'as the mask has it', says: 'Yolk for dry, white for oily, whole for strength.' },
      { id: 'whole', words: 'the whole egg', says: 'Nothing is left over, and nature knew why.' },
      { id: 'yolk', words: 'the yolk', says: 'The fat is what dry hair is after.' },
      { id: 'white', words: 'the white', says: 'Light, and tightening for oily roots.' },
    ],
    usual: 'as-mask',
    because: 'Each has its use; the other part becomes stock with its own clock. A choice moves those masks up.',
  },
  {
    id: 'vinegar',
    question: 'How strong a vinegar rinse',
    options: [
      { id: 'weak', words: 'one to seven', says: 'The weakest that does the job.' },
      { id: 'third', words: 'one to three', says: 'Takes the smell of egg and onion for sure.' },
      { id: 'half', words: 'one to one', says: 'Squeaks, shines, and stings.' },
    ],
    usual: 'weak',
    because: 'Strong acid stings and fades; kept off a sore scalp in any strength.',
  },
  {
    id: 'measure',
    question: 'How amounts are read',
    options: [
      { id: 'spoons', words: 'pieces and spoons', says: 'What hands reach for; grams stand beside.' },
      { id: 'weight', words: 'grams', says: 'A scale does not heap.' },
    ],
    usual: 'spoons',
    because: 'Most kitchens have spoons clean; the grams are always there.',
  },
  {
    id: 'face',
    question: 'What is left, on the face',
    options: [
      { id: 'no', words: 'no', says: 'Hair is patient, faces are not.' },
      { id: 'yes', words: 'yes', says: 'Papaya was a face mask first.' },
    ],
    usual: 'no',
    because: 'Not suggested here; never with essential oil, lemon, soda, pepper or onion.',
  },
];
