import type { Fate } from '@amber-ladle/contract';
import type { Help, PlanStep, RecordLine } from '@amber-ladle/core/washday';
import { kitchenRound } from '@amber-ladle/core/measure';
import { writeMinutes } from './mask';

/** What became of what was left. */
export const FATE_WORDS: Readonly<Record<Fate, string>> = {
  nothing: 'nothing was kept',
  undecided: 'still in the bowl',
  kept: 'kept',
  frozen: 'frozen',
  'second-head': 'for another head',
  discarded: 'thrown away',
};

/** What is left of a wait, as a pot timer shows it: 12:04, or how long it has been calling. */
export function clockWords(milliseconds: number): string {
  const seconds = Math.ceil(Math.abs(milliseconds) / 1000);
  const minutes = Math.floor(seconds / 60);
  const rest = String(seconds % 60).padStart(2, '0');
  const shown =
    minutes >= 60
      ? `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}:${rest}`
      : `${minutes}:${rest}`;
  return milliseconds < 0 ? `${shown} over` : shown;
}

/** What the big button says, by what it does. */
export function buttonWords(
  kind: 'hands' | 'due' | 'next' | 'waiting' | 'finished',
  step: PlanStep | undefined,
): string {
  switch (kind) {
    case 'hands':
      if (!step || step.waitMinutes === 0) return 'Done';
      return step.kind === 'wear' ? 'Cap on' : 'It runs by itself now';
    case 'due':
      return step?.kind === 'wear' ? 'Now the rinse' : 'It is done';
    case 'next':
      return 'Begin';
    case 'waiting':
      return step?.kind === 'wear' ? 'Enough, rinse now' : 'It is done already';
    case 'finished':
      return 'Done';
  }
}

/** A line of the record, after its moment. */
export function recordWords({
  kind,
  title,
  minutes,
  grams,
  isJudged,
  takenWords,
  tookMinutes,
  overMinutes,
  edit,
}: Omit<RecordLine, 'step' | 'at'> & { readonly title: string; readonly takenWords?: string }): string {
  switch (kind) {
    case 'begin':
      return `${title}: begun.`;
    case 'hands-off':
      return `${title}: runs by itself.`;
    case 'more':
      return `${title}: ${minutes} min more.`;
    case 'weigh':
      return `${takenWords ?? 'It'} in: ${kitchenRound(grams ?? 0)} g${isJudged ? ', by spoon as written' : ''}.`;
    case 'add':
      return `Added: ${title}.`;
    case 'edit':
      return edit?.isLeftOut ? `${title}: left out.` : `${title}: changed for today.`;
    case 'done': {
      const over = overMinutes ?? 0;
      const beside =
        Math.abs(over) < 2 ? '' : over > 0 ? `, ${over} longer than planned` : `, ${-over} less than planned`;
      return `${title}: done, after ${writeMinutes(Math.max(1, tookMinutes ?? 0))}${beside}.`;
    }
  }
}

/** What would help a day that does not fit. */
export function helpWords({ kind, savesMinutes, isEnough }: Help, name: string): string {
  const saves = `${writeMinutes(savesMinutes)} sooner${isEnough ? ', and that is enough' : ''}`;
  switch (kind) {
    case 'no-soak':
      return `Without the soak: ${saves}.`;
    case 'least-wear':
      return `Worn for its least time: ${saves}.`;
    case 'second-ring':
      return `With one more ring: ${saves}.`;
    case 'other-mask':
      return `${name} instead: ${saves}.`;
  }
}
