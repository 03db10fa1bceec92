import type {
  BowlEnd,
  BowlSnapshot,
  Crop,
  HeadMeasure,
  KeptWish,
  LeftOver,
  Photo,
  WearLog,
  Worn,
  WornFacts,
  ToldUse,
} from '@amber-ladle/contract';
import type { HairProfile } from '@amber-ladle/core/hair';
import type { SaidIngredient } from '@amber-ladle/core/ingredient';
import type { HeadStory } from '@amber-ladle/core/judge';
import type { Mask } from '@amber-ladle/core/mask';
import type { LotState } from '@amber-ladle/core/ingredient';
import type { Message } from '@amber-ladle/core/message';
import type { MovementKind, PlaceKind, Stage, Stay, Touch } from '@amber-ladle/core/shelf';
import type { DayMove, PlanStep } from '@amber-ladle/core/washday';
import { EntitySchema } from 'typeorm';

/** A head of hair. A deleted one stays for a while, so that removing can be undone. */
export interface HeadRow {
  id: string;
  name: string;
  note: string;
  ageYears: number;
  sensitiveSkin: boolean;
  profile: HairProfile;
  /** Empty for heads from before stories came up. */
  story: Partial<HeadStory>;
  version: number;
  createdAt: string;
  updatedAt: string;
  removedAt: string | null;
}

export const HeadEntity = new EntitySchema<HeadRow>({
  name: 'head',
  columns: {
    id: { type: 'text', primary: true },
    name: { type: 'text' },
    note: { type: 'text' },
    ageYears: { type: 'real', name: 'age_years' },
    sensitiveSkin: { type: 'boolean', name: 'sensitive_skin' },
    profile: { type: 'simple-json' },
    story: { type: 'simple-json' },
    version: { type: 'integer' },
    createdAt: { type: 'text', name: 'created_at' },
    updatedAt: { type: 'text', name: 'updated_at' },
    removedAt: { type: 'text', name: 'removed_at', nullable: true },
  },
});

/** A kept bowl. The snapshot holds all it was made from; the other columns are for lists. */
export interface BowlRow {
  id: string;
  headId: string;
  headName: string;
  maskId: string;
  maskName: string;
  madeMillilitres: number;
  keptAt: string;
  removedAt: string | null;
  snapshot: BowlSnapshot;
}

export const BowlEntity = new EntitySchema<BowlRow>({
  name: 'bowl',
  columns: {
    id: { type: 'text', primary: true },
    headId: { type: 'text', name: 'head_id' },
    headName: { type: 'text', name: 'head_name' },
    maskId: { type: 'text', name: 'mask_id' },
    maskName: { type: 'text', name: 'mask_name' },
    madeMillilitres: { type: 'real', name: 'made_millilitres' },
    keptAt: { type: 'text', name: 'kept_at' },
    removedAt: { type: 'text', name: 'removed_at', nullable: true },
    snapshot: { type: 'simple-json' },
  },
});

/** One setting of the household. */
export interface SettingRow {
  key: string;
  value: unknown;
}

export const SettingEntity = new EntitySchema<SettingRow>({
  name: 'setting',
  columns: {
    key: { type: 'text', primary: true },
    value: { type: 'simple-json' },
  },
});

/** A mask of the household's own, as it is now. */
export interface MaskRow {
  id: string;
  version: number;
  body: Mask;
  createdAt: string;
  updatedAt: string;
  removedAt: string | null;
}

export const MaskEntity = new EntitySchema<MaskRow>({
  name: 'mask',
  columns: {
    id: { type: 'text', primary: true },
    version: { type: 'integer' },
    body: { type: 'simple-json' },
    createdAt: { type: 'text', name: 'created_at' },
    updatedAt: { type: 'text', name: 'updated_at' },
    removedAt: { type: 'text', name: 'removed_at', nullable: true },
  },
});

/** A mask as it was at each of its versions, the present one among them. */
export interface MaskVersionRow {
  maskId: string;
  version: number;
  body: Mask;
  createdAt: string;
}

export const MaskVersionEntity = new EntitySchema<MaskVersionRow>({
  name: 'mask_version',
  columns: {
    maskId: { type: 'text', name: 'mask_id', primary: true },
    version: { type: 'integer', primary: true },
    body: { type: 'simple-json' },
    createdAt: { type: 'text', name: 'created_at' },
  },
});

/** An ingredient of the household's own, or its correction of a built-in one with the same id. */
export interface IngredientRow {
  id: string;
  version: number;
  body: SaidIngredient;
  updatedAt: string;
  removedAt: string | null;
}

export const IngredientEntity = new EntitySchema<IngredientRow>({
  name: 'ingredient',
  columns: {
    id: { type: 'text', primary: true },
    version: { type: 'integer' },
    body: { type: 'simple-json' },
    updatedAt: { type: 'text', name: 'updated_at' },
    removedAt: { type: 'text', name: 'removed_at', nullable: true },
  },
});

/** A place where things stand. */
export interface PlaceRow {
  id: string;
  name: string;
  kind: PlaceKind;
  celsius: number;
  sort: number;
}

