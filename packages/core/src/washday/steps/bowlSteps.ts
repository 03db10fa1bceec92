import { writeLine, type SizedLine } from '../../batch';
import type { TextureClass } from '../../hair';
import {
  ingredientById,
  makingTree,
  preparationOf,
  type Catalogue,
  type Family,
  type Ingredient,
  type Making,
  type MakingOptions,
  type Preparation,
} from '../../ingredient';
import { kitchenRound, type Spoon } from '../../measure';
import { handlingNotes, type HandlingId, type HandlingNote, type Mask } from '../../mask';
import { coolMinutes, heatUp, MINUTES, pasteMinutes, piecesMinutes } from './minutes';
import type { PlanStep, StepLink } from './step';

/** A sized bowl, as far as its making needs to know it. */
export interface BowlToMake {
  readonly mask: Mask;
  readonly lines: readonly SizedLine[];
  readonly madeMillilitres: number;
  readonly catalogue: Catalogue;
  readonly spoons: readonly Spoon[];
  /** The school each made thing is cooked by, by ingredient. */
  readonly makings?: Readonly<Record<string, MakingOptions>>;
}

/** A step with the usual filled in. */
export function step(row: Pick<PlanStep, 'id' | 'kind' | 'title'> & Partial<PlanStep>): PlanStep {
  return {
    words: '',
    tools: [],
    cautions: [],
    handsOnMinutes: 0,
    waitMinutes: 0,
    usesRing: false,
    after: [],
    isFresh: false,
    ingredientIds: [],
    ...row,
  };
}

/** How long cooked things may stand before they go into the bowl: they count towards its two hours. Assumption of this project. */
const COOKED_WAITS_MINUTES = 45;
/** Cut fruit, cracked egg, drained gel. Assumption of this project. */
const CUT_WAITS_MINUTES = 20;
/** Hot paste that must pass a cloth. Assumption of this project. */
const HOT_WAITS_MINUTES = 3;

/** What a texture does on the spoon (common practice, no published source). */
const LOOKS: Readonly<Record<TextureClass, string>> = {
  oil: 'It runs clear from the spoon.',
  runny: 'It runs off the spoon like milk.',
  pourable: 'It pours in a thread.',
  creamy: 'It falls off the spoon in a ribbon.',
  thick: 'It holds on the spoon.',
  stiff: 'It stands in peaks.',
};

const LAST_FAMILIES: ReadonlySet<Family> = new Set(['powder', 'pepper', 'scent', 'soda', 'clay']);
const CUT_FAMILIES: ReadonlySet<Family> = new Set(['fruit', 'vegetable']);
/** Pressed for their juice, by ingredient: minutes to set up and for each piece. */
const PRESSED: Readonly<Record<string, { title: string; base: number; each: number; tools: readonly string[] }>> = {
  'onion-juice': { title: 'Grate and press the onion', base: 2, each: 3, tools: ['grater', 'sieve'] },
  'lemon-juice': { title: 'Press the lemon', base: 1, each: 0.5, tools: ['press'] },
};

/**
 * The steps from raw things to a mixed bowl: what each ingredient brings, then mixing, straining, and what goes in last.
 * Minutes follow amounts. The last step's id is `ready`'s.
 * @throws RangeError for an unknown ingredient
 */
export function bowlSteps(bowl: BowlToMake): readonly PlanStep[] {
  const { mask, catalogue } = bowl;
  const lines = bowl.lines.filter(({ grams }) => grams > 0);
  const notes = handlingNotes(mask, catalogue);
  const rows = lines.map((line) => ({ line, row: ingredientById(catalogue, line.ingredientId) }));

  const own = rows.flatMap(({ line, row }) => ownSteps(bowl, line, row, notes));
  const taken = new Set(own.flatMap(({ ingredientIds }) => ingredientIds));
  const cut = rows.filter(({ row }) => CUT_FAMILIES.has(row.family) && !taken.has(row.id));
  const last = rows.filter(({ row }) => LAST_FAMILIES.has(row.family));
  const rest = rows.filter(
    ({ row }) => !taken.has(row.id) && !CUT_FAMILIES.has(row.family) && !last.some((one) => one.row === row),
  );

  const before = [
    ...own,
    ...(cut.length > 0
      ? [
          cutStep(
            bowl,
            cut.map(({ line }) => line),
          ),
        ]
      : []),
    ...(rest.length > 0
      ? [
          measureStep(
            bowl,
            rest.map(({ line }) => line),
          ),
        ]
      : []),
  ];
  return [
    ...before,
    ...mixSteps(
      bowl,
      before,
      last.map(({ line }) => line),
      notes,
    ),
  ];
}

