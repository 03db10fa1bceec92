import type { BowlChoices, Head, MakingChoice } from '@amber-ladle/contract';
import { NO_CHOICES, maskInHouse, needIn, writtenMillilitres, type SizingWish } from '@amber-ladle/core/house';
import type { HairProfile } from '@amber-ladle/core/hair';
import { wearsOf, type Mask } from '@amber-ladle/core/mask';
import { useSessionStorage } from '@vueuse/core';
import { computed, watch, type Ref } from 'vue';
import { useHousehold } from '../data/household';
import { isGuest } from '../head';
import { useSizing } from './useSizing';
import { useSwaps } from './useSwaps';

const benchChoices = () =>
  useSessionStorage<BowlChoices>('amber-ladle-choices', { ...NO_CHOICES }, { mergeDefaults: true });

/** What was measured otherwise on the bench than the head has it, for the bowl that is on it. */
interface Measured {
  readonly headId: string;
  readonly profile: HairProfile;
}
const measuredOnBench = () =>
  useSessionStorage<Measured | null>('amber-ladle-measured', null, {
    serializer: { read: (text) => JSON.parse(text) as Measured | null, write: JSON.stringify },
  });
/** Lays measurements on the bench that are this bowl's and not the head's; none where nothing is given. */
export function measureOnBench(measured: Measured | null): void {
  measuredOnBench().value = measured;
}

/** Lays amounts on the bench that are kept to, usable grams by ingredient: what is in hand, and no more. */
export function layOnBench(lockedGrams: Readonly<Record<string, number>>): void {
  benchChoices().value = { ...NO_CHOICES, lockedGrams: { ...lockedGrams } };
}

/**
 * The workbench: one head (or several that share a bowl) and one mask, their measurements and choices, and what the
 * bowl comes to. The need answers at once; the fit to pieces and spoons follows from the worker.
 *
 * @param book the mask as it stands in the book; `mask` is what it is with its swaps made
 */