export const PlaceEntity = new EntitySchema<PlaceRow>({
  name: 'place',
  columns: {
    id: { type: 'text', primary: true },
    name: { type: 'text' },
    kind: { type: 'text' },
    celsius: { type: 'real' },
    sort: { type: 'integer' },
  },
});

/**
 * A lot. How it was born never changes; its condition (grams, state, stays, touches) follows from its movements and is
 * kept beside them so that a shelf of thousands can be listed at once.
 */
export interface LotRow {
  id: string;
  ingredientId: string;
  bornState: LotState;
  bornAt: string;
  pieceGrams: number | null;
  pricePerGram: number | null;
  label: string;
  state: LotState;
  since: string;
  grams: number;
  stays: Stay[];
  touches: Touch[];
  /** Until when it may be used as far as is known, for ordering; 9999 for what has no end in sight. */
  endsAt: string;
}

export const LotEntity = new EntitySchema<LotRow>({
  name: 'lot',
  columns: {
    id: { type: 'text', primary: true },
    ingredientId: { type: 'text', name: 'ingredient_id' },
    bornState: { type: 'text', name: 'born_state' },
    bornAt: { type: 'text', name: 'born_at' },
    pieceGrams: { type: 'real', name: 'piece_grams', nullable: true },
    pricePerGram: { type: 'real', name: 'price_per_gram', nullable: true },
    label: { type: 'text' },
    state: { type: 'text' },
    since: { type: 'text' },
    grams: { type: 'real' },
    stays: { type: 'simple-json' },
    touches: { type: 'simple-json' },
    endsAt: { type: 'text', name: 'ends_at' },
  },
});

/** A change of stock as it was asked for: its id keeps a retry from happening twice. */
export interface StockChangeRow {
  id: string;
  at: string;
  note: string;
  bowlId: string | null;
  undoneBy: string | null;
}

export const StockChangeEntity = new EntitySchema<StockChangeRow>({
  name: 'stock_change',
  columns: {
    id: { type: 'text', primary: true },
    at: { type: 'text' },
    note: { type: 'text' },
    bowlId: { type: 'text', name: 'bowl_id', nullable: true },
    undoneBy: { type: 'text', name: 'undone_by', nullable: true },
  },
});

/** One line of the book of stock. Lines are added, never changed. */
export interface MovementRow {
  id: number;
  changeId: string;
  lotId: string;
  kind: MovementKind;
  grams: number;
  at: string;
  placeId: string | null;
  stage: Stage | null;
  state: LotState | null;
  reason: string | null;
}

export const MovementEntity = new EntitySchema<MovementRow>({
  name: 'movement',
  columns: {
    id: { type: 'integer', primary: true, generated: 'increment' },
    changeId: { type: 'text', name: 'change_id' },
    lotId: { type: 'text', name: 'lot_id' },
    kind: { type: 'text' },
    grams: { type: 'real' },
    at: { type: 'text' },
    placeId: { type: 'text', name: 'place_id', nullable: true },
    stage: { type: 'text', nullable: true },
    state: { type: 'text', nullable: true },
    reason: { type: 'text', nullable: true },
  },
});

/** What a thermometer said. */
export interface ReadingRow {
  placeId: string;
  at: string;
  celsius: number;
}

export const ReadingEntity = new EntitySchema<ReadingRow>({
  name: 'reading',
  columns: {
    placeId: { type: 'text', name: 'place_id', primary: true },
    at: { type: 'text', primary: true },
    celsius: { type: 'real' },
  },
});

/** Where a kept bowl has been, and how it ended. */
export interface BowlLifeRow {
  bowlId: string;
  madeAt: string;
  /** The day it is meant for, where it is not for now. */
  plannedFor: string | null;
  /** True once its ingredients were taken from the shelf. */
  isDrawn: boolean;
  startShare: number;
  stays: Stay[];
  wearing: Record<string, Worn>;
  leftOver: LeftOver | null;
  endedAt: string | null;
  endedHow: BowlEnd | null;
  decisions: { at: string; what: Message }[];
}

export const BowlLifeEntity = new EntitySchema<BowlLifeRow>({
  name: 'bowl_life',
  columns: {
    bowlId: { type: 'text', name: 'bowl_id', primary: true },
    madeAt: { type: 'text', name: 'made_at' },
    plannedFor: { type: 'text', name: 'planned_for', nullable: true },
    isDrawn: { type: 'boolean', name: 'is_drawn' },
    startShare: { type: 'real', name: 'start_share' },
    stays: { type: 'simple-json' },
    wearing: { type: 'simple-json' },
    leftOver: { type: 'simple-json', name: 'left_over', nullable: true },
    endedAt: { type: 'text', name: 'ended_at', nullable: true },
    endedHow: { type: 'text', name: 'ended_how', nullable: true },
    decisions: { type: 'simple-json' },
  },
});

/** A wash day, its steps fixed when it began. */
export interface WashDayRow {
  id: string;
  bowlIds: string[];
  wish: KeptWish;
  rings: number;
  steps: PlanStep[];
  order: string[];
  leastWear: Record<string, number>;
  startedAt: string;
  endedAt: string | null;
}

