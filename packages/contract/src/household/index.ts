export * from './copy';
export * from './endpoints';
export * from './owner';
export * from './settings';
