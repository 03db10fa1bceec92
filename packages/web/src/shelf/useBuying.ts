import { api, type KeptBuyLine, type NewLot, type NewMovement } from '@amber-ladle/contract';
import { AISLES, familyOf, ingredientById, pieceSize } from '@amber-ladle/core/ingredient';
import { usualPlace } from '@amber-ladle/core/shelf';
import { localDay } from '@amber-ladle/core/time';
import { computed, ref, type ComputedRef, type Ref } from 'vue';
import { v4 as newId } from 'uuid';
import { useRead } from '../data/answer';
import { useHeld } from '../data/held';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useShelf } from '../data/shelf';
import { useWords } from '../data/useWords';
import {
  shelfText,
  AISLE_WORDS,
  buyAmount,
  buyInstead,
  buyName,
  buyReasons,
  tripDay,
  tripMoney,
} from '@amber-ladle/words';

/** A thing to buy, ready to be shown. */
export interface BuyRow {
  readonly key: string;
  readonly line: KeptBuyLine;
  readonly family: string;
  readonly amount: string;
  readonly name: string;
  readonly beside: string;
  readonly instead: string;
}
/** A way to the shop: its day, and what lies in which aisle. */
export interface BuyTrip {
  readonly day: string;
  readonly title: string;
  readonly money: string;
  readonly aisles: readonly { readonly title: string; readonly rows: readonly BuyRow[] }[];
}
export interface Buying {
  readonly trips: ComputedRef<readonly BuyTrip[]>;
  readonly isReady: Ref<boolean>;
  readonly again: () => Promise<void>;
  /** Ticks a thing off: it lies where such things usually lie. */
  readonly bought: (row: BuyRow) => Promise<void>;
}

const keyOf = ({ day, ingredientId }: KeptBuyLine): string => `${day} ${ingredientId}`;

/** What to buy, by the days with a shop and in the order of a way through it; what is ticked off lies on the shelf. */
export function useBuying(): Buying {
  const household = useHousehold();
  const shelf = useShelf();
  const held = useHeld();
  const notice = useNotice();
  const { say } = useWords();
  const { value, again } = useRead(api.stock.buy, () => ({}));
  const isReady = computed(() => value.value !== undefined);
  /** Ticked off here, and still on the list that was read last. */
  const ticked = ref(new Set<string>());
  const rows = computed(() =>
    (value.value ?? [])
      .map((line): BuyRow => {
        const { catalogue, moment, where } = household;
        return {
          key: keyOf(line),
          line,
          family: ingredientById(catalogue, line.ingredientId).family,
          amount: buyAmount(line, catalogue),
          name: buyName(line, catalogue),
          beside: buyReasons(line, line.reasons.map(say), moment, where),
          instead: buyInstead(line, catalogue, where),
        };
      })
      .filter(({ key }) => !ticked.value.has(key) && !held.bought.has(key)),
  );
  const trips = computed(() => {
    const today = localDay(household.moment, household.settings.timeZone);
    return [...new Set(rows.value.map(({ line }) => line.day))].map((day): BuyTrip => {
      const own = rows.value.filter(({ line }) => line.day === day);
      return {
        day,
        title: tripDay(day, today, household.where),
        money: tripMoney(
          own.map(({ line }) => line),
          household.where,
        ),
        aisles: AISLES.map((aisle) => ({
          title: AISLE_WORDS[aisle],
          rows: own.filter(({ family }) => familyOf(family).aisle === aisle),
        })).filter((aisle) => aisle.rows.length > 0),
      };
    });
  });

  async function bought({ key, line }: BuyRow): Promise<void> {
    const row = ingredientById(household.catalogue, line.ingredientId);
    const placeId = usualPlace(row, line.isRaw ? 'raw' : 'whole', shelf.places);
    const place = shelf.placeById(placeId);
    const at = household.now().toISOString();
    // What it cost today nobody has said.
    const lot: NewLot = {
      id: newId(),
      ingredientId: row.id,
      state: line.isRaw ? 'raw' : 'whole',
      since: at,
      label: '',
      ...(line.pieces ? { pieceGrams: pieceSize(row).usableGrams } : {}),
    };
    const movement: NewMovement = {
      lotId: lot.id,
      kind: 'add',
      grams: line.grams,
      placeId: place?.id ?? '',
      at,
      ...(row.ripening && !line.isRaw ? { stage: line.buy ?? ('unripe' as const) } : {}),
    };
    ticked.value = new Set([...ticked.value, key]);
    try {
      await shelf.comeHome(key, shelfText.liesIn(line.what, place?.name ?? ''), lot, movement);
      await again();
    } catch (error) {
      notice.fail(error);
    } finally {
      ticked.value = new Set([...ticked.value].filter((one) => one !== key));
    }
  }
  return { trips, isReady, again, bought };
}
