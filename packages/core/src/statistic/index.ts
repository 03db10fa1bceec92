export * from './belief';
export * from './enough';
export * from './line';
export * from './lognormal';
export * from './mean';
export * from './random';
export * from './sum';
