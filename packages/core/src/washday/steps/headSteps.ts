import { isParted, type HairProfile } from '../../hair';
import { ingredientById, type Catalogue } from '../../ingredient';
import { hairStateFor, handlingNotes, type Mask } from '../../mask';
import { message, type Message } from '../../message';
import { acidRinse } from '../acidRinse';
import { sectionsOf } from '../sections';
import { hoodMinutes } from '../wear';
import { applyMinutes, detangleMinutes, rinseMinutes, sectionMinutes, washMinutes, wetMinutes } from './minutes';
import { step, type PlanStep } from './step';

/** A head on its wash day. */
export interface HeadToServe {
  readonly id: string;
  readonly name: string;
  readonly profile: HairProfile;
  /** Below this age heads go first where children do; a grown-up's where it is not known. */
  readonly ageYears?: number;
  /** What reaches this head, mL. */
  readonly millilitres: number;
}

const RINSE_IN = {
  'cool-to-lukewarm': 'step.rinse-hair.in-cool',
  lukewarm: 'step.rinse-hair.in-lukewarm',
  'lukewarm-then-cool': 'step.rinse-hair.in-lukewarm-then-cool',
  warm: 'step.rinse-hair.in-warm',
} as const satisfies Record<Mask['rinse']['temperature'], string>;

/** How a head comes to its turn. */
export interface ServedHow {
  /** Minutes that other heads take from the same bowl before this one. */
  readonly servedBefore?: number;
  /** Of an acid rinse: parts of water to one of vinegar. */
  readonly waterParts?: number | undefined;
}
/** The weakest acid that does the job (common practice, no published source). */
const WEAKEST_WATER_PARTS = 7;
/** What most bottles in a kitchen say, % w/v (common practice, no published source). */
const VINEGAR_LABEL_PERCENT = 5;
/** A conditioner stays on so long. Assumption of this project. */
const CONDITIONER_MINUTES = 3;

/** What goes over a head and runs through it, mL, by its length. Assumption of this project. */
const rinseMillilitres = ({ stretchedLengthCentimetres }: HairProfile): number =>
  Math.round((250 + 4 * stretchedLengthCentimetres) / 50) * 50;

/** Of how long a mask is worn, the part that a hood may take over. */
function hoodWords(mask: Mask): readonly Message[] {
  const hood = hoodMinutes(mask);
  return hood > 0 ? [message('step.wear.hood', { cap: mask.wear.aimMinutes - hood, hood })] : [];
}

function acidRinseFor(profile: HairProfile, waterParts: number): Message {
  const { vinegarMillilitres, waterMillilitres, percent, estimatedPh } = acidRinse(
    rinseMillilitres(profile),
    VINEGAR_LABEL_PERCENT,
    waterParts,
  );
  return message('step.acid-rinse.mix', {
    vinegar: vinegarMillilitres,
    water: waterMillilitres,
    label: VINEGAR_LABEL_PERCENT,
    percent: Math.round(percent * 10) / 10,
    ph: Math.round(estimatedPh * 10) / 10,
  });
}

/** Hair dries: how long sections may wait wet for the mask. Assumptions of this project. */
const WET_WAITS_MINUTES = 20;
const TOWELLED_WAITS_MINUTES = 40;
/** A mixed bowl waits so long for the first head; longer for each head that is served before. Assumption of this project. */
const BOWL_WAITS_MINUTES = 20;

/**
 * What a head goes through, from the comb to the last rinse. Washed before where the mask goes on clean hair, else only
 * wetted; sectioned finer for more hair; worn to the mask's aim and rinsed before its limit.
 * @param readyStepId the step after which the bowl is ready
 */
