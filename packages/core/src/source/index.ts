/**
 * Where the figures come from. Every number that is not ours names one of these,
 * so that the screen can show it and a reader can look it up.
 */
export interface Source {
  readonly title: string;
  /** True when the figure was written down from memory of the source, not copied beside it. */
  readonly fromMemory: boolean;
}

export const SOURCES = {
  'usda-sr': { title: 'USDA FoodData Central, SR Legacy', fromMemory: true },
  'usda-ams-56': { title: 'USDA AMS 56, shell egg weight classes', fromMemory: true },
  'eu-589-2008': { title: 'Regulation (EC) 589/2008, egg weight grades', fromMemory: true },
  'choi-okos-1986': { title: 'Choi and Okos 1986, densities of food components', fromMemory: true },
  'nist-44': { title: 'NIST Handbook 44, appendix C', fromMemory: true },
  'ph-eur-2-1-1': { title: 'European Pharmacopoeia 2.1.1, droppers', fromMemory: true },
  robbins: { title: 'Robbins, Chemical and Physical Behavior of Human Hair, 5th ed.', fromMemory: true },
  loussouarn: { title: 'Loussouarn et al. 2001 and 2005, hair density and growth', fromMemory: true },
  'tisserand-young': { title: 'Tisserand and Young, Essential Oil Safety, 2nd ed.', fromMemory: true },
  'usda-fsis': { title: 'USDA FSIS, two-hour rule and shell eggs from farm to table', fromMemory: true },
  'uk-fsa': { title: 'UK Food Standards Agency, cooking and chilling rice', fromMemory: true },
  'food-code': { title: 'FDA Food Code 2022, 3-501.14 to 3-501.19', fromMemory: true },
  kader: { title: 'Kader, Postharvest Technology of Horticultural Crops', fromMemory: true },
  foodkeeper: { title: 'USDA FoodKeeper', fromMemory: true },
  'common-practice': { title: 'Common practice, no published source', fromMemory: true },
  household: { title: 'Weighed or entered by this household', fromMemory: false },
  own: { title: 'Assumption of this project', fromMemory: false },
} as const satisfies Record<string, Source>;

export type SourceId = keyof typeof SOURCES;
