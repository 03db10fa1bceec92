import { TWENTY_FOUR_HOURS } from '@amber-ladle/core/time';
import ical, { ICalCalendarMethod } from 'ical-generator';
import { bowlBudget, bowlPastOf, bowlRuleOf, lotPast, placeOf, windowOf } from '@amber-ladle/core/shelf';
import { CALENDAR_WORDS, lotName } from '@amber-ladle/words';
import { In, IsNull, MoreThan } from 'typeorm';
import { BowlEntity } from '../bowl/table';
import { BowlLifeEntity } from '../life/table';
import { LotEntity } from '../stock/table';
import { plannedBowls } from '../stock';
import { climateOf } from '../place';
import type { Household } from '../kernel/household';
import { readCatalogue } from '../ingredient';
import { readSettings } from '../household';
import { toLot } from '../stock';
import { broughtUpToDate } from '../life';
import { bowlsOfWeeks, lastPlan } from '../weeks';

/** What ends later is not a matter for a calendar. */
const MOST_DAYS = 60;
const MOST_LOTS = 500;

/** Windows, ripe days, running bowls and planned ones as an iCalendar feed. */
export async function calendarOf(household: Household, address: string): Promise<string> {
  const { source, clock } = household;
  const now = clock.now();
  const present = Date.parse(now);
  const catalogue = await readCatalogue(household);
  const climate = await climateOf(household);
  const { timeZone } = await readSettings(household);
  const calendar = ical({
    name: 'Amber Ladle',
    prodId: { company: 'Amber Ladle', product: 'windows', language: 'EN' },
  });
  calendar.method(ICalCalendarMethod.PUBLISH);
  const add = (id: string, at: number, summary: string, description: string, path: string): void => {
    if (at - present > MOST_DAYS * TWENTY_FOUR_HOURS || at < present - TWENTY_FOUR_HOURS) return;
    calendar.createEvent({
      id: `${id}@amber-ladle`,
      start: new Date(at),
      end: new Date(at + 15 * 60_000),
      stamp: new Date(now),
      summary,
      description,
      url: `${address}${path}`,
    });
  };

  const rows = await source.manager.find(LotEntity, {
    where: { grams: MoreThan(0) },
    order: { endsAt: 'ASC', id: 'ASC' },
    take: MOST_LOTS,
  });
  const freezes = new Map((await lastPlan(household))?.freezes.map(({ lotId, at }) => [lotId, Date.parse(at)]));
  const isFrozen = (placeId: string): boolean =>
    climate.places.some(({ id, kind }) => id === placeId && kind === 'freezer');
  for (const lot of rows.map(toLot)) {
    const row = catalogue.get(lot.ingredientId);
    if (!row) continue;
    const { endsAt, ripeness } = windowOf(row, lotPast(lot), climate, present);
    const name = lotName(lot, row);
    if (ripeness?.ready)
      add(`ready-${lot.id}`, ripeness.ready.at, CALENDAR_WORDS.isReady(name), CALENDAR_WORDS.byHowItRipens, '/shelf');
    const freezesAt = isFrozen(placeOf(lot)) ? undefined : freezes.get(lot.id);
    // What goes into the freezer in time does not end there; what was not put there in time does.
    if (freezesAt !== undefined && freezesAt >= present - TWENTY_FOUR_HOURS)
      add(`freeze-${lot.id}`, freezesAt, CALENDAR_WORDS.intoTheFreezer(name), CALENDAR_WORDS.fromYourWeeks, '/');
    else if (Number.isFinite(endsAt))
      add(
        `end-${lot.id}`,
        endsAt,
        CALENDAR_WORDS.useByNow(name.toLowerCase()),
        CALENDAR_WORDS.gramsLeft(Math.round(lot.grams)),
        '/shelf',
      );
  }

  const lives = await source.manager.findBy(BowlLifeEntity, { endedAt: IsNull() });
  const running = lives.filter(({ stays }) => stays.length > 0);
  const bowls = await source.manager.findBy(BowlEntity, {
    id: In(running.map(({ bowlId }) => bowlId)),
    removedAt: IsNull(),
  });
  for (const { id, maskName, headName, snapshot } of bowls) {
    const life = running.find(({ bowlId }) => bowlId === id);
    const strictest = bowlRuleOf(broughtUpToDate(snapshot).ingredients);
    if (!life || !strictest) continue;
    const past = bowlPastOf(life, snapshot.mask.keeping, strictest);
    const { endsAt } = bowlBudget(past, climate, timeZone, present);
    if (Number.isFinite(endsAt))
      add(`bowl-${id}`, endsAt, CALENDAR_WORDS.pastItsTime(maskName), CALENDAR_WORDS.notFood(headName), `/bowls/${id}`);
  }
  for (const { id, name, at } of await plannedBowls(household))
    add(`plan-${id}`, Date.parse(at), name, CALENDAR_WORDS.bowlYouPlanned, `/bowls/${id}`);
  for (const { name, at } of await bowlsOfWeeks(household))
    add(`weeks-${at}-${name}`, Date.parse(at), name, CALENDAR_WORDS.fromYourWeeks, '/weeks');
  return calendar.toString();
}
