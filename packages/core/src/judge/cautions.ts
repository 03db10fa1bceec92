import type { Judged } from './context';
import { schoolOf, schoolsDisagree } from './schooled';
import { patchState } from './story';
import type { SourceId } from '../source';
import type { Ingredient } from '../ingredient';

export const SEVERITIES = ['stop', 'caution', 'note'] as const;
/** A *stop* needs a stated decision; a *caution* is read before; a *note* is good to know. */
export type Severity = (typeof SEVERITIES)[number];
/** Where a caution is of use. */
export type CautionPlace = 'choosing' | 'making' | 'wearing';

export interface Caution {
  readonly id: string;
  readonly severity: Severity;
  readonly words: string;
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
  readonly words: (rows: readonly Row[], judged: Judged) => string;
}

const named = (rows: readonly Pick<Ingredient, 'name'>[]): string =>
  rows.map(({ name }) => name.toLowerCase()).join(', ');
const some = (rows: readonly Row[]): readonly Row[] | undefined => (rows.length > 0 ? rows : undefined);
const ofFamily =
  (...families: readonly Ingredient['family'][]) =>
  ({ rows }: Judged): readonly Row[] | undefined =>
    some(rows.filter(({ family }) => families.includes(family)));
const when = (holds: boolean): readonly Row[] | undefined => (holds ? [] : undefined);

/** Warms, stings or swells on skin that is new to it. Assumption of this project: what is asked of sensitive skin first. */
const LIVELY: ReadonlySet<Ingredient['family']> = new Set(['acid', 'scent', 'pepper', 'soda', 'clay', 'powder']);
/** Wear beyond this is overnight in a warm bed, minutes. */
const OVERNIGHT_MINUTES = 240;
const PERISHABLE: ReadonlySet<Ingredient['family']> = new Set([
  'egg',
  'dairy',
  'grain',
  'fruit',
  'vegetable',
  'root',
  'starch',
]);
/** Left longer than this, honey and lemon may lighten, minutes (common practice, no published source). */
const LIGHTENING_MINUTES = 60;

/** What is new to a head, as far as the household knows. */
export const newTo = ({ rows, head, now }: Judged): readonly Row[] =>
  rows.filter(
    ({ id, family }) => family !== 'water' && !head.known.has(id) && patchState(head.story, id, now).state !== 'fine',
  );

/** New to a head, and apt to make skin complain: an allergen, a latex crossing, an acid, a scent. */
export const livelyNewTo = (judged: Judged): readonly Row[] =>
  newTo(judged).filter(
    ({ allergens, crossesWithLatex, family, id }) =>
      allergens.length > 0 || crossesWithLatex || LIVELY.has(family) || id === 'onion-juice',
  );

