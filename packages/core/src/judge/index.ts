export * from './suggest';
export * from './story';
export * from './schools';
export * from './cadence';
export * from './context';
export * from './cautions';
export * from './stockNow';
export * from './rank';
