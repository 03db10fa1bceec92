import { maskText } from '@amber-ladle/words';
import { maskInputSchema, checked, type MaskInput } from '@amber-ladle/contract';
import { NO_CHOICES } from '@amber-ladle/core/house';
import type { UseReading } from '@amber-ladle/core/exchange';
import { BLANK_MASK, estimateTexture, textureOf, tightened, type FormulaPart, type Mask } from '@amber-ladle/core/mask';
import { useSessionStorage } from '@vueuse/core';
import { computed, ref, watch, type Ref } from 'vue';
import { ApiError } from '../data/client';
import { useHousehold } from '../data/household';
import { bare } from '../data/beside';
import { faultWords, isUnfit } from '../data/reason';
import { sizing } from '../data/sizing';
import { useDraft, type DraftRow } from '../ingredient';
import { useNewest } from '../kit/useNewest';
import { useRested } from '../kit/useRested';

type MaskFields = Omit<MaskInput, 'parts'>;

interface Stored {
  fields: MaskFields;
  rows: DraftRow[];
  isTouched: boolean;
  /** Somebody said what its texture is; until then it is what is estimated. */
  isTextureCalled: boolean;
  /** What of its use was read from a pasted text, with the words it was read from. */
  read?: readonly Pick<UseReading, 'what' | 'words'>[];
}

const fresh = (): Stored => ({ fields: { ...BLANK_MASK }, rows: [], isTouched: false, isTextureCalled: false });
const storedUnder = (key: string) => useSessionStorage<Stored>(`amber-ladle-mask-${key}`, fresh());
/** What a new mask is written under. */
const NEW = 'new-';

/** A pasted mask that is to be changed by hand. */
export interface HandedMask {
  readonly fields: MaskFields;
  readonly parts: readonly FormulaPart[];
  readonly read: readonly Pick<UseReading, 'what' | 'words'>[];
  /** Lines that are still to be asked about. */
  readonly open: readonly string[];
}

/** Gives a pasted mask to the page where masks are written. */
export function useHandOver() {
  const household = useHousehold();
  const stored = storedUnder(NEW);
  const hasDraft = computed(() => stored.value.isTouched);
  /** @param isInstead of what is being written there: else its lines are put to it */
  function give({ fields, parts, read, open }: HandedMask, isInstead: boolean): void {
    const before = isInstead ? fresh() : stored.value;
    const rows = ref<DraftRow[]>([]);
    const draft = useDraft(
      computed(() => household.catalogue),
      computed(() => household.settings.measureSystem),
      rows,
    );
    draft.load(parts, fields.writtenGrams);
    for (const text of open) draft.add(text, false);
    const first = Math.max(0, ...before.rows.map(({ key }) => key));
    const { writtenGrams: _written, ...said } = fields;
    stored.value = {
      fields: isInstead ? said : { ...before.fields, steps: [...before.fields.steps, ...fields.steps] },
      rows: [
        ...before.rows.filter(({ text }) => text.trim() !== ''),
        ...rows.value.map((row) => ({ ...row, key: first + row.key })),
      ],
      isTouched: true,
      isTextureCalled: before.isTextureCalled,
      read: read.map(({ what, words }) => ({ what, words })),
    };
  }
  return { hasDraft, give };
}

/**
 * A mask being written. What is typed stays in this browser until it is kept or thrown away, so that a reload or a
 * lost server costs nothing.
 *
 * @param key what is being written: a mask's id, or a name for a new one
 * @param from the mask it starts from
 */
