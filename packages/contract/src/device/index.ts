export * from './device';
export * from './endpoints';
