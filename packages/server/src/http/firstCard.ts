import { kitchenRound } from '@amber-ladle/core/measure';
import escapeHtml from 'escape-html';
import type { FirstBowl } from '../bowl';

/**
 * The card of a bowl as plain text of a page, there before any script is: a slow phone reads what to take while the rest is on its
 * way. `first.js` shows it where the bench is fresh.
 */
export const firstCard = ({ light, maskName, headName, madeMillilitres, lines }: FirstBowl): string =>
  [
    `<section id="first" class="first-card ${light}" hidden>`,
    `<h2>${escapeHtml(maskName)}</h2>`,
    `<p class="quiet figures">${kitchenRound(madeMillilitres)} mL for ${escapeHtml(headName)}</p>`,
    '<ul class="plain-list" aria-label="What to take">',
    ...lines.map(
      ({ amount, name, beside }) =>
        `<li><b class="serif figures">${escapeHtml(amount)}</b> ${escapeHtml(name)} <span class="quiet figures">${escapeHtml(beside)}</span></li>`,
    ),
    '</ul>',
    '</section>',
    '<script src="/first.js"></script>',
  ].join('');
