import type { BowlSnapshot, Worn } from '@amber-ladle/contract';
import { readyStepOf, sectionsOf, type PlanStep, type Progress } from '@amber-ladle/core/washday';
import type { BowlLifeRow } from '../life/table';

const iso = (at: number | undefined): string | undefined => (at === undefined ? undefined : new Date(at).toISOString());

/**
 * What a wash day so far means for one of its bowls: mixed when its last mixing is done, on a head when the cap goes on,
 * rinsed when it is rinsed. It follows from what was told, so that taking something back takes it back here, too.
 * @param placeId where a freshly mixed bowl stands
 */
export function lifeOnDay(
  life: BowlLifeRow,
  snapshot: BowlSnapshot,
  steps: readonly PlanStep[],
  progress: Progress,
  placeId: string,
  dayStartedAt: string,
): BowlLifeRow {
  const own = steps.filter(({ bowlId }) => bowlId === life.bowlId);
  const mixedAt = iso(progress.get(readyStepOf(own) ?? '')?.endedAt);
  const leftPotAt = iso(leftPot(own, progress));
  const worn = [snapshot.head, ...snapshot.others].map(({ id, profile }): readonly [string, Worn] => {
    const of = (kind: PlanStep['kind']) =>
      progress.get(own.find((one) => one.kind === kind && one.headId === id)?.id ?? '');
    const isCoated = of('apply')?.endedAt !== undefined;
    const wornFrom = iso(of('wear')?.startedAt);
    const rinsedAt = iso(of('rinse')?.endedAt);
    const why = life.wearing[id]?.rinsedWhy;
    const sectionsDone = isCoated ? sectionsOf(profile).map((section) => section.id) : sectionsBefore(life, id);
    return [
      id,
      {
        sectionsDone,
        ...(wornFrom === undefined ? {} : { wornFrom }),
        ...(rinsedAt === undefined ? {} : { rinsedAt }),
        // Why it was rinsed is no step of the day.
        ...(rinsedAt === undefined || !why ? {} : { rinsedWhy: why }),
      },
    ];
  });
  const wearing = { ...life.wearing, ...Object.fromEntries(worn) };
  return { ...life, ...mixed(life, mixedAt, leftPotAt, placeId, dayStartedAt), wearing };
}

/** Sections that were tapped one by one; what was rinsed out before this day is not on the hair. */
const sectionsBefore = (life: BowlLifeRow, headId: string): string[] => {
  const before = life.wearing[headId];
  return before?.rinsedAt === undefined ? (before?.sectionsDone ?? []) : [];
};

/** When the first cooked thing left its pot: from then on it counts towards the bowl's time. Milliseconds since 1970. */
function leftPot(own: readonly PlanStep[], progress: Progress): number | undefined {
  const ends = own.flatMap(({ id, kind }) => (kind === 'boil' ? (progress.get(id)?.endedAt ?? []) : []));
  return ends.length === 0 ? undefined : Math.min(...ends);
}

/** A bowl that was mixed before the day, or carried since, is left where it is. Its clock begins with what was cooked for it. */
function mixed(
  life: BowlLifeRow,
  mixedAt: string | undefined,
  leftPotAt: string | undefined,
  placeId: string,
  dayStartedAt: string,
) {
  const { stays, madeAt } = life;
  if (mixedAt !== undefined && stays.length === 0) {
    const from = leftPotAt !== undefined && leftPotAt < mixedAt ? leftPotAt : mixedAt;
    return { madeAt: mixedAt, stays: [{ placeId, from }] };
  }
  const began = stays[0]?.from;
  const isOfThisDay = stays.length === 1 && began !== undefined && began >= dayStartedAt && began <= madeAt;
  return mixedAt === undefined && isOfThisDay ? { stays: [] } : { stays };
}
