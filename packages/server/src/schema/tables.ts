import { BowlEntity } from '../bowl/table';
import { WashDayEntity, WashEventEntity } from '../day/table';
import { HeadEntity, HeadMeasureEntity } from '../head/table';
import { SettingEntity } from '../household/table';
import { IngredientEntity } from '../ingredient/table';
import { BowlLifeEntity } from '../life/table';
import { MaskEntity, MaskVersionEntity } from '../mask/table';
import { WearLogEntity, ForgettingEntity } from '../notes/table';
import { PhotoEntity, PhotoDataEntity } from '../photo/table';
import { PlaceEntity, ReadingEntity } from '../place/table';
import { LotEntity, StockChangeEntity, MovementEntity } from '../stock/table';
import { ToldUseEntity } from '../told/table';

/** Every table there is: what is opened, copied, written to a file and tried out. */
export const TABLES = [
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
