export * from './readAmount';
export * from './readFormula';
export { matchNames, namesIn, wordsOf } from './words';
export * from './readLot';
export * from './stockCsv';