/** The id of the step after which a bowl is ready for the hair. */
export function readyStepOf(steps: readonly PlanStep[]): string | undefined {
  return steps.filter(({ kind }) => kind === 'mix' || kind === 'strain').at(-1)?.id;
}

const written = ({ catalogue, spoons }: BowlToMake, line: SizedLine): string => {
  const { amount, name, beside } = writeLine(line, catalogue, spoons);
  return `${[amount, name.toLowerCase()].filter(Boolean).join(' ')} (${beside.split(' · ')[0]})`;
};
const listed = (bowl: BowlToMake, lines: readonly SizedLine[]): string =>
  `${lines.map((line) => written(bowl, line)).join('; ')}.`;

const saying = (notes: readonly HandlingNote[], id: HandlingId, ingredientId?: string): string[] =>
  notes.flatMap((note) =>
    note.id === id && (ingredientId === undefined || note.ingredientIds.includes(ingredientId)) ? [note.words] : [],
  );

/** What one ingredient asks for by itself; empty for what is only cut or measured. */
function ownSteps(
  bowl: BowlToMake,
  line: SizedLine,
  row: Ingredient,
  notes: readonly HandlingNote[],
): readonly PlanStep[] {
  const preparation = preparationOf(row.id);
  if (row.madeOf) return [madeStep(bowl, line, row)];
  if (preparation && preparation.minutes > 0) {
    const { making } = makingTree(bowl.catalogue, row.id, line.grams, bowl.makings ?? {});
    return making ? potSteps(preparation, making, row, notes, bowl.makings?.[row.id] ?? {}) : [];
  }
  const pressed = PRESSED[row.id];
  const pieces = line.pieces ?? 1;
  if (pressed)
    return [
      step({
        id: `${row.id}.press`,
        kind: 'prepare',
        title: pressed.title,
        words: listed(bowl, [line]),
        lookFor: 'Only juice in the cup; what stays in the sieve is left out.',
        tools: pressed.tools,
        cautions: row.id === 'onion-juice' ? ['Graters cut and onion stings: keep hands away from the eyes.'] : [],
        handsOnMinutes: piecesMinutes(pieces, pressed.base, pressed.each),
        isFresh: true,
        ingredientIds: [row.id],
      }),
    ];
  switch (row.family) {
    case 'egg':
      return [eggStep(bowl, line, row)];
    case 'aloe':
      return aloeSteps(bowl, line, row, notes);
    case 'root':
      return rootSteps(bowl, line, row);
    default:
      return [];
  }
}

