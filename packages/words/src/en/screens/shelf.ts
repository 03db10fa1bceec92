import { isPerishable, rawRecipeOf, type Ingredient, type LotState } from '@amber-ladle/core/ingredient';
import { kitchenRound, writeFraction } from '@amber-ladle/core/measure';
import type { BinReason, Lot, LotWindow, Pace, MovementKind, PlaceKind, Stage } from '@amber-ladle/core/shelf';
import { SOURCES, type SourceId } from '@amber-ladle/core/source';
import { HOUR, MINUTE, TWENTY_FOUR_HOURS } from '@amber-ladle/core/time';
import { nounFor } from '../../amount';
import { capital } from '../../sentence';
import { writeWarmth, type Written } from '../../units';

/** What a movement of stock did. */
export const MOVEMENT_WORDS: Readonly<Record<MovementKind, string>> = {
  add: 'came in',
  draw: 'for a bowl',
  'cut-off': 'cut off',
  'cut-in': 'stays, cut',
  open: 'opened',
  move: 'moved',
  touch: 'felt',
  correct: 'corrected',
  discard: 'thrown away',
  'use-otherwise': 'used otherwise',
  undo: 'taken back',
};

/**
 * A change of stock in a sentence: as it was told then, or what it was about and what it did.
 * @example stockDone('honey 340 g jar', 'add') // 'honey 340 g jar: came in.'
 * @example stockDone('for Still water', 'draw') // 'Taken for Still water.'
 */
export function stockDone(what: string, did: MovementKind | undefined): string {
  if (what.endsWith('.')) return what;
  if (did === 'draw') return what.startsWith('for ') ? `Taken ${what}.` : `Taken: ${what}.`;
  return did ? `${what}: ${MOVEMENT_WORDS[did]}.` : `Shelf: ${what}.`;
}

/** What a price that was written is for. */
export const PRICE_WORDS = { each: 'each', together: 'together' } as const;

const BIN_WORDS: Readonly<Record<BinReason, string>> = {
  'past its time': 'past its time',
  mouldy: 'mouldy',
  brown: 'brown',
  'too much cut': 'too much cut',
  smells: 'smells',
};
const isBinReason = (reason: string): reason is BinReason => Object.hasOwn(BIN_WORDS, reason);
/** Why something was thrown away: what was chosen, or what was written. */
export const binWords = (reason: string): string => (isBinReason(reason) ? BIN_WORDS[reason] : reason);

export const STAGE_WORDS: Readonly<Record<Stage, string>> = {
  unripe: 'hard',
  nearly: 'nearly ready',
  ready: 'ready',
  'last-day': 'last day',
  past: 'past',
};

const STATE_WORDS: Readonly<Record<LotState, string>> = {
  whole: 'whole',
  opened: 'opened',
  cut: 'cut',
  made: 'made',
  raw: 'dry',
};
/** In which state a thing is. Nobody cuts an egg. @example stateWords('cut', { family: 'egg' }) // 'cracked' */
export const stateWords = (state: LotState, { family }: Pick<Ingredient, 'family'>): string =>
  state === 'cut' && family === 'egg' ? 'cracked' : STATE_WORDS[state];

export const PLACE_WORDS: Readonly<Record<PlaceKind, string>> = {
  counter: 'counter or shelf',
  bag: 'closed bag with an apple',
  outside: 'outside',
  fridge: 'fridge',
  freezer: 'freezer',
};

/** What is left of a lot, as it is said: "2 avocados", "½ papaya, cut", "340 g". */
export function amountWords(lot: Pick<Lot, 'grams' | 'pieceGrams' | 'state'>, row: Ingredient): string {
  const { pieces } = row;
  if (lot.pieceGrams && pieces && lot.state === 'whole') {
    const count = Math.round((lot.grams / lot.pieceGrams) * 4) / 4;
    return `${writeFraction(count)} ${nounFor(count, pieces)}`;
  }
  return `${kitchenRound(lot.grams)} g`;
}

/** The name of a lot with its state: "Avocado, cut", "white rice, dry". */
export function lotName(lot: Pick<Lot, 'state'>, row: Ingredient): string {
  if (lot.state === 'raw') {
    const raw = rawRecipeOf(row)?.raw.name ?? row.name;
    return capital(raw);
  }
  return lot.state === 'cut' || lot.state === 'opened' ? `${row.name}, ${stateWords(lot.state, row)}` : row.name;
}

