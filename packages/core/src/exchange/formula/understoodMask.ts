import type { Catalogue } from '../../ingredient';
import { BLANK_MASK, textureOf, tightened, type FormulaPart, type HeldRatio, type Mask } from '../../mask';
import type { FormulaDraft } from './readFormula';

/** What the ingredients have a say in. */
export const CARED_FOR = ['heat', 'wear', 'otherWears', 'slot', 'strained', 'keeping', 'temperature'] as const;
export type CaredFor = (typeof CARED_FOR)[number];

/** A pasted mask as it would be kept, and where its text and its ingredients differ. */
export interface UnderstoodMask {
  /** As it is written; where the text is silent, as its ingredients want it. */
  readonly mask: Omit<Mask, 'id' | 'version'>;
  /** What the text says nothing of and the ingredients decided otherwise than usual. */
  readonly silent: readonly CaredFor[];
  /** What the text says and the ingredients forbid: it stays as it is written until its maker takes the safe reading. */
  readonly unsafe: readonly CaredFor[];
  /** The same mask with the safe reading of all of them. */
  readonly safe: Omit<Mask, 'id' | 'version'>;
}

/** How far a ratio that was written in parts may drift: spoons rarely meet it exactly. */
const RATIO_SLACK = 0.15;
const LONGEST = { name: 80, step: 400, caution: 300, steps: 40, cautions: 20 } as const;

/**
 * A pasted mask as it was understood: what the text says goes before what most masks are like, and where it is silent its ingredients
 * decide. What the text says is never changed by itself, not even where it is unsafe: that is shown, with the safe reading beside it.
 *
 * @param parts of the lines that are settled; at least one
 * @throws RangeError for an unknown ingredient
 * @example
 * const draft = readFormula('1 egg\nUnder a hood for 2 hours', CATALOGUE, 'us');
 * understoodMask(draft, galleyEgg.parts, CATALOGUE).unsafe // ['heat', 'wear']
 */
export function understoodMask(
  draft: Pick<FormulaDraft, 'name' | 'steps' | 'cautions' | 'ratios' | 'use'>,
  parts: readonly FormulaPart[],
  catalogue: Catalogue,
): UnderstoodMask {
  const { rinse, ...use } = draft.use.fields;
  const said: Omit<Mask, 'id' | 'version'> = {
    ...BLANK_MASK,
    ...use,
    name: draft.name.slice(0, LONGEST.name),
    parts,
    rinse: { ...BLANK_MASK.rinse, ...rinse },
    steps: draft.steps.slice(0, LONGEST.steps).map((step) => step.slice(0, LONGEST.step)),
    texture: textureOf({ parts }, catalogue),
    heldRatios: ratiosOf(draft.ratios, parts),
    ...(draft.use.otherWears.length > 0 ? { otherWears: draft.use.otherWears.slice(0, 4) } : {}),
    ...(draft.cautions.length > 0
      ? { cautions: draft.cautions.slice(0, LONGEST.cautions).map((words) => words.slice(0, LONGEST.caution)) }
      : {}),
  };
  const safe = tightened(said, catalogue);
  const differing = CARED_FOR.filter(
    (what) => JSON.stringify(valueOf(said, what)) !== JSON.stringify(valueOf(safe, what)),
  );
  const isSaid = (what: CaredFor): boolean =>
    what === 'otherWears' || (what === 'temperature' ? rinse?.temperature !== undefined : what in use);
  const silent = differing.filter((what) => !isSaid(what));
  const mask = silent.reduce((now, what) => taking(now, safe, what), said);
  return { mask, silent, unsafe: differing.filter(isSaid), safe };
}

type Said = Omit<Mask, 'id' | 'version'>;

const valueOf = (mask: Said, what: CaredFor): unknown => (what === 'temperature' ? mask.rinse.temperature : mask[what]);

const taking = (mask: Said, from: Said, what: CaredFor): Said =>
  what === 'temperature'
    ? { ...mask, rinse: { ...mask.rinse, temperature: from.rinse.temperature } }
    : { ...mask, [what]: from[what] };

function ratiosOf(ratios: FormulaDraft['ratios'], parts: readonly FormulaPart[]): readonly HeldRatio[] {
  const ids = new Set(parts.map(({ ingredientId }) => ingredientId));
  return ratios
    .filter(({ ingredientId, toIngredientId }) => ids.has(ingredientId) && ids.has(toIngredientId))
    .slice(0, 10)
    .map((ratio) => ({ ...ratio, tolerance: RATIO_SLACK }));
}
