import type { DeviceMode, Thermometer } from '@amber-ladle/contract';
import { fridgeAfter, type FridgeState, type Place } from '@amber-ladle/core/shelf';
import { addReading, listPlaces } from '../place';
import type { Household } from '../kernel/household';

const TICK_MILLISECONDS = 20_000;
/** A reading is written down when it moved by so much, or after so long. */
const MOVED_CELSIUS = 0.4;
const WRITE_MINUTES = 30;
const ROOM_CELSIUS = 20;
const MINUTE = 60_000;
/** A jump of the clock is walked in steps, so that a power cut of a night is a curve and not a point. */
const STEP_MINUTES = 10;
const MOST_STEPS = 300;

interface Simulated {
  state: FridgeState;
  at: number;
  written?: { at: number; celsius: number };
}

/**
 * Stands in for thermometers in every fridge; it keeps to the household's clock. What it says is written down in the demo
 * only: in a household of one's own it is there for practice, and nothing simulated decides about real food.
 */
export class SimulatedThermometers {
  private readonly fridges = new Map<string, Simulated>();
  private timer: NodeJS.Timeout | undefined;

  constructor(
    private readonly household: Household,
    private readonly mode: () => Promise<DeviceMode>,
  ) {}

  start(): void {
    this.timer = setInterval(() => void this.tick().catch(() => undefined), TICK_MILLISECONDS);
    this.timer.unref();
  }
  stop(): void {
    clearInterval(this.timer);
  }

  /** What every thermometer says now. */
  async read(): Promise<Thermometer[]> {
    if ((await this.mode()) === 'off') return [];
    const places = await this.fridgePlaces();
    return places.map((place) => {
      const { state } = this.now(place);
      return { placeId: place.id, name: place.name, ...state };
    });
  }

  /** Opens or shuts a door, cuts or gives power. @returns false for a place without a simulated fridge */
  async turn(placeId: string, change: Partial<Pick<FridgeState, 'isDoorOpen' | 'hasPower'>>): Promise<boolean> {
    const mode = await this.mode();
    const place = (await this.fridgePlaces()).find(({ id }) => id === placeId);
    if (!place || mode === 'off') return false;
    const fridge = this.now(place);
    fridge.state = { ...fridge.state, ...change };
    if (mode === 'demo') await this.write(place.id, fridge, Date.parse(this.household.clock.now()));
    return true;
  }

  /** Follows the clock and writes down what moved. */
  async tick(): Promise<void> {
    if ((await this.mode()) !== 'demo') return;
    for (const place of await this.fridgePlaces()) {
      const now = Date.parse(this.household.clock.now());
      const fridge = this.fridges.get(place.id);
      const began = fridge?.at ?? now;
      const steps = Math.min(MOST_STEPS, Math.max(1, Math.ceil((now - began) / (STEP_MINUTES * MINUTE))));
      for (let step = 1; step <= steps; step++) {
        const at = began + ((now - began) * step) / steps;
        const current = this.at(place, at);
        const { written, state } = current;
        const hasMoved = !written || Math.abs(written.celsius - state.celsius) >= MOVED_CELSIUS;
        if (hasMoved || at - written.at >= WRITE_MINUTES * MINUTE) await this.write(place.id, current, at);
      }
    }
  }

  private async write(placeId: string, fridge: Simulated, at: number): Promise<void> {
    const celsius = Math.round(fridge.state.celsius * 10) / 10;
    fridge.written = { at, celsius };
    await addReading(this.household, { placeId, at: new Date(at).toISOString(), celsius });
  }

  private now(place: Place): Simulated {
    return this.at(place, Date.parse(this.household.clock.now()));
  }
  private at(place: Place, at: number): Simulated {
    const known = this.fridges.get(place.id) ?? {
      state: { celsius: place.celsius, isDoorOpen: false, hasPower: true },
      at,
    };
    const model = { targetCelsius: place.celsius, roomCelsius: ROOM_CELSIUS };
    known.state = fridgeAfter(known.state, model, Math.max(0, (at - known.at) / MINUTE));
    known.at = at;
    this.fridges.set(place.id, known);
    return known;
  }

  private async fridgePlaces(): Promise<Place[]> {
    return (await listPlaces(this.household.source.manager)).filter(({ kind }) => kind === 'fridge');
  }
}
