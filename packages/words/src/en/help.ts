/** What a screen is for, and what can be done there, for whoever asks. */
export interface ScreenHelp {
  readonly isFor: string;
  readonly ways: readonly string[];
}

/** By the name of the screen. Screens that say all there is to say themselves are not here. */
export const SCREEN_HELP: Readonly<Record<string, ScreenHelp>> = {
  today: {
    isFor: 'What turns soon, who is due, and one bowl worth making.',
    ways: ['The bowl’s button opens it on the bench, sized.', 'A name under “due” opens that head.'],
  },
  weeks: {
    isFor: 'Which mask for whom on which day, so that nothing turns and nobody waits.',
    ways: [
      'A bowl says at a touch why it stands there, what it draws, and what would do instead.',
      'Drag a bowl to another day, or use Alt and an arrow key; it stays there from then on.',
      'A day opens at a touch: no time, or other minutes.',
      'Below the bowls the produce: as high as there is of it, pale while it is hard, gone when it is past.',
      'How your weeks run: who washes how often, free evenings, days with a shop, what is not wanted.',
    ],
  },
  shelf: {
    isFor: 'What is in the house, how ripe it is, and until when it can be used.',
    ways: [
      'One line puts a thing on the shelf: “3 hard avocados 180 g today 1.40 each”, “honey 340 g jar”. A weight is as the shop has it, peel and all.',
      'A lane opens at a touch: correct how ripe it is, move it, cut it, throw it away.',
      'On the list to buy, the box ticks a thing off and puts it on the shelf.',
    ],
  },
  book: { isFor: 'Every movement of the shelf, what it cost and what was thrown away.', ways: [] },
  bowl: {
    isFor: 'How much of everything, for this head and this mask.',
    ways: [
      'Pull the ring at the tips of the hair, touch a landmark, or type a length: “33 cm”, “13 in”.',
      'Every measure can be changed where it stands; the others follow, or stay if you pin them.',
      'Spare decides how often the bowl is enough; more is left over then.',
      '“Why” beside the amount shows what it was reckoned from.',
      'Keep this bowl puts it on the path: then it is made, worn and noted.',
    ],
  },
  make: {
    isFor: 'The wash day, one step at a time, with every clock that runs.',
    ways: [
      'The big button goes on; Take back undoes the last press.',
      'Change the day gives a step more time, leaves one out, or puts one in.',
      'A pot that is ready calls until it is answered. Leave the sound on.',
    ],
  },
  wear: {
    isFor: 'The bowl onto the head by sections, the time it is worn, and the rinse.',
    ways: [
      'Touch a section when it is done; the cap starts the time.',
      'Stopping early is one touch, with burning first. Rinse at once when it burns.',
    ],
  },
  notes: {
    isFor: 'How it went on, rinsed out and dried, and what that teaches.',
    ways: [
      'Each question is answered by one touch; touch again to take it back.',
      'What was left, or that it ran out, makes the next bowl fit better.',
    ],
  },
  'kept-bowl': { isFor: 'A bowl as it was kept: its card, its time, and what happened to it.', ways: [] },
  label: { isFor: 'A label for the jar, to print and stick on.', ways: [] },
  masks: {
    isFor: 'The book of masks: ours and your own.',
    ways: ['Ordered by what suits a head and what turns; why a mask is not offered stands beside it.'],
  },
  mask: { isFor: 'One mask: what is in it, how it is made, worn and rinsed.', ways: [] },
  'mask-new': { isFor: 'A mask of your own, by shares or by a bowl that you know.', ways: [] },
  'mask-edit': { isFor: 'A new version of a mask. Bowls that were kept stay as they were.', ways: [] },
  'mask-paste': {
    isFor: 'The mask you always make, in your own words.',
    ways: ['Paste or write it, a measure a line. What was not understood is asked; nothing is guessed without a word.'],
  },
  heads: { isFor: 'Whose hair is cared for here.', ways: [] },
  head: {
    isFor: 'A head: length, how much hair, what to be careful with, and its rhythm.',
    ways: [
      'Four answers make a head; what is folded narrows the amounts further.',
      'No tape is needed. A picture and a word will do.',
    ],
  },
  ingredients: { isFor: 'Everything that can go into a bowl, and what is known of it.', ways: [] },
  ingredient: { isFor: 'What is known of one thing. Correct what is otherwise in your kitchen.', ways: [] },
  benches: { isFor: 'Small sums: a bowl read backwards, and how a spoon of yours measures.', ways: [] },
  settings: {
    isFor: 'Spoons, stove, light, place, and everything in files.',
    ways: ['What was done lately can be taken back here.'],
  },
};

/** A word of the workshop, and what is meant by it. */
export interface Term {
  readonly word: string;
  readonly means: string;
}

/** The words that the screens use, in the order of the alphabet. */
export const GLOSSARY: readonly Term[] = [
  { word: 'acid rinse', means: 'Water with a little vinegar or lemon, after what is alkaline, to smooth the hair.' },
  { word: 'aim', means: 'The time a mask is best worn: longer brings nothing, the limit is further on.' },
  { word: 'band', means: 'From where to where an amount may lie: heads that measure alike do not take alike.' },
  { word: 'bench', means: 'The Bowl screen before anything is kept: try what you like there.' },
  { word: 'bowl', means: 'A mask in the amounts for one wash day, for one head or several.' },
  { word: 'cadence', means: 'How long a head waits between two masks of a kind.' },
  { word: 'density', means: 'How much hair there is: how far the scalp shows at a parting, or how thick the tail is.' },
  { word: 'drift', means: 'How far a measure lies from the formula, because pieces and spoons are whole.' },
  { word: 'formula', means: 'What is in a mask, as parts of the whole by weight.' },
  { word: 'head', means: 'A person whose hair is cared for.' },
  { word: 'lane', means: 'The line of a thing on the shelf: not ripe, ready, its last day, past.' },
  { word: 'least, limit', means: 'The shortest wear that does anything, and the time by which it must be out.' },
  { word: 'length', means: 'From the scalp to the tips with the hair pulled straight; coils hang shorter.' },
  { word: 'need', means: 'What the heads of a bowl usually take, all together.' },
  {
    word: 'patch test',
    means: 'A dab on the inner elbow and a day or two of waiting, before a thing new to this skin.',
  },
  { word: 'pot', means: 'What is cooked, steeped or melted before it goes into the bowl.' },
  { word: 'remnant', means: 'What is cut, opened or made: it turns first, so it is used first.' },
  { word: 'section', means: 'A part of the head that is coated in one go: nape, left, right, crown.' },
  { word: 'spare', means: 'What a bowl holds beyond the usual take, so that it is enough more often.' },
  {
    word: 'strained',
    means: 'Pressed through a cloth, so that no bits stay in the hair; some of it stays in the cloth.',
  },
  { word: 'thickness of a strand', means: 'Fine, medium or coarse: fine hair is weighed down sooner.' },
  { word: 'usable', means: 'What is left of a fruit without peel, stone and seeds.' },
  { word: 'use window', means: 'From when until when a thing may be used; the reason is beside it.' },
  { word: 'why', means: 'Wherever it stands, it opens what a figure was reckoned from.' },
];