/** Every rule there is. Limits name their source; the rest are the usual cautions, common practice without a published source. */
export const CAUTION_RULES: readonly Rule[] = [
  {
    id: 'allergen',
    severity: 'stop',
    source: 'common-practice',
    places: ['choosing', 'making', 'wearing'],
    fires: ({ rows, head }) =>
      some(rows.filter(({ allergens }) => allergens.some((one) => head.story.allergies.includes(one)))),
    words: (rows) => `Allergic to what is in ${named(rows)}: a food allergy holds on the skin too.`,
  },
  {
    id: 'latex-crossing',
    severity: 'stop',
    source: 'common-practice',
    places: ['choosing', 'making', 'wearing'],
    fires: ({ rows, head }) =>
      head.story.hasLatexAllergy ? some(rows.filter((row) => row.crossesWithLatex)) : undefined,
    words: (rows) => `Latex allergy can cross with ${named(rows)}.`,
  },
  {
    id: 'patch-reaction',
    severity: 'stop',
    source: 'common-practice',
    places: ['choosing', 'wearing'],
    fires: ({ rows, head, now }) => some(rows.filter(({ id }) => patchState(head.story, id, now).state === 'reaction')),
    words: (rows) => `The skin complained of ${named(rows)} in a patch test.`,
  },
  {
    id: 'infant',
    severity: 'stop',
    source: 'common-practice',
    places: ['choosing', 'wearing'],
    fires: ({ head }) => when(head.wearer.ageYears < 1),
    words: () => 'Not for babies: honey, raw egg and a bowl in reach have no place near an infant under one.',
  },
  {
    id: 'scent-under-three',
    severity: 'stop',
    source: 'own',
    places: ['choosing'],
    fires: (judged) => (judged.head.wearer.ageYears < 3 ? ofFamily('scent')(judged) : undefined),
    words: (rows) => `No essential oil under three years: leave out ${named(rows)}.`,
  },
  {
    id: 'broken-skin',
    severity: 'stop',
    source: 'common-practice',
    places: ['choosing', 'wearing'],
    fires: ({ mask, head }) => when(head.story.hasBrokenSkin && mask.coverage !== 'lengths'),
    words: () => 'Not on broken, sore or infected skin. See a doctor or dermatologist; the lengths alone may do.',
  },
  {
    id: 'patch-waiting',
    severity: 'caution',
    source: 'common-practice',
    places: ['choosing', 'wearing'],
    fires: ({ rows, head, now }) => some(rows.filter(({ id }) => patchState(head.story, id, now).state === 'waiting')),
    words: (rows) => `A patch test of ${named(rows)} is not over yet.`,
  },
  {
    id: 'patch-first',
    severity: 'caution',
    source: 'common-practice',
    places: ['choosing'],
    fires: (judged) => some(livelyNewTo(judged)),
    words: (rows) => `New to this head: ${named(rows)}. A dab on the inner elbow first, 24 to 48 hours.`,
  },
  {
    id: 'child',
    severity: 'caution',
    source: 'common-practice',
    places: ['choosing', 'wearing'],
    fires: ({ head }) => when(head.wearer.ageYears >= 1 && head.wearer.ageYears < 12),
    words: () => 'A child: shorter, a towel over the eyes, nothing that stings, and somebody beside.',
  },
  {
    id: 'stings-sensitive',
    severity: 'caution',
    source: 'common-practice',
    places: ['choosing', 'wearing'],
    fires: ({ rows, head, mask }) =>
      head.wearer.sensitiveSkin && mask.coverage !== 'lengths'
        ? some(
            rows.filter(
              ({ family, id }) => ['acid', 'pepper', 'soda', 'scent'].includes(family) || id === 'onion-juice',
            ),
          )
        : undefined,
    words: (rows) => `Sensitive skin and ${named(rows)} on the scalp: it can sting.`,
  },
  {
    id: 'protein-often',
    severity: 'caution',
    source: 'common-practice',
    places: ['choosing'],
    fires: ({ rows, head, schools }) =>
      schoolsDisagree(schools, head.story) ? some(rows.filter(({ family }) => family === 'egg')) : undefined,
    words: () =>
      'This head is protein-sensitive, and the household’s school gives protein often: watch for stiff, dry hair.',
  },
  {
    id: 'citrus-and-sun',
    severity: 'caution',
    source: 'tisserand-young',
    places: ['choosing', 'wearing'],
    fires: ({ rows }) =>
      some(
        rows.filter(
          ({ id, name, family }) =>
            id === 'lemon-juice' || (family === 'scent' && /lemon|orange|lime|bergamot|grapefruit/i.test(name)),
        ),
      ),
    words: () => 'Citrus and sun do not go together: wash it out well before going outside.',
  },
  {
    id: 'alkaline',
    severity: 'caution',
    source: 'common-practice',
    places: ['choosing', 'wearing'],
    fires: ofFamily('soda'),
    words: () => 'Baking soda is alkaline and roughens hair: seldom, short, a weak acid after.',
  },
  {
    id: 'acid-fades',
    severity: 'note',
    source: 'common-practice',
    places: ['choosing', 'wearing'],
    fires: (judged) => (judged.head.story.colour === 'natural' ? undefined : ofFamily('acid', 'soda')(judged)),
    words: (rows) => `Coloured or bleached hair: ${named(rows)} can fade it.`,
  },
  {
    id: 'lightens',
    severity: 'note',
    source: 'common-practice',
    places: ['wearing'],
    fires: ({ mask, rows }) =>
      mask.wear.aimMinutes > LIGHTENING_MINUTES
        ? some(rows.filter(({ family, id }) => family === 'honey' || id === 'lemon-juice'))
        : undefined,
    words: (rows) => `Left this long, ${named(rows)} can lighten hair a little.`,
  },
  {
    id: 'raw-egg',
    severity: 'caution',
    source: 'usda-fsis',
    places: ['making', 'wearing'],
    fires: ofFamily('egg'),
    words: () => 'Raw egg: wash hands, bowl and sink; out of eyes and mouth; no warmth, cool to lukewarm water only.',
  },
  {
    id: 'cooked-rice',
    severity: 'caution',
    source: 'uk-fsa',
    places: ['making'],
    fires: ({ rows }) => some(rows.filter(({ id, family }) => family === 'grain' && id.startsWith('rice'))),
    words: () => 'Cooked rice: cooled within the hour, into the fridge, used within a day.',
  },
  {
    id: 'overnight',
    severity: 'stop',
    source: 'usda-fsis',
    places: ['choosing', 'wearing'],
    fires: ({ mask, rows }) =>
      mask.wear.aimMinutes > OVERNIGHT_MINUTES ? some(rows.filter(({ family }) => PERISHABLE.has(family))) : undefined,
    words: (rows) => `Overnight is for what does not spoil: not with ${named(rows)}.`,
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
    words: () => 'It stains: dark towel, old shirt, and before the shampoo.',
  },
  {
    id: 'aloe-sap',
    severity: 'note',
    source: 'common-practice',
    places: ['making'],
    fires: ofFamily('aloe'),
    words: () => 'Aloe’s yellow sap irritates: drain the cut leaf and rinse it.',
  },
  {
    id: 'hot-work',
    severity: 'note',
    source: 'common-practice',
    places: ['making'],
    fires: ofFamily('grain', 'starch', 'seed-gel', 'root'),
    words: () => 'Hot starch and steam burn: lid vented, a cloth over it, children out of reach.',
  },
  {
    id: 'dryer-burns',
    severity: 'note',
    source: 'common-practice',
    places: ['wearing'],
    fires: ({ mask }) => when(mask.heat === 'dryer-may-help'),
    words: () => 'Steam and hooded dryers burn: low, short, and a hand on the cap.',
  },
  {
    id: 'face',
    severity: 'caution',
    source: 'common-practice',
    places: ['choosing', 'wearing'],
    fires: ({ rows, schools }) =>
      schoolOf(schools, 'face') === 'yes'
        ? some(rows.filter(({ family, id }) => LIVELY.has(family) || id === 'onion-juice'))
        : undefined,
    words: (rows) => `Not on the face with ${named(rows)} in it.`,
  },
  {
    id: 'see-somebody',
    severity: 'note',
    source: 'common-practice',
    places: ['choosing'],
    fires: ({ head, mask }) =>
      when(head.story.needs.includes('flakes-or-itch') && mask.needs.includes('flakes-or-itch')),
    words: () => 'Flakes or itch that last, sores, patchy or sudden loss: ask a pharmacist, doctor or dermatologist.',
  },
];

/** What to be careful about, the gravest first; each once. */
export function cautionsFor(judged: Judged, place?: CautionPlace): readonly Caution[] {
  return CAUTION_RULES.flatMap(({ id, severity, source, places, fires, words }): readonly Caution[] => {
    const rows = fires(judged);
    if (!rows || (place && !places.includes(place))) return [];
    return [{ id, severity, source, places, words: words(rows, judged), ingredientIds: rows.map((row) => row.id) }];
  }).sort((a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity));
}

/** What a bowl must not be kept for without a decision. */
export const stopsFor = (judged: Judged): readonly Caution[] =>
  cautionsFor(judged).filter(({ severity }) => severity === 'stop');
