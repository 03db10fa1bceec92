import type { RunningBowl } from '../day';

/** What calls, and for whom. */
export interface Alarm {
  /** The same for the same thing on every device and after a reload. */
  readonly key: string;
  readonly kind: 'pot' | 'wear-aim' | 'wear-limit' | 'bowl-end';
  /** When it came due, milliseconds since 1970. */
  readonly at: number;
  /** The step, the head or the bowl. */
  readonly name: string;
  readonly bowlId?: string | undefined;
  readonly headId?: string | undefined;
  /** `wear-aim`: when it must be out. */
  readonly limitAt?: number | undefined;
}

/** A pot that runs by itself. */
export interface RunningPot {
  readonly stepId: string;
  readonly dayId: string;
  readonly title: string;
  readonly endsAt: number;
}

const MINUTE = 60_000;
/** Worn so long it is worn through the night: nobody is woken at its aim. */
const NIGHT_MINUTES = 6 * 60;
/** What came due longer ago is no call any more but something that is read on its page. */
const CALLS_FOR = 12 * 60 * MINUTE;
/** A bowl that turned is no danger on a bench: it calls for a while. */
const BOWL_CALLS_FOR = 2 * 60 * MINUTE;

/**
 * What is due now, the most pressing first: a mask at its limit, then pots, then a mask at its aim, then a bowl past use.
 * @param now milliseconds since 1970
 */
export function dueAlarms(pots: readonly RunningPot[], bowls: readonly RunningBowl[], now: number): readonly Alarm[] {
  const ofPots = pots.map(({ stepId, dayId, title, endsAt }): Alarm => ({
    key: `pot ${dayId} ${stepId} ${endsAt}`,
    kind: 'pot',
    at: endsAt,
    name: title,
  }));
  const ofHeads = bowls.flatMap(({ summary: { id: bowlId }, worn }) =>
    worn.flatMap(({ headId, name, state: { aimAt, limitAt, elapsedMinutes } }): Alarm[] => {
      const isNight = (aimAt - (now - elapsedMinutes * MINUTE)) / MINUTE >= NIGHT_MINUTES;
      const own = { bowlId, headId, name };
      const limit: Alarm = { ...own, key: `limit ${bowlId} ${headId} ${limitAt}`, kind: 'wear-limit', at: limitAt };
      if (now >= limitAt || isNight) return [limit];
      return [{ ...own, key: `aim ${bowlId} ${headId} ${aimAt}`, kind: 'wear-aim', at: aimAt, limitAt }];
    }),
  );
  const ofBowls = bowls.flatMap(({ summary: { id: bowlId, maskName }, budget }): Alarm[] =>
    budget && now - budget.endsAt < BOWL_CALLS_FOR
      ? [{ key: `bowl ${bowlId} ${budget.endsAt}`, kind: 'bowl-end', at: budget.endsAt, name: maskName, bowlId }]
      : [],
  );
  const order: readonly Alarm['kind'][] = ['wear-limit', 'pot', 'wear-aim', 'bowl-end'];
  return [...ofHeads, ...ofPots, ...ofBowls]
    .filter(({ at }) => at <= now && now - at < CALLS_FOR)
    .sort((a, b) => order.indexOf(a.kind) - order.indexOf(b.kind) || a.at - b.at);
}
