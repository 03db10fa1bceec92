export * from './readAmount';
export * from './readFormula';
export { matchNames, namesIn, wordsOf } from './words';
export * from './readLot';
export * from './stockCsv';
export * from './logCsv';
export { MOST_CSV, type ReadFile, type RowFault, type TableLimits } from './table';
export * from './maskFile';
export * from './readReading';
