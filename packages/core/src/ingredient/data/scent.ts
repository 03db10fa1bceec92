import type { Limit, SkinEffect } from '../traits';
import type { Ingredient } from '../types';
import { gramsEach, ingredient } from './build';

interface ScentRow {
  readonly advice: string;
  readonly alsoCalled?: readonly string[];
  /** Most of it in a bowl, share by volume (Tisserand and Young, Essential Oil Safety, 2nd ed., from memory). */
  readonly mostShare?: number;
  /** Not under so many years (own, around the same book). */
  readonly fromYears?: number;
  readonly skin?: readonly SkinEffect[];
}

/** Essential oils: never undiluted, and held together under a share of the bowl by age; some have a limit of their own. */
function scent(id: string, name: string, density: number, short: string, row: ScentRow): Ingredient {
  const limits: Limit[] = [
    ...(row.mostShare === undefined
      ? []
      : [{ kind: 'share', mostShare: row.mostShare, source: 'tisserand-young' } as const]),
    ...(row.fromYears === undefined ? [] : [{ kind: 'from-age', years: row.fromYears, source: 'own' } as const]),
  ];
  return ingredient({
    id,
    name: `${name} essential oil`,
    family: 'scent',
    state: 'essential oil',
    density: gramsEach(density),
    measuredBy: ['drop'],
    flowLog10: 0.5,
    alsoCalled: [`${short} oil`, `${short} essential oil`, ...(row.alsoCalled ?? [])],
    traits: { limits, ...(row.skin ? { skin: row.skin } : {}) },
    advice: row.advice,
  });
}

const SHARP = ['stings', 'lively', 'not-on-face', 'not-small-children'] as const;
const CITRUS = ['stings', 'lively', 'citrus-sun', 'not-on-face'] as const;

/** The usual dozen and two. */
export const SCENTS: readonly Ingredient[] = [
  scent('lavender-oil', 'Lavender', 0.885, 'lavender', {
    advice: 'Diluted only; none under three years.',
    alsoCalled: ['lavender'],
  }),
  scent('rosemary-oil', 'Rosemary', 0.905, 'rosemary', {
    advice: 'Diluted only; not for small children.',
    mostShare: 0.065,
    fromYears: 6,
    skin: SHARP,
  }),
  scent('peppermint-oil', 'Peppermint', 0.905, 'peppermint', {
    advice: 'Diluted only; cools and can sting. Not for small children.',
    alsoCalled: ['mint oil'],
    mostShare: 0.054,
    fromYears: 6,
    skin: SHARP,
  }),
  scent('tea-tree-oil', 'Tea tree', 0.895, 'tea tree', {
    advice: 'Old bottles irritate: fresh, and little.',
    mostShare: 0.15,
  }),
  scent('eucalyptus-oil', 'Eucalyptus', 0.915, 'eucalyptus', {
    advice: 'Never near the face of a small child.',
    mostShare: 0.2,
    fromYears: 10,
    skin: SHARP,
  }),
  scent('ylang-ylang-oil', 'Ylang-ylang', 0.95, 'ylang ylang', {
    advice: 'Sweet and strong: it can sensitise.',
    mostShare: 0.008,
  }),
  scent('cedarwood-oil', 'Cedarwood', 0.945, 'cedarwood', { advice: 'Quiet; diluted like the rest.' }),
  scent('geranium-oil', 'Geranium', 0.89, 'geranium', { advice: 'Smells of roses; diluted like the rest.' }),
  scent('clary-sage-oil', 'Clary sage', 0.895, 'clary sage', { advice: 'Diluted like the rest.' }),
  scent('chamomile-oil', 'Chamomile', 0.905, 'chamomile', { advice: 'Not where daisies make skin complain.' }),
  scent('lemon-oil', 'Lemon', 0.855, 'lemon', {
    advice: 'Expressed: no sun on it.',
    mostShare: 0.02,
    skin: CITRUS,
  }),
  scent('orange-oil', 'Sweet orange', 0.845, 'orange', {
    advice: 'Turns in the light; no sun on it to be sure.',
    skin: CITRUS,
  }),
  scent('clove-oil', 'Clove bud', 1.05, 'clove', {
    advice: 'Burns: half a per cent at the very most, never on a child.',
    mostShare: 0.005,
    fromYears: 12,
    skin: SHARP,
  }),
  scent('cinnamon-bark-oil', 'Cinnamon bark', 1.03, 'cinnamon bark', {
    advice: 'Best left out: it sensitises in traces.',
    mostShare: 0.0007,
    fromYears: 16,
    skin: SHARP,
  }),
];
