/** A small fridge as a thermometer inside sees it: a model, for the simulated thermometer that ships. */
export interface FridgeState {
  readonly celsius: number;
  readonly isDoorOpen: boolean;
  readonly hasPower: boolean;
}

export interface FridgeModel {
  /** What its thermostat holds. */
  readonly targetCelsius: number;
  /** What is around it. */
  readonly roomCelsius: number;
}

/** Minutes in which two thirds of a difference are made up for. Assumptions of this project. */
const MINUTES = {
  /** Walls of a small 12 V fridge, without power. */
  walls: 240,
  /** The compressor, with the door shut. */
  compressor: 35,
  /** The open door. */
  door: 9,
} as const;

/**
 * The fridge some minutes later: it nears the temperature at which what comes in and what is taken out balance,
 * exponentially, so minutes may be split anywhere.
 * @param minutes 0 or more
 * @example fridgeAfter({ celsius: 4, isDoorOpen: false, hasPower: false }, { roomCelsius: 20, targetCelsius: 4 }, 240).celsius // 14.1: four hours without power
 */
export function fridgeAfter(state: FridgeState, model: FridgeModel, minutes: number): FridgeState {
  const { isDoorOpen, hasPower } = state;
  const pulls = [
    { towards: model.roomCelsius, rate: 1 / (isDoorOpen ? MINUTES.door : MINUTES.walls) },
    ...(hasPower ? [{ towards: coldOf(model), rate: 1 / MINUTES.compressor }] : []),
  ];
  const rate = pulls.reduce((sum, pull) => sum + pull.rate, 0);
  const balance = pulls.reduce((sum, pull) => sum + pull.towards * pull.rate, 0) / rate;
  return { ...state, celsius: balance + (state.celsius - balance) * Math.exp(-rate * minutes) };
}

/** What the compressor pulls towards, so that with the door shut the thermostat's temperature is held. */
const coldOf = ({ targetCelsius, roomCelsius }: FridgeModel): number =>
  targetCelsius - ((roomCelsius - targetCelsius) * MINUTES.compressor) / MINUTES.walls;
