import type { HairProfile } from '../../hair';
import { kitchenRound } from '../../measure';
import { hairStateFor, type Mask } from '../../mask';
import { sectionsOf } from '../sections';
import { step } from './bowlSteps';
import { applyMinutes, detangleMinutes, rinseMinutes, sectionMinutes, washMinutes, wetMinutes } from './minutes';
import type { PlanStep } from './step';

/** A head on its wash day. */
export interface HeadToServe {
  readonly id: string;
  readonly name: string;
  readonly profile: HairProfile;
  /** What reaches this head, mL. */
  readonly millilitres: number;
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
 * @param servedBefore minutes that other heads take from the same bowl before this one
 */
export function headSteps(
  head: HeadToServe,
  mask: Mask,
  readyStepId: string | undefined,
  servedBefore = 0,
): readonly PlanStep[] {
  const { id: headId, name, profile, millilitres } = head;
  const sections = sectionsOf(profile).length;
  const state = hairStateFor(mask);
  const isBraided = profile.style === 'braids';
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
        title: `Detangle ${name}’s hair`,
        words: mask.needs.includes('tangles')
          ? 'Fingers only, from the ends up; the mask does the rest.'
          : 'From the ends up: fingers first, then the wide comb.',
        lookFor: 'Fingers run through.',
        tools: ['wide comb'],
        handsOnMinutes: detangleMinutes(profile),
      }),
    );
  if (state === 'towel-dried')
    then(
      step({
        id: id('wash'),
        kind: 'wash',
        title: `Wash and towel-dry ${name}’s hair`,
        words: 'Shampoo, rinse, press the towel: no rubbing.',
        lookFor: 'Damp, no longer dripping.',
        tools: ['shampoo', 'towel'],
        handsOnMinutes: washMinutes(profile),
      }),
    );
  then(
    step({
      id: id('section'),
      kind: 'section',
      title: `Part ${name}’s hair in ${sections}`,
      words: isBraided ? 'Clear the partings, one by one.' : 'Clip or twist each section away.',
      tools: ['clips', 'old towel'],
      cautions: mask.stains ? ['It stains: dark shirt, towel round the neck.'] : [],
      handsOnMinutes: sectionMinutes(sections),
    }),
    state === 'towel-dried' ? TOWELLED_WAITS_MINUTES : undefined,
  );
  if (state === 'spritzed')
    then(
      step({
        id: id('wet'),
        kind: 'wet',
        title: `Wet all of ${name}’s sections`,
        words: 'A light spritz: damp, not soaked. First all of them, then the mask.',
        tools: ['spray bottle'],
        handsOnMinutes: wetMinutes(sections),
      }),
    );
  then(
    step({
      id: id('apply'),
      kind: 'apply',
      title: `Mask on ${name}’s hair`,
      words: `${kitchenRound(millilitres)} mL, section by section; the ends twice, nape and edges too.`,
      lookFor: 'Every strand coated, nothing dripping.',
      tools: [mask.applicator === 'bottle' ? 'applicator bottle' : mask.applicator === 'brush' ? 'brush' : 'hands'],
      cautions: ['Stop at burning, swelling or a rash: rinse at once.'],
      handsOnMinutes: applyMinutes(millilitres, sections),
      after:
        readyStepId === undefined ? [] : [{ stepId: readyStepId, withinMinutes: BOWL_WAITS_MINUTES + servedBefore }],
    }),
    state === 'spritzed' ? WET_WAITS_MINUTES : TOWELLED_WAITS_MINUTES,
  );
  const { aimMinutes, limitMinutes } = mask.wear;
  then(
    step({
      id: id('wear'),
      kind: 'wear',
      title: `${name} under the cap`,
      words: 'Cap, then a scarf against drips.',
      limit: `Out by ${limitMinutes} minutes, whatever happens.`,
      tools: ['cap'],
      cautions: mask.heat === 'never' ? ['No warmth at all: raw egg cooks.'] : [],
      handsOnMinutes: 1,
      waitMinutes: aimMinutes,
    }),
    3,
  );
  const { shampoos, conditioner, acidRinse } = mask.rinse;
  then(
    step({
      id: id('rinse'),
      kind: 'rinse',
      title: `Rinse ${name}’s hair`,
      words: 'Fingers through every section, longest at the scalp and the nape.',
      lookFor: 'Nothing left, section by section.',
      tools: ['shower', ...(shampoos > 0 ? ['shampoo'] : []), ...(conditioner ? ['conditioner'] : [])],
      cautions: mask.heat === 'never' ? ['Cool to lukewarm only: warm water cooks the egg in.'] : [],
      handsOnMinutes: rinseMinutes(profile) + shampoos * 3 + (conditioner ? 4 : 0),
    }),
    Math.max(0, limitMinutes - aimMinutes),
  );
  if (acidRinse)
    then(
      step({
        id: id('acid-rinse'),
        kind: 'acid-rinse',
        title: `Acid rinse for ${name}`,
        words: 'The weakest that does the job, eyes closed, kept off a sore scalp; then plain water.',
        tools: ['jug'],
        cautions: ['It stings in eyes and on broken skin, and may fade colour.'],
        handsOnMinutes: 3,
        waitMinutes: 5,
      }),
    );
  return steps;
}
