import { isCooked, isFirmFat, keepingInBowl, type Ingredient, type SkinEffect } from '../ingredient';
import { isOvernight, OILY_SHARE, OIL_TREATMENT_SHARE, oilShareOf, spoilsOnHead } from '../mask';
import { message, type Message } from '../message';
import type { SourceId } from '../source';
import { countsAsProtein } from './cadence';
import type { Judged } from './context';
import { schoolOf, schoolsDisagree } from './schooled';
import { isCleared } from './reactions';
import { patchState } from './story';

export const SEVERITIES = ['stop', 'caution', 'note'] as const;
/** A *stop* needs a stated decision; a *caution* is read before; a *note* is good to know. */
export type Severity = (typeof SEVERITIES)[number];
/** Where a caution is of use. */
export type CautionPlace = 'choosing' | 'making' | 'wearing';

export interface Caution {
  readonly id: string;
  readonly severity: Severity;
  readonly what: Message;
  readonly source: SourceId;
  readonly places: readonly CautionPlace[];
  readonly ingredientIds: readonly string[];
}

type Row = Judged['rows'][number];

interface Rule {
  readonly id: string;
  readonly severity: Severity;
  readonly source: SourceId;
  readonly places: readonly CautionPlace[];
  /** The ingredients that make it fire; an empty list for a rule about the whole, nothing where it is silent. */
  readonly fires: (judged: Judged) => readonly Row[] | undefined;
  readonly what: (rows: readonly Row[], judged: Judged) => Message;
}

const namesOf = (rows: readonly Pick<Ingredient, 'name'>[]): readonly string[] => rows.map(({ name }) => name);
const some = (rows: readonly Row[]): readonly Row[] | undefined => (rows.length > 0 ? rows : undefined);
const thatAre =
  (is: (row: Row) => boolean) =>
  ({ rows }: Judged): readonly Row[] | undefined =>
    some(rows.filter(is));
const does =
  (...effects: readonly SkinEffect[]) =>
  ({ traits }: Row): boolean =>
    effects.some((effect) => traits.skin.includes(effect));
const when = (holds: boolean): readonly Row[] | undefined => (holds ? [] : undefined);
const onScalp = ({ mask }: Judged): boolean => mask.coverage !== 'lengths';

/** Left longer than this, honey and lemon may lighten, minutes (common practice, no published source). */
const LIGHTENING_MINUTES = 60;
/** Small children: what bites is not for them even thinned. Assumption of this project, years. */
const SMALL_CHILD_YEARS = 6;
/** An infant, years. */
const INFANT_YEARS = 1;

/** What is new to a head, as far as the household knows. */
export const newTo = ({ rows, head, now }: Judged): readonly Row[] =>
  rows.filter(
    ({ id, traits }) =>
      !(traits.isFromTap && !traits.skin.includes('lively')) &&
      !head.known.has(id) &&
      patchState(head.story, id, now).state !== 'fine',
  );

/** New to a head, and apt to make skin complain: an allergen, a latex crossing, an acid, a scent. */
export const livelyNewTo = (judged: Judged): readonly Row[] =>
  newTo(judged).filter((row) => row.allergens.length > 0 || row.crossesWithLatex || row.traits.skin.includes('lively'));

/** What may have been the one that burned, and has not been tried on a patch of skin since. */
const underSuspicion = ({ rows, head, now }: Judged): readonly Row[] =>
  rows.filter(({ id, traits }) => {
    const burnedAt = head.suspects.get(id);
    return burnedAt !== undefined && !traits.isFromTap && !isCleared(head.story, id, burnedAt, now);
  });

/** A mask that burned burns again, until a patch test of everything in it was fine. */
function burnedBefore({ mask, rows, head, now }: Judged): readonly Row[] | undefined {
  const burnedAt = head.burned.get(mask.id);
  if (burnedAt === undefined) return undefined;
  return some(rows.filter(({ id, traits }) => !traits.isFromTap && !isCleared(head.story, id, burnedAt, now)));
}

/** From how many years on it may be used at all; 0 where nothing says. */
const youngest = ({ traits }: Row): number =>
  Math.max(0, ...traits.limits.map((limit) => (limit.kind === 'from-age' ? limit.years : 0)));

