export * from './endpoints';
export * from './mask';
export * from './told';
