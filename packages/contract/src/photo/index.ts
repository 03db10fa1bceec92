export * from './endpoints';
export * from './photo';
