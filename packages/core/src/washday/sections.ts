import { isParted, strandCount, type HairProfile } from '../hair';

/** Where a section lies, seen from above. */
export const SECTION_PARTS = ['front', 'side', 'crown', 'back', 'nape'] as const;
type SectionPart = (typeof SECTION_PARTS)[number];
export type SectionId = `${SectionPart}-${'left' | 'right'}`;

/** A part of the head as it is clipped away. */
export interface Section {
  readonly id: SectionId;
  /** Share of the bowl, 0 to 1; all sections of a layout sum to 1. */
  readonly share: number;
}

const pair = (part: SectionPart, share: number): readonly Section[] => [
  { id: `${part}-left`, share },
  { id: `${part}-right`, share },
];

/** Layouts of this project: the back takes more than the front, since there is more of it. */
const LAYOUTS = {
  4: [...pair('front', 0.23), ...pair('back', 0.27)],
  6: [...pair('front', 0.15), ...pair('crown', 0.18), ...pair('nape', 0.17)],
  8: [...pair('front', 0.11), ...pair('side', 0.11), ...pair('crown', 0.14), ...pair('nape', 0.14)],
} as const satisfies Record<number, readonly Section[]>;

/** Below and above these strand counts a head is sectioned in four, six or eight. Assumption of this project. */
const FEW_STRANDS = 85_000;
const MANY_STRANDS = 125_000;
/** Hair shorter than this is not worth more than four sections, cm. Assumption of this project. */
const SHORT_CENTIMETRES = 15;

/**
 * How a head is sectioned: by how much hair there is, and finer for braids and cornrows, whose partings are walked one by one.
 * @example sectionsOf(aProfile({ style: 'cornrows' })).length // 8
 */
export function sectionsOf(profile: HairProfile): readonly Section[] {
  if (isParted(profile.style)) return LAYOUTS[8];
  const strands = strandCount(profile);
  if (strands < FEW_STRANDS || profile.stretchedLengthCentimetres < SHORT_CENTIMETRES) return LAYOUTS[4];
  return strands > MANY_STRANDS || profile.style === 'twists' ? LAYOUTS[8] : LAYOUTS[6];
}

export interface SectionAmount extends Section {
  readonly millilitres: number;
  /** Fillings of the applicator bottle, where one is used. */
  readonly fillings?: number;
}

/**
 * What each section gets, so that the last is not bare.
 * @param millilitres what reaches the head altogether, 0 or more
 * @param bottleMillilitres what the bottle holds; left out for brush and hand
 * @example sectionAmounts(sectionsOf(aProfile({ style: 'cornrows' })), 160)[0].millilitres // 17.6
 */
export function sectionAmounts(
  sections: readonly Section[],
  millilitres: number,
  bottleMillilitres?: number,
): readonly SectionAmount[] {
  if (!(millilitres >= 0)) throw new RangeError('A bowl holds nothing or more.');
  if (bottleMillilitres !== undefined && !(bottleMillilitres > 0)) throw new RangeError('A bottle holds something.');
  return sections.map((section) => {
    const amount = section.share * millilitres;
    return {
      ...section,
      millilitres: amount,
      ...(bottleMillilitres === undefined ? {} : { fillings: amount / bottleMillilitres }),
    };
  });
}

/** How the bowl is lasting, once some sections are done. */
export interface Pace {
  /** What is left over what the rest should get: 1 is even, below 1 runs short. */
  readonly ratio: number;
  readonly wantedMillilitres: number;
  readonly isShort: boolean;
}

/** Sections to be done before the pace says anything: the first hand is always generous. */
const TELLS_AFTER = 3;
/** Below this it will not last. Assumption of this project. */
const SHORT_BELOW = 0.85;

/**
 * Whether what is left will last for the sections still to come.
 * @returns nothing before the third section, or when all are done
 */
export function paceOf(
  amounts: readonly SectionAmount[],
  doneIds: ReadonlySet<string>,
  leftMillilitres: number,
): Pace | undefined {
  const rest = amounts.filter(({ id }) => !doneIds.has(id));
  if (amounts.length - rest.length < TELLS_AFTER || rest.length === 0) return undefined;
  const wantedMillilitres = rest.reduce((sum, { millilitres }) => sum + millilitres, 0);
  if (wantedMillilitres === 0) return undefined;
  const ratio = leftMillilitres / wantedMillilitres;
  return { ratio, wantedMillilitres, isShort: ratio < SHORT_BELOW };
}