/** A lot inside a sentence: "the cut avocado", "the opened yogurt". */
export function lotInSentence(lot: Pick<Lot, 'state'>, row: Ingredient): string {
  const name = lot.state === 'raw' ? (rawRecipeOf(row)?.raw.name ?? row.name) : row.name.toLowerCase();
  return lot.state === 'cut' || lot.state === 'opened' ? `the ${stateWords(lot.state, row)} ${name}` : `the ${name}`;
}

/** Time left, in the largest unit that says enough: "40 min", "5 h", "3 days". */
export function leftWords(milliseconds: number): string {
  if (milliseconds <= 0) return 'over';
  if (milliseconds < 1.5 * HOUR) return `${Math.max(1, Math.round(milliseconds / MINUTE))} min`;
  if (milliseconds < 36 * HOUR) return `${Math.round(milliseconds / HOUR)} h`;
  return `${Math.round(milliseconds / TWENTY_FOUR_HOURS)} days`;
}

const DAY_HOURS = 24;
/** How long something keeps, in the unit that says enough: "12 h", "5 days", "6 months". */
export function hoursWords(hours: number): string {
  if (hours >= 60 * DAY_HOURS) return `${Math.round(hours / (30 * DAY_HOURS))} months`;
  return hours > DAY_HOURS ? `${Math.round(hours / DAY_HOURS)} days` : `${hours} h`;
}

function sourceWords(source: SourceId): string {
  const { title, fromMemory } = SOURCES[source];
  return fromMemory ? `${title}, from memory` : title;
}

/** How far a fruit is on its way, as exactly as a model of ripening knows it. */
function farWords(share: number): string {
  if (share < 0.2) return 'hardly begun';
  if (share < 0.42) return 'about a third of the way';
  if (share < 0.58) return 'about half-way';
  return share < 0.8 ? 'about two thirds of the way' : 'nearly there';
}
/** How many of its ready days are over. */
function goneWords(share: number): string {
  if (share < 0.2) return 'most are still to come';
  if (share < 0.42) return 'about a third are gone';
  if (share < 0.58) return 'about half are gone';
  return share < 0.8 ? 'about two thirds are gone' : 'the last is here';
}

/** What is less than this is as its row says. */
const SAME_SHARE = 0.07;
/** How a kind ripens in this kitchen; nothing where that is as its row says. @example 'about 20 % faster' */
export function paceWords({ factor }: Pick<Pace, 'factor'>): string {
  if (Math.abs(factor - 1) < SAME_SHARE) return '';
  // Slower by so much that it takes longer by that.
  const share = factor > 1 ? factor - 1 : 1 / factor - 1;
  return `about ${Math.max(5, Math.round(share * 20) * 5)} % ${factor > 1 ? 'faster' : 'slower'}`;
}
/** What was learnt of it, in a sentence with a space before; nothing where nothing was. */
function learntWords(pace: Pace | undefined): string {
  const words = pace ? paceWords(pace) : '';
  return words && pace ? ` In this kitchen it ripens ${words} than that, going by the last ${pace.lots}.` : '';
}

/**
 * Why a window ends when it does, in a sentence or two with the source.
 * @param stands in which state it is, in words
 */
export function windowReason(
  { reason, keeping, source, usedShare, ripeness, tooWarmCelsius, pace }: LotWindow,
  stands: string,
  where: Written,
): string {
  const from = `(${sourceWords(source)})`;
  if (reason === 'ripeness' && ripeness) {
    return ripeness.ripeness < 1
      ? `Ripening, ${farWords(ripeness.ripeness)}, at the temperature it stands in ${from}.${learntWords(pace)}`
      : `Ready; of its ready days, ${goneWords(ripeness.ripeness - 1)} ${from}.${learntWords(pace)}`;
  }
  const room = isPerishable(keeping)
    ? `${hoursWords(keeping.roomHours)} in a room, half above ${writeWarmth(32, where)}`
    : `${hoursWords(keeping.roomHours)} in a room`;
  const warm =
    tooWarmCelsius === undefined
      ? ''
      : ` It stands at ${writeWarmth(kitchenRound(tooWarmCelsius), where)}, which counts as a room: a fridge keeps at ${writeWarmth(5, where)} and below.`;
  const spent = usedShare > 0.005 ? ` ${Math.round(Math.min(1, usedShare) * 100)} % of that is used.` : '';
  return `${capital(stands)}: ${room}, ${hoursWords(keeping.coldHours)} in a fridge ${from}.${spent}${warm}`;
}
