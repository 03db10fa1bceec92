export * from './copy';
export * from './endpoints';
export * from './lately';
export * from './owner';
export * from './settings';
