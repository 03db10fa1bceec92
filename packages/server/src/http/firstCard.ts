import { kitchenRound } from '@amber-ladle/core/measure';
import { FIRST_CARD_WORDS } from '@amber-ladle/words';
import escapeHtml from 'escape-html';
import type { Logger } from 'pino';
import { firstBowl, type FirstBowl } from '../bowl';
import type { Household } from '../kernel/household';

/**
 * The card of a bowl as plain text of a page, there before any script is: a slow phone reads what to take while the rest is on its
 * way. `first.js` shows it where the bench is fresh.
 */
const firstCard = ({ light, maskName, headName, madeMillilitres, lines }: FirstBowl): string =>
  [
    `<section id="first" class="first-card ${light}" hidden>`,
    `<h2>${escapeHtml(maskName)}</h2>`,
    `<p class="quiet figures">${escapeHtml(FIRST_CARD_WORDS.millilitresFor(kitchenRound(madeMillilitres), headName))}</p>`,
    `<ul class="plain-list" aria-label="${FIRST_CARD_WORDS.whatToTake}">`,
    ...lines.map(
      ({ amount, name, beside }) =>
        `<li><b class="serif figures">${escapeHtml(amount)}</b> ${escapeHtml(name)} <span class="quiet figures">${escapeHtml(beside)}</span></li>`,
    ),
    '</ul>',
    '</section>',
    '<script src="/first.js"></script>',
  ].join('');

const known = (id: unknown): string | undefined => (typeof id === 'string' ? id : undefined);

/**
 * The first card for the bench that an address asks for. A page comes without one rather than not at all.
 * @returns a piece of the page; empty where the bench is no fresh one: shared with somebody, or made around what is to be used up
 */
export async function firstCardFor(
  household: Household,
  { head, mask, day: _day, ...more }: Readonly<Record<string, unknown>>,
  logger: Logger,
): Promise<string> {
  if (Object.keys(more).length > 0) return '';
  try {
    const first = await firstBowl(household, { headId: known(head), maskId: known(mask) });
    return first ? firstCard(first) : '';
  } catch (error) {
    logger.warn(error, 'no first card');
    return '';
  }
}