export const WashDayEntity = new EntitySchema<WashDayRow>({
  name: 'wash_day',
  columns: {
    id: { type: 'text', primary: true },
    bowlIds: { type: 'simple-json', name: 'bowl_ids' },
    wish: { type: 'simple-json' },
    rings: { type: 'integer' },
    steps: { type: 'simple-json' },
    order: { type: 'simple-json', name: 'step_order' },
    leastWear: { type: 'simple-json', name: 'least_wear' },
    startedAt: { type: 'text', name: 'started_at' },
    endedAt: { type: 'text', name: 'ended_at', nullable: true },
  },
});

/** Something told of a wash day. Rows are added, never changed. */
export interface WashEventRow {
  id: string;
  dayId: string;
  pressId: string;
  at: string;
  /** Order within the day. */
  sort: number;
  body: DayMove;
}

export const WashEventEntity = new EntitySchema<WashEventRow>({
  name: 'wash_event',
  columns: {
    id: { type: 'text', primary: true },
    dayId: { type: 'text', name: 'day_id' },
    pressId: { type: 'text', name: 'press_id' },
    at: { type: 'text' },
    sort: { type: 'integer' },
    body: { type: 'simple-json' },
  },
});

/** What was written down of a bowl on a head; the facts of the bowl beside it. */
export interface WearLogRow {
  bowlId: string;
  headId: string;
  at: string;
  version: number;
  facts: WornFacts;
  body: WearLog;
}

export const WearLogEntity = new EntitySchema<WearLogRow>({
  name: 'wear_log',
  columns: {
    bowlId: { type: 'text', name: 'bowl_id', primary: true },
    headId: { type: 'text', name: 'head_id', primary: true },
    at: { type: 'text' },
    version: { type: 'integer' },
    facts: { type: 'simple-json' },
    body: { type: 'simple-json' },
  },
});

/** A length that was measured, or a trim. */
export interface HeadMeasureRow extends HeadMeasure {
  headId: string;
}

export const HeadMeasureEntity = new EntitySchema<HeadMeasureRow>({
  name: 'head_measure',
  columns: {
    id: { type: 'text', primary: true },
    headId: { type: 'text', name: 'head_id' },
    at: { type: 'text' },
    kind: { type: 'text' },
    centimetres: { type: 'real' },
    where: { type: 'text', name: 'place' },
  },
});

/** A picture of a head; a removed one stays for a while, so that removing can be undone. */
export interface PhotoRow {
  id: string;
  headId: string;
  bowlId: string | null;
  at: string;
  moment: Photo['moment'];
  words: string;
  width: number;
  height: number;
  crop: Crop;
  removedAt: string | null;
}

export const PhotoEntity = new EntitySchema<PhotoRow>({
  name: 'photo',
  columns: {
    id: { type: 'text', primary: true },
    headId: { type: 'text', name: 'head_id' },
    bowlId: { type: 'text', name: 'bowl_id', nullable: true },
    at: { type: 'text' },
    moment: { type: 'text' },
    words: { type: 'text' },
    width: { type: 'integer' },
    height: { type: 'integer' },
    crop: { type: 'simple-json' },
    removedAt: { type: 'text', name: 'removed_at', nullable: true },
  },
});

/** The picture itself, large and small. */
export interface PhotoDataRow {
  photoId: string;
  size: 'large' | 'small';
  data: Buffer;
}

export const PhotoDataEntity = new EntitySchema<PhotoDataRow>({
  name: 'photo_data',
  columns: {
    photoId: { type: 'text', name: 'photo_id', primary: true },
    size: { type: 'text', primary: true },
    data: { type: 'blob' },
  },
});

/** From when on a head's bowls teach anew; the latest counts. */
export interface ForgettingRow {
  headId: string;
  at: string;
}

export const ForgettingEntity = new EntitySchema<ForgettingRow>({
  name: 'forgetting',
  columns: {
    headId: { type: 'text', name: 'head_id', primary: true },
    at: { type: 'text', primary: true },
  },
});

export type ToldUseRow = ToldUse;

export const ToldUseEntity = new EntitySchema<ToldUseRow>({
  name: 'told_use',
  columns: {
    maskId: { type: 'text', name: 'mask_id', primary: true },
    headId: { type: 'text', name: 'head_id', primary: true },
    at: { type: 'text' },
    outcome: { type: 'text' },
    maskName: { type: 'text', name: 'mask_name' },
    facts: { type: 'simple-json' },
  },
});

/** Every table there is. */
export const ENTITIES = [
  HeadEntity,
  BowlEntity,
  SettingEntity,
  MaskEntity,
  MaskVersionEntity,
  IngredientEntity,
  PlaceEntity,
  LotEntity,
  StockChangeEntity,
  MovementEntity,
  ReadingEntity,
  BowlLifeEntity,
  WashDayEntity,
  WashEventEntity,
  WearLogEntity,
  HeadMeasureEntity,
  PhotoEntity,
  PhotoDataEntity,
  ForgettingEntity,
  ToldUseEntity,
];
