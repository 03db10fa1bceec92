export * from './endpoints';
export * from './ingredient';