function potSteps(
  preparation: Preparation,
  making: Making,
  row: Ingredient,
  notes: readonly HandlingNote[],
  options: MakingOptions,
): readonly PlanStep[] {
  const { id, family } = row;
  const raw = preparation.raw.replace(/, .*$/, '');
  const water = `${kitchenRound(making.rawGrams)} g ${preparation.raw} in ${kitchenRound(making.liquidGrams)} mL water`;
  const lid = { open: 'no lid', ajar: 'lid ajar', on: 'lid on' }[making.lid];
  const boilId = `${id}.boil`;
  if (family === 'starch')
    return [
      step({
        id: boilId,
        kind: 'boil',
        title: 'Warm the starch, stirring',
        words: `${water}, stirred in cold, then low heat.`,
        lookFor: 'The spoon leaves a line.',
        tools: ['pan', 'whisk'],
        cautions: ['Hot starch clings and burns: keep it off the skin.'],
        handsOnMinutes: 1 + making.minutes + heatUp(making.liquidGrams) - 1,
        usesRing: true,
        ingredientIds: [id],
      }),
      coolStep(row, boilId, MINUTES.coolStarch, notes),
    ];
  if (preparation.yield.kind === 'extract')
    return [
      step({
        id: boilId,
        kind: 'boil',
        title: `Boil the ${raw}`,
        words: `${water}, ${lid}, about ${making.minutes} min; stir now and then.`,
        lookFor: 'It draws a thread from the spoon.',
        tools: ['pan'],
        cautions: [],
        handsOnMinutes: MINUTES.stirGel,
        waitMinutes: Math.max(1, making.minutes + heatUp(making.liquidGrams) - MINUTES.stirGel),
        usesRing: true,
        ingredientIds: [id],
      }),
      step({
        id: `${id}.strain`,
        kind: 'strain',
        title: 'Strain the gel at once',
        words: `About ${kitchenRound(making.madeGrams)} g passes.`,
        limit: 'Cold, it will not pass.',
        tools: ['cloth or tights', 'bowl'],
        cautions: ['It is boiling hot: pour, then press with a spoon.'],
        handsOnMinutes: pasteMinutes(making.madeGrams),
        after: [{ stepId: boilId, withinMinutes: HOT_WAITS_MINUTES }],
      }),
      coolStep(row, `${id}.strain`, coolMinutes(making.madeGrams), notes),
    ];
  const rinseId = `${id}.rinse`;
  const soakId = `${id}.soak`;
  return [
    step({
      id: rinseId,
      kind: 'prepare',
      title: `Rinse the ${raw}`,
      words: `${kitchenRound(making.rawGrams)} g ${preparation.raw}, twice.`,
      lookFor: 'The water runs nearly clear.',
      tools: ['sieve'],
      handsOnMinutes: MINUTES.rinseGrain,
    }),
    ...(options.soaked
      ? [
          step({
            id: soakId,
            kind: 'soak',
            title: `Soak the ${raw}`,
            words: 'Covered with cold water.',
            waitMinutes: MINUTES.soak,
            after: [{ stepId: rinseId }],
          }),
        ]
      : []),
    step({
      id: boilId,
      kind: 'boil',
      title: `Boil the ${raw}`,
      words: `${water}, ${lid}, ${making.minutes} min from the boil.`,
      lookFor: 'It falls mushy between the fingers.',
      tools: ['pan'],
      cautions: ['Taste nothing: a hair kitchen and a meal do not mix.'],
      handsOnMinutes: MINUTES.setPot,
      waitMinutes: heatUp(making.liquidGrams) + making.minutes,
      usesRing: true,
      after: [{ stepId: options.soaked ? soakId : rinseId }],
      ingredientIds: [id],
    }),
    step({
      id: `${id}.blend`,
      kind: 'strain',
      title: options.byHand ? 'Mash and press through hot' : 'Blend hot and strain',
      words: [
        ...(making.blenderGrams > 1 ? [`With ${kitchenRound(making.blenderGrams)} mL more water.`] : []),
        `About ${kitchenRound(making.madeGrams)} g passes the cloth.`,
      ].join(' '),
      lookFor: 'No lumps between the fingers.',
      limit: 'Strain it hot: it thickens as it cools.',
      tools: options.byHand ? ['masher', 'cloth or tights'] : ['blender', 'cloth or tights'],
      cautions: saying(notes, 'vent-lid', id),
      handsOnMinutes: Math.round(pasteMinutes(making.madeGrams) * (options.byHand ? 1.5 : 1)),
      after: [{ stepId: boilId, withinMinutes: HOT_WAITS_MINUTES + 2 }],
    }),
    coolStep(row, `${id}.blend`, coolMinutes(making.madeGrams), notes),
  ];
}

const coolStep = (row: Ingredient, after: string, waitMinutes: number, notes: readonly HandlingNote[]): PlanStep =>
  step({
    id: `${row.id}.cool`,
    kind: 'cool',
    title: `Let the ${row.name.toLowerCase()} cool`,
    words: 'Spread it wide, in a bowl set in cold water; stir now and then.',
    lookFor: 'A drop on the wrist feels neither warm nor cold.',
    limit: 'Within the hour: cooked starch left warm is where germs grow.',
    cautions: saying(notes, 'thickens-cooling', row.id),
    waitMinutes,
    after: [{ stepId: after, withinMinutes: 5 }],
  });

