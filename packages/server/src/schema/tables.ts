import { bowlRow } from '../bowl/row';
import { BowlEntity } from '../bowl/table';
import { washDayRow } from '../day/row';
import { WashDayEntity } from '../day/table';
import { headRow, headMeasureRow } from '../head/row';
import { HeadEntity, HeadMeasureEntity } from '../head/table';
import { settingRow } from '../household/row';
import { SettingEntity } from '../household/table';
import { ingredientRow } from '../ingredient/row';
import { IngredientEntity } from '../ingredient/table';
import { bowlEventRow, bowlLifeRow } from '../life/row';
import { BowlEventEntity, BowlLifeEntity } from '../life/table';
import { maskRow, maskVersionRow } from '../mask/row';
import { MaskEntity, MaskVersionEntity } from '../mask/table';
import { wearLogRow, forgettingRow } from '../notes/row';
import { WearLogEntity, ForgettingEntity } from '../notes/table';
import { photoRow, photoDataRow } from '../photo/row';
import { PhotoEntity, PhotoDataEntity } from '../photo/table';
import { placeRow, readingRow } from '../place/row';
import { PlaceEntity, ReadingEntity } from '../place/table';
import { lotRow, stockChangeRow, movementRow } from '../stock/row';
import { LotEntity, StockChangeEntity, MovementEntity } from '../stock/table';
import { toldUseRow } from '../told/row';
import { ToldUseEntity } from '../told/table';
import { weekPlanRow } from '../weeks/row';
import { WeekPlanEntity } from '../weeks/table';
import type { RowCheck } from '../kernel/row';
import type { EntitySchema } from 'typeorm';

/** A table of the household, and what a row of it must be to come in by a file or a copy. */
export interface HouseholdTable {
  readonly entity: EntitySchema;
  readonly check: RowCheck;
}

/** Every table there is: what is opened, copied, written to a file and tried out. */
export const TABLES: readonly HouseholdTable[] = [
  { entity: HeadEntity, check: headRow },
  { entity: BowlEntity, check: bowlRow },
  { entity: SettingEntity, check: settingRow },
  { entity: MaskEntity, check: maskRow },
  { entity: MaskVersionEntity, check: maskVersionRow },
  { entity: IngredientEntity, check: ingredientRow },
  { entity: PlaceEntity, check: placeRow },
  { entity: LotEntity, check: lotRow },
  { entity: StockChangeEntity, check: stockChangeRow },
  { entity: MovementEntity, check: movementRow },
  { entity: ReadingEntity, check: readingRow },
  { entity: BowlLifeEntity, check: bowlLifeRow },
  { entity: WashDayEntity, check: washDayRow },
  { entity: BowlEventEntity, check: bowlEventRow },
  { entity: WearLogEntity, check: wearLogRow },
  { entity: HeadMeasureEntity, check: headMeasureRow },
  { entity: PhotoEntity, check: photoRow },
  { entity: PhotoDataEntity, check: photoDataRow },
  { entity: ForgettingEntity, check: forgettingRow },
  { entity: ToldUseEntity, check: toldUseRow },
  { entity: WeekPlanEntity, check: weekPlanRow },
];
