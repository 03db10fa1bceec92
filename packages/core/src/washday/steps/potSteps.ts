import { ingredientById, keepingInBowl } from '../../ingredient';
import { message, type Message } from '../../message';
import type { HandlingNote } from '../../mask';
import { potFaults, type SharedPot } from '../../recipe';
import { saying, type BowlToMake } from './bowlToMake';
import { coolMinutes, heatUp, MINUTES, pasteMinutes } from './minutes';
import { step, type PlanStep, type StepLink } from './step';

/** Hot paste that must pass a cloth. Assumption of this project. */
const HOT_WAITS_MINUTES = 3;
/** What stands longer than this is made ahead and comes to the bowl as it is. */
const AHEAD_MINUTES = 180;

/** The steps of one pot, and how soon what comes out of it must be in the bowl. */
export interface PotSteps {
  readonly steps: readonly PlanStep[];
  readonly mixWithin: readonly StepLink[];
}

/** One pot on the ring, or one jar that steeps: from rinsing to hand-warm. Several things that share it are strained once. */
export function potSteps(bowl: BowlToMake, pot: SharedPot, notes: readonly HandlingNote[]): PotSteps {
  switch (pot.method) {
    case 'stir-over-heat':
      return warmed(bowl, pot, notes);
    case 'boil-and-strain':
      return boiledAndStrained(bowl, pot, notes);
    case 'boil-and-blend':
      return boiledAndBlended(bowl, pot, notes);
    default:
      return { steps: steeped(bowl, pot), mixWithin: [] };
  }
}

const idOf = ({ holds }: SharedPot): string => holds[0].ingredientId;
const idsOf = ({ holds }: SharedPot): readonly string[] => holds.map(({ ingredientId }) => ingredientId);
/** "White rice" of "white rice, dry". */
const short = (raw: string): string => raw.replace(/, .*$/, '');
const rawNames = ({ holds }: SharedPot): readonly string[] => holds.map(({ recipe }) => short(recipe.raw.name));
const liquidName = ({ catalogue }: BowlToMake, { liquidId }: SharedPot): string =>
  ingredientById(catalogue, liquidId).name;

/** What goes in the pot, what joins it later, in how much of what. */
function inPot(bowl: BowlToMake, pot: SharedPot): readonly Message[] {
  const [first, ...more] = pot.holds;
  const soon = more.filter(({ joinsAfterMinutes }) => joinsAfterMinutes < 1);
  const late = more.filter(({ joinsAfterMinutes }) => joinsAfterMinutes >= 1);
  return [
    ...[first, ...soon].map(({ recipe, making }) =>
      message('step.boil.raw', { what: recipe.raw.name, grams: making.rawGrams }),
    ),
    message('step.boil.water', {
      liquid: liquidName(bowl, pot),
      grams: pot.liquidGrams,
      lid: pot.lid,
      minutes: pot.minutes,
    }),
    ...late.map(({ recipe, making, joinsAfterMinutes }) =>
      message('step.boil.joins', { what: recipe.raw.name, grams: making.rawGrams, minutes: joinsAfterMinutes }),
    ),
    ...(pot.topUpGrams > 1 ? [message('step.boil.top-up', { grams: pot.topUpGrams })] : []),
  ];
}

function warmed(bowl: BowlToMake, pot: SharedPot, notes: readonly HandlingNote[]): PotSteps {
  const id = idOf(pot);
  const [{ recipe, making }] = pot.holds;
  const what = recipe.raw.name;
  const boil = step({
    id: `${id}.boil`,
    kind: 'boil',
    title: message('step.warm-starch.title', { what }),
    words: [
      message('step.warm-starch.words', {
        what,
        grams: making.rawGrams,
        liquid: liquidName(bowl, pot),
        liquidGrams: pot.liquidGrams,
      }),
    ],
    lookFor: message('step.warm-starch.look'),
    tools: ['pan', 'whisk'],
    cautions: [message('step.warm-starch.burns'), ...potFaults(pot)],
    handsOnMinutes: pot.minutes + heatUp(pot.liquidGrams),
    waitMinutes: recipe.standMinutes,
    usesRing: true,
    ingredientIds: idsOf(pot),
  });
  return {
    steps: [boil, cool(bowl, pot, boil.id, MINUTES.coolStarch, notes)],
    mixWithin: withinTheHour(bowl, pot, boil.id),
  };
}

function boiledAndStrained(bowl: BowlToMake, pot: SharedPot, notes: readonly HandlingNote[]): PotSteps {
  const id = idOf(pot);
  const boil = step({
    id: `${id}.boil`,
    kind: 'boil',
    title: message('step.boil-gel.title', { what: rawNames(pot) }),
    words: inPot(bowl, pot),
    lookFor: message('step.boil-gel.look'),
    tools: ['pan'],
    cautions: potFaults(pot),
    handsOnMinutes: MINUTES.stirGel,
    waitMinutes: Math.max(1, pot.minutes + heatUp(pot.liquidGrams) - MINUTES.stirGel),
    usesRing: true,
    ingredientIds: idsOf(pot),
  });
  const strain = step({
    id: `${id}.strain`,
    kind: 'strain',
    title: message('step.strain-gel.title'),
    words: [message('step.strain-gel.words', { grams: pot.madeGrams })],
    limit: message('step.strain-gel.limit'),
    tools: ['cloth', 'bowl'],
    cautions: [message('step.strain-gel.hot')],
    handsOnMinutes: pasteMinutes(pot.madeGrams),
    after: [{ stepId: boil.id, withinMinutes: HOT_WAITS_MINUTES }],
  });
  return { steps: [boil, strain, cool(bowl, pot, strain.id, coolMinutes(pot.madeGrams), notes)], mixWithin: [] };
}

