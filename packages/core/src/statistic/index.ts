export * from './lognormal';
export * from './random';
export * from './sum';
