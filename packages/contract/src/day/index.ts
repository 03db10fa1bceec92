export * from './endpoints';
export * from './washday';
