import { ingredientById, rawRecipeOf, type Catalogue, type Lid, type Method, type RawRecipe } from '../ingredient';
import { message, type Message } from '../message';
import { BOILED_OFF_PER_MINUTE, makingFor, type Making, type MakingOptions } from './making';

/** Ways of making of which several may share a pot: they boil in the same liquid and are strained in one go. */
const SHARED: ReadonlySet<Method> = new Set(['boil-and-blend', 'boil-and-strain']);

/** Less than this does not cover the blades of a kitchen blender, grams. Assumption of this project. */
export const COVERS_BLADES_GRAMS = 120;
/** Less liquid than this boils dry before it is done, grams. Assumption of this project. */
export const LEAST_POT_GRAMS = 120;

/** What is too small to be made as it is written. */
export type PotFault = 'below-the-blades' | 'boils-dry';

/** One thing that cooks in a pot. */
export interface InPot {
  readonly ingredientId: string;
  readonly recipe: RawRecipe;
  readonly making: Making;
  /** Goes in so many minutes after the first, since it cooks faster. */
  readonly joinsAfterMinutes: number;
}

/** One pot on the ring: a single thing, or several that boil and are strained together. */
export interface SharedPot {
  readonly method: Method;
  readonly liquidId: string;
  readonly holds: readonly [InPot, ...InPot[]];
  /** Liquid at the start, grams. */
  readonly liquidGrams: number;
  readonly blenderGrams: number;
  readonly topUpGrams: number;
  readonly pouredOffGrams: number;
  readonly boiledOffGrams: number;
  readonly clothGrams: number;
  readonly madeGrams: number;
  readonly minutes: number;
  readonly lid: Lid;
  readonly isSoaked: boolean;
  readonly isByHand: boolean;
  readonly faults: readonly PotFault[];
}

/**
 * The pots that a bowl's made things come out of. Grains share one, and so do gels: boiled together for as long as the
 * slowest takes, boiled off once, strained once. What is stirred over heat or steeped has its own.
 *
 * @param wanted grams of each made thing; what has no pot is passed over
 * @param options by ingredient, the school each is cooked by; a shared pot goes by its slowest
 * @throws RangeError for an unknown ingredient
 * @example potsOf([{ ingredientId: 'rice-cream', grams: 120 }, { ingredientId: 'oat-cream', grams: 60 }], CATALOGUE).length // 1
 */
export function potsOf(
  wanted: readonly { readonly ingredientId: string; readonly grams: number }[],
  catalogue: Catalogue,
  options: Readonly<Record<string, MakingOptions>> = {},
): readonly SharedPot[] {
  const groups = new Map<string, { ingredientId: string; recipe: RawRecipe; grams: number }[]>();
  for (const { ingredientId, grams } of wanted) {
    const recipe = rawRecipeOf(ingredientById(catalogue, ingredientId));
    if (!recipe || !(grams > 0)) continue;
    const key = SHARED.has(recipe.method) ? `${recipe.method} ${recipe.pot.liquidId}` : ingredientId;
    groups.set(key, [...(groups.get(key) ?? []), { ingredientId, recipe, grams }]);
  }
  return [...groups.values()]
    .map((group) => {
      const ways = group.map((one) => ({
        ...one,
        making: makingFor(one.recipe, one.grams, options[one.ingredientId]),
      }));
      const [first, ...more] = ways.sort((a, b) => b.making.minutes - a.making.minutes);
      return first ? potOf(first, more, options) : undefined;
    })
    .filter((pot) => pot !== undefined);
}

type Way = Pick<InPot, 'ingredientId' | 'recipe' | 'making'>;

/** The slowest decides time and lid; each brings what it takes up; water leaves the pot once. */
function potOf(first: Way, more: readonly Way[], options: Readonly<Record<string, MakingOptions>>): SharedPot {
  const ways = [first, ...more];
  const sum = (of: (making: Making) => number): number => ways.reduce((total, { making }) => total + of(making), 0);
  const { minutes, lid } = first.making;
  const boiledOffGrams = BOILED_OFF_PER_MINUTE[lid] * minutes;
  const takenUp = sum(
    (making) => making.liquidGrams + making.topUpGrams - making.pouredOffGrams - making.boiledOffGrams,
  );
  const needed = takenUp + boiledOffGrams;
  const asked = ways.some(({ ingredientId }) => options[ingredientId]?.volumes !== undefined)
    ? sum(({ liquidGrams }) => liquidGrams)
    : needed;
  const madeGrams = sum((making) => making.madeGrams);
  const isByHand = ways.some(({ ingredientId }) => options[ingredientId]?.byHand === true);
  const inPot = ({ ingredientId, recipe, making }: Way): InPot => ({
    ingredientId,
    recipe,
    making,
    joinsAfterMinutes: minutes - making.minutes,
  });
  return {
    method: first.recipe.method,
    liquidId: first.recipe.pot.liquidId,
    holds: [inPot(first), ...more.map(inPot)],
    liquidGrams: asked,
    blenderGrams: sum((making) => making.blenderGrams),
    topUpGrams: Math.max(0, needed - asked),
    pouredOffGrams: Math.max(0, asked - needed),
    boiledOffGrams,
    clothGrams: sum((making) => making.clothGrams),
    madeGrams,
    minutes,
    lid,
    isSoaked: ways.some(({ ingredientId }) => options[ingredientId]?.soaked === true),
    isByHand,
    faults: faultsOf(first.recipe.method, madeGrams, asked, minutes, isByHand),
  };
}

function faultsOf(
  method: Method,
  madeGrams: number,
  liquidGrams: number,
  minutes: number,
  isByHand: boolean,
): PotFault[] {
  const faults: PotFault[] = [];
  if (method === 'boil-and-blend' && !isByHand && madeGrams < COVERS_BLADES_GRAMS) faults.push('below-the-blades');
  if (method !== 'stir-over-heat' && minutes > 0 && liquidGrams < LEAST_POT_GRAMS) faults.push('boils-dry');
  return faults;
}

const FAULT_MESSAGES = {
  'below-the-blades': 'pot.below-the-blades',
  'boils-dry': 'pot.boils-dry',
} as const satisfies Record<PotFault, string>;

/** What is wrong with a pot, to be said: that the blender does not take so little, or that it boils dry. */
export const potFaults = ({
  faults,
  madeGrams,
  liquidGrams,
}: Pick<SharedPot, 'faults' | 'madeGrams' | 'liquidGrams'>): readonly Message[] =>
  faults.map((fault) => message(FAULT_MESSAGES[fault], { grams: fault === 'boils-dry' ? liquidGrams : madeGrams }));
