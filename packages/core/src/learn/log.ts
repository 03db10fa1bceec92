import type { TextureClass } from '../hair';
import type { Confounder, Said, Shed } from './moments';

/** How the bowl lasted on a head, as it is written down. */
export type LastedOnHead =
  | { kind: 'left'; millilitres: number; how: 'measured' | 'judged' }
  /** `afterSections` of the head's sections were coated when it was empty. */
  | { kind: 'ran-out'; afterSections?: number | undefined };

/** What somebody writes down of a bowl on a head. Anything may stay empty. */
export interface WearLog {
  said: Said;
  textureWas?: TextureClass | undefined;
  /** How far a spoonful spread on a plate in half a minute, across, cm. */
  plateCentimetres?: number | undefined;
  lasted?: LastedOnHead | undefined;
  changes: Confounder[];
  shed?: Shed | undefined;
  shedCount?: number | undefined;
  words: string;
  toChange: string;
  /** True where the next day was asked for and is not asked for again. */
  isNextDayAsked: boolean;
  /** True for a bowl that must not teach: spilt, shared out, measured wrongly. */
  isSetAside: boolean;
}

export const NO_LOG: WearLog = {
  said: {},
  changes: [],
  words: '',
  toChange: '',
  isNextDayAsked: false,
  isSetAside: false,
};
