/** Where produce and bowls stand. A bag is a closed bag with an apple or a banana in it. */
export const PLACE_KINDS = ['counter', 'bag', 'outside', 'fridge', 'freezer'] as const;
export type PlaceKind = (typeof PLACE_KINDS)[number];

export interface Place {
  readonly id: string;
  readonly name: string;
  readonly kind: PlaceKind;
  /** What it usually has, °C, where no thermometer tells. */
  readonly celsius: number;
}

/** The usual temperature of a kind of place, °C. Assumption of this project; a freezer at −18 is the usual standard. */
export const USUAL_CELSIUS: Readonly<Record<PlaceKind, number>> = {
  counter: 20,
  bag: 20,
  outside: 14,
  fridge: 4,
  freezer: -18,
};
