import { HOUR, TWENTY_FOUR_HOURS } from '@amber-ladle/core/time';
import { NO_LOG, type Bowl, type Head, type HeadMeasure, type StockChange, type WearLog } from '@amber-ladle/contract';
import { NO_CHOICES } from '@amber-ladle/core/house';
import { lengthOf } from '@amber-ladle/core/washday';
import { v5 as uuidFrom } from 'uuid';
import { Clock } from '../kernel/clock';
import { keepBowl } from '../bowl';
import { endDay } from '../day';
import type { Household } from '../kernel/household';
import { logsOfBowl, writeLog } from '../notes';
import { addMeasure } from '../head';
import { beginDay, tellDay } from '../day';
import { drawForBowl, leaveBowl, wearBowl } from '../bowl';

const SPACE = '2c1a8f0e-33de-4a0f-8f0c-6d0b7a4e5c00';
const MINUTE = 60_000;

interface Worn {
  readonly daysAgo: number;
  readonly head: 'Isaura' | 'Teo' | 'Pip';
  readonly maskId: string;
  /** What this head took of what the model expects, this time; left out where the bowl ran out. */
  readonly took?: number;
  readonly ranOutAfter?: number;
  /** True where the whole day was walked, minute by minute. */
  readonly isWalked?: boolean;
  readonly log: Partial<WearLog>;
}

/** Made up: Isaura takes a little less than the model expects, Pip a little more, and Teo is Teo. */
const WORN: readonly Worn[] = [
  {
    daysAgo: 96,
    head: 'Isaura',
    maskId: 'towpath-avocado',
    took: 0.84,
    log: {
      said: { slip: 3, spread: 2, ease: 2, residue: 2, soft: 3, shine: 2, frizz: 2, weight: 2 },
      textureWas: 'thick',
      shed: 'usual',
      words: 'Far too much; a third of it went on the kitchen towel.',
    },
  },
  {
    daysAgo: 82,
    head: 'Isaura',
    maskId: 'still-water',
    took: 0.94,
    log: {
      said: { slip: 3, spread: 3, drip: 1, ease: 3, feel: 2, soft: 2, definition: 3, frizz: 2 },
      changes: ['weather'],
      words: 'Ran down the neck, but the curls clumped.',
    },
  },
  {
    daysAgo: 68,
    head: 'Isaura',
    maskId: 'towpath-avocado',
    took: 0.86,
    isWalked: true,
    log: {
      said: { slip: 3, spread: 3, drip: 3, smell: 2, ease: 2, residue: 2, soft: 3, shine: 3, frizz: 3, weight: 2 },
      textureWas: 'thick',
      shed: 'usual',
      toChange: 'Sieve it: bits in the nape.',
    },
  },
  {
    daysAgo: 61,
    head: 'Teo',
    maskId: 'strawberry-sieve',
    took: 1.05,
    log: { said: { smell: 3, ease: 3, scalp: 2, weight: 3 }, changes: ['shampoo'] },
  },
  {
    daysAgo: 54,
    head: 'Isaura',
    maskId: 'still-water',
    took: 0.89,
    log: {
      said: { slip: 3, spread: 3, drip: 2, ease: 3, feel: 3, soft: 2, shine: 2, definition: 3, frizz: 2 },
      changes: ['leave-in'],
      shed: 'few',
    },
  },
  {
    daysAgo: 47,
    head: 'Pip',
    maskId: 'still-water',
    ranOutAfter: 4,
    log: { said: { slip: 2, spread: 2, ease: 2, soft: 2 }, words: 'The nape got nothing.' },
  },
  {
    daysAgo: 40,
    head: 'Isaura',
    maskId: 'towpath-avocado',
    took: 0.91,
    isWalked: true,
    log: {
      said: { slip: 3, spread: 3, drip: 3, smell: 3, ease: 3, residue: 3, soft: 3, shine: 3, definition: 2, frizz: 3 },
      textureWas: 'creamy',
      shed: 'few',
      words: 'Sieved, and it rinsed like nothing.',
    },
  },
  {
    daysAgo: 26,
    head: 'Isaura',
    maskId: 'still-water',
    took: 0.9,
    log: { said: { slip: 3, drip: 2, ease: 3, soft: 2, definition: 3, frizz: 2, weight: 3 }, changes: ['water'] },
  },
  {
    daysAgo: 19,
    head: 'Pip',
    maskId: 'still-water',
    took: 1.04,
    log: { said: { slip: 3, spread: 3, ease: 3, soft: 3, frizz: 2 }, words: 'Not one tear at the comb.' },
  },
];

/** Lengths of a year: Isaura keeps what she grows since she wears twists; a trim in the summer. */
const MEASURES: readonly (Pick<HeadMeasure, 'kind' | 'centimetres' | 'where'> & { readonly daysAgo: number })[] = [
  { daysAgo: 362, kind: 'length', centimetres: 59.1, where: 'mid-back' },
  { daysAgo: 271, kind: 'length', centimetres: 62.1, where: 'mid-back' },
  { daysAgo: 236, kind: 'trim', centimetres: 2.5, where: 'ends' },
  { daysAgo: 180, kind: 'length', centimetres: 62.4, where: 'mid-back' },
  { daysAgo: 92, kind: 'length', centimetres: 65.3, where: 'mid-back' },
  { daysAgo: 9, kind: 'length', centimetres: 68, where: 'nearly the waist' },
];

