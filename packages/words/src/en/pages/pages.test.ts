import { describe, expect, it } from 'vitest';
import { american } from '../../enUS';
import { binWords } from '../screens';
import * as pages from '.';

const TEXTS = Object.entries(pages).flatMap(([page, texts]) =>
  Object.entries<unknown>(texts).map(([key, text]) => ({ name: `${page}.${key}`, text })),
);

describe('what stands on a page', () => {
  it.each(TEXTS.filter(({ text }) => typeof text === 'string'))('$name is said', ({ text }) => {
    expect(text).toMatch(/[\p{L}\p{N}]/u);
    expect(text).not.toMatch(/ {2}|\bundefined\b|\$\{|[<>]/);
  });

  const SAID = ['Wren', 'avocado', '12', 'ripe', 'tonight', 'three'];
  it.each(TEXTS.filter(({ text }) => typeof text === 'function' && text.length > 1))(
    '$name says all that is put into it, each once or more',
    ({ text }) => {
      const say = text as (...what: readonly string[]) => string;
      const what = SAID.slice(0, say.length);
      const said = say(...what);
      expect(said).not.toMatch(/undefined|\$\{/);
      // A number decides a word beside it, and need not be said itself.
      expect(what.filter((one) => said.includes(one)).length).toBeGreaterThanOrEqual(say.length - 1);
    },
  );

  it('spells the British way, which an American reader is not shown', () => {
    expect(american(pages.headText.colour)).toBe('color');
  });
});

describe('a word that goes with a number', () => {
  it.each([
    [pages.notesText.learntFromBowls(1), 'Learnt from 1 bowl.'],
    [pages.notesText.learntFromBowls(4), 'Learnt from 4 bowls.'],
    [pages.notesText.byBowls('thicker than reckoned', 1), 'thicker than reckoned, by 1 bowl'],
    [pages.notesText.pairs(1), 'one pair'],
    [pages.notesText.pairs(3), '3 pairs'],
    [pages.notesText.picturesAreIn(1), 'The picture is in.'],
    [pages.notesText.picturesAreIn(2), '2 pictures are in.'],
    [
      pages.notesText.soFarAndThere('2 bowls', 1),
      'So far 2 bowls. One more judged bowl, and there is a trend to speak of.',
    ],
    [pages.appText.keptHereAndTold(1), 'What you tapped is kept here and told when it does.'],
    [pages.appText.keptHereAndTold(3), 'The 3 things you tapped are kept here and told when it does.'],
    [pages.settingsText.codesTried(1), 'A wrong code was tried.'],
    [pages.settingsText.codesTried(12), '12 wrong codes were tried.'],
    [pages.settingsText.whatIsInIt({ head: 1, bowl: 0, wear_log: 2 }), '1 head, 2 pages of the log'],
    [pages.bowlText.usuallyTake('Wren', 1), 'Wren usually takes'],
    [pages.bowlText.usuallyTake('Wren and Pip', 2), 'Wren and Pip usually take'],
    [pages.bowlText.andLeavesCutFewer(1), ' and leaves 1 cut piece fewer'],
    [pages.bowlText.aboutCups('1½', true), 'about 1½ cups'],
    [pages.shelfText.giveOrTake(1), '± 1 day'],
    [pages.shelfText.giveOrTake(2), '± 2 days'],
    [pages.pasteText.thingsToAsk(1), 'One thing to ask'],
    [pages.pasteText.heads(2), '2 heads'],
    [pages.notesText.bowlsTookAboutEach(1, '2.10', '2.10', '0.40'), 'One bowl took 2.10; 0.40 went in the bin.'],
    [
      pages.notesText.bowlsTookAboutEach(2, '4.20', '2.10', '0.40'),
      '2 bowls took 4.20, about 2.10 each; 0.40 went in the bin.',
    ],
  ])('%s', (said, expected) => {
    expect(said).toBe(expected);
  });
});

it('says why something was thrown away: as it was chosen, or as it was written', () => {
  expect(binWords('too much cut')).toBe('too much cut');
  expect(binWords('the dog had it')).toBe('the dog had it');
  // Nor is it what every object has.
  expect(binWords('constructor')).toBe('constructor');
});
