export { backUp, backUpDaily, listBackups, restoreBackup } from './backups';
export { readHouseholdFile } from './readFile';
export { clearWorkshops } from './workshop';
export { currentSchema, writeHousehold } from './writeFile';