export function useMaskEditor(key: string, from: Ref<Mask | undefined>, newName: string | undefined) {
  const household = useHousehold();
  const stored = storedUnder(key);
  const errors = ref<Record<string, string>>({});
  const fields = computed(() => stored.value.fields);
  const rows = computed({
    get: () => stored.value.rows,
    set: (next) => {
      errors.value = {};
      stored.value = { ...stored.value, rows: next, isTouched: true };
    },
  });
  const draft = useDraft(
    computed(() => household.catalogue),
    computed(() => household.settings.measureSystem),
    rows,
  );
  /** Lays fields over the draft; one that is said to be nothing leaves it. */
  function set(part: { readonly [K in keyof MaskFields]?: MaskFields[K] | undefined }): void {
    errors.value = {};
    const isCalled = part.texture !== undefined;
    const said = Object.entries({ ...fields.value, ...part }).filter(([, value]) => value !== undefined);
    stored.value = {
      ...stored.value,
      fields: Object.fromEntries(said) as MaskFields,
      isTouched: true,
      isTextureCalled: isCalled || stored.value.isTextureCalled,
    };
  }

  function startOver(): void {
    stored.value = fresh();
    if (from.value) {
      const { id: _id, version: _version, flowLog10: _flow, parts, ...rest } = structuredClone(bare(from.value));
      draft.load(parts, rest.writtenGrams);
      stored.value = {
        ...stored.value,
        fields: { ...rest, name: newName ?? rest.name },
        isTouched: false,
        isTextureCalled: true,
      };
    } else {
      draft.add();
      stored.value = { ...stored.value, isTouched: false };
    }
  }
  if (!stored.value.isTouched) startOver();

  const readUses = computed(() => stored.value.read ?? []);

  /** What the amounts come to; a mask of which only shares are known has lines to 100 g, which nobody wrote. */
  const written = computed<Pick<Mask, 'writtenGrams'>>(() =>
    draft.inAll.value >= 1 && (!from.value || from.value.writtenGrams !== undefined)
      ? { writtenGrams: Number(draft.inAll.value.toPrecision(4)) }
      : {},
  );
  const mask = computed<Mask | undefined>(() => {
    if (draft.parts.value.length === 0) return undefined;
    const ids = new Set(draft.parts.value.map(({ ingredientId }) => ingredientId));
    const heldRatios = fields.value.heldRatios.filter(
      ({ ingredientId, toIngredientId }) => ids.has(ingredientId) && ids.has(toIngredientId),
    );
    const { writtenGrams: _before, ...rest } = fields.value;
    return {
      ...rest,
      ...written.value,
      heldRatios,
      id: key,
      version: from.value?.version ?? 1,
      parts: draft.parts.value,
    };
  });
  /** A new mask is of the texture that it is estimated to have, until its maker calls it something else. */
  watch(
    draft.parts,
    (parts) => {
      if (stored.value.isTextureCalled || parts.length === 0) return;
      const texture = textureOf({ parts }, household.catalogue);
      if (texture !== fields.value.texture) stored.value = { ...stored.value, fields: { ...fields.value, texture } };
    },
    { immediate: true },
  );
  const texture = computed(() =>
    mask.value
      ? estimateTexture(
          mask.value.parts.map(({ ingredientId, share }) => ({ ingredientId, grams: share })),
          household.catalogue,
        )
      : undefined,
  );

  const { rested, isMoving } = useRested(mask, 250);
  /** What a careful colleague would say, a moment after the last key. */
  const { current: findings } = useNewest(rested, (asked) => sizing().review(asked));
  /** The bowl it makes for the first head, and what a slip of the hand at each ingredient costs. */
  const { current: trial } = useNewest(rested, async (asked) => {
    const head = household.heads[0];
    if (!head) return undefined;
    // As it is written, whatever the household's schools.
    const written = { ...asked, isItsOwnWay: true };
    const bowl = await sizing().size({ heads: [head] as const, mask: written, choices: NO_CHOICES });
    return { name: head.name, bowl, slips: await sizing().slips(bowl, asked) };
  });

  /** Applies the rules of its ingredients: egg cool and short, stains before shampoo, bits through a cloth. */
  function tighten(): void {
    if (!mask.value) return;
    const { heat, rinse, wear, otherWears, slot, strained, keeping } = tightened(mask.value, household.catalogue);
    set({ heat, rinse, wear, otherWears, slot, strained, keeping });
  }

  /** @returns the kept mask, or nothing when something needs another look */
  async function save(saved: Pick<Mask, 'id' | 'version'> | undefined): Promise<Mask | undefined> {
    if (draft.open.value.length > 0) {
      errors.value = { parts: maskText.someLinesStill };
      return undefined;
    }
    const { writtenGrams: _before, ...rest } = fields.value;
    const input = {
      ...rest,
      ...written.value,
      heldRatios: mask.value?.heldRatios ?? [],
      parts: draft.parts.value,
    };
    try {
      const kept = await household.saveMask(checked(maskInputSchema, input), saved);
      stored.value = fresh();
      return kept;
    } catch (error) {
      if (isUnfit(error)) errors.value = faultWords(error);
      else if (error instanceof ApiError && error.problem.fields) errors.value = error.problem.fields;
      else throw error;
      return undefined;
    }
  }
  const isTouched = computed(() => stored.value.isTouched);
  return {
    fields,
    set,
    draft,
    mask,
    texture,
    findings,
    trial,
    isMoving,
    readUses,
    tighten,
    startOver,
    save,
    errors,
    isTouched,
  };
}

/** A mask being written, as the parts of its page have it. */
export type MaskEditor = ReturnType<typeof useMaskEditor>;
