import { sizeBowl } from '../batch';
import { CATALOGUE } from '../ingredient';
import { BUILT_IN_MASKS, type Mask } from '../mask';
import { SPOON_SETS } from '../measure';
import { daySteps, type BowlOfDay, type PlanStep } from '../washday';
import { aProfile, anAdult } from './aHead';

const ADA = aProfile({ stretchedLengthCentimetres: 68, style: 'twists' });
const BO = aProfile({ stretchedLengthCentimetres: 31 });

/** For tests: a bowl of a built-in mask, sized for one or two heads. */
export function aBowl(maskId: string, heads: 1 | 2 = 1, change: Partial<Mask> = {}, soaked = false): BowlOfDay {
  const mask = { ...(BUILT_IN_MASKS.find(({ id }) => id === maskId) as Mask), ...change };
  const people = [ADA, BO].slice(0, heads);
  const [first, ...others] = people.map((profile) => ({ profile, wearer: anAdult }));
  const sized = sizeBowl(first as NonNullable<typeof first>, mask, CATALOGUE, { spoons: SPOON_SETS.us, others });
  return {
    id: 'bowl',
    mask,
    lines: sized.lines,
    madeMillilitres: sized.madeMillilitres,
    catalogue: CATALOGUE,
    makings: soaked ? { 'rice-cream': { soaked } } : {},
    heads: people.map((profile, i) => ({
      id: ['ada', 'bo'][i] as string,
      name: ['Ada', 'Bo'][i] as string,
      profile,
      millilitres: sized.onHeadMillilitres / heads,
    })),
  };
}

/** For tests: the steps of such a day. */
export const aDay = (...how: Parameters<typeof aBowl>): readonly PlanStep[] => daySteps([aBowl(...how)]);