/** What brings the protein: what counts as such, else what holds most of it. */
function proteinIn(rows: readonly Row[]): readonly Row[] {
  const counted = rows.filter(({ traits }) => traits.countsAs.includes('protein'));
  const grams = ({ composition, share }: Row): number => (composition?.proteinGrams ?? 0) * share;
  return counted.length > 0 ? counted : [...rows].sort((a, b) => grams(b) - grams(a)).slice(0, 1);
}

/** Every rule there is. Limits name their source; the rest are the usual cautions, common practice without a published source. */
export const CAUTION_RULES: readonly Rule[] = [
  {
    id: 'allergen',
    severity: 'stop',
    source: 'common-practice',
    places: ['choosing', 'making', 'wearing'],
    fires: ({ rows, head }) =>
      some(rows.filter(({ allergens }) => allergens.some((one) => head.story.allergies.includes(one)))),
    what: (rows) => message('caution.allergen', { names: namesOf(rows) }),
  },
  {
    id: 'latex-crossing',
    severity: 'stop',
    source: 'common-practice',
    places: ['choosing', 'making', 'wearing'],
    fires: ({ rows, head }) =>
      head.story.hasLatexAllergy ? some(rows.filter((row) => row.crossesWithLatex)) : undefined,
    what: (rows) => message('caution.latex-crossing', { names: namesOf(rows) }),
  },
  {
    id: 'patch-reaction',
    severity: 'stop',
    source: 'common-practice',
    places: ['choosing', 'wearing'],
    fires: ({ rows, head, now }) => some(rows.filter(({ id }) => patchState(head.story, id, now).state === 'reaction')),
    what: (rows) => message('caution.patch-reaction', { names: namesOf(rows) }),
  },
  {
    id: 'burned',
    severity: 'stop',
    source: 'common-practice',
    places: ['choosing', 'wearing'],
    fires: burnedBefore,
    what: () => message('caution.burned'),
  },
  {
    id: 'burned-with',
    severity: 'caution',
    source: 'own',
    places: ['choosing', 'wearing'],
    fires: (judged) => (burnedBefore(judged) ? undefined : some(underSuspicion(judged))),
    what: (rows) => message('caution.burned-with', { names: namesOf(rows) }),
  },
  {
    id: 'infant',
    severity: 'stop',
    source: 'common-practice',
    places: ['choosing', 'wearing'],
    fires: ({ head }) => when(head.wearer.ageYears < INFANT_YEARS),
    what: () => message('caution.infant'),
  },
  {
    id: 'not-small-children',
    severity: 'stop',
    source: 'own',
    places: ['choosing', 'wearing'],
    fires: (judged) =>
      judged.head.wearer.ageYears < SMALL_CHILD_YEARS ? thatAre(does('not-small-children'))(judged) : undefined,
    what: (rows) => message('caution.not-small-children', { names: namesOf(rows) }),
  },
  {
    id: 'too-young',
    severity: 'stop',
    source: 'own',
    places: ['choosing'],
    fires: ({ rows, head }) => some(rows.filter((row) => youngest(row) > head.wearer.ageYears)),
    what: (rows) => message('caution.too-young', { names: namesOf(rows), years: Math.max(...rows.map(youngest)) }),
  },
  {
    id: 'scent-under-three',
    severity: 'stop',
    source: 'own',
    places: ['choosing'],
    fires: (judged) =>
      judged.head.wearer.ageYears < 3 ? thatAre(({ traits }) => traits.matter === 'drops')(judged) : undefined,
    what: (rows) => message('caution.scent-under-three', { names: namesOf(rows) }),
  },
  {
    id: 'broken-skin',
    severity: 'stop',
    source: 'common-practice',
    places: ['choosing', 'wearing'],
    fires: (judged) => when(judged.head.story.hasBrokenSkin && onScalp(judged)),
    what: () => message('caution.broken-skin'),
  },
  {
    id: 'patch-waiting',
    severity: 'caution',
    source: 'common-practice',
    places: ['choosing', 'wearing'],
    fires: ({ rows, head, now }) => some(rows.filter(({ id }) => patchState(head.story, id, now).state === 'waiting')),
    what: (rows) => message('caution.patch-waiting', { names: namesOf(rows) }),
  },
  {
    id: 'patch-first',
    severity: 'caution',
    source: 'common-practice',
    places: ['choosing'],
    fires: (judged) => some(livelyNewTo(judged)),
    what: (rows) => message('caution.patch-first', { names: namesOf(rows) }),
  },
  {
    id: 'child',
    severity: 'caution',
    source: 'common-practice',
    places: ['choosing', 'wearing'],
    fires: ({ head }) => when(head.wearer.ageYears >= 1 && head.wearer.ageYears < 12),
    what: () => message('caution.child'),
  },
  {
    id: 'stings-sensitive',
    severity: 'caution',
    source: 'common-practice',
    places: ['choosing', 'wearing'],
    fires: (judged) =>
      judged.head.wearer.sensitiveSkin && onScalp(judged) ? thatAre(does('stings'))(judged) : undefined,
    what: (rows) => message('caution.stings-sensitive', { names: namesOf(rows) }),
  },
  {
    id: 'protein-often',
    severity: 'caution',
    source: 'common-practice',
    places: ['choosing'],
    fires: ({ rows, head, schools }) =>
      schoolsDisagree(schools, head.story) && countsAsProtein(rows) ? proteinIn(rows) : undefined,
    what: () => message('caution.protein-often'),
  },
  {
    id: 'protein-sensitive',
    severity: 'caution',
    source: 'common-practice',
    places: ['choosing'],
    fires: ({ rows, head, schools }) =>
      head.story.isProteinSensitive && !schoolsDisagree(schools, head.story) && countsAsProtein(rows)
        ? proteinIn(rows)
        : undefined,
    what: (rows) => message('caution.protein-sensitive', { names: namesOf(rows) }),
  },
  {
    id: 'citrus-and-sun',
    severity: 'caution',
    source: 'tisserand-young',
    places: ['choosing', 'wearing'],
    fires: thatAre(does('citrus-sun')),
    what: (rows) => message('caution.citrus-and-sun', { names: namesOf(rows) }),
  },
  {
    id: 'alkaline',
    severity: 'caution',
    source: 'common-practice',
    places: ['choosing', 'wearing'],
    fires: thatAre(does('alkaline')),
    what: (rows) => message('caution.alkaline', { names: namesOf(rows) }),
  },
  {
    id: 'acid-fades',
    severity: 'note',
    source: 'common-practice',
    places: ['choosing', 'wearing'],
    fires: (judged) => (judged.head.story.colour === 'natural' ? undefined : thatAre(does('fades'))(judged)),
    what: (rows) => message('caution.acid-fades', { names: namesOf(rows) }),
  },
  {
    id: 'lightens',
    severity: 'note',
    source: 'common-practice',
    places: ['wearing'],
    fires: (judged) =>
      judged.mask.wear.aimMinutes > LIGHTENING_MINUTES ? thatAre(does('lightens'))(judged) : undefined,
    what: (rows) => message('caution.lightens', { names: namesOf(rows) }),
  },
  {
    id: 'raw-egg',
    severity: 'caution',
    source: 'usda-fsis',
    places: ['making', 'wearing'],
    fires: thatAre(({ traits }) => traits.hazards.includes('raw-egg')),
    what: () => message('caution.raw-egg'),
  },
  {
    id: 'warm-onto-egg',
    severity: 'caution',
    source: 'common-practice',
    places: ['making'],
    fires: ({ rows }) => (rows.some(({ traits }) => traits.cooksInWarmth) ? some(rows.filter(isFirmFat)) : undefined),
    what: () => message('caution.warm-onto-egg'),
  },
  {
    id: 'cooked-starch',
    severity: 'caution',
    source: 'uk-fsa',
    places: ['making'],
    fires: thatAre(({ traits }) => traits.hazards.includes('cooked-starch')),
    what: (rows) =>
      message('caution.cooked-starch', {
        names: namesOf(rows),
        hours: Math.min(...rows.map((row) => keepingInBowl(row).coldHours)),
      }),
  },
  {
    id: 'overnight',
    severity: 'stop',
    source: 'usda-fsis',
    places: ['choosing', 'wearing'],
    fires: ({ mask, rows }) => (isOvernight(mask.wear) ? some(spoilsOnHead(rows).map(({ row }) => row)) : undefined),
    what: (rows) =>
      message('caution.overnight', { each: spoilsOnHead(rows).map(({ name, hours }) => ({ name, hours })) }),
  },
  {
    id: 'stains',
    severity: 'note',
    source: 'common-practice',
    places: ['choosing', 'wearing'],
    fires: ({ mask, rows }) => {
      const staining = rows.filter(({ stains }) => stains);
      return staining.length > 0 || mask.stains === true ? staining : undefined;
    },
    what: () => message('caution.stains'),
  },
  {
    id: 'no-infants',
    severity: 'note',
    source: 'common-practice',
    places: ['making'],
    fires: thatAre(({ traits }) => traits.hazards.includes('no-infants')),
    what: (rows) => message('caution.no-infants', { names: namesOf(rows) }),
  },
  {
    id: 'aloe-sap',
    severity: 'note',
    source: 'common-practice',
    places: ['making'],
    fires: thatAre(({ traits }) => traits.hazards.includes('yellow-sap')),
    what: () => message('caution.aloe-sap'),
  },
  {
    id: 'hot-work',
    severity: 'note',
    source: 'common-practice',
    places: ['making'],
    fires: thatAre((row) => row.traits.hazards.includes('hot-work') && isCooked(row)),
    what: () => message('caution.hot-work'),
  },
  {
    id: 'dryer-burns',
    severity: 'note',
    source: 'common-practice',
    places: ['wearing'],
    fires: ({ mask }) => when(mask.heat === 'dryer-may-help'),
    what: () => message('caution.dryer-burns'),
  },
  {
    id: 'face',
    severity: 'caution',
    source: 'common-practice',
    places: ['choosing', 'wearing'],
    fires: (judged) =>
      schoolOf(judged.schools, 'face') === 'yes' ? thatAre(does('not-on-face', 'lively'))(judged) : undefined,
    what: (rows) => message('caution.face', { names: namesOf(rows) }),
  },
  {
    id: 'parts-from-oil',
    severity: 'note',
    source: 'common-practice',
    places: ['making', 'wearing'],
    fires: ({ rows }) =>
      oilShareOf(rows) > 0 && !rows.some(({ traits }) => traits.thickens === 'emulsion')
        ? some(rows.filter(({ traits }) => traits.partsFromOil))
        : undefined,
    what: (rows) => message('caution.parts-from-oil', { names: namesOf(rows) }),
  },
  {
    id: 'oily',
    severity: 'note',
    source: 'common-practice',
    places: ['choosing', 'wearing'],
    fires: ({ rows, mask }) => {
      const share = oilShareOf(rows);
      return when(share >= OILY_SHARE && share < OIL_TREATMENT_SHARE && mask.rinse.shampoos < 2);
    },
    what: (_rows, { rows }) => message('caution.oily', { percent: Math.round(oilShareOf(rows) * 100) }),
  },
  {
    id: 'oil-treatment',
    severity: 'note',
    source: 'common-practice',
    places: ['choosing', 'wearing'],
    fires: ({ rows }) => when(oilShareOf(rows) >= OIL_TREATMENT_SHARE),
    what: (_rows, { rows }) => message('caution.oil-treatment', { percent: Math.round(oilShareOf(rows) * 100) }),
  },
  {
    id: 'see-somebody',
    severity: 'note',
    source: 'common-practice',
    places: ['choosing'],
    fires: ({ head, mask }) =>
      when(head.story.needs.includes('flakes-or-itch') && mask.needs.includes('flakes-or-itch')),
    what: () => message('caution.see-somebody'),
  },
];

/** What to be careful about, the gravest first; each once. */
export function cautionsFor(judged: Judged, place?: CautionPlace): readonly Caution[] {
  return CAUTION_RULES.flatMap(({ id, severity, source, places, fires, what }): readonly Caution[] => {
    const rows = fires(judged);
    if (!rows || (place && !places.includes(place))) return [];
    return [{ id, severity, source, places, what: what(rows, judged), ingredientIds: rows.map((row) => row.id) }];
  }).sort((a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity));
}

/** What a bowl must not be kept for without a decision. */
export const stopsFor = (judged: Judged): readonly Caution[] =>
  cautionsFor(judged).filter(({ severity }) => severity === 'stop');