function boiledAndBlended(bowl: BowlToMake, pot: SharedPot, notes: readonly HandlingNote[]): PotSteps {
  const id = idOf(pot);
  const what = rawNames(pot);
  const rinse = step({
    id: `${id}.rinse`,
    kind: 'prepare',
    title: message('step.rinse.title', { what }),
    words: pot.holds.map(({ recipe, making }) =>
      message('step.rinse.words', { what: recipe.raw.name, grams: making.rawGrams }),
    ),
    lookFor: message('step.rinse.look'),
    tools: ['sieve'],
    handsOnMinutes: MINUTES.rinseGrain,
  });
  const soak = step({
    id: `${id}.soak`,
    kind: 'soak',
    title: message('step.soak.title', { what }),
    words: [message('step.soak.words')],
    waitMinutes: MINUTES.soak,
    after: [{ stepId: rinse.id }],
  });
  const boil = step({
    id: `${id}.boil`,
    kind: 'boil',
    title: message('step.boil.title', { what }),
    words: inPot(bowl, pot),
    lookFor: message('step.boil.look'),
    tools: ['pan'],
    cautions: [message('step.boil.not-food'), ...potFaults(pot)],
    handsOnMinutes: MINUTES.setPot,
    waitMinutes: heatUp(pot.liquidGrams) + pot.minutes,
    usesRing: true,
    after: [{ stepId: pot.isSoaked ? soak.id : rinse.id }],
    ingredientIds: idsOf(pot),
  });
  const blend = step({
    id: `${id}.blend`,
    kind: 'strain',
    title: message(pot.isByHand ? 'step.mash-hot.title' : 'step.blend-hot.title'),
    words: [
      ...(pot.blenderGrams > 1 ? [message('step.blend-hot.water', { grams: pot.blenderGrams })] : []),
      message('step.blend-hot.words', { grams: pot.madeGrams }),
    ],
    lookFor: message('step.blend-hot.look'),
    limit: message('step.blend-hot.limit'),
    tools: [pot.isByHand ? 'masher' : 'blender', 'cloth'],
    cautions: pot.isByHand ? [] : saying(notes, 'vent-lid', id),
    handsOnMinutes: Math.round(pasteMinutes(pot.madeGrams) * (pot.isByHand ? 1.5 : 1)),
    after: [{ stepId: boil.id, withinMinutes: HOT_WAITS_MINUTES + 2 }],
  });
  return {
    steps: [
      rinse,
      ...(pot.isSoaked ? [soak] : []),
      boil,
      blend,
      cool(bowl, pot, blend.id, coolMinutes(pot.madeGrams), notes),
    ],
    mixWithin: withinTheHour(bowl, pot, blend.id),
  };
}

/** A tea stands and is strained; what steeps for days is made ahead. */
function steeped(bowl: BowlToMake, pot: SharedPot): readonly PlanStep[] {
  const [{ ingredientId, recipe, making }] = pot.holds;
  if (recipe.standMinutes > AHEAD_MINUTES) return [];
  const row = ingredientById(bowl.catalogue, ingredientId);
  return [
    step({
      id: `${ingredientId}.steep`,
      kind: 'soak',
      title: message('step.steep.title', { name: row.name }),
      words: [
        message('step.steep.words', {
          what: recipe.raw.name,
          grams: making.rawGrams,
          liquid: liquidName(bowl, pot),
          liquidGrams: pot.liquidGrams,
        }),
      ],
      lookFor: message('step.steep.look'),
      tools: ['cup', 'sieve'],
      handsOnMinutes: 2,
      waitMinutes: recipe.standMinutes + coolMinutes(pot.madeGrams),
      ingredientIds: [ingredientId],
    }),
  ];
}

function cool(
  { catalogue }: BowlToMake,
  pot: SharedPot,
  after: string,
  waitMinutes: number,
  notes: readonly HandlingNote[],
): PlanStep {
  const id = idOf(pot);
  const rows = idsOf(pot).map((one) => ingredientById(catalogue, one));
  const isStarchy = rows.some(({ traits }) => traits.hazards.includes('cooked-starch'));
  return step({
    id: `${id}.cool`,
    kind: 'cool',
    title: message('step.cool.title', { name: rows.map(({ name }) => name) }),
    words: [message('step.cool.words')],
    lookFor: message('step.cool.look'),
    ...(isStarchy ? { limit: message('step.cool.limit') } : {}),
    cautions: saying(notes, 'thickens-cooling', id),
    waitMinutes,
    after: [{ stepId: after, withinMinutes: 5 }],
  });
}

/** What grows germs when it stands warm is mixed within the hour that its row gives it, from leaving the cloth or the ring. */
function withinTheHour({ catalogue }: BowlToMake, pot: SharedPot, stepId: string): readonly StepLink[] {
  const hours = idsOf(pot).flatMap((id) => keepingInBowl(ingredientById(catalogue, id)).standsHours ?? []);
  return hours.length === 0 ? [] : [{ stepId, withinMinutes: Math.min(...hours) * 60 }];
}