export function useBench(head: Ref<Head | undefined>, book: Ref<Mask | undefined>, others: Ref<readonly Head[]>) {
  const household = useHousehold();
  const measured = measuredOnBench();
  /** The head's own measurements, or what was said for this bowl until it is kept or another head comes to the bench. */
  const profile = computed<HairProfile | undefined>({
    get: () => (measured.value?.headId === head.value?.id ? measured.value?.profile : undefined) ?? head.value?.profile,
    set: (now) => {
      measured.value = head.value && now ? { headId: head.value.id, profile: now } : null;
    },
  });
  const choices = benchChoices();
  const change = (part: Partial<BowlChoices>): void => void (choices.value = { ...choices.value, ...part });

  watch(
    () => head.value?.id,
    (_id, before) => {
      if (before !== undefined) measured.value = null;
    },
  );

  /** Exactly two yolks, oat milk for milk, a pot, a spare: said of one mask and one head; the next one starts free. */
  watch([() => book.value?.id, () => head.value?.id], (_ids, [maskBefore, headBefore]) => {
    // Whoever was at the bench has a name now; what was chosen for that head stays.
    if (maskBefore === undefined || headBefore === undefined || isGuest({ id: headBefore })) return;
    const { pieceSizes, pieceGrams } = choices.value;
    choices.value = { ...NO_CHOICES, pieceSizes, pieceGrams };
  });

  const swaps = useSwaps(book, choices, head);
  /** A stand-in that has left the catalogue meanwhile stands in for nothing. */
  const standIns = computed(() =>
    Object.fromEntries(Object.entries(choices.value.swaps).filter(([, id]) => household.catalogue.has(id))),
  );
  /** With its swaps made, and as this household makes it. */
  const mask = computed(() =>
    book.value ? maskInHouse(household.house, book.value, { ...choices.value, swaps: standIns.value }) : undefined,
  );

  const wish = computed<SizingWish | undefined>(() =>
    head.value && profile.value && book.value
      ? {
          heads: [{ ...head.value, profile: profile.value }, ...others.value],
          mask: book.value,
          choices: { ...choices.value, swaps: standIns.value },
        }
      : undefined,
  );
  const { bowl, isFitting, failure } = useSizing(wish);

  /** What the heads take and what must be made, at once. */
  const need = computed(() => (wish.value ? needIn(household.house, wish.value) : undefined));

  const isChanged = computed(() => JSON.stringify(profile.value) !== JSON.stringify(head.value?.profile));

  /** A dictionary without one key, or with it set anew. */
  function set<T>(from: Record<string, T>, key: string, value?: T): Record<string, T> {
    const { [key]: _before, ...rest } = from;
    return value === undefined ? rest : { ...rest, [key]: value };
  }

  function choosePiece(ingredientId: string, sizeId: string): void {
    const { pieceGrams, lockedGrams, pieceSizes } = choices.value;
    change({
      pieceGrams: set(pieceGrams, ingredientId),
      lockedGrams: set(lockedGrams, ingredientId),
      pieceSizes: set(pieceSizes, ingredientId, sizeId),
    });
  }

  function weigh(ingredientId: string, grams: number): void {
    const { pieceGrams, lockedGrams } = choices.value;
    change({
      lockedGrams: set(lockedGrams, ingredientId),
      pieceGrams: set(pieceGrams, ingredientId, grams),
    });
  }

  /**
   * An amount to keep to, or nothing to let it follow again.
   * @param isAll it is all there is: the bowl is made around it, rather than filled up beside it
   */
  function lock(ingredientId: string, grams: number | undefined, isAll = false): void {
    const { aroundId: before, ...rest } = choices.value;
    const aroundId = isAll ? ingredientId : before === ingredientId ? undefined : before;
    choices.value = {
      ...rest,
      lockedGrams: set(rest.lockedGrams, ingredientId, grams),
      ...(aroundId === undefined ? {} : { aroundId }),
    };
  }

  /** Exactly as its maker writes it: every amount is kept to, and the card says how often that is enough. */
  const asWritten = computed(() => {
    const { writtenGrams, parts = [] } = book.value ?? {};
    if (!book.value || writtenGrams === undefined) return undefined;
    const grams = Object.fromEntries(parts.map(({ ingredientId, share }) => [ingredientId, share * writtenGrams]));
    const { lockedGrams, swaps: swapped } = choices.value;
    const isKept =
      Object.keys(swapped).length === 0 &&
      Object.entries(grams).every(([id, one]) => Math.abs((lockedGrams[id] ?? 0) - one) < 0.01);
    return { grams, isKept, millilitres: writtenMillilitres(book.value, household.house) ?? 0 };
  });
  /** Keeps to what is written, or sizes for the head again. */
  function toggleWritten(): void {
    if (!asWritten.value) return;
    const { isKept, grams } = asWritten.value;
    const { aroundId: _around, ...rest } = choices.value;
    choices.value = { ...rest, swaps: isKept ? rest.swaps : {}, lockedGrams: isKept ? {} : grams };
  }

  /** The lengths that it may be worn, where there are several, and which one it is to be. */
  const wears = computed(() => {
    const all = book.value ? wearsOf(book.value) : [];
    return all.length < 2
      ? []
      : all.map(({ aimMinutes }, i) => ({
          aimMinutes,
          isChosen: choices.value.wearAimMinutes === undefined ? i === 0 : choices.value.wearAimMinutes === aimMinutes,
        }));
  });

  const cook = (ingredientId: string, making: MakingChoice): void => {
    change({ makings: set(choices.value.makings, ingredientId, making) });
  };

  return {
    profile,
    choices,
    change,
    mask,
    swaps,
    wish,
    bowl,
    isFitting,
    failure,
    need,
    isChanged,
    choosePiece,
    weigh,
    lock,
    asWritten,
    toggleWritten,
    wears,
    cook,
  };
}
export type Bench = ReturnType<typeof useBench>;
