import type { SourceId } from '../source';
import type { LotState } from './keeping';

/** What an ingredient does in a mask. */
export const ROLES = ['body', 'oil', 'humectant', 'active', 'thinner', 'acid', 'scent'] as const;
export type Role = (typeof ROLES)[number];

/** What stuff it is: wet, fat, dry (a powder), or counted in drops. Swaps never cross from one to another. */
export const MATTERS = ['wet', 'fat', 'dry', 'drops'] as const;
export type Matter = (typeof MATTERS)[number];

/** How it gets from the shelf into the bowl where no recipe says more. */
export const PREPARED = ['cut', 'crack', 'separate', 'fillet', 'press', 'measure', 'last'] as const;
export type Prepared = (typeof PREPARED)[number];

/** What a blender does to it: nothing, it makes it run, turns it to water, or warms it when it goes on for long. */
export const BLENDING = ['any', 'fork-only', 'pulses', 'warms'] as const;
export type Blending = (typeof BLENDING)[number];

/** What a mask does to the rhythm of a head. */
export const RHYTHMS = ['protein', 'acid', 'clarifying', 'oil', 'deep'] as const;
export type Rhythm = (typeof RHYTHMS)[number];

/** A smell that stays for a while. */
export const SMELLS = ['egg', 'onion', 'vinegar', 'garlic', 'curry'] as const;
export type Smell = (typeof SMELLS)[number];

/** What it can do to skin and hair that somebody has to be told. */
export const SKIN_EFFECTS = [
  /** On sensitive skin or a sore scalp. */
  'stings',
  /** Apt to make skin complain that is new to it. */
  'lively',
  /** With sun on it. */
  'citrus-sun',
  'alkaline',
  /** Dyed or bleached hair. */
  'fades',
  /** Left long. */
  'lightens',
  'not-on-face',
  /** Not for small children, even thinned. */
  'not-small-children',
] as const;
export type SkinEffect = (typeof SKIN_EFFECTS)[number];

/** What can go wrong with it in the kitchen. */
export const HAZARDS = [
  'raw-egg',
  /** Germs grow in it when it cools slowly. */
  'cooked-starch',
  /** Hot, sticky, and worse in a sealed blender. */
  'hot-work',
  'yellow-sap',
  'slippery',
  'grater',
  /** Never near an infant under one, in a kitchen or on a head. */
  'no-infants',
  /** Powder that flies. */
  'dust',
] as const;
export type Hazard = (typeof HAZARDS)[number];

/** What a cook would notice after a swap. */
export const SWAP_CHANGES = [
  'thinner',
  'thicker',
  'lighter',
  'heavier',
  'less-protein',
  'less-fat',
  'less-sticky',
  'other-smell',
] as const;
export type SwapChange = (typeof SWAP_CHANGES)[number];

/** Something that a cook would take instead, volume for volume times the ratio. */
export interface SwapPartner {
  readonly ingredientId: string;
  /** Volume of the partner to one of this. */
  readonly ratio: number;
  readonly changes: readonly SwapChange[];
}

/** A limit that holds for an ingredient, whatever a formula says. */
export type Limit =
  /** Grams to a millilitre of bowl; where `besideTrait` is given only in a bowl that holds such a thing. */
  | {
      readonly kind: 'per-bowl';
      readonly gramsPerMillilitre: number;
      readonly beside?: 'light-starch';
      readonly source: SourceId;
    }
  /** Pinches to a bowl. */
  | { readonly kind: 'pinches'; readonly usual: number; readonly sensitive: number; readonly source: SourceId }
  /** Share of the bowl by volume; the limit by age holds beside it for all scents together. */
  | { readonly kind: 'share'; readonly mostShare: number; readonly source: SourceId }
  /** Not under so many years. */
  | { readonly kind: 'from-age'; readonly years: number; readonly source: SourceId };

/** What is true of an ingredient beside its figures: every rule that decides by what a thing is reads this. */
export interface Traits {
  /** What it can do in a mask, the usual first. */
  readonly roles: readonly [Role, ...Role[]];
  readonly matter: Matter;
  /** The state it is in once it is in a bowl: that line of its keeping is the bowl's clock. */
  readonly inBowl: LotState;
  /** Comes in a tub, bottle or jar that is opened when it is first drawn from. */
  readonly isPacked: boolean;
  /** From the tap, or so little of it that nobody keeps book: never missing, never bought, never known or new. */
  readonly isFromTap: boolean;
  /** Where it stands before it is cut or opened. */
  readonly stands: 'counter' | 'fridge';
  readonly prepared: Prepared;
  /** Pressed for juice: minutes to set up and for each piece. */
  readonly pressing?: { readonly baseMinutes: number; readonly eachMinutes: number; readonly tool: 'grater' | 'press' };
  readonly blending: Blending;
  /** Goes in only once what was cooked is hand-warm. */
  readonly goesInCool: boolean;
  /** Cooks in warmth: no cap from a dryer, no warm water. */
  readonly cooksInWarmth: boolean;
  /** Out of the hair by then, whatever the mask says, minutes. */
  readonly mostWearMinutes?: number;
  /** Fibre, grit or seeds that stay in the hair unless a cloth holds them back. */
  readonly leavesBits: boolean;
  /** Whisked, it stands so many times as high. */
  readonly foams?: number;
  /** Part of another piece: what share of it by mass, and what the rest is. */
  readonly partOf?: { readonly wholeId: string; readonly share: number; readonly leavesId: string };
  /** The answer to "which part of the egg" that it stands for. */
  readonly eggPart?: 'whole' | 'yolk' | 'white';
  /** Dry and strong things keep their share when a formula is bent: nothing is thickened with pepper. */
  readonly keepsItsShare: boolean;
  /** What a kitchen reaches for to thin a bowl. */
  readonly isThinner: boolean;
  /** Watery and sour: parts from oil, shake before each section. */
  readonly partsFromOil: boolean;
  /** How it thickens beyond its own flow. */
  readonly thickens?: 'cooked-starch' | 'syrup' | 'emulsion';
  /** What it counts as in the rhythm of a head. */
  readonly countsAs: readonly Rhythm[];
  readonly smells: readonly Smell[];
  readonly skin: readonly SkinEffect[];
  readonly hazards: readonly Hazard[];
  readonly swaps: readonly SwapPartner[];
  readonly limits: readonly Limit[];
}
