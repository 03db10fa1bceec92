/** One shape of a drawing, in a view box of 100 × 100. */
export interface Mark {
  /** An SVG path: the flat fill follows it exactly, the ink line nearly. */
  readonly d: string;
  /** A pigment; nothing for a line alone. */
  readonly fill?: string;
  /** How the ink runs along it; none for a fill alone. */
  readonly ink?: 'line' | 'fine' | 'none';
  /** 0 to 1 of the fill. */
  readonly opacity?: number;
  /** Left out where the drawing is smaller than a thumb nail. */
  readonly isDetail?: boolean;
}

/** How ripe a fruit looks: its skin tells. */
export type Look = 'unripe' | 'nearly' | 'ready' | 'last-day' | 'past';

/** A thing of the kitchen as it is drawn. */
export interface Drawing {
  readonly whole: (look: Look) => readonly Mark[];
  /** What a knife lays open, with the outline that a share of it is cut from. */
  readonly face?: { readonly outline: string; readonly marks: readonly Mark[] };
}
