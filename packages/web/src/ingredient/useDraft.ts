import { gramsOf, lexiconOf, readLine, type DraftLine } from '@amber-ladle/core/exchange';
import { ingredientById, type Catalogue, type MeasuredBy, type Role } from '@amber-ladle/core/ingredient';
import { composed, type Amount, type FormulaPart } from '@amber-ladle/core/mask';
import type { MeasureSystem } from '@amber-ladle/core/measure';
import { computed, ref, type Ref } from 'vue';

/** One line of a formula as it is being written. */
export interface DraftRow {
  readonly key: number;
  text: string;
  ingredientId: string | null;
  grams: number | null;
  /** Unset follows what is usual for the ingredient. */
  role: Role | null;
  measuredBy: MeasuredBy | null;
  tolerancePercent: number | null;
  /** False for a pasted line until the maker has said that it is read rightly. */
  isConfirmed: boolean;
  /** What its maker lets stand in for it. */
  instead?: readonly string[];
}

/** What was said of an amount is kept to this many figures. */
const round = (grams: number): number => Number(grams.toPrecision(4));

/** A formula in the making: lines as a cook writes them, what each comes to, and the shares they make together. */
export function useDraft(catalogue: Ref<Catalogue>, system: Ref<MeasureSystem>, rows: Ref<DraftRow[]> = ref([])) {
  const lexicon = computed(() => lexiconOf(catalogue.value));
  const read = (text: string): DraftLine => readLine(text, catalogue.value, system.value, lexicon.value);

  const nextKey = (): number => Math.max(0, ...rows.value.map(({ key }) => key)) + 1;
  function rowFrom(text: string, isConfirmed: boolean, key = nextKey()): DraftRow {
    const { ingredientId, grams, measuredBy, questions } = read(text);
    const isClear = questions.length === 0;
    return {
      key,
      text,
      ingredientId: ingredientId ?? null,
      grams: isClear && grams !== undefined ? round(grams) : null,
      role: null,
      measuredBy: isClear ? (measuredBy ?? null) : null,
      tolerancePercent: null,
      isConfirmed,
    };
  }

  const add = (text = '', isConfirmed = true): void => void rows.value.push(rowFrom(text, isConfirmed));
  function remove(key: number): void {
    rows.value = rows.value.filter((row) => row.key !== key);
  }
  const replace = (key: number, part: Partial<DraftRow>): void => {
    rows.value = rows.value.map((row) => (row.key === key ? { ...row, ...part } : row));
  };
  /** The line is written anew: what was chosen by hand for the old words no longer holds. */
  const rewrite = (key: number, text: string): void => {
    replace(key, rowFrom(text, true, key));
  };
  /** The ingredient is chosen by hand; the amount that was written is reckoned for it. */
  function choose(key: number, ingredientId: string | null): void {
    const row = rows.value.find((one) => one.key === key);
    if (!row) return;
    if (ingredientId === null) {
      replace(key, { ingredientId: null, grams: null });
      return;
    }
    const { amount } = read(row.text);
    const reckoned = amount ? gramsOf(amount, ingredientById(catalogue.value, ingredientId)) : undefined;
    replace(key, {
      ingredientId,
      grams: reckoned ? round(reckoned.grams) : row.grams,
      measuredBy: reckoned?.measuredBy ?? null,
      isConfirmed: true,
    });
  }

  /** Lines of an existing formula. @param inAll what they come to, grams: what was written, or 100 where only shares are known */
  function load(parts: readonly FormulaPart[], inAll = 100): void {
    rows.value = parts.flatMap((part, i) => {
      const row = catalogue.value.get(part.ingredientId);
      const grams = round(part.share * inAll);
      return {
        key: i + 1,
        text: part.writtenAmount ?? `${grams} g ${row?.name ?? part.ingredientId}`,
        ingredientId: row ? part.ingredientId : null,
        grams,
        role: part.role,
        measuredBy: part.measuredBy,
        tolerancePercent: Math.round(part.tolerance * 1000) / 10,
        isConfirmed: true,
        ...(part.instead ? { instead: part.instead } : {}),
      };
    });
  }

  const isSettled = (row: DraftRow): boolean =>
    row.isConfirmed && row.ingredientId !== null && row.grams !== null && row.grams > 0;
  const written = computed(() => rows.value.filter(({ text, ingredientId }) => text.trim() !== '' || ingredientId));
  const open = computed(() => written.value.filter((row) => !isSettled(row)));

  const parts = computed<readonly FormulaPart[]>(() => {
    const amounts = written.value
      .filter((row) => isSettled(row))
      .map(({ ingredientId, grams, role, measuredBy, tolerancePercent, text, instead }): Amount => ({
        ingredientId: ingredientId ?? '',
        grams: grams ?? 0,
        ...(role ? { role } : {}),
        ...(measuredBy ? { measuredBy } : {}),
        ...(tolerancePercent ? { tolerance: tolerancePercent / 100 } : {}),
        ...(instead ? { instead } : {}),
        ...(text.trim() ? { writtenAmount: text.trim().slice(0, 120) } : {}),
      }));
    return amounts.length === 0 ? [] : composed(amounts, catalogue.value);
  });
  /** What the lines come to, grams. */
  const inAll = computed(() =>
    written.value.filter((row) => isSettled(row)).reduce((sum, { grams }) => sum + (grams ?? 0), 0),
  );
  const shareOf = (row: DraftRow): number =>
    parts.value.find(({ ingredientId }) => ingredientId === row.ingredientId)?.share ?? 0;

  return {
    rows,
    written,
    open,
    parts,
    inAll,
    read,
    add,
    remove,
    replace,
    rewrite,
    choose,
    load,
    shareOf,
    isSettled,
  };
}
export type Draft = ReturnType<typeof useDraft>;
