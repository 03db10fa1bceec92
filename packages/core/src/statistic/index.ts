export * from './lognormal';
