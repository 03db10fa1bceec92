import type { SizedBowl } from '@amber-ladle/core/batch';
import { isOfLocks } from '@amber-ladle/core/hair';
import { kitchenRound } from '@amber-ladle/core/measure';
import { writeLength, type Written } from '../../units';
import { writeNumber } from './when';

/** One step of the arithmetic behind a bowl: what, from what, and what it comes to. */
export interface WhyStep {
  readonly what: string;
  readonly from: string;
  readonly result: string;
}

const millilitres = (value: number) => `${kitchenRound(value)} mL`;
const percent = (share: number) => `${Math.round(share * 1000) / 10} %`;

const TOOL_WORDS = {
  bowl: 'bowl',
  blender: 'blender',
  fork: 'fork',
  pot: 'pot',
  cloth: 'cloth',
  brush: 'brush',
  hand: 'hands',
  bottle: 'bottle',
} as const;

/** The way from the head to the millilitres, step by step. */
export function whySteps(
  sized: Pick<SizedBowl, 'demand' | 'losses' | 'enoughChance' | 'wantedOnHeadMillilitres' | 'needMillilitres'>,
  where: Pick<Written, 'locale' | 'lengthIn'>,
): WhyStep[] {
  const { demand, losses } = sized;
  const { reason } = demand;
  const coated = reason.coatedShare < 0.995 ? `${percent(reason.coatedShare)} of each strand, ` : '';
  const film = reason.filmFactor === 1 ? '' : ` × ${reason.filmFactor.toFixed(2)} for the texture`;
  const style = reason.styleFactor === 1 ? '' : ` × ${reason.styleFactor} for the style`;
  const ends = reason.endsExtraShare === 0 ? '' : ` × ${1 + reason.endsExtraShare} for the ends`;
  const { personalFactor: factor } = reason;
  const isTaught = Math.abs(factor - 1) > 0.005;
  const differ = `about ${Math.round((Math.exp(reason.sigma) - 1) * 100)} % either way`;
  return [
    {
      what: 'Strands',
      from: 'from the amount of hair',
      result: writeNumber(Math.round(reason.strands / 1000) * 1000, where),
    },
    {
      what: 'Surface of all strands',
      from: `mean length ${writeLength(kitchenRound(reason.meanLengthCentimetres), where)}`,
      result: `${reason.strandSurfaceSquareMetres.toFixed(1)} m²`,
    },
    {
      what: 'For the lengths',
      from: isOfLocks(reason)
        ? `${coated}in locks: ${reason.lockMillilitres} mL × surface^${reason.lockExponent}${film}${style}${ends}`
        : 'as it was reckoned then, strand by strand',
      result: millilitres(demand.lengthsMillilitres / factor),
    },
    {
      what: 'For the scalp',
      from:
        demand.scalpMillilitres === 0
          ? 'left out by this mask'
          : `${reason.scalpAreaSquareCentimetres} cm² × ${reason.scalpFilmMillimetres} mm`,
      result: millilitres(demand.scalpMillilitres / factor),
    },
    ...(isTaught
      ? [
          {
            what: 'As earlier bowls taught',
            from: `both times ${factor.toFixed(2)}: this head takes ${factor < 1 ? 'less' : 'more'} than the model expects`,
            result: millilitres(demand.scalpMillilitres + demand.lengthsMillilitres),
          },
        ]
      : []),
    {
      what: `Enough in ${Math.round(sized.enoughChance * 100)} of 100 bowls`,
      from: isTaught ? `the next bowl differs by ${differ}` : `heads differ by ${differ}`,
      result: millilitres(sized.wantedOnHeadMillilitres),
    },
    {
      what: 'Clings and drips',
      from: `${losses.holdUp.map(({ tool, millilitres: ml }) => `${TOOL_WORDS[tool]} ${kitchenRound(ml)}`).join(', ')} mL, and ${percent(losses.dripShare)} drips`,
      result: millilitres(sized.needMillilitres - sized.wantedOnHeadMillilitres),
    },
    { what: 'To make', from: 'at the least', result: millilitres(sized.needMillilitres) },
  ];
}
