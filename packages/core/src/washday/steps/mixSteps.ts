import { message } from '../../message';
import { foamOf, type HandlingId, type HandlingNote } from '../../mask';
import { amounts, saying, type BowlToMake, type RowLine } from './bowlToMake';
import { pasteMinutes, piecesMinutes } from './minutes';
import { step, type PlanStep, type StepLink, type Tool } from './step';

/** How long cooked things may stand before they go into the bowl: they count towards its two hours. Assumption of this project. */
const COOKED_WAITS_MINUTES = 45;
/** Cut fruit, cracked egg, drained gel. Assumption of this project. */
const CUT_WAITS_MINUTES = 20;

/** What was whisked settles for so long before it goes on. Assumption of this project. */
const FOAM_SETTLES_MINUTES = 3;

const MIXES = {
  blender: { title: 'step.mix-blender.title', tools: ['blender'], minutes: 3 },
  fork: { title: 'step.mix-fork.title', tools: ['fork', 'bowl'], minutes: 4 },
  pot: { title: 'step.mix-pot.title', tools: ['spoon'], minutes: 4 },
} as const satisfies Record<string, { title: string; tools: readonly Tool[]; minutes: number }>;

const WHILE_MIXING: readonly HandlingId[] = ['fork-only', 'warm-oil', 'aloe-pulses', 'cool-first', 'foam-settles'];

/** Everything comes together; then the cloth; then what goes in last. */
export function mixSteps(
  bowl: BowlToMake,
  before: readonly PlanStep[],
  mixWithin: readonly StepLink[],
  last: readonly RowLine[],
  notes: readonly HandlingNote[],
): readonly PlanStep[] {
  const { mask, madeMillilitres } = bowl;
  const { title, tools, minutes } = MIXES[mask.mixing];
  const isFollowed = new Set(before.flatMap(({ after }) => after.map(({ stepId }) => stepId)));
  const ends = before
    .filter(({ id }) => !isFollowed.has(id))
    .map(({ id, kind, isFresh }): StepLink =>
      kind === 'measure' || kind === 'own'
        ? { stepId: id }
        : { stepId: id, withinMinutes: isFresh ? CUT_WAITS_MINUTES : COOKED_WAITS_MINUTES },
    );
  const foam = mask.whisked ? foamOf(bowl.lines, bowl.catalogue) : undefined;
  const [limit] = saying(notes, 'blend-limit');
  const steps = [
    step({
      id: 'mix',
      kind: 'mix',
      title: message(title),
      words: [
        message(mask.whisked ? 'step.mix.whisked' : 'step.mix.words'),
        ...(foam
          ? [
              message('step.mix.foam', {
                stands: Math.ceil(foam.standingMillilitres / 50) * 50,
                minutes: FOAM_SETTLES_MINUTES,
              }),
            ]
          : []),
      ],
      lookFor: message('step.mix.look', { texture: mask.texture }),
      tools,
      cautions: WHILE_MIXING.flatMap((id) => saying(notes, id)),
      ...(limit ? { limit } : {}),
      handsOnMinutes: minutes,
      waitMinutes: foam ? FOAM_SETTLES_MINUTES : 0,
      after: [...ends, ...mixWithin],
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
        title: message('step.strain.title'),
        lookFor: message('step.strain.look'),
        tools: ['cloth'],
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
        title: message('step.last.title'),
        words: [
          amounts(
            bowl,
            last.map(({ line }) => line),
          ),
        ],
        limit: message('step.last.limit'),
        tools: ['small-spoon'],
        cautions: [
          ...saying(notes, 'powders-last'),
          ...(last.some(({ row }) => row.traits.hazards.includes('dust')) ? [message('step.last.dust')] : []),
        ],
        handsOnMinutes: piecesMinutes(last.length, 0.5, 0.7),
        after: [{ stepId: strains ? 'strain' : 'mix', withinMinutes: 10 }],
        ingredientIds: last.map(({ row }) => row.id),
      }),
    );
  return steps;
}
