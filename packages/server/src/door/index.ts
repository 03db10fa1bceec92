export { Door, type Joined } from './door';
export type { DeviceRow as Device } from './table';
export { Doorway } from './doorway';
export { isHouseName, isOfHouseNet } from './houseNet';
