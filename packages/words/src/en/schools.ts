import type { SchoolId } from '@amber-ladle/core/judge';

/** A question on which makers disagree, what either side says, and why we default as we do. */
export interface SchoolWords {
  readonly question: string;
  /** By the option's id: its name and what its side says. */
  readonly options: Readonly<Record<string, { readonly words: string; readonly says: string }>>;
  readonly because: string;
}

/** Common practice, no published source; defaults and reasons are ours. */
export const SCHOOLS: Readonly<Record<SchoolId, SchoolWords>> = {
  protein: {
    question: 'How often protein',
    options: {
      often: { words: 'twice or thrice a week', says: 'Hair that breaks is fed as often as it is washed.' },
      weekly: { words: 'weekly', says: 'A yolk on wash day, as others take a conditioner.' },
      monthly: { words: 'every four weeks', says: 'Enough to feel firmer; more makes hair stiff and dry.' },
      seldom: { words: 'every twelve weeks', says: 'For hair that goes hard at the sight of an egg.' },
    },
    because: 'Too much protein breaks hair it was meant to help; a head that is sensitive waits twelve weeks.',
  },
  'hair-state': {
    question: 'Hair when the mask goes on',
    options: {
      'as-mask': { words: 'as the mask has it', says: 'Spritzed before a shampoo, towel-dried after one.' },
      dry: { words: 'dry', says: 'Nothing is thinned; oils sit where they are put.' },
      spritzed: { words: 'spritzed', says: 'Damp hair takes a mask evenly and needs less of it.' },
      'towel-dried': { words: 'washed and towel-dried', says: 'Clean hair lets things in; no water runs off.' },
    },
    because: 'The order of mask and shampoo decides it.',
  },
  warmth: {
    question: 'Warmth',
    options: {
      none: { words: 'none', says: 'Nothing cooks, nothing drips, nobody burns an ear.' },
      'as-mask': { words: 'as the mask has it', says: 'A cap keeps the head’s own warmth in.' },
      cap: { words: 'a cap', says: 'A cap for all, a dryer for none.' },
    },
    because: 'A cap is enough; raw egg never gets warmth, whatever is chosen.',
  },
  wear: {
    question: 'How long',
    options: {
      short: { words: 'its least time', says: 'What it can do it does early; the rest is dripping.' },
      'as-mask': { words: 'its aim', says: 'Long enough for thirsty ends.' },
      long: { words: 'up to its limit', says: 'The longer the softer, some say.' },
    },
    because: 'Longer is not known to be better, and what spoils should not sit overnight.',
  },
  rinse: {
    question: 'Rinse',
    options: {
      cool: { words: 'cool only', says: 'Closes, shines, and never cooks an egg.' },
      'as-mask': { words: 'lukewarm, then cool', says: 'Oil leaves with lukewarm water, shine comes with cool.' },
      warm: { words: 'warm', says: 'Heavy oils want warm water.' },
    },
    because: 'It washes out and is kind to the scalp; egg stays cool to lukewarm.',
  },
  shampoo: {
    question: 'Shampoo afterwards',
    options: {
      none: { words: 'none', says: 'What the mask left is what it was for.' },
      'as-mask': { words: 'as the mask has it', says: 'Oils and bits want a shampoo, gels do not.' },
      twice: { words: 'twice', says: 'Hair that is limp by noon was not washed out.' },
    },
    because: 'What is heavy is washed out, what is light may stay.',
  },
  strain: {
    question: 'Through a cloth',
    options: {
      'as-mask': {
        words: 'fibre, banana, seeds and grains always',
        says: 'Ten minutes at the sink save an hour of picking.',
      },
      'if-bits': { words: 'only if bits remain', says: 'A good blender leaves nothing to strain.' },
    },
    because: 'Bits are found when they are dry.',
  },
  keep: {
    question: 'What is left',
    options: {
      'same-day': { words: 'used at once', says: 'Fresh is the point of it.' },
      'as-mask': { words: 'kept where the mask allows', says: 'A jar till tomorrow, a tray in the freezer.' },
    },
    because: 'A labelled jar in the cold for a day is fine where nothing in it objects; the clock is kept for you.',
  },
  mix: {
    question: 'Blender or hand',
    options: {
      'as-mask': { words: 'as the mask has it', says: 'Fruit in a blender, egg by fork.' },
      'by-hand': { words: 'by hand', says: 'Mashed and pressed: slower, cooler, nothing to plug in.' },
    },
    because: 'A blender leaves least to pick out; a minute or two is enough.',
  },
  'egg-part': {
    question: 'Which part of the egg',
    options: {
      'as-mask': { words: 'as the mask has it', says: 'Yolk for dry, white for oily, whole for strength.' },
      whole: { words: 'the whole egg', says: 'Nothing is left over, and nature knew why.' },
      yolk: { words: 'the yolk', says: 'The fat is what dry hair is after.' },
      white: { words: 'the white', says: 'Light, and tightening for oily roots.' },
    },
    because: 'Each has its use; the other part becomes stock with its own clock. A choice moves those masks up.',
  },
  vinegar: {
    question: 'How strong a vinegar rinse',
    options: {
      weak: { words: 'one to seven', says: 'The weakest that does the job.' },
      third: { words: 'one to three', says: 'Takes the smell of egg and onion for sure.' },
      half: { words: 'one to one', says: 'Squeaks, shines, and stings.' },
    },
    because: 'Strong acid stings and fades; kept off a sore scalp in any strength.',
  },
  measure: {
    question: 'How amounts are read',
    options: {
      spoons: { words: 'pieces and spoons', says: 'What hands reach for; grams stand beside.' },
      weight: { words: 'grams', says: 'A scale does not heap.' },
    },
    because: 'Most kitchens have spoons clean; the grams are always there.',
  },
  face: {
    question: 'What is left, on the face',
    options: {
      no: { words: 'no', says: 'Hair is patient, faces are not.' },
      yes: { words: 'yes', says: 'Papaya was a face mask first.' },
    },
    because: 'Not suggested here; never with essential oil, lemon, soda, pepper or onion.',
  },
};
