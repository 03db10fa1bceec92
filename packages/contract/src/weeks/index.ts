export * from './endpoints';
export * from './weeks';