function eggStep(bowl: BowlToMake, line: SizedLine, row: Ingredient): PlanStep {
  const pieces = line.pieces ?? 1;
  const isWhole = row.id === 'egg-whole';
  return step({
    id: `${row.id}.crack`,
    kind: 'prepare',
    title: isWhole ? 'Crack the eggs' : 'Separate the eggs',
    words: listed(bowl, [line]),
    lookFor: isWhole ? 'No bit of shell.' : 'No streak of the other part.',
    tools: ['cup'],
    cautions: ['Raw egg: wash hands, cup and sink after.'],
    handsOnMinutes: piecesMinutes(pieces, isWhole ? 0.5 : 1, isWhole ? 0.3 : 0.7),
    isFresh: true,
    ingredientIds: [row.id],
  });
}

function aloeSteps(
  bowl: BowlToMake,
  line: SizedLine,
  row: Ingredient,
  notes: readonly HandlingNote[],
): readonly PlanStep[] {
  return [
    step({
      id: `${row.id}.drain`,
      kind: 'prepare',
      title: 'Cut the leaf and let it drain',
      words: `${listed(bowl, [line])} Upright over a cup.`,
      lookFor: 'No more yellow drops.',
      tools: ['knife', 'cup'],
      cautions: [...saying(notes, 'drain-sap', row.id), 'A wet leaf slips: cut away from yourself.'],
      handsOnMinutes: 2,
      waitMinutes: MINUTES.drainSap,
    }),
    step({
      id: `${row.id}.fillet`,
      kind: 'prepare',
      title: 'Rinse and fillet the leaf',
      words: `${kitchenRound(line.grams)} g of clear gel.`,
      lookFor: 'No green, no yellow.',
      tools: ['knife'],
      cautions: ['Gel on the floor is ice: wipe it at once.'],
      handsOnMinutes: piecesMinutes(line.grams / 60, 2, 1),
      after: [{ stepId: `${row.id}.drain` }],
      isFresh: true,
      ingredientIds: [row.id],
    }),
  ];
}

function rootSteps(bowl: BowlToMake, line: SizedLine, row: Ingredient): readonly PlanStep[] {
  const pieces = line.pieces ?? Math.max(1, line.grams / 100);
  const name = row.name.toLowerCase();
  return [
    step({
      id: `${row.id}.boil`,
      kind: 'boil',
      title: `Peel, dice and boil the ${name}`,
      words: `${listed(bowl, [line])} Barely covered; baking keeps more in, and takes longer.`,
      lookFor: 'A fork goes in without a push.',
      tools: ['knife', 'pan'],
      handsOnMinutes: piecesMinutes(pieces, 2, 1.5),
      waitMinutes: MINUTES.boilRoot,
      usesRing: true,
      ingredientIds: [row.id],
    }),
    step({
      id: `${row.id}.cool`,
      kind: 'cool',
      title: `Drain the ${name} and let it cool`,
      lookFor: 'Hand-warm.',
      waitMinutes: coolMinutes(line.grams),
      after: [{ stepId: `${row.id}.boil`, withinMinutes: 10 }],
    }),
  ];
}

function madeStep(bowl: BowlToMake, line: SizedLine, row: Ingredient): PlanStep {
  const { minutes = 0, how = '' } = row.madeOf ?? {};
  const handsOnMinutes = Math.min(10, Math.max(1, Math.round(minutes)));
  return step({
    id: `${row.id}.make`,
    kind: 'prepare',
    title: `Make the ${row.name.toLowerCase()}`,
    words: `${listed(bowl, [line])} ${how}`.trim(),
    handsOnMinutes,
    waitMinutes: Math.max(0, Math.round(minutes) - handsOnMinutes),
    ingredientIds: [row.id],
  });
}

