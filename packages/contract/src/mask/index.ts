export * from './endpoints';
export * from './mask';
export * from './steps';
export * from './told';