export function headSteps(
  head: HeadToServe,
  mask: Mask,
  catalogue: Catalogue,
  readyStepId: string | undefined,
  { servedBefore = 0, waterParts = WEAKEST_WATER_PARTS }: ServedHow = {},
): readonly PlanStep[] {
  const { id: headId, name, profile, millilitres } = head;
  const sections = sectionsOf(profile).length;
  const state = hairStateFor(mask);
  const isBraided = isParted(profile.style);
  const rows = mask.parts.map(({ ingredientId }) => ingredientById(catalogue, ingredientId));
  const cooks = rows.some(({ traits }) => traits.cooksInWarmth);
  const stains = mask.stains === true || rows.some((row) => row.stains);
  const shakes = handlingNotes(mask, catalogue).some((note) => note.id === 'shake');
  const id = (kind: string): string => `${headId}.${kind}`;
  const steps: PlanStep[] = [];
  const then = (row: PlanStep, withinMinutes?: number): void => {
    const last = steps.at(-1);
    const link = last && { stepId: last.id, ...(withinMinutes === undefined ? {} : { withinMinutes }) };
    steps.push({ ...row, headId, after: [...(link ? [link] : []), ...row.after] });
  };

  if (!isBraided)
    then(
      step({
        id: id('detangle'),
        kind: 'detangle',
        title: message('step.detangle.title', { head: name }),
        words: [message(mask.needs.includes('tangles') ? 'step.detangle.mask-does' : 'step.detangle.words')],
        lookFor: message('step.detangle.look'),
        tools: ['wide-comb'],
        handsOnMinutes: detangleMinutes(profile),
      }),
    );
  if (state === 'towel-dried')
    then(
      step({
        id: id('wash'),
        kind: 'wash',
        title: message('step.wash.title', { head: name }),
        words: [message('step.wash.words')],
        lookFor: message('step.wash.look'),
        tools: ['shampoo', 'towel'],
        handsOnMinutes: washMinutes(profile),
      }),
    );
  then(
    step({
      id: id('section'),
      kind: 'section',
      title: message('step.section.title', { head: name, sections }),
      words: [message(isBraided ? 'step.section.braids' : 'step.section.words')],
      tools: ['clips', 'old-towel'],
      cautions: stains ? [message('step.stains')] : [],
      handsOnMinutes: sectionMinutes(sections),
    }),
    state === 'towel-dried' ? TOWELLED_WAITS_MINUTES : undefined,
  );
  if (state === 'spritzed')
    then(
      step({
        id: id('wet'),
        kind: 'wet',
        title: message('step.wet.title', { head: name }),
        words: [message('step.wet.words')],
        tools: ['spray-bottle'],
        handsOnMinutes: wetMinutes(sections),
      }),
    );
  then(
    step({
      id: id('apply'),
      kind: 'apply',
      title: message('step.apply.title', { head: name }),
      words: [
        message('step.apply.words', { millilitres }),
        ...(rows.some(({ traits }) => traits.prepared === 'fillet') ? [message('step.apply.skins')] : []),
      ],
      lookFor: message('step.apply.look'),
      tools: [mask.applicator === 'bottle' ? 'applicator-bottle' : mask.applicator === 'brush' ? 'brush' : 'hands'],
      cautions: [message('step.apply.stop'), ...(shakes ? [message('handling.shake')] : [])],
      handsOnMinutes: applyMinutes(millilitres, sections),
      after:
        readyStepId === undefined ? [] : [{ stepId: readyStepId, withinMinutes: BOWL_WAITS_MINUTES + servedBefore }],
    }),
    state === 'spritzed' ? WET_WAITS_MINUTES : TOWELLED_WAITS_MINUTES,
  );
  const { aimMinutes, limitMinutes } = mask.wear;
  const { temperature, shampoos, conditioner, acidRinse } = mask.rinse;
  then(
    step({
      id: id('wear'),
      kind: 'wear',
      title: message('step.wear.title', { head: name }),
      words: [message('step.wear.words'), ...hoodWords(mask)],
      limit: message('step.wear.limit', { minutes: limitMinutes }),
      tools: ['cap'],
      cautions: cooks ? [message('step.wear.no-warmth')] : [],
      handsOnMinutes: 1,
      waitMinutes: aimMinutes,
    }),
    3,
  );
  then(
    step({
      id: id('rinse'),
      kind: 'rinse',
      title: message('step.rinse-hair.title', { head: name }),
      words: [
        message(RINSE_IN[temperature]),
        shampoos > 0 ? message('step.rinse-hair.shampoos', { count: shampoos }) : message('step.rinse-hair.no-shampoo'),
        ...(conditioner
          ? [
              message('step.rinse-hair.conditioner'),
              message('step.rinse-hair.conditioner-stays', { minutes: CONDITIONER_MINUTES }),
            ]
          : []),
        ...(acidRinse ? [] : [message('step.after.words')]),
      ],
      lookFor: message('step.rinse-hair.look'),
      tools: [
        'shower',
        ...(shampoos > 0 ? (['shampoo'] as const) : []),
        ...(conditioner ? (['conditioner'] as const) : []),
      ],
      cautions: cooks ? [message('step.rinse-hair.cool')] : [],
      handsOnMinutes: rinseMinutes(profile) + shampoos * 3 + (conditioner ? 1 + CONDITIONER_MINUTES : 0),
    }),
    Math.max(0, limitMinutes - aimMinutes),
  );
  if (acidRinse)
    then(
      step({
        id: id('acid-rinse'),
        kind: 'acid-rinse',
        title: message('step.acid-rinse.title', { head: name }),
        words: [acidRinseFor(profile, waterParts), message('step.acid-rinse.words'), message('step.after.words')],
        tools: ['jug'],
        cautions: [message('step.acid-rinse.stings')],
        handsOnMinutes: 3,
        waitMinutes: 5,
      }),
    );
  return steps;
}