function cutStep(bowl: BowlToMake, lines: readonly SizedLine[]): PlanStep {
  const pieces = lines.reduce((sum, line) => sum + Math.min(line.pieces ?? line.grams / 100, 6), 0);
  return step({
    id: 'cut',
    kind: 'prepare',
    title: 'Peel, stone and cut small',
    words: listed(bowl, lines),
    lookFor: 'Ripe and soft all through: a hard piece leaves lumps.',
    tools: ['knife', 'board'],
    handsOnMinutes: piecesMinutes(pieces, 1, 1.2),
    isFresh: true,
    ingredientIds: lines.map(({ ingredientId }) => ingredientId),
  });
}

function measureStep(bowl: BowlToMake, lines: readonly SizedLine[]): PlanStep {
  return step({
    id: 'measure',
    kind: 'measure',
    title: 'Measure the rest',
    words: listed(bowl, lines),
    tools: ['spoons', 'scale'],
    handsOnMinutes: piecesMinutes(lines.length, 1, 0.7),
    ingredientIds: lines.map(({ ingredientId }) => ingredientId),
  });
}

/** Everything comes together; then the cloth; then what goes in last. */
function mixSteps(
  bowl: BowlToMake,
  before: readonly PlanStep[],
  last: readonly SizedLine[],
  notes: readonly HandlingNote[],
): readonly PlanStep[] {
  const { mask, madeMillilitres } = bowl;
  const isFollowed = new Set(before.flatMap(({ after }) => after.map(({ stepId }) => stepId)));
  const after = before
    .filter(({ id }) => !isFollowed.has(id))
    .map(({ id, kind, isFresh }): StepLink =>
      kind === 'measure' || kind === 'own'
        ? { stepId: id }
        : { stepId: id, withinMinutes: isFresh ? CUT_WAITS_MINUTES : COOKED_WAITS_MINUTES },
    );
  const titles = { blender: 'Blend it all', fork: 'Beat it together by fork', pot: 'Stir it together' } as const;
  const steps = [
    step({
      id: 'mix',
      kind: 'mix',
      title: titles[mask.mixing],
      words: mask.whisked ? 'Egg first, to a foam; fold the rest in.' : 'The thick things first, thin ones by and by.',
      lookFor: LOOKS[mask.texture],
      tools: mask.mixing === 'blender' ? ['blender'] : mask.mixing === 'fork' ? ['fork', 'bowl'] : ['spoon'],
      cautions: ['fork-only', 'aloe-pulses', 'cool-first', 'foam-settles'].flatMap((id) =>
        saying(notes, id as HandlingId),
      ),
      ...limitOf(saying(notes, 'blend-limit')[0]),
      handsOnMinutes: mask.mixing === 'blender' ? 3 : 4,
      after,
      // What is cut or cracked for it comes late already, and this right after it.
      isFresh: !before.some(({ isFresh }) => isFresh),
    }),
  ];
  const strains = mask.strained && mask.mixing !== 'pot';
  if (strains)
    steps.push(
      step({
        id: 'strain',
        kind: 'strain',
        title: 'Press it through a cloth',
        lookFor: 'Nothing left in the cloth that matters; no bits in the bowl.',
        tools: ['cloth or tights'],
        cautions: saying(notes, 'sieve-bits'),
        handsOnMinutes: pasteMinutes(madeMillilitres),
        after: [{ stepId: 'mix', withinMinutes: 10 }],
      }),
    );
  if (last.length > 0)
    steps.push(
      step({
        id: 'last',
        kind: 'mix',
        title: 'Last of all, in small',
        words: listed(bowl, last),
        limit: 'Count drops aloud; sift powders.',
        tools: ['small spoon'],
        cautions: saying(notes, 'powders-last'),
        handsOnMinutes: piecesMinutes(last.length, 0.5, 0.7),
        after: [{ stepId: strains ? 'strain' : 'mix', withinMinutes: 10 }],
        ingredientIds: last.map(({ ingredientId }) => ingredientId),
      }),
    );
  return steps;
}

const limitOf = (limit: string | undefined) => (limit === undefined ? {} : { limit });
