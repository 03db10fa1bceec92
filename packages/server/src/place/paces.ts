import {
  pacesOf,
  TURNED_REASONS,
  type Paces,
  type Sight,
  type Stay,
  type Touch,
  type WatchedLot,
} from '@amber-ladle/core/shelf';
import type { LotState } from '@amber-ladle/core/ingredient';
import { TWENTY_FOUR_HOURS } from '@amber-ladle/core/time';
import { readCatalogue } from '../ingredient';
import type { Household } from '../kernel/household';
import { remembered } from '../kernel/remembered';
import { listPlaces, readingsSince } from './climate';

/** What lies further back was another season. */
const DAYS_BACK = 120;

interface LotRow {
  readonly id: string;
  readonly ingredientId: string;
  readonly stays: string;
  readonly touches: string;
  readonly state: LotState;
  readonly changedAt: string;
}
interface MovedRow {
  readonly lotId: string;
  readonly kind: 'draw' | 'discard';
  readonly at: string;
}

/**
 * How things ripen in this kitchen, from whole fruit that was felt, went into a bowl, or was thrown away as past. What is
 * taken into account of a thermometer is as of the last change of the shelf.
 */
export const readPaces = remembered(['shelf', 'ingredients'], async (household: Household): Promise<Paces> => {
  const { source, clock } = household;
  const since = new Date(Date.parse(clock.now()) - DAYS_BACK * TWENTY_FOUR_HOURS).toISOString();
  const catalogue = await readCatalogue(household);
  const lots = await source.query<LotRow[]>(
    `SELECT id, ingredient_id AS ingredientId, stays, touches, state, since AS changedAt
       FROM lot
      WHERE born_state = 'whole' AND born_at >= ? AND touches <> '[]'
      ORDER BY born_at`,
    [since],
  );
  const moved = await source.query<MovedRow[]>(
    `SELECT m.lot_id AS lotId, m.kind, m.at
       FROM movement m
       JOIN lot l ON l.id = m.lot_id
       JOIN stock_change c ON c.id = m.change_id
      WHERE l.born_state = 'whole' AND l.born_at >= ? AND l.touches <> '[]' AND c.undone_by IS NULL
        AND (m.kind = 'draw' OR (m.kind = 'discard' AND m.reason IN (${TURNED_REASONS.map(() => '?').join(', ')})))`,
    [since, ...TURNED_REASONS],
  );
  const movedOf = new Map<string, Sight[]>();
  for (const { lotId, kind, at } of moved)
    movedOf.set(lotId, [...(movedOf.get(lotId) ?? []), { at, stage: kind === 'draw' ? 'used' : 'past' }]);
  const watched = lots.map(({ id, ingredientId, stays, touches, state, changedAt }): WatchedLot => {
    const felt = JSON.parse(touches) as Touch[];
    // What is cut turns by the clock, and says nothing of how it ripens.
    const isWhole = ({ at }: Sight): boolean => state === 'whole' || at <= changedAt;
    return {
      ingredientId,
      stays: JSON.parse(stays) as Stay[],
      seen: [...felt, ...(movedOf.get(id) ?? [])].filter(isWhole).sort((a, b) => a.at.localeCompare(b.at)),
    };
  });
  return pacesOf(watched, catalogue, {
    places: await listPlaces(source.manager),
    readings: await readingsSince(source.manager, since),
  });
});
