import { reasonOf } from '../data/reason';
import { listed, pasteText } from '@amber-ladle/words';
import { maskInputSchema, checked, type MaskInput } from '@amber-ladle/contract';
import {
  amountsOf,
  lexiconOf,
  readFormula,
  roughMillilitres,
  settled,
  understoodMask,
  type FormulaDraft,
  type LineAnswer,
  type SettledLine,
} from '@amber-ladle/core/exchange';
import { ingredientById } from '@amber-ladle/core/ingredient';
import { composed, type Mask } from '@amber-ladle/core/mask';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { noAnswers, usePastedText } from '../mask';

/** A line of the text as it stands, and the words by which its answer is found again. */
export interface ReadLine extends SettledLine {
  readonly key: string;
}

/**
 * A pasted mask as it is understood: everything follows from the text and from what was answered, nothing is kept twice.
 * What is asked comes most costly first.
 */
export function usePastedMask() {
  const household = useHousehold();
  const { text, answers } = usePastedText();
  const lexicon = computed(() => lexiconOf(household.catalogue));

  const reading = computed<{ draft?: FormulaDraft; fault?: string }>(() => {
    if (text.value.trim() === '') return {};
    try {
      return { draft: readFormula(text.value, lexicon.value.catalogue, household.settings.measureSystem) };
    } catch (error) {
      return { fault: reasonOf(error) };
    }
  });
  const draft = computed(() => reading.value.draft);
  const fault = computed(() => reading.value.fault ?? '');

  const lines = computed<readonly ReadLine[]>(() =>
    (draft.value?.lines ?? []).map((line) => ({
      ...settled(line, answers.value.lines[line.text], household.catalogue),
      key: line.text,
    })),
  );
  const open = computed(() =>
    lines.value.filter(({ isOpen }) => isOpen).toSorted((a, b) => roughMillilitres(b.line) - roughMillilitres(a.line)),
  );
  const notUnderstood = computed(() =>
    (draft.value?.stretches ?? [])
      .filter(({ kind }) => kind === 'not-understood')
      .map(({ from, to }) => text.value.slice(from, to))
      .filter((words) => !answers.value.keptSteps.includes(words)),
  );

  const amounts = computed(() => amountsOf(lines.value));
  const inAll = computed(() => amounts.value.reduce((sum, { grams }) => sum + grams, 0));
  const heads = computed(() => answers.value.heads ?? draft.value?.heads ?? 1);
  const understood = computed(() => {
    if (!draft.value || amounts.value.length === 0) return undefined;
    const { keptSteps } = answers.value;
    const said = { ...draft.value, steps: [...draft.value.steps, ...keptSteps] };
    return understoodMask(said, composed(amounts.value, household.catalogue), household.catalogue);
  });
  /** Called after what is most of it, where the text has no name. */
  const usualName = computed(() => {
    const most = (understood.value?.mask.parts ?? []).toSorted((a, b) => b.share - a.share).slice(0, 3);
    const names = most.map(({ ingredientId }) => ingredientById(household.catalogue, ingredientId).name);
    return listed(
      names.map((name, i) => (i === 0 ? name : name.toLowerCase())),
      household.where.locale,
    );
  });
  const name = computed(() => answers.value.name ?? (draft.value?.name || usualName.value));

  type Understood = NonNullable<typeof understood.value>;
  /** A reading of the text, as a mask of the book. */
  function called(chosen: Understood['mask']): Mask {
    const grams = inAll.value / heads.value;
    return {
      ...chosen,
      name: name.value,
      // What was written for several heads is not what one takes.
      parts: heads.value === 1 ? chosen.parts : chosen.parts.map(({ writtenAmount: _for, ...part }) => part),
      ...(grams >= 1 ? { writtenGrams: Number(grams.toPrecision(4)) } : {}),
      id: 'pasted',
      version: 1,
    };
  }
  /** As it is written, until the safer reading is taken. */
  const mask = computed(
    () => understood.value && called(answers.value.isSafe === true ? understood.value.safe : understood.value.mask),
  );

  function answer(key: string, part: LineAnswer): void {
    const before = answers.value.lines[key];
    answers.value = { ...answers.value, lines: { ...answers.value.lines, [key]: { ...before, ...part } } };
  }
  const say = (part: Partial<typeof answers.value>): void => void (answers.value = { ...answers.value, ...part });
  function clear(): void {
    text.value = '';
    answers.value = noAnswers();
  }

  /** What the text says cannot be kept as it is; the safer reading is. */
  const isUnsafe = computed(() => (understood.value?.unsafe.length ?? 0) > 0 && answers.value.isSafe !== true);
  /** What would be kept: the safer reading where the text is unsafe. @throws Error in words for the page, where something needs another look */
  function input(): MaskInput {
    const kept = understood.value && (isUnsafe.value ? called(understood.value.safe) : mask.value);
    if (!kept) throw new Error(pasteText.nothingMeasurable);
    const { id: _id, version: _version, ...written } = kept;
    return checked(maskInputSchema, written);
  }
  return {
    text,
    answers,
    draft,
    fault,
    lines,
    open,
    notUnderstood,
    heads,
    understood,
    name,
    mask,
    isUnsafe,
    answer,
    say,
    clear,
    input,
  };
}
export type PastedMask = ReturnType<typeof usePastedMask>;