/** A wash day of before is over before midnight, when a same-day bowl ends, however late the demo is started; the demo lives by UTC. */
const byEvening = (at: number): number => at - Math.max(0, (at % TWENTY_FOUR_HOURS) - 18 * HOUR);

/** Bowls of the weeks before with what was written of them, and a year of lengths; all relative to the present. */
export async function seedNotes(household: Household, heads: ReadonlyMap<string, Head>): Promise<void> {
  const present = Date.parse(household.clock.now());
  const then = new Clock();
  const earlier: Household = { ...household, clock: then };
  const to = (at: number): void => {
    then.set(new Date(at).toISOString());
  };
  for (const [i, one] of WORN.entries()) {
    const head = heads.get(one.head);
    if (!head) continue;
    to(byEvening(present - one.daysAgo * TWENTY_FOUR_HOURS));
    const id = uuidFrom(`bowl ${i}`, SPACE);
    const wish = {
      id,
      headId: head.id,
      maskId: one.maskId,
      profile: head.profile,
      choices: NO_CHOICES,
      otherHeadIds: [],
    };
    const { bowl } = await keepBowl(earlier, wish);
    await drawForBowl(earlier, bowl.id, boughtFor(bowl, i));
    if (one.isWalked) await walk(earlier, then, bowl.id);
    else await wearBowl(earlier, bowl.id, { isRinsed: true });
    if (one.took !== undefined) {
      const { madeMillilitres, losses, demand } = bowl.snapshot.sized;
      const taken = (one.took * demand.total.median) / demand.reason.personalFactor;
      const left = madeMillilitres - losses.holdUpMillilitres - taken / (1 - losses.dripShare);
      const millilitres = Math.max(0, Math.round(left / 5) * 5);
      await leaveBowl(earlier, bowl.id, { millilitres, how: 'measured', fate: 'discarded' });
    }
    to(Date.parse(then.now()) + TWENTY_FOUR_HOURS);
    const [page] = await logsOfBowl(earlier, bowl.id);
    const ranOut: Partial<WearLog> =
      one.ranOutAfter === undefined ? {} : { lasted: { kind: 'ran-out', afterSections: one.ranOutAfter } };
    await writeLog(earlier, bowl.id, head.id, page?.version ?? 0, {
      ...NO_LOG,
      ...one.log,
      ...ranOut,
      isNextDayAsked: true,
    });
  }
  const isaura = heads.get('Isaura');
  for (const [i, { daysAgo, ...measure }] of MEASURES.entries())
    if (isaura)
      await addMeasure(household, isaura.id, {
        id: uuidFrom(`measure ${i}`, SPACE),
        at: new Date(present - daysAgo * TWENTY_FOUR_HOURS).toISOString(),
        ...measure,
      });
}

/** Bought that day, and all of it in the bowl. */
function boughtFor(bowl: Bowl, turn: number): StockChange {
  const lines = bowl.snapshot.sized.lines.filter(({ ingredientId }) => ingredientId !== 'water');
  const lotId = (i: number): string => uuidFrom(`lot ${turn} ${i}`, SPACE);
  return {
    id: uuidFrom(`draw ${turn}`, SPACE),
    note: `for ${bowl.maskName}`,
    lots: lines.map(({ ingredientId }, i) => ({
      id: lotId(i),
      ingredientId,
      state: 'whole' as const,
      since: bowl.keptAt,
      label: '',
      pricePerGram: ingredientId === 'honey' || ingredientId.endsWith('-oil') ? 0.014 : 0.007,
    })),
    movements: lines.flatMap(({ grams }, i) => [
      { lotId: lotId(i), kind: 'add' as const, grams, placeId: 'galley' },
      { lotId: lotId(i), kind: 'draw' as const, grams: -grams },
    ]),
  };
}

/** A wash day from its first step to its last, every step as long as it was planned. */
async function walk(earlier: Household, clock: Clock, bowlId: string): Promise<void> {
  const { day } = await beginDay(earlier, {
    id: uuidFrom(`day ${bowlId}`, SPACE),
    bowlIds: [bowlId],
    wish: { kind: 'start-at', at: clock.now() },
    rings: 2,
  });
  const order = day.steps.map(({ id }) => id);
  for (const [i, step] of [...day.steps, undefined].entries()) {
    const before = day.steps[i - 1];
    if (before) clock.set(new Date(Date.parse(clock.now()) + lengthOf(before) * MINUTE).toISOString());
    await tellDay(earlier, day.id, {
      pressId: uuidFrom(`press ${bowlId} ${i}`, SPACE),
      moves: [
        ...(before ? [{ kind: 'done' as const, stepId: before.id }] : []),
        ...(step ? [{ kind: 'begin' as const, stepId: step.id }] : []),
      ],
      order,
    });
  }
  await endDay(earlier, day.id);
}
