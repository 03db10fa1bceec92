/** A kitchen scale as its display sees it: a model, for the simulated scale that ships. */
export interface ScaleState {
  /** What lies on it, grams. */
  readonly loadGrams: number;
  /** What the display nears, grams; it lags behind the load. */
  readonly shownGrams: number;
  readonly tareGrams: number;
  /** What the zero has crept by since the last tare, grams. */
  readonly creptGrams: number;
}

export interface ScaleReading {
  readonly grams: number;
  readonly isSteady: boolean;
  readonly isOverloaded: boolean;
}

export const EMPTY_SCALE: ScaleState = { loadGrams: 0, shownGrams: 0, tareGrams: 0, creptGrams: 0 };
/** More than this the scale does not carry. Assumption of this project, usual for a kitchen. */
export const SCALE_MOST_GRAMS = 5000;
/** Seconds in which the display makes up for two thirds of a difference. Assumption of this project. */
const SETTLES_SECONDS = 0.5;
/** How the zero creeps, grams a minute. Assumption of this project. */
const CREEPS_GRAMS_A_MINUTE = 0.05;
/** Nearer than this the display stands still. */
const STEADY_GRAMS = 0.5;

/** The scale some seconds later, with the same load. */
export function scaleAfter(state: ScaleState, seconds: number): ScaleState {
  const { loadGrams, shownGrams } = state;
  return {
    ...state,
    shownGrams: loadGrams + (shownGrams - loadGrams) * Math.exp(-seconds / SETTLES_SECONDS),
    creptGrams: state.creptGrams + (CREEPS_GRAMS_A_MINUTE * seconds) / 60,
  };
}

/** Something is put on or taken off; nothing weighs less than nothing. */
export const loaded = (state: ScaleState, grams: number): ScaleState => ({
  ...state,
  loadGrams: Math.max(0, state.loadGrams + grams),
});

/** Zero from here. */
export const tared = (state: ScaleState): ScaleState => ({ ...state, tareGrams: state.shownGrams, creptGrams: 0 });

/** What the display says: whole grams, or that it is too much. */
export function scaleReading({ loadGrams, shownGrams, tareGrams, creptGrams }: ScaleState): ScaleReading {
  return {
    grams: Math.round(shownGrams - tareGrams + creptGrams) || 0,
    isSteady: Math.abs(loadGrams - shownGrams) < STEADY_GRAMS,
    isOverloaded: loadGrams > SCALE_MOST_GRAMS,
  };
}
