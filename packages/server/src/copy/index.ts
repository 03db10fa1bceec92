export { backUp, backUpDaily, listBackups, restoreBackup } from './backups';
export { readHouseholdFile } from './readFile';
export { currentSchema, writeHousehold } from './writeFile';
