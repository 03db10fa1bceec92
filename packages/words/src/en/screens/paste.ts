import type { CaredFor, Stretch, StretchKind } from '@amber-ladle/core/exchange';
import type { Mask } from '@amber-ladle/core/mask';
import {
  APPLICATOR_WORDS,
  COVERAGE_WORDS,
  HAIR_STATE_WORDS,
  HEAT_WORDS,
  KEEPING_WORDS,
  MIXING_WORDS,
  NEED_WORDS,
  SLOT_WORDS,
  TEMPERATURE_WORDS,
  writeMinutes,
} from './mask';

/** What a mark in the text means. */
export const MARK_WORDS: Readonly<Record<StretchKind, string>> = {
  name: 'its name',
  heading: 'a heading',
  measure: 'measured',
  remark: 'beside a measure',
  step: 'a step',
  tool: 'a tool',
  warning: 'a caution',
  praise: 'praise',
  use: 'how it is used',
  'not-understood': 'not understood',
};

/** Kinds that are told apart by a mark; the others are read and left as they are. */
export const MARKED: readonly StretchKind[] = ['measure', 'remark', 'use', 'warning', 'not-understood'];

export const wearWords = ({ minimumMinutes, aimMinutes, limitMinutes }: Mask['wear']): string =>
  minimumMinutes === aimMinutes && aimMinutes === limitMinutes
    ? writeMinutes(aimMinutes)
    : `${writeMinutes(aimMinutes)}, at least ${writeMinutes(minimumMinutes)}, out by ${writeMinutes(limitMinutes)}`;

const SHAMPOO_WORDS = ['none after', 'once after', 'twice after'] as const;

/** What was read of the use of a mask, in words. */
export function usedWords(what: NonNullable<Stretch['uses']>[number], mask: Mask): string {
  const { rinse } = mask;
  switch (what) {
    case 'wear':
      return wearWords(mask.wear);
    case 'heat':
      return HEAT_WORDS[mask.heat];
    case 'hairState':
      return mask.hairState ? HAIR_STATE_WORDS[mask.hairState] : '';
    case 'slot':
      return SLOT_WORDS[mask.slot];
    case 'coverage':
      return COVERAGE_WORDS[mask.coverage];
    case 'applicator':
      return APPLICATOR_WORDS[mask.applicator];
    case 'strained':
      return mask.strained ? 'yes' : 'no';
    case 'mixing':
      return MIXING_WORDS[mask.mixing];
    case 'repeatDays':
      return mask.repeatDays ? `every ${mask.repeatDays} days` : '';
    case 'needs':
      return mask.needs.map((need) => NEED_WORDS[need]).join(', ');
    case 'shampoos':
      return SHAMPOO_WORDS[rinse.shampoos];
    case 'conditioner':
      return rinse.conditioner ? 'on the lengths' : 'none';
    case 'acidRinse':
      return rinse.acidRinse ? 'yes, well diluted' : 'no';
    case 'temperature':
      return TEMPERATURE_WORDS[rinse.temperature];
    case 'rinse':
      return '';
  }
}

/** The same of what ingredients have a say in. */
export function caredWords(
  what: CaredFor,
  mask: Pick<Mask, 'heat' | 'wear' | 'otherWears' | 'slot' | 'strained' | 'keeping' | 'rinse'>,
): string {
  switch (what) {
    case 'heat':
      return HEAT_WORDS[mask.heat];
    case 'wear':
      return `Worn ${wearWords(mask.wear)}.`;
    case 'otherWears':
      return mask.otherWears?.length
        ? `Or worn ${mask.otherWears.map(wearWords).join(', or ')}.`
        : 'Not worn any longer than that.';
    case 'slot':
      return `Goes on ${SLOT_WORDS[mask.slot]}.`;
    case 'strained':
      return mask.strained ? 'Through a cloth, for the bits.' : 'Not strained.';
    case 'keeping':
      return KEEPING_WORDS[mask.keeping];
    case 'temperature':
      return `Rinsed with ${TEMPERATURE_WORDS[mask.rinse.temperature]}.`;
  }
}

/** How many things are asked before a pasted mask can be kept. @example openWords(1) // 'One thing to ask first.' */
export const openWords = (count: number): string =>
  count === 1 ? 'One thing to ask first.' : `${count} things to ask first.`;

/** @example measuresRead(3) // '3 measures read' */
export const measuresRead = (count: number): string => `${count} ${count === 1 ? 'measure' : 'measures'} read`;
